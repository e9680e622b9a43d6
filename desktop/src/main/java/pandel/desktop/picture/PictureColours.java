package pandel.desktop.picture;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Stream;
import pandel.core.areas.Palette;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;

/** The colours that a prototype's own pictures are made of. To be asked on the interface thread alone. */
public final class PictureColours {

    /** So many pictures say what a prototype looks like. */
    private static final int PICTURES = 40;
    /** Pixels that they are looked at wide: grounds, signs and buttons keep their colours. */
    private static final int WIDE = 180;

    private PictureColours() {}

    /**
     * Looks at the pictures off the interface thread; tells what is found each time a picture has been looked at.
     *
     * @param most so many colours at the most
     * @param told the colours as CSS writes them, those there are most of first
     */
    public static void of(PictureLibrary library, Prototype prototype, int most, Consumer<List<String>> told) {
        Palette palette = new Palette();
        prototype.screens().stream()
                .flatMap(s -> s.allMocks().flatMap(PictureColours::picture))
                .map(Picture::content)
                .distinct()
                .limit(PICTURES)
                .forEach(content -> library.study(
                        content,
                        WIDE,
                        true,
                        raster -> raster.argb().clone(),
                        found -> found.ifPresent(argb -> {
                            palette.add(argb);
                            told.accept(palette.most(most).stream()
                                    .map(c -> String.format(Locale.ROOT, "#%06X", c))
                                    .toList());
                        })));
    }

    private static Stream<Picture> picture(Mock mock) {
        return mock instanceof Picture picture ? Stream.of(picture) : Stream.empty();
    }
}
