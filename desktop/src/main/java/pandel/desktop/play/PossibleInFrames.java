package pandel.desktop.play;

import java.util.List;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Event;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Takes;
import pandel.core.play.EventWords;
import pandel.core.play.layout.Aim;
import pandel.core.play.rule.RuleOutcome;
import pandel.core.play.rule.Rules;
import pandel.core.play.rule.TrailAction;
import pandel.core.play.situation.AtWork;
import pandel.core.play.situation.Situation;
import pandel.core.play.words.LinkWords;

/** What can be done in frames: headers, tabs, pages, drawers and floating buttons. */
final class PossibleInFrames {

    private final PossiblePane pane;

    PossibleInFrames(PossiblePane pane) {
        this.pane = pane;
    }

    void buttons(Rules rules, Situation now) {
        rules.buttons(now.head())
                .forEach(set -> pane.link(
                        rules,
                        now,
                        0,
                        "The button of " + set.shownTitle(),
                        set.button().orElseThrow().link(),
                        new Event.Touched(Gesture.TAP, new Event.On.OnButton(set.id()))));
    }

    /** The action of the notice that stands. */
    void action(Prototype prototype, Rules rules, Situation now) {
        now.notice()
                .flatMap(Situation.Notice::action)
                .flatMap(prototype.index()::way)
                .ifPresent(way -> pane.link(
                        rules,
                        now.head(),
                        now.telling(Optional.empty()),
                        0,
                        LinkWords.inNotice(way),
                        way.link(),
                        new Event.Touched(
                                Gesture.TAP, new Event.On.OnAction(way.link().id()))));
    }

    void signs(Prototype prototype, Rules rules, Situation now) {
        rules.headerLinks(now.head())
                .forEach(link -> pane.link(
                        rules,
                        now,
                        0,
                        EventWords.capital(prototype
                                .index()
                                .way(link.id())
                                .map(LinkWords::inHeader)
                                .orElse("")),
                        link,
                        new Event.Touched(Gesture.TAP, new Event.On.OnSign(link.id()))));
    }

    /** The tabs of the strips laid over the page, but for the one that is shown at its root. */
    void tabs(Rules rules, Situation now) {
        rules.strips(now.head())
                .forEach(set -> set.tabs().forEach(tab -> {
                    RuleOutcome ruling = rules.tab(now.head(), tab.id());
                    if (!(ruling instanceof RuleOutcome.NothingToDo)) {
                        pane.row(
                                0,
                                "Tab " + tab.shownLabel(),
                                PossiblePane.told(
                                        ruling,
                                        ruling instanceof RuleOutcome.Acts acts
                                                        && acts.actions().getLast() instanceof TrailAction.ToRoot
                                                ? "back to its root"
                                                : "switch to it"),
                                ruling instanceof RuleOutcome.Acts,
                                new Event.Touched(Gesture.TAP, new Event.On.OnTab(tab.id())));
                    }
                }));
    }

    /** Turning the page on and back, by what is laid over it, else by a swipe; and skipping. */
    void turns(Prototype prototype, Rules rules, Situation now) {
        if (now.top().trail().current().at().isEmpty()) {
            return;
        }
        for (PageTurn turn : List.of(new PageTurn.Next(), new PageTurn.Previous())) {
            Gesture swipe = turn instanceof PageTurn.Next ? Gesture.SWIPE_LEFT : Gesture.SWIPE_RIGHT;
            Optional<Event> event = rules.laid(now.head()).contains(turn)
                    ? Optional.of(new Event.Touched(Gesture.TAP, new Event.On.OnTurn(turn)))
                    : Aim.turn(pane.prototype, now, swipe, -1, -1)
                            .map(t -> new Event.Touched(swipe, new Event.On.Point(0, 0)));
            String what = turn instanceof PageTurn.Next ? "Next page" : "Page before";
            event.ifPresent(e -> rules.finish(now.head(), turn)
                    .ifPresentOrElse(link -> pane.link(rules, now, 0, what, link, e), () -> {
                        RuleOutcome ruling = rules.turn(now.head(), turn);
                        pane.row(
                                0,
                                what,
                                PossiblePane.told(ruling, LinkWords.turn(turn)),
                                ruling instanceof RuleOutcome.Acts,
                                e);
                    }));
        }
        rules.skip(now.head())
                .ifPresent(link ->
                        pane.link(rules, now, 0, "Skip", link, new Event.Touched(Gesture.TAP, new Event.On.OnSkip())));
    }

    /** The items of drawers that are always there, and the edges from which others are drawn. */
    void drawers(Rules rules, Situation now) {
        rules.drawers(now.head()).forEach(w -> w.items().forEach(i -> item(rules, now, 0, i)));
        for (Gesture edge : List.of(Gesture.EDGE_SWIPE_LEFT, Gesture.EDGE_SWIPE_RIGHT)) {
            if (now.device().swipes()) {
                rules.pulled(now.head(), edge)
                        .ifPresent(w -> pane.row(
                                0,
                                EventWords.capital(edge.word()),
                                "open " + w.shownTitle(),
                                true,
                                new Event.Touched(edge, new Event.On.Point(0, 0))));
            }
        }
    }

    void item(Rules rules, Situation now, int number, Drawer.Item item) {
        pane.link(
                rules,
                now.head().closed(),
                now,
                number,
                "Item " + item.shownLabel(),
                item.link(),
                PossiblePane.choosing(item));
    }

    /** While a link is at work: its end, and giving it up. */
    void working(Prototype prototype, Situation now, AtWork work) {
        Rules rules = new Rules(prototype);
        Situation done = now.withWork(Optional.empty());
        prototype.index().way(work.link()).ifPresent(way -> {
            if (work.left().isEmpty()) {
                pane.link(rules, done, 0, "The work is done", way.link(), new Event.Done(work.link()));
            } else {
                pane.row(
                        0,
                        "Wait " + LinkWords.seconds(work.left().getAsInt()),
                        LinkWords.effect(prototype, way.link().withTakes(Optional.empty())),
                        true,
                        new Event.Elapse(work.left().getAsInt()));
            }
            boolean givenUp = way.link().takes().map(Takes::givenUp).orElse(true);
            if (now.device().goesBack()) {
                pane.row(
                        0,
                        "Device back",
                        givenUp ? "give the work up" : "does not give this work up",
                        givenUp,
                        new Event.DeviceBack());
            }
        });
    }
}
