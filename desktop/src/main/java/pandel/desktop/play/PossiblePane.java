package pandel.desktop.play;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.play.EventWords;
import pandel.core.play.layout.Under;
import pandel.core.play.rule.Head;
import pandel.core.play.rule.Offer;
import pandel.core.play.rule.RuleOutcome;
import pandel.core.play.rule.Rules;
import pandel.core.play.rule.TrailAction;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Waits;
import pandel.core.play.words.LinkWords;
import pandel.desktop.theme.WaitBar;
import pandel.desktop.theme.WrappedLabel;

/** What can be done here, with why anything cannot; and the waits that run. */
final class PossiblePane extends VBox {

    private final Consumer<Event> doIt;
    private Consumer<Optional<Event>> pointed = event -> {};
    private final FactsNow facts = new FactsNow();
    private final VBox rows = new VBox();
    private final VBox waits = new VBox(8);
    private final Label none = new WrappedLabel();
    private List<Event> numbered = List.of();
    /** Rows of a repeated hotspot that are told. */
    private static final int MOST_ROWS = 12;

    private int shown;
    Prototype prototype = Prototype.empty("");
    private final PossibleInFrames inFrames = new PossibleInFrames(this);

    PossiblePane(Consumer<Event> doIt) {
        this.doIt = doIt;
        getStyleClass().add("side");
        setPrefWidth(260);
        setMinWidth(260);
        Label heading = new Label("Possible here");
        heading.getStyleClass().add("heading");
        none.getStyleClass().addAll("quiet", "small");
        rows.setSpacing(2);
        waits.getStyleClass().add("possible-waits");
        getChildren().addAll(heading, rows, none, waits, facts);
    }

    void show(Prototype prototype, Situation now) {
        shown = 0;
        this.prototype = prototype;
        if (!now.left() && now.work().isPresent()) {
            inFrames.working(prototype, now, now.work().get());
        } else if (!now.left() && now.drawer().isPresent()) {
            drawer(prototype, now);
        } else if (!now.left()) {
            hotspots(prototype, now);
            others(prototype, now);
        }
        rows.getChildren().remove(shown, rows.getChildren().size());
        none.setText(now.left() ? "The prototype was left." : "Nothing can be done on this screen.");
        none.setVisible(shown == 0);
        none.setManaged(shown == 0);
        showWaits(prototype, now);
        facts.show(prototype, now);
    }

    /** Tells which event the pointer rests on, and when it rests on none any more. */
    void onPointed(Consumer<Optional<Event>> told) {
        pointed = told;
    }

    /** Rows stand out whose place is pointed at on the device. */
    void light(List<Event> events) {
        rows.getChildren().forEach(row -> ((PossibleRow) row).light(events));
    }

    /** Lets numbers stand for the hotspots of the screen now shown. */
    void follow(Prototype prototype, Situation now) {
        // What was pointed at may stand elsewhere now.
        pointed.accept(Optional.empty());
        numbered = now.left() || now.work().isPresent()
                ? List.of()
                : now.drawer().isPresent()
                        ? new Rules(prototype)
                                .drawers(now.head()).stream()
                                        .flatMap(w -> w.items().stream())
                                        .map(PossiblePane::choosing)
                                        .toList()
                        : Stream.concat(Stream.of(Under.current(prototype, now)), Under.list(prototype, now).stream())
                                .flatMap(
                                        u -> u.hotspots(prototype).stream().map(h -> u.meant(prototype, now, first(h))))
                                .toList();
    }

    private void hotspots(Prototype prototype, Situation now) {
        int number = hotspots(prototype, now, Under.current(prototype, now), 0);
        Under.list(prototype, now).ifPresent(list -> {
            hotspots(prototype, now, list, number);
            Rules rules = new Rules(prototype);
            own(prototype, list.now()).forEach(l -> {
                Event event = list.meant(
                        prototype, now, new Event.Touched((Cause.Touch) l.cause(), new Event.On.Point(0, 0)));
                link(rules, list.now(), 0, EventWords.capital(EventWords.of(prototype, now, event)), l, event);
            });
        });
    }

    /** Links of the whole screen for gestures. */
    private static List<Link> own(Prototype prototype, Situation now) {
        return prototype.screen(now.screen()).map(Screen::links).orElse(List.of()).stream()
                .filter(l -> l.cause() instanceof Cause.Touch)
                .toList();
    }

