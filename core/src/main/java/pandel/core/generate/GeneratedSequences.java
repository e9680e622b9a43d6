package pandel.core.generate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/** Sequences made of the screens of a made-up prototype, links that lead to them, and links that turn their pages. */
final class GeneratedSequences extends GeneratedFrames {

    private static final int SCREENS_EACH = 60;

    private final List<Sequence> sequences = new ArrayList<>();

    private GeneratedSequences(Prototype plain, Random random, Kind kind) {
        super(plain, random, kind);
    }

    static Prototype on(Prototype plain, Random random, Kind kind) {
        return new GeneratedSequences(plain, random, kind).made();
    }

    private Prototype made() {
        int count = plain.screens().size() < 4
                ? 0
                : kind == Kind.USUAL ? 1 + plain.screens().size() / SCREENS_EACH : 1 + random.nextInt(2);
        for (int i = 0; i < count; i++) {
            sequences.add(sequence("q" + i));
        }
        return count == 0
                ? plain
                : plain.withScreens(plain.screens().stream().map(this::screen).toList())
                        .withSequences(sequences);
    }

    private Sequence sequence(String id) {
        Form form = kind == Kind.NASTY && random.nextInt(3) == 0
                ? any(plain.screens()).form()
                : Form.PAGE;
        List<Screen> alike =
                plain.screens().stream().filter(s -> s.form() == form).toList();
        List<String> pages = new ArrayList<>();
        int size = 1 + (kind == Kind.USUAL ? 1 : 0) + random.nextInt(3);
        for (int i = 0; i < size; i++) {
            // Nasty ones hold screens of another form, screens that are gone, and a screen twice.
            pages.add(
                    kind == Kind.NASTY && random.nextInt(12) == 0
                            ? random.nextBoolean()
                                    ? "gone-page"
                                    : any(plain.screens()).id()
                            : any(alike).id());
        }
        Sequence.Laid laid = random.nextInt(3) == 0 ? Sequence.Laid.NOTHING : Sequence.Laid.USUAL;
        Sequence made = Sequence.of(id, "Sequence " + id, pages)
                .withLaid(laid)
                .withSwipes(random.nextInt(4) > 0)
                .withBacks(random.nextBoolean());
        return made.withFinish(
                        random.nextInt(4) == 0
                                ? Optional.empty()
                                : Optional.of(link(id + "-finish", new Cause.Finish())))
                .withSkip(random.nextBoolean() ? Optional.empty() : Optional.of(link(id + "-skip", new Cause.Skip())));
    }

    private Link link(String id, Cause cause) {
        Verb verb = random.nextInt(4) == 0 ? Verb.RETURN : random.nextInt(3) == 0 ? Verb.ADVANCE : Verb.REPLACE;
        List<Screen> pages =
                plain.screens().stream().filter(s -> s.form() == Form.PAGE).toList();
        return new Link(
                id,
                cause,
                List.of(Branch.of(Effect.of(verb, new Target.ToScreen(any(pages).id())))),
                Rest.NONE);
    }

    private Screen screen(Screen screen) {
        List<Hotspot> hotspots = new ArrayList<>(screen.hotspots().stream()
                .map(h -> h.withLinks(h.links().stream().map(this::led).toList()))
                .toList());
        boolean isPage = sequences.stream().anyMatch(s -> s.pages().contains(screen.id()));
        if (isPage && random.nextBoolean() || kind == Kind.NASTY && random.nextInt(8) == 0) {
            String id = screen.id() + "-turn";
            hotspots.add(new Hotspot(
                    id,
                    "Turn",
                    Map.of(Width.NARROW, new Area(20, 700, 60, 40)),
                    List.of(Link.of(id + "-tap", new Cause.Touch(Gesture.TAP), new Effect.TurnPage(turn()))),
                    Rest.NONE));
        }
        return screen.withHotspots(hotspots);
    }

    private PageTurn turn() {
        return switch (random.nextInt(3)) {
            case 0 -> new PageTurn.Next();
            case 1 -> new PageTurn.Previous();
            default -> new PageTurn.To(1 + random.nextInt(4));
        };
    }

    /** Some links lead to a sequence instead. */
    private Link led(Link link) {
        if (random.nextInt(kind == Kind.USUAL ? 40 : 8) > 0) {
            return link;
        }
        Sequence to = any(sequences);
        Optional<Integer> page = random.nextInt(3) == 0
                ? Optional.of(
                        1 + random.nextInt(kind == Kind.NASTY ? 4 : to.pages().size()))
                : Optional.empty();
        return link.withBranches(link.branches().stream()
                .map(b -> b.withEffects(b.effects().stream()
                        .map(e -> e.target().isPresent()
                                        && (kind == Kind.NASTY
                                                || e.verb() == Verb.ADVANCE
                                                || e.verb() == Verb.RETURN_TO)
                                ? e.leadingTo(new Target.ToSequence(
                                        to.id(), page, e.target().get().values()))
                                : e)
                        .toList()))
                .toList());
    }
}
