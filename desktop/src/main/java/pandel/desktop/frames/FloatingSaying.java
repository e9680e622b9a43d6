package pandel.desktop.frames;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.edit.Fitting;
import pandel.core.model.Targets;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;
import pandel.desktop.theme.Buttons;

/** What is said of the button that floats over the places of a tab set: its sign, what it does, and where it is. */
final class FloatingSaying {

    private final TabSetDesk desk;

    FloatingSaying(TabSetDesk desk) {
        this.desk = desk;
    }

    void say(TabSet set) {
        Optional<TabSet.Floating> button = set.button();
        if (button.isEmpty()) {
            desk.heads("Floating button");
            desk.say().press("No button; put one over its places…", "tabs-button", "", this::putOne);
        } else {
            desk.heads(
                    "Floating button",
                    Buttons.smallWord(
                            "Take it away",
                            "button-away",
                            () -> desk.put("take the button away", s -> s.withButton(Optional.empty()))));
            is(button.get());
            stands(button.get());
        }
    }

    private void putOne() {
        desk.pick("Where does the button lead?", desk.work.prototype().screens(), screen -> {
            Link link = Link.of(desk.work.freshId("button"), new Cause.Touch(Gesture.TAP), Fitting.leadingTo(screen));
            desk.put(
                    "put a button on “" + desk.now().shownTitle() + "”",
                    s -> s.withButton(Optional.of(new TabSet.Floating(link, "cross"))));
        });
    }

    private void is(TabSet.Floating button) {
        desk.say()
                .sign(
                        "button-sign",
                        button.sign().isEmpty() ? "cross" : button.sign(),
                        name -> desk.put(
                                "give the button another sign", s -> s.withButton(Optional.of(button.withSign(name)))))
                .number(
                        "button-size",
                        "px a side",
                        button.size(),
                        TabSet.Floating.SMALLEST,
                        TabSet.Floating.LARGEST,
                        "How wide and high it is",
                        n -> n + " px",
                        n -> desk.put("size the button otherwise", s -> s.withButton(Optional.of(button.withSize(n)))))
                .words("a side; a tap:")
                .press(
                        LinkWords.effect(desk.work.prototype(), button.link()),
                        "button-does",
                        "To its sentence on the desk",
                        () -> sentence(button.link()));
    }

    private void stands(TabSet.Floating button) {
        for (TabSet.Side look : TabSet.Side.values()) {
            desk.say()
                    .words("With the " + StripSaying.words(look) + ":")
                    .one(
                            "button-" + look.word().replace(' ', '-'),
                            "Where it floats with the " + look.word(),
                            places(look),
                            button.on(look),
                            FloatingSaying::word,
                            at -> place(button, look, at));
        }
    }

    static List<TabSet.At> places(TabSet.Side look) {
        return Stream.of(TabSet.At.values())
                .filter(at -> look != TabSet.Side.STRIP || !at.isAmongTabs())
                .toList();
    }

    void place(TabSet.Floating button, TabSet.Side look, TabSet.At at) {
        desk.put("place the button otherwise", s -> s.withButton(Optional.of(button.on(look, at))));
    }

    static String word(TabSet.At at) {
        return at.isAmongTabs() ? at.word() + " of the tabs" : at.word();
    }

    /** On the desk, on the first of its screens. */
    private void sentence(Link link) {
        Optional<Screen> first = desk.now().tabs().stream()
                .flatMap(t -> Targets.shown(desk.work.prototype(), t.root()).stream())
                .findFirst();
        first.ifPresent(screen -> desk.sentence(screen, link.id()));
    }
}