    /**
     * @param whole the situation as it is
     * @param before how many have a number by now
     * @return how many then
     */
    private int hotspots(Prototype prototype, Situation whole, Under at, int before) {
        Rules rules = new Rules(prototype);
        Situation now = at.now();
        int number = before;
        for (Hotspot hotspot : at.hotspots(prototype)) {
            number++;
            String name = LinkWords.name(hotspot, number);
            if (hotspot.waitsForLink()) {
                row(number, name, "no link yet", false, at.meant(prototype, whole, Event.tap(hotspot.id())));
            }
            int shownNumber = number;
            if (hotspot.isField()) {
                String typed = Optional.ofNullable(now.known().held().typed().get(hotspot.id()))
                        .map(v -> "“" + v.shown() + "” stands in it")
                        .orElse("tap it on the device to type");
                row(number, "Type in " + name, typed, false, new Event.Typed(hotspot.id(), ""));
            }
            hotspot.links().stream()
                    .filter(l -> l.cause() instanceof Cause.Submit)
                    .findFirst()
                    .ifPresent(link ->
                            link(rules, now, shownNumber, "Send " + name, link, new Event.Submitted(hotspot.id())));
            hotspot.links().stream()
                    .filter(l -> l.cause() instanceof Cause.Touch
                            && hotspot.linkFor(l.cause()).equals(Optional.of(l)))
                    .sorted(Comparator.comparing(l -> ((Cause.Touch) l.cause()).gesture()))
                    .forEach(link -> touches(
                            rules, now, shownNumber, name, hotspot, link, event -> at.meant(prototype, whole, event)));
        }
        return number;
    }

    /** One row for each row of a repeated hotspot, up to a number of them. */
    private void touches(
            Rules rules,
            Situation now,
            int number,
            String name,
            Hotspot hotspot,
            Link link,
            UnaryOperator<Event> meant) {
        Cause.Touch touch = (Cause.Touch) link.cause();
        for (int row = hotspot.rows().isEmpty() ? 0 : 1;
                row <= Math.min(MOST_ROWS, hotspot.rows().size());
                row++) {
            link(
                    rules,
                    now.head().atRow(hotspot.touchedRow(row)),
                    now,
                    number,
                    EventWords.capital(touch.word()) + (row == 0 ? " " : " row " + row + " of ") + name,
                    link,
                    meant.apply(new Event.Touched(touch, new Event.On.OnHotspot(hotspot.id(), row))));
        }
    }

    void link(Rules rules, Situation now, int number, String what, Link link, Event event) {
        link(rules, now.head(), now, number, what, link, event);
    }

    /** A row for a link, one for each outcome where there are several. */
    void link(Rules rules, Head head, Situation now, int number, String what, Link link, Event event) {
        Optional<String> unknown =
                link.cause() instanceof Cause.Touch touch ? touch.gesture().refusedBy(now.device()) : Optional.empty();
        if (unknown.isPresent()) {
            row(number, what, unknown.get(), false, event);
            return;
        }
        boolean begins = link.takes().isPresent() && event instanceof Event.Touched;
        switch (rules.offer(head, link)) {
            case Offer.Several several when begins -> row(number, what, "begin the work", true, event);
            case Offer.Nothing nothing -> row(number, what, nothing.why(), false, event);
            case Offer.One one -> branch(rules, head, number, what, one.branch(), event);
            case Offer.Several several ->
                several.branches()
                        .forEach(b -> branch(
                                rules,
                                head,
                                number,
                                what + ", " + b.outcome().orElseThrow(),
                                b,
                                event.turning(b.outcome().orElseThrow())));
        }
    }

    private void branch(Rules rules, Head head, int number, String what, Branch branch, Event event) {
        RuleOutcome ruling = rules.branch(head, branch);
        String effects = branch.effects().isEmpty()
                ? "nothing yet"
                : String.join(
                        ", ",
                        branch.effects().stream()
                                .map(e -> LinkWords.effect(prototype, e))
                                .toList());
        row(number, what, told(ruling, effects), ruling instanceof RuleOutcome.Acts, event);
    }

    /** What a number does: the first gesture it has a link for, on the first row of a repeated one. */
    private static Event first(Hotspot hotspot) {
        Event.On on = new Event.On.OnHotspot(hotspot.id(), hotspot.rows().isEmpty() ? 0 : 1);
        return hotspot.links().stream()
                .filter(l -> l.cause() instanceof Cause.Touch)
                .map(l -> (Cause.Touch) l.cause())
                .min(Comparator.comparing(Cause.Touch::gesture))
                .<Event>map(t -> new Event.Touched(t, on))
                .orElseGet(() -> hotspot.linkFor(new Cause.Submit()).isPresent()
                        ? new Event.Submitted(hotspot.id())
                        : new Event.Touched(Gesture.TAP, on));
    }

    static Event choosing(Drawer.Item item) {
        return new Event.Touched(Gesture.TAP, new Event.On.OnItem(item.id()));
    }

