package pandel.core.play;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.PageTurn;
import pandel.core.model.screen.Hotspot;
import pandel.core.play.layout.Pairs;
import pandel.core.play.situation.Situation;
import pandel.core.play.words.LinkWords;

/** An event as a person would say it. */
public final class EventWords {

    private EventWords() {}

    /** One sentence about an outside address that something led to; empty where it led to none. */
    public static String ledOut(Happening what) {
        String address = switch (what) {
            case Happening.LedOut out -> out.address();
            case Happening.Moved moved -> moved.address().orElse("");
            default -> "";
        };
        return address.isEmpty() ? "" : "Here the app leads out to " + address + "; play stays.";
    }

    /**
     * "tap Reserve", "swipe left on the screen", "the work is done: refused".
     *
     * @param before the situation in which it happens
     */
    public static String of(Prototype prototype, Situation before, Event event) {
        return switch (event) {
            case Event.Turning turning -> of(prototype, before, turning.plain()) + ": " + turning.named();
            case Event.Touched touched ->
                switch (touched.on()) {
                    case Event.On.OnHotspot on ->
                        touched.touch().word()
                                + (on.row() > 0 ? " row " + on.row() + " of " : " ")
                                + hotspot(prototype, before, on.id())
                                + called(prototype, on.id(), touched.touch());
                    case Event.On.Outside o -> "tap beside it";
                    case Event.On.Away a -> "swipe it off";
                    case Event.On.OnTurn on ->
                        switch (on.turn()) {
                            case PageTurn.Next n -> "turn to the next page";
                            case PageTurn.Previous p -> "turn to the page before";
                            case PageTurn.To to -> "tap dot " + to.number();
                        };
                    case Event.On.OnTab on ->
                        "tap the tab "
                                + prototype
                                        .tabSetOf(on.id())
                                        .flatMap(s -> s.tab(on.id()))
                                        .map(pandel.core.model.frame.TabSet.Tab::shownLabel)
                                        .orElse(on.id());
                    case Event.On.OnButton on ->
                        "tap the button of "
                                + prototype
                                        .tabSet(on.set())
                                        .map(pandel.core.model.frame.TabSet::shownTitle)
                                        .orElse(on.set());
                    case Event.On.OnItem on ->
                        "choose “"
                                + prototype
                                        .index()
                                        .way(on.id())
                                        .flatMap(w -> w.drawer())
                                        .flatMap(d -> d.item(on.id()))
                                        .map(pandel.core.model.frame.Drawer.Item::shownLabel)
                                        .orElse(on.id())
                                + "” in the drawer";
                    case Event.On.OnSign on -> "tap " + sign(prototype, on.id());
                    case Event.On.OnNotice n -> "touch the notice away";
                    case Event.On.OnAction on ->
                        "tap "
                                + prototype
                                        .index()
                                        .way(on.id())
                                        .map(LinkWords::inNotice)
                                        .orElse(on.id());
                    case Event.On.OnSkip s -> "tap the word for skipping";
                    case Event.On.Point p ->
                        touched.gesture() == Gesture.TAP
                                ? "tap the screen"
                                : touched.touch().word()
                                        + (touched.gesture().isOfEdge() || touched.gesture() == Gesture.KEY
                                                ? ""
                                                : " on the screen");
                };
            case Event.Typed typed ->
                (typed.text().isEmpty() ? "clear " : "type “" + typed.text() + "” in ")
                        + hotspot(prototype, before, typed.field());
            case Event.Submitted sent -> "send " + hotspot(prototype, before, sent.field());
            case Event.Done done -> "the work is done";
            case Event.DeviceBack back -> "device back";
            case Event.Elapse elapse -> "wait " + LinkWords.seconds(elapse.ms());
            case Event.Scroll scroll -> "scroll";
            case Event.OnList on ->
                switch (on.event()) {
                    case Event.Touched t
                    when t.on() instanceof Event.On.OnHotspot ->
                        of(
                                        prototype,
                                        Pairs.beside(prototype, before)
                                                .map(Pairs.Beside::returned)
                                                .orElse(before),
                                        t) + " of the list";
                    case Event.Touched t
                    when t.on() instanceof Event.On.OnSign -> of(prototype, before, t) + " of the list";
                    case Event.Touched t ->
                        t.gesture() == Gesture.TAP
                                ? "tap the list"
                                : t.touch().word() + (t.gesture().isOfEdge() ? "" : " on the list");
                    default -> "scroll the list";
                };
            case Event.Resize resize -> "resize the device";
        };
    }

    /** " (“First loan”)" where the link has a name. */
    private static String called(Prototype prototype, String hotspot, Cause cause) {
        return prototype
                .index()
                .hotspot(hotspot)
                .flatMap(h -> h.linkFor(cause))
                .map(Link::title)
                .filter(t -> !t.isBlank())
                .map(t -> " (“" + t + "”)")
                .orElse("");
    }

    /** "back in the header", "“Share” in the header". */
    private static String sign(Prototype prototype, String id) {
        return prototype
                .index()
                .way(id)
                .map(LinkWords::inHeader)
                .orElse(prototype.header(id).isPresent() ? "the sign for more in the header" : id);
    }

    /** What a hotspot is called: of the current screen, else of the list beside it. */
    private static String hotspot(Prototype prototype, Situation before, String id) {
        return name(prototype, before, id)
                .or(() -> Pairs.beside(prototype, before).flatMap(b -> name(prototype, b.returned(), id)))
                .orElse(id);
    }

    private static Optional<String> name(Prototype prototype, Situation now, String id) {
        List<Hotspot> hotspots = prototype.index().hotspotsOn(now.screen());
        int number = 1 + hotspots.stream().map(Hotspot::id).toList().indexOf(id);
        return number == 0 ? Optional.empty() : Optional.of(LinkWords.name(hotspots.get(number - 1), number));
    }

    /** The same at the start of a line. */
    public static String capital(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
