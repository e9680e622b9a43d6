package pandel.files.json;

import static pandel.files.json.field.Codec.NUMBER;
import static pandel.files.json.field.Codec.TEXT;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.PatchBuilder;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.PictureBuilder;
import pandel.files.Unreadable;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Fields;
import pandel.files.json.field.Part;
import pandel.files.json.field.Table;

/** Pictures, the words laid on them and areas, as the file holds them. */
final class MockJson {

    /** Four numbers: from the left, from the top, width, height. */
    static final Codec<Area> AREA = Codec.of(
            (in, name) -> {
                double[] n = in.numbers(name, 4);
                return in.made(() -> new Area(n[0], n[1], n[2], n[3]));
            },
            a -> JsonNodeFactory.instance
                    .arrayNode()
                    .add(a.x())
                    .add(a.y())
                    .add(a.width())
                    .add(a.height()));

    /** One area for each width. */
    static final Codec<Map<Width, Area>> AREAS = Codec.byName("width", Width.values(), Width::word, AREA);

    static final Table<Patch, PatchBuilder> PATCH = Table.<Patch, PatchBuilder>of(
                    PatchBuilder::builder, PatchBuilder::build)
            .required("area", AREA, Patch::area, PatchBuilder::area)
            .unless("", "ground", TEXT, Patch::ground, PatchBuilder::ground)
            .always("ink", TEXT, "#000000", Patch::ink, PatchBuilder::ink)
            .required("words", TEXT, Patch::words, PatchBuilder::words)
            .always("size", NUMBER, 16.0, Patch::size, PatchBuilder::size)
            .unless(false, "centred", Codec.FLAG, Patch::centred, PatchBuilder::centred);

    static final Codec<List<Patch>> PATCHES = Codec.list("patch", PATCH);

    private record Pixels(int width, int height) {}

    private static final Codec<Pixels> PIXELS = Codec.of(
            (in, name) -> {
                double[] n = in.numbers(name, 2);
                return new Pixels((int) n[0], (int) n[1]);
            },
            p -> JsonNodeFactory.instance.arrayNode().add(p.width()).add(p.height()));

    static final Table<Picture, PictureBuilder> PICTURE = Table.<Picture, PictureBuilder>of(
                    PictureBuilder::builder, PictureBuilder::build)
            .always("on", Codec.word(Width.values(), Width::word), Width.NARROW, Picture::on, PictureBuilder::on)
            .required("picture", Codec.of(MockJson::content, TEXT::write), Picture::content, PictureBuilder::content)
            .required(
                    "pixels",
                    PIXELS,
                    p -> new Pixels(p.pixelWidth(), p.pixelHeight()),
                    (b, p) -> b.pixelWidth(p.width()).pixelHeight(p.height()))
            .always("scale", NUMBER, 1.0, Picture::scale, PictureBuilder::scale)
            .always("source", TEXT, "", Picture::source, PictureBuilder::source)
            .unless(0.0, "fixedTop", NUMBER, Picture::fixedTop, PictureBuilder::fixedTop)
            .unless(0.0, "fixedBottom", NUMBER, Picture::fixedBottom, PictureBuilder::fixedBottom)
            .unless(List.of(), "patches", PATCHES, Picture::patches, PictureBuilder::patches)
            .rest(Picture::rest, PictureBuilder::rest);

    static final Part<Mock> MOCK = new Part<>() {
        @Override
        public List<String> names() {
            return PICTURE.names();
        }

        @Override
        public Mock read(Fields in) throws Unreadable {
            return PICTURE.read(in);
        }

        @Override
        public void write(Mock mock, ObjectNode node) {
            switch (mock) {
                case Picture p -> PICTURE.write(p, node);
            }
        }
    };

    private MockJson() {}

    private static String content(Fields in, String name) throws Unreadable {
        String content = in.text(name);
        if (!content.matches("[0-9a-f]{64}\\.(png|jpg|svg)")) {
            throw new Unreadable(
                    "In " + in.where() + ": “picture” must name a file in pictures/, its hash and .png or .jpg.");
        }
        return content;
    }
}