    /** While a drawer is open: its items, and what closes it. */
    private void drawer(Prototype prototype, Situation now) {
        Rules rules = new Rules(prototype);
        inFrames.action(prototype, rules, now);
        int number = 0;
        for (Drawer.Item item : rules.drawers(now.head()).stream()
                .flatMap(w -> w.items().stream())
                .toList()) {
            inFrames.item(rules, now, ++number, item);
        }
        RuleOutcome outside = rules.outside(now.head());
        row(
                0,
                "Tap beside it",
                told(outside, "close the drawer"),
                outside instanceof RuleOutcome.Acts,
                new Event.Touched(Gesture.TAP, new Event.On.Outside()));
        prototype.screen(now.screen()).stream()
                .flatMap(s -> s.links().stream())
                .filter(l -> now.untilDone().contains(l.id()))
                .forEach(l -> link(rules, now, 0, "The work is done", l, new Event.Done(l.id())));
        if (now.device().goesBack()) {
            row(0, "Device back", "close the drawer", true, new Event.DeviceBack());
        }
    }

    private void others(Prototype prototype, Situation now) {
        Rules rules = new Rules(prototype);
        inFrames.action(prototype, rules, now);
        inFrames.drawers(rules, now);
        inFrames.turns(prototype, rules, now);
        inFrames.tabs(rules, now);
        inFrames.signs(prototype, rules, now);
        inFrames.buttons(rules, now);
        if (!now.top().kind().base() && rules.outside(now.head()) instanceof RuleOutcome.Acts) {
            row(0, "Tap beside it", "close", true, new Event.Touched(Gesture.TAP, new Event.On.Outside()));
        }
        List<Link> own = prototype.screen(now.screen()).map(Screen::links).orElse(List.of());
        own(prototype, now)
                .forEach(l -> link(
                        rules,
                        now,
                        0,
                        EventWords.of(
                                prototype, now, new Event.Touched((Cause.Touch) l.cause(), new Event.On.Point(0, 0))),
                        l,
                        new Event.Touched((Cause.Touch) l.cause(), new Event.On.Point(0, 0))));
        own.stream()
                .filter(l -> now.untilDone().contains(l.id()))
                .forEach(l -> link(rules, now, 0, "The work is done", l, new Event.Done(l.id())));
        Optional<Link> ownBack = now.device().goesBack()
                ? own.stream().filter(l -> l.cause() instanceof Cause.Back).findFirst()
                : Optional.empty();
        if (ownBack.isPresent() && !(rules.offer(now.head(), ownBack.get()) instanceof Offer.Nothing)) {
            link(rules, now, 0, "Device back", ownBack.get(), new Event.DeviceBack());
            return;
        }
        RuleOutcome back = rules.deviceBack(now.head());
        if (now.device().goesBack()) {
            String does = back instanceof RuleOutcome.Acts acts
                    ? switch (acts.actions().getFirst()) {
                        case TrailAction.Leave l -> "leave the prototype";
                        case TrailAction.CloseLevel c -> "close";
                        case TrailAction.Turn t -> "turn to the page before";
                        case TrailAction.ShowTab s -> "switch to the first tab";
                        default -> "return";
                    }
                    : "";
            row(0, "Device back", told(back, does), back instanceof RuleOutcome.Acts, new Event.DeviceBack());
        }
    }

    void row(int number, String what, String then, boolean possible, Event event) {
        if (shown == rows.getChildren().size()) {
            rows.getChildren().add(new PossibleRow(doIt, on -> pointed.accept(on)));
        }
        ((PossibleRow) rows.getChildren().get(shown++)).show(number, what, then, possible, event);
    }

    /** The event of the hotspot with a number. */
    Optional<Event> numbered(int number) {
        return number >= 1 && number <= numbered.size() ? Optional.of(numbered.get(number - 1)) : Optional.empty();
    }

    /** Renews the bars of the waits that run. */
    void showWaits(Prototype prototype, Situation now) {
        int bars = 0;
        for (Waits.Left left : now.waits().left()) {
            Optional<Way> way = prototype.index().way(left.link());
            if (way.isPresent()) {
                int whole = way.get().link().cause() instanceof Cause.Wait w
                        ? w.ms()
                        : Math.max(1, Math.max(left.untouched(), left.ms()));
                if (bars == waits.getChildren().size()) {
                    waits.getChildren().add(new WaitBar());
                }
                ((WaitBar) waits.getChildren().get(bars++))
                        .show(
                                "In " + LinkWords.seconds(left.ms()) + (left.untouched() > 0 ? ", untouched: " : ": ")
                                        + LinkWords.effect(prototype, way.get().link()),
                                (double) (whole - left.ms()) / whole);
            }
        }
        waits.getChildren().remove(bars, waits.getChildren().size());
    }

    static String told(RuleOutcome ruling, String effect) {
        return switch (ruling) {
            case RuleOutcome.Acts acts -> effect;
            case RuleOutcome.NothingToDo nothing -> nothing.why();
            case RuleOutcome.Refused refused -> refused.why();
            case RuleOutcome.Depends depends -> effect;
        };
    }
}
