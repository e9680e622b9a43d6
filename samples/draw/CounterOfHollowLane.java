import java.util.ArrayList;
import java.util.List;
import pandel.core.edit.Naming;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Hotspot;

/** The screen at the library's counter, that has a mouse and keys besides its glass, and what those do there. */
final class CounterOfHollowLane extends Making {

    private CounterOfHollowLane(Prototype p, Naming naming) {
        super(p, naming);
    }

    static Prototype put(Prototype framed, Naming naming) {
        CounterOfHollowLane maker = new CounterOfHollowLane(framed, naming);
        List<Device> devices = new ArrayList<>(framed.devices());
        devices.add(new Device(
                "counter",
                "Counter",
                1024,
                768,
                1,
                Device.Back.BUTTON,
                Device.Pointing.BOTH,
                0,
                java.util.Set.of(),
                Rest.NONE));
        maker.edit(ScreenEdits.devices(devices));
        maker.edit(LinkEdits.linkScreen(
                maker.screen("Tools"),
                Link.of(
                        maker.id("key"),
                        new Cause.Touch(Gesture.KEY, "S"),
                        new Effect.Advance(
                                new Target.ToScreen(maker.screen("Search").id())))));
        Hotspot tent = maker.hotspot("Loans", "Four-person tent");
        Link pressed = tent.linkFor(Gesture.LONG_PRESS).orElseThrow();
        maker.edit(LinkEdits.link(
                tent,
                Link.of(
                                maker.id("secondary press"),
                                new Cause.Touch(Gesture.SECONDARY_PRESS),
                                pressed.effect().orElseThrow())
                        .withBranches(pressed.branches()),
                ""));
        maker.edit(LinkEdits.link(
                maker.hotspot("Tool", "Care and cost"),
                Link.of(
                        maker.id("hover"),
                        new Cause.Touch(Gesture.HOVER),
                        new Effect.Notice("Free for a week; a coin a day after that.", Effect.Notice.USUAL_MS)),
                ""));
        return maker.p;
    }

    private Hotspot hotspot(String on, String words) {
        return p.index().hotspotsOn(screen(on).id()).stream()
                .filter(h -> h.title().equals(words))
                .findFirst()
                .orElseThrow();
    }
}
