package pandel.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.files.Unreadable;

/** Pictures and the words laid on them, as the file holds them. */
final class MockJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private MockJson() {}

    static Picture picture(Fields m) throws Unreadable {
        String content = m.text("picture");
        if (!content.matches("[0-9a-f]{64}\\.(png|jpg|svg)")) {
            throw new Unreadable(
                    "In " + m.where() + ": “picture” must name a file in pictures/, its hash and .png or .jpg.");
        }
        double[] pixels = m.numbers("pixels", 2);
        double scale = m.optionalNumber("scale").orElse(1.0);
        Width on = m.optionalWord("on", Width.values(), Width::word).orElse(Width.NARROW);
        String source = m.optionalText("source").orElse("");
        double top = m.optionalNumber("fixedTop").orElse(0.0);
        double bottom = m.optionalNumber("fixedBottom").orElse(0.0);
        List<Patch> patches = patches(m);
        return m.made(() -> new Picture(
                on, content, (int) pixels[0], (int) pixels[1], scale, source, top, bottom, patches, m.rest()));
    }

    static ObjectNode mock(Mock mock) {
        return switch (mock) {
            case Picture p -> {
                ObjectNode node = NODES.objectNode().put("on", p.on().word()).put("picture", p.content());
                node.putArray("pixels").add(p.pixelWidth()).add(p.pixelHeight());
                node.put("scale", p.scale()).put("source", p.source());
                if (p.fixedTop() > 0) {
                    node.put("fixedTop", p.fixedTop());
                }
                if (p.fixedBottom() > 0) {
                    node.put("fixedBottom", p.fixedBottom());
                }
                Json.list(node, "patches", p.patches(), MockJson::patch);
                yield Json.with(node, p.rest());
            }
        };
    }

    static List<Patch> patches(Fields f) throws Unreadable {
        List<Patch> patches = new ArrayList<>();
        for (JsonNode node : f.items("patches")) {
            Fields p = Fields.of(node, f.where() + ", patch " + (patches.size() + 1));
            double[] a = p.numbers("area", 4);
            String ground = p.optionalText("ground").orElse("");
            String ink = p.optionalText("ink").orElse("#000000");
            String words = p.text("words");
            double size = p.optionalNumber("size").orElse(16.0);
            boolean centred = p.flag("centred");
            patches.add(p.made(() -> new Patch(new Area(a[0], a[1], a[2], a[3]), ground, ink, words, size, centred)));
        }
        return patches;
    }

    static ObjectNode patch(Patch p) {
        ObjectNode node = NODES.objectNode();
        node.putArray("area")
                .add(p.area().x())
                .add(p.area().y())
                .add(p.area().width())
                .add(p.area().height());
        if (!p.ground().isEmpty()) {
            node.put("ground", p.ground());
        }
        node.put("ink", p.ink()).put("words", p.words()).put("size", p.size());
        return p.centred() ? node.put("centred", true) : node;
    }
}
