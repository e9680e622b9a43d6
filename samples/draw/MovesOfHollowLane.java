import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.edit.Naming;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.StateEdits;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;

/** What Hollow Lane does of itself, at device back, at a double tap, and where it leaves to another app. */
final class MovesOfHollowLane extends Making {

    private MovesOfHollowLane(Prototype p, Naming naming) {
        super(p, naming);
    }

    static Prototype put(Prototype framed, Naming naming) {
        MovesOfHollowLane maker = new MovesOfHollowLane(framed, naming);
        maker.tap(
                "Welcome",
                "Its picture",
                new Area(0, 60, 390, 360),
                Gesture.TAP,
                new Effect.TurnPage(new PageTurn.Next()));
        maker.tap(
                "A week at home",
                "Its picture",
                new Area(0, 60, 390, 360),
                Gesture.TAP,
                new Effect.TurnPage(new PageTurn.Next()));
        maker.tap(
                "How to use it",
                "How it is done",
                new Area(20, 150, 350, 300),
                Gesture.DOUBLE_TAP,
                new Effect.Notice("Kept among your leaflets.", Effect.Notice.USUAL_MS));
        maker.itself("My card", new Cause.Untouched(30_000), new Effect.Return());
        maker.itself(
                "Waiting list",
                new Cause.Work(),
                new Effect.Notice("You would be second in the list.", Effect.Notice.USUAL_MS));
        maker.fails("Waiting list", "counted", "no network", "There is no network, so nobody can be counted.");
        // What is reserved is reserved: back leads on to the tools, not into the steps before.
        maker.itself(
                "Reserved",
                new Cause.Back(),
                new Effect.Restart(new Target.ToScreen(maker.screen("Tools").id())));
        Area way = new Area(20, 270, 350, 52);
        maker.lay("Pick it up", new Patch(way, "#2f5f4a", "#ffffff", "Show the way", 16, true));
        maker.tap(
                "Pick it up",
                "Show the way",
                way,
                Gesture.TAP,
                new Effect.Leave("https://maps.hollow-lane.example/counter"));
        return maker.p;
    }

    private void itself(String on, Cause cause, Effect effect) {
        edit(LinkEdits.linkScreen(screen(on), Link.of(id("of itself"), cause, effect)));
    }

    /** The last link of a screen turns out well or not; play takes the good one unasked. */
    private void fails(String on, String good, String bad, String told) {
        Link link = screen(on).links().getLast();
        edit(LinkEdits.change(
                "",
                link.withBranches(List.of(
                                link.branches().getFirst().withOutcome(Optional.of(good)),
                                Branch.of(new Effect.Notice(told, Effect.Notice.USUAL_MS))
                                        .withOutcome(Optional.of(bad))))
                        .withAlways(Optional.of(good))));
    }

    private void tap(String on, String words, Area area, Gesture gesture, Effect effect) {
        Map<Width, Area> areas = new EnumMap<>(Width.class);
        areas.put(Width.NARROW, area);
        areas.put(Width.MEDIUM, area.moved(MoreOfHollowLane.ASIDE, 0));
        Hotspot hotspot = new Hotspot(
                id(words), words, areas, List.of(Link.of(id("tap"), new Cause.Touch(gesture), effect)), Rest.NONE);
        edit(HotspotEdits.mark(screen(on), hotspot));
    }

    private void lay(String on, Patch patch) {
        for (Width width : List.of(Width.NARROW, Width.MEDIUM)) {
            double aside = width == Width.NARROW ? 0 : MoreOfHollowLane.ASIDE;
            Picture picture = (Picture) screen(on).mockFor(width).orElseThrow();
            edit(StateEdits.mock(
                    screen(on),
                    Optional.empty(),
                    picture.withPatches(List.of(patch.withArea(patch.area().moved(aside, 0))))));
        }
    }
}
