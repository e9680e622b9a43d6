package pandel.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Motion;
import pandel.core.model.value.PlaceMemory;
import pandel.core.play.rule.Landing;
import pandel.core.play.rule.LevelKind;
import pandel.core.play.rule.TrailAction;
import pandel.core.play.situation.Level;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Tabs;
import pandel.core.play.situation.Trail;
import pandel.core.play.situation.Visit;

/** Trail actions, as they are done to whole situations. */
final class Actions {

    private final Prototype prototype;

    Actions(Prototype prototype) {
        this.prototype = prototype;
    }

    /** @param motion that brings what the action leads to */
    Situation act(Situation now, TrailAction action, Motion motion) {
        Level top = now.top();
        return switch (action) {
            case TrailAction.Put put ->
                now.withTop(top.with(top.trail()
                        .put(
                                put.to().leavesTabs()
                                        ? visit(put.to(), motion)
                                        : visit(put.to(), motion)
                                                .inside(top.trail().current().inside()))));
            case TrailAction.Swap swap ->
                now.withTop(top.with(
                        swap.to().leavesTabs()
                                ? top.trail().swappedOutside(visit(swap.to(), motion))
                                : top.trail()
                                        .swapped(visit(swap.to(), motion)
                                                .rootIn(top.trail().current().tabs())
                                                .inside(top.trail().current().inside()))));
            case TrailAction.ShowTab show ->
                now.withTop(top.with(top.trail()
                        .showing(
                                show.set(),
                                prototype.tabSet(show.set()).orElseThrow().keeps(),
                                visit(show.to(), motion))));
            case TrailAction.ToRoot to -> now.withTop(top.with(top.trail().toRoot(to.set())));
            case TrailAction.Drop drop ->
                now.withTop(top.with(top.trail().behind().orElseThrow()));
            case TrailAction.DropTo to ->
                now.withTop(top.with(top.trail().behindTo(to.screen()).orElseThrow()));
            case TrailAction.Turn turn ->
                now.withTop(top.with(top.trail().swapped(turned(top.trail().current(), turn))));
            case TrailAction.StepRow step ->
                now.withTop(top.with(top.trail().swapped(stepped(top.trail().current(), step))));
            case TrailAction.Restart restart ->
                now.withLevels(List.of(new Level(LevelKind.BASE, Trail.of(visit(restart.to(), motion)))));
            case TrailAction.Raise raise -> {
                List<Level> levels = new ArrayList<>(now.levels());
                levels.add(new Level(LevelKind.openedWith(raise.screen()), Trail.of(visit(raise.to(), motion))));
                yield now.withLevels(levels);
            }
            case TrailAction.CloseLevel close ->
                now.withLevels(now.levels().subList(0, now.levels().size() - 1));
            case TrailAction.CloseToPages close -> {
                int keep = now.levels().size() - 1;
                while (!now.levels().get(keep - 1).kind().holdsPages()) {
                    keep--;
                }
                yield now.withLevels(now.levels().subList(0, keep));
            }
            case TrailAction.Set set -> now.with(now.facts().with(set.fact(), set.value()));
            case TrailAction.Hold hold ->
                now.withTop(top.with(top.trail()
                        .swapped(top.trail()
                                .current()
                                .holding(top.trail().current().held().typing(hold.field(), hold.text())))));
            case TrailAction.Tell tell ->
                now.telling(Optional.of(new Situation.Notice(tell.words(), tell.ms(), tell.action())));
            case TrailAction.OpenDrawer open -> now.drawn(Optional.of(open.drawer()));
            case TrailAction.OpenThere open ->
                now.drawn(now.drawers(prototype, now.levels().size() - 1).stream()
                        .filter(d -> d.id().equals(open.drawer()) && !d.staysAt(now.width()))
                        .map(Drawer::id)
                        .findFirst());
            case TrailAction.CloseDrawer close -> now.drawn(Optional.empty());
            case TrailAction.LeaveTo leave -> now;
            case TrailAction.BeginAgain again ->
                prototype
                        .screen(now.screen())
                        .map(s -> now.withWaits(now.waits().again(s, again.link())))
                        .orElse(now);
            case TrailAction.Spend spend -> now;
            case TrailAction.Leave leave -> now.asLeft();
        };
    }

    private static Visit visit(Landing to, Motion motion) {
        return new Visit(
                to.screen().id(),
                to.held(),
                motion,
                0,
                to.at(),
                to.tabs().size(),
                to.tabs().stream().map(t -> new Tabs(t, Map.of())).toList());
    }

    /** The place stays, with what the neighbouring row gives it, at its top and with nothing typed. */
    private static Visit stepped(Visit now, TrailAction.StepRow to) {
        return new Visit(now.screen(), to.held(), now.brought(), 0, to.at(), now.inside(), now.tabs());
    }

    /** The place stays, with what was typed on any of its pages; the page begins at its top. */
    private static Visit turned(Visit now, TrailAction.Turn to) {
        return new Visit(
                to.screen().id(),
                PlaceMemory.of(to.given(), now.held().typed(), now.held().from()),
                now.brought(),
                0,
                to.at(),
                now.inside(),
                now.tabs());
    }
}
