package pandel.desktop.links.sentence;

import java.util.Arrays;
import java.util.Optional;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.desktop.theme.Buttons;

/** What sets a link off and on what, as words of its sentence: keys, times, the nature of a hotspot. */
final class CauseWords {

    private final SentencePane pane;

    CauseWords(SentencePane pane) {
        this.pane = pane;
    }

    /** The key's name, to be typed anew. */
    void key(Pane line, Optional<Link> link) {
        if (link.map(Link::cause).orElse(null) instanceof Cause.Touch touch && touch.gesture() == Gesture.KEY) {
            Choice choice = new Choice(touch.key(), "live", "choice-key");
            line.getChildren()
                    .add(choice.on(() -> choice.type(
                            touch.key(),
                            "The key's name",
                            text -> {
                                if (!text.isBlank() && !text.strip().equals(touch.key())) {
                                    String named = Arrays.stream(KeyCode.values())
                                            .map(KeyCode::getName)
                                            .filter(n -> n.equalsIgnoreCase(text.strip()))
                                            .findFirst()
                                            .orElse("");
                                    if (named.isEmpty()) {
                                        pane.desk.say("No key is called “" + text.strip()
                                                + "”; say Enter, Space, Left or a letter.");
                                    } else {
                                        pane.work.edit(LinkEdits.change(
                                                "answer to the key " + named,
                                                link.orElseThrow().withCause(new Cause.Touch(Gesture.KEY, named))));
                                    }
                                }
                            },
                            pane::refresh)));
        }
    }

    static String natured(Hotspot hotspot) {
        return hotspot.isField()
                ? ", a field"
                : hotspot.rows().isEmpty() ? "" : ", each of " + hotspot.rows().size() + " rows";
    }

    /** What it is besides an area: a field, or rows. */
    Button natures(Hotspot hotspot) {
        Button more = Buttons.word("Field, rows, words…", "nature", () -> {});
        more.setOnAction(e -> {
            ContextMenu menu = new ContextMenu();
            menu.getItems()
                    .addAll(
                            Buttons.item(
                                    hotspot.isField() ? "No field to type in" : "A field to type in",
                                    "nature-field",
                                    () -> pane.work.edit(HotspotEdits.nature(
                                            hotspot,
                                            hotspot.isField() ? Hotspot.Nature.PLAIN : new Hotspot.Nature.Field()))),
                            Buttons.item(
                                    hotspot.rows().isEmpty() ? "Rows of a list…" : "What the rows hold…",
                                    "nature-rows",
                                    () -> pane.desk.rows(hotspot)),
                            Buttons.item("Lay words here…", "nature-words", () -> pane.desk.layWords(hotspot)));
            menu.show(more, Side.TOP, 0, -2);
        });
        return more;
    }

    Node number(Link link, int ms) {
        Choice choice = new Choice(String.valueOf(ms), "live", "choice-ms");
        return choice.on(() -> choice.type(
                String.valueOf(ms),
                "Milliseconds",
                text -> {
                    if (!text.strip().matches("\\d{1,8}") || Integer.parseInt(text.strip()) < 1) {
                        pane.desk.say("A wait is a whole number of milliseconds, 1 or more; “" + text + "” is not.");
                    } else {
                        int typed = Integer.parseInt(text.strip());
                        pane.work.edit(LinkEdits.change(
                                "change a wait",
                                link.withCause(
                                        link.cause() instanceof Cause.Untouched
                                                ? new Cause.Untouched(typed)
                                                : new Cause.Wait(typed))));
                    }
                },
                pane::refresh));
    }
}
