"""Makes the two faces of the interface: the letters of Inter, and the signs of Noto Emoji for what Inter lacks.

JavaFX looks for a missing sign only among the fonts of the system, and of those it can draw no coloured one; so the
signs stand in the same font as the letters. Both are under the SIL Open Font License; neither has a reserved name.

    apt install python3-fonttools
    npm pack @expo-google-fonts/noto-emoji@0.4.7 && tar xzf expo-google-fonts-noto-emoji-0.4.7.tgz
    unzip -j flatlaf-fonts-inter-4.1.jar '*Inter-Regular.otf' '*Inter-SemiBold.otf'
    /usr/bin/python3 merge.py FOLDER_WITH_THESE ../src/main/resources/pandel/files/type
"""

import sys
from pathlib import Path

from fontTools.misc.psCharStrings import T2CharString
from fontTools.pens.t2CharStringPen import T2CharStringPen
from fontTools.pens.transformPen import TransformPen
from fontTools.ttLib import TTFont
from fontTools.ttLib.tables._c_m_a_p import CmapSubtable

FAMILY = "Pandel"
# Signs stand as high as the line, about the middle of its capitals.
SCALE, MIDDLE = 0.88, 700
# What only says how the sign before it is shown, or joins two: it is not drawn, and takes no place.
UNSEEN = [0x200D, 0xFE0E, 0xFE0F, *range(0x1F3FB, 0x1F400)]


def merge(letters: Path, signs: Path, style: str, out: Path) -> None:
    font, emoji = TTFont(letters), TTFont(signs)
    top = font["CFF "].cff.topDictIndex[0]
    strings, cmap, theirs = top.CharStrings, font.getBestCmap(), emoji.getBestCmap()
    glyphs, order = emoji.getGlyphSet(), font.getGlyphOrder()
    new: dict[int, str] = {}

    def add(name: str, charstring: T2CharString, advance: int) -> None:
        charstring.private, charstring.globalSubrs = top.Private, top.GlobalSubrs
        strings.charStringsIndex.append(charstring)
        strings.charStrings[name] = len(strings.charStringsIndex) - 1
        order.append(name)
        font["hmtx"][name] = (advance, 0)

    def drawn(glyph: str) -> tuple[T2CharString, int]:
        advance = round(emoji["hmtx"][glyph][0] * SCALE)
        pen = T2CharStringPen(advance, glyphs)
        glyphs[glyph].draw(TransformPen(pen, (SCALE, 0, 0, SCALE, 0, MIDDLE * (1 - SCALE))))
        return pen.getCharString(), advance

    add("unseen", T2CharStringPen(0, glyphs).getCharString(), 0)
    for code in UNSEEN:
        new[code] = "unseen"
    for code, glyph in sorted(theirs.items()):
        if code > 0x2000 and code not in cmap and code not in new and code < 0xE0000:
            name = f"sign{code:X}"
            add(name, *drawn(glyph))
            new[code] = name

    top.charset[:] = order
    font.setGlyphOrder(order)
    font["maxp"].numGlyphs = len(order)
    whole = CmapSubtable.newSubtable(12)
    whole.platformID, whole.platEncID, whole.language, whole.cmap = 3, 10, 0, {**cmap, **new}
    for table in font["cmap"].tables:
        if table.format == 4:
            table.cmap.update({code: name for code, name in new.items() if code < 0x10000})
    font["cmap"].tables = [t for t in font["cmap"].tables if t.format == 4] + [whole]
    # Each face is a family of its own, as stylesheets here name them.
    family = FAMILY if style == "Regular" else f"{FAMILY} {style}"
    for record in list(font["name"].names):
        if record.nameID in (1, 4, 16):
            font["name"].setName(family, record.nameID, record.platformID, record.platEncID, record.langID)
        elif record.nameID in (2, 17):
            font["name"].setName("Regular", record.nameID, record.platformID, record.platEncID, record.langID)
        elif record.nameID in (3, 6):
            font["name"].setName(f"{FAMILY}-{style}", record.nameID, record.platformID, record.platEncID, record.langID)
        elif record.nameID == 0:
            font["name"].setName(str(record) + "; 2013 Google LLC (Noto Emoji)", 0, record.platformID, record.platEncID, record.langID)
        elif record.nameID == 7:
            font["name"].removeNames(nameID=7)
    cff = font["CFF "].cff
    cff.fontNames = [f"{FAMILY}-{style}"]
    top.FullName, top.FamilyName = family, family
    font["post"].formatType = 3.0
    font.save(out)
    print(out, len(new), "signs", out.stat().st_size, "bytes")


if __name__ == "__main__":
    source, target = Path(sys.argv[1]), Path(sys.argv[2])
    merge(source / "Inter-Regular.otf", source / "package/400Regular/NotoEmoji_400Regular.ttf", "Regular", target / "Pandel-Regular.otf")
    merge(source / "Inter-SemiBold.otf", source / "package/600SemiBold/NotoEmoji_600SemiBold.ttf", "SemiBold", target / "Pandel-SemiBold.otf")
