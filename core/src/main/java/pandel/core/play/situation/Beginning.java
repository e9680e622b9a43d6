package pandel.core.play.situation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.MotionOf;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Device;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;
import pandel.core.model.start.Spot;
import pandel.core.model.start.Start;
import pandel.core.model.start.StartPoint;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;
import pandel.core.play.rule.CarriedValues;
import pandel.core.play.rule.Landing;
import pandel.core.play.rule.Landings;
import pandel.core.play.rule.LevelKind;

/** The situation in which play begins at an entry or a start point, and why there is none. */
final class Beginning {

    private Beginning() {}

    /**
     * Why play cannot begin somewhere, or empty when it can. An entry leads to what is shown as a page, as does the
     * base of a start point; on each of its levels all screens have the form of the first.
     */
    static Optional<String> whyNoStart(Prototype prototype, Start start) {
        return switch (start) {
            case Entry entry ->
                whyNoStart(
                                prototype,
                                List.of(List.of(Spot.of(Targets.shownId(prototype, entry.target())))),
                                "it starts at",
                                "be started at")
                        .or(() -> whyNoValues(
                                prototype,
                                Targets.shown(prototype, entry.target()).orElseThrow(),
                                entry));
            case StartPoint point -> whyNoStart(prototype, point.levels(), "it begins with", "be the base");
        };
    }

    private static Optional<String> whyNoValues(Prototype prototype, Screen screen, Entry entry) {
        Landings landings = Landings.of(prototype, opening(entry), Known.of(Facts.NONE));
        if (landings.landing().isPresent()) {
            return Optional.empty();
        }
        List<String> lacking = screen.expects().stream()
                .filter(e -> e.mustBeCarried())
                .map(Expected::name)
                .filter(n -> !entry.names().contains(n))
                .toList();
        return Optional.of(
                CarriedValues.of(prototype, screen, entry.values()).missing().isEmpty()
                        ? landings.why()
                        : lacking.isEmpty()
                                ? "“" + screen.shownTitle() + "” needs a value for " + listed(entry.names())
                                        + " to be opened with."
                                : "“" + screen.shownTitle() + "” needs " + listed(lacking) + ", which "
                                        + entry.address()
                                                .map(a -> "“" + a + "” does not hold.")
                                                .orElse("the main entry cannot give."));
    }

    private static String listed(List<String> names) {
        return String.join(" and ", names.stream().map(n -> "“" + n + "”").toList());
    }

    private static Optional<String> whyNoStart(Prototype prototype, List<List<Spot>> levels, String leads, String can) {
        for (int level = 0; level < levels.size(); level++) {
            Optional<Screen> first = Optional.empty();
            for (Spot spot : levels.get(level)) {
                String id = spot.screen();
                Optional<Screen> screen = prototype.screen(id);
                if (screen.isEmpty()) {
                    return Optional.of("The screen “" + id + "” that " + leads + " is not there.");
                }
                if (level == 0 && screen.get().form() != Form.PAGE) {
                    return Optional.of("“" + screen.get().shownTitle() + "” is a "
                            + screen.get().form().word() + ", and only a page can " + can + ".");
                }
                first = first.or(() -> screen);
                if (first.get().form() != screen.get().form()) {
                    return Optional.of("“" + screen.get().shownTitle() + "” is a "
                            + screen.get().form().word() + " and cannot lie on a level with “"
                            + first.get().shownTitle() + "”, a "
                            + first.get().form().word() + ".");
                }
            }
        }
        return Optional.empty();
    }

    /** The situation at an entry or a start point; empty when play cannot begin there. */
    static Optional<Situation> at(Prototype prototype, Start start, Device device) {
        if (whyNoStart(prototype, start).isPresent()) {
            return Optional.empty();
        }
        List<List<Spot>> spots =
                start instanceof StartPoint point ? point.levels() : List.of(List.of(opened(prototype, (Entry) start)));
        List<Level> levels = new ArrayList<>();
        for (List<Spot> trails : spots) {
            Screen first = prototype.screen(trails.getFirst().screen()).orElseThrow();
            Trail trail = Trail.of(new Visit(
                    first.id(),
                    trails.getFirst().held(),
                    levels.isEmpty() ? Motion.NONE : prototype.feel().usual(new MotionOf.Above(first.form())),
                    0,
                    trails.getFirst().at(),
                    trails.getFirst().inside(),
                    visits(trails.getFirst())));
            for (Spot spot : trails.subList(1, trails.size())) {
                trail = trail.put(new Visit(
                        spot.screen(),
                        spot.held(),
                        prototype.usualMotion(Verb.ADVANCE),
                        0,
                        spot.at(),
                        spot.inside(),
                        visits(spot)));
            }
            levels.add(new Level(levels.isEmpty() ? LevelKind.BASE : LevelKind.openedWith(first), trail));
        }
        Facts facts = start instanceof StartPoint point ? valid(prototype, point.facts()) : Facts.NONE;
        return Optional.of(new Situation(
                device,
                device.width(),
                device.height(),
                levels,
                prototype
                        .screen(spots.getLast().getLast().screen())
                        .map(Waits::of)
                        .orElse(Waits.NONE),
                facts,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false));
    }

    private static List<Tabs> visits(Spot spot) {
        return spot.tabs().stream().map(t -> new Tabs(t, Map.of())).toList();
    }

    /** The target with what its address holds carried. */
    private static Target opening(Entry entry) {
        Map<String, Source> carried = new java.util.TreeMap<>(entry.target().values());
        entry.values().forEach((name, value) -> carried.put(name, Source.of(value)));
        return entry.target().carrying(carried);
    }

    private static Spot opened(Prototype prototype, Entry entry) {
        Landing landing = Landings.of(prototype, opening(entry), Known.of(Facts.NONE))
                .landing()
                .orElseThrow();
        return new Spot(
                landing.screen().id(),
                landing.held(),
                landing.at(),
                landing.tabs().size(),
                landing.tabs());
    }

    /** Without facts that are gone or can no longer hold what they held. */
    private static Facts valid(Prototype prototype, Facts facts) {
        Facts valid = Facts.NONE;
        for (Map.Entry<String, Value> one : facts.set().entrySet()) {
            Optional<Fact> fact = prototype.fact(one.getKey()).filter(f -> f.takes(one.getValue()));
            if (fact.isPresent()) {
                valid = valid.with(fact.get(), fact.get().within(one.getValue()));
            }
        }
        return valid;
    }
}
