package pandel.core.play.rule;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.model.Attachments;
import pandel.core.model.Prototype;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Effect;

/** Which drawers are attached to a place, and what opening and closing one comes to. */
public final class DrawerRules {

    private DrawerRules() {}

    /**
     * Those attached to a place, in file order; none where the device has none.
     *
     * @param around the tab sets around it
     */
    public static List<Drawer> attached(Prototype prototype, Device device, String screen, List<EnclosingTab> around) {
        return prototype.drawers().isEmpty() || refused(device)
                ? List.of()
                : prototype.drawers().stream()
                        .filter(d -> isAttached(prototype, d.on(), screen, around))
                        .toList();
    }

    /** Whether a drawer or a header is attached to a place with some tab sets around it. */
    static boolean isAttached(Prototype prototype, Attached on, String screen, List<EnclosingTab> around) {
        return Attachments.isAttached(
                prototype,
                on,
                screen,
                set -> around.stream().anyMatch(a -> a.set().equals(set)));
    }

    private static List<Drawer> attached(Prototype prototype, Head head) {
        return attached(prototype, head.device(), head.screen(), head.around());
    }

    /** Those that open there: attached to the place itself, or to what stands beside it. */
    private static List<Drawer> opening(Prototype prototype, Head head) {
        List<Drawer> all = attached(prototype, head);
        return head.beside().isEmpty()
                ? all
                : Stream.concat(
                                all.stream(),
                                attached(prototype, head.device(), head.beside().get(), head.around()).stream())
                        .distinct()
                        .toList();
    }

    private static boolean refused(Device device) {
        return device.refuses(Cannot.DRAWERS);
    }

    /** Those whose items can be chosen: the open one, else those that are always there. */
    static List<Drawer> shown(Prototype prototype, Head head) {
        return head.drawer().isPresent()
                ? head.drawer().flatMap(prototype::drawer).stream().toList()
                : attached(prototype, head).stream()
                        .filter(d -> d.staysAt(head.width()))
                        .toList();
    }

    /**
     * What a verb of drawers comes to, where one is open or none is: which is open then.
     *
     * @param open id of the one that is open by now
     */
    static Moved moved(Prototype prototype, Head head, Optional<String> open, Effect.MoveDrawer effect) {
        Optional<Drawer> drawer = prototype.drawer(effect.drawer());
        if (drawer.isEmpty()) {
            return new Moved(open, "The drawer “" + effect.drawer() + "” that it moves is not there.", true);
        }
        String named = "“" + drawer.get().shownTitle() + "”";
        if (refused(head.device())) {
            return new Moved(open, head.device().title() + " has no drawers.", true);
        }
        if (!opening(prototype, head).contains(drawer.get())) {
            return new Moved(open, named + " is not attached to this place.", false);
        }
        if (drawer.get().staysAt(head.width())) {
            return new Moved(open, named + " is always there on a device as wide as this.", false);
        }
        boolean isOpen = open.equals(Optional.of(effect.drawer()));
        boolean opens = effect.how() == Effect.How.OPEN || effect.how() == Effect.How.TOGGLE && !isOpen;
        return opens == isOpen
                ? new Moved(open, named + (isOpen ? " is open already." : " is not open."), false)
                : new Moved(opens ? Optional.of(effect.drawer()) : Optional.empty(), "", false);
    }

    /**
     * @param open id of the drawer that is open after it
     * @param why it did nothing; empty: it did
     * @param refused whether it can never be done
     */
    record Moved(Optional<String> open, String why, boolean refused) {}

    /** The drawer that a swipe from the edge opens: the first at that edge that has a reach. */
    public static Optional<Drawer> pulled(Prototype prototype, Head head, Gesture gesture) {
        return head.drawer().isPresent() || head.device().goesBackBy(gesture)
                ? Optional.empty()
                : opening(prototype, head).stream()
                        .filter(d ->
                                d.panel().side().edge() == gesture && d.panel().reach() > 0 && !d.staysAt(head.width()))
                        .findFirst();
    }

    /** What turns one open drawer, or none, into another; empty where nothing changes. */
    static Optional<TrailAction> change(Optional<String> before, Optional<String> after) {
        return before.equals(after)
                ? Optional.empty()
                : Optional.of(
                        after.<TrailAction>map(TrailAction.OpenDrawer::new).orElseGet(TrailAction.CloseDrawer::new));
    }
}
