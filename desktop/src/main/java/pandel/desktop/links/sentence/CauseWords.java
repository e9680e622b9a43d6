package pandel.desktop.links.sentence;

import java.util.Arrays;
import java.util.Optional;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.value.Source;
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

    String natured(Hotspot hotspot) {
        return hotspot.isField()
                ? ", a field"
                        + hotspot.begins()
                                .map(b -> " that begins with " + b.words(pane.work.prototype()))
                                .orElse("")
                : hotspot.rows().isEmpty() ? "" : ", each of " + hotspot.rows().size() + " rows";
    }

    /** What it is besides an area: a field, or rows. */
    Button natures(Hotspot hotspot) {
        Button more = Buttons.word("Field, rows, touch…", "nature", () -> {});
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
                            Buttons.item("Lay words here…", "nature-words", () -> pane.desk.layWords(hotspot)),
                            Buttons.item(
                                    "What is seen while it is touched…",
                                    "nature-touched",
                                    () -> TouchedMenu.of(pane.work, hotspot).show(more, Side.TOP, 0, -2)));
            if (hotspot.isField()) {
                menu.getItems()
                        .add(
                                1,
                                Buttons.item(
                                        "What it begins with…",
                                        "nature-begins",
                                        () -> beginnings(hotspot).show(more, Side.TOP, 0, -2)));
            }
            menu.show(more, Side.TOP, 0, -2);
        });
        return more;
    }

    /** What stands in a field from the beginning: what its screen is given, or what a fact holds. */
    private ContextMenu beginnings(Hotspot hotspot) {
        ContextMenu menu = new ContextMenu();
        Prototype prototype = pane.work.prototype();
        ToggleGroup one = new ToggleGroup();
        menu.getItems().add(beginning(hotspot, "Nothing", Optional.empty(), one));
        prototype.screens().stream()
                .filter(s -> prototype.index().hotspotsOn(s.id()).contains(hotspot))
                .flatMap(s -> s.expects().stream())
                .map(e -> new Source.Given(e.name()))
                .distinct()
                .forEach(g -> menu.getItems().add(beginning(hotspot, g.words(prototype), Optional.of(g), one)));
        prototype.facts().stream()
                .map(f -> new Source.OfFact(f.id()))
                .forEach(f -> menu.getItems().add(beginning(hotspot, f.words(prototype), Optional.of(f), one)));
        return menu;
    }

    private MenuItem beginning(Hotspot hotspot, String words, Optional<Source> begins, ToggleGroup one) {
        RadioMenuItem item = Buttons.choice(
                words,
                "begins-" + words.replace(' ', '-'),
                hotspot.begins().equals(begins),
                () -> pane.work.edit(HotspotEdits.nature(hotspot, new Hotspot.Nature.Field(begins))));
        item.setToggleGroup(one);
        return item;
    }

    Node number(Link link, int ms) {
        Choice choice = new Choice(String.valueOf(ms), "live", "choice-ms");
        return choice.on(() -> choice.typeMs(
                ms,
                "A wait is",
                pane.desk::say,
                typed -> pane.work.edit(LinkEdits.change(
                        "change a wait",
                        link.withCause(
                                link.cause() instanceof Cause.Untouched
                                        ? new Cause.Untouched(typed)
                                        : new Cause.Wait(typed)))),
                pane::refresh));
    }
}
