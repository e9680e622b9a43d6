package pandel.core.generate;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;

/** Headers over some screens of a made-up prototype, with back, a drawer’s sign or none, and actions. */
final class GeneratedHeaders extends GeneratedFrames {

    private GeneratedHeaders(Prototype plain, Random random, Kind kind) {
        super(plain, random, kind);
    }

    static Prototype on(Prototype plain, Random random, Kind kind) {
        return new GeneratedHeaders(plain, random, kind).made();
    }

    private Prototype made() {
        int count = plain.screens().size() < 3 ? 0 : kind == Kind.NASTY ? random.nextInt(3) : 1;
        List<Header> headers = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            headers.add(header("h" + i));
        }
        return headers.isEmpty() ? plain : plain.withHeaders(headers);
    }

    private Header header(String id) {
        List<Header.Action> actions = new ArrayList<>();
        int size = kind == Kind.USUAL ? random.nextInt(3) : random.nextInt(4);
        for (int i = 0; i < size; i++) {
            actions.add(new Header.Action("Action " + (i + 1), i % 2 == 0 ? "" : "bell", does(id + "-a" + i)));
        }
        Header header =
                Header.of(id, "Header " + id, attached(3)).withActions(actions).withLeft(left());
        Set<String> hidden = new LinkedHashSet<>();
        int some = kind == Kind.USUAL ? 0 : random.nextInt(3);
        for (int i = 0; i < some; i++) {
            hidden.add(any(plain.screens()).id());
        }
        // A usual one lies over nothing that is drawn: its pictures leave room at the top.
        Header.Bar bar = kind == Kind.USUAL
                ? header.bar().withHeight(Header.Bar.LOWEST)
                : header.bar()
                        .withLarge(random.nextBoolean())
                        .withStays(random.nextBoolean())
                        .withHeight(Header.Bar.LOWEST + random.nextInt(60));
        return header.withBar(bar).withHiddenOn(hidden);
    }

    private Header.Left left() {
        List<Drawer> drawers = plain.drawers();
        return switch (kind == Kind.USUAL ? 0 : random.nextInt(4)) {
            case 0, 1 -> new Header.Left(Header.Kind.BACK, random.nextBoolean(), "");
            case 2 ->
                drawers.isEmpty()
                        ? Header.Left.NONE
                        : Header.Left.drawer(any(drawers).id());
            default -> random.nextInt(8) == 0 ? Header.Left.drawer("gone-drawer") : Header.Left.NONE;
        };
    }

    /** What one of its links does. */
    private Link does(String id) {
        Cause.Touch tap = new Cause.Touch(Gesture.TAP);
        if (kind == Kind.USUAL) {
            return Link.of(
                    id, tap, new Effect.Advance(new Target.ToScreen(any(pages()).id())));
        }
        List<Way> ways = plain.index().ways().stream()
                .filter(w -> !w.isOfFrame() && !w.link().branches().isEmpty())
                .toList();
        List<Branch> branches = ways.isEmpty()
                ? List.of(Branch.of(new Effect.Return()))
                : any(ways).link().withEachAction(a -> Optional.empty()).branches();
        return new Link(id, tap, branches, Rest.NONE);
    }
}
