package pandel.core.play.rule;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import pandel.core.model.Prototype;
import pandel.core.model.frame.AtPage;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Motion;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Known;
import pandel.core.model.value.RowOrigin;
import pandel.core.model.value.Value;

/** Going sideways from a row's place to that of the row beside it in the list it was come to from. */
final class NeighbourRows {

    private NeighbourRows() {}

    /** @param known what can be read when its turn has come among the effects */
    static RuleOutcome step(Prototype prototype, Head head, Known known, Effect.StepRow step, Motion motion) {
        Screen screen = prototype.screen(head.screen()).orElseThrow();
        Optional<RowOrigin> from = head.known().held().from();
        int rows = from.flatMap(f -> prototype.index().hotspot(f.list()))
                .map(h -> h.rows().size())
                .orElse(0);
        if (rows == 0 || from.isEmpty()) {
            return new RuleOutcome.Refused("“" + screen.shownTitle() + "” was come to from no row of a list.");
        }
        int beside = from.get().number() + (step.next() ? 1 : -1);
        boolean atEnd = beside < 1 || beside > rows;
        if (atEnd && !step.round() || rows == 1) {
            return new RuleOutcome.NothingToDo(
                    rows == 1
                            ? "The list has this row alone."
                            : step.next() ? "This is the last row of the list." : "This is the first row of the list.");
        }
        RowOrigin to = from.get().at(atEnd ? step.next() ? 1 : rows : beside);
        Hotspot list = prototype.index().hotspot(to.list()).orElseThrow();
        Map<String, Value> given = new TreeMap<>(head.known().held().given());
        Optional<AtPage> at = head.at();
        for (Map.Entry<String, String> one : to.carried().entrySet()) {
            String name = one.getKey();
            Value value = list.row(to.number()).getOrDefault(one.getValue(), Value.NOTHING);
            at = at.map(a -> a.offering(with(a.offered(), name, value)));
            Optional<Expected> expected =
                    screen.expects().stream().filter(e -> e.name().equals(name)).findFirst();
            Optional<Value> taken = expected.flatMap(e -> e.take(value).or(e::fallback));
            if (taken.isEmpty() && expected.map(Expected::required).orElse(false)) {
                return new RuleOutcome.Refused(
                        "“" + screen.shownTitle() + "” needs a value for “" + name + "”, and row " + to.number()
                                + " of the list has none.",
                        Optional.of(new RuleOutcome.Lack(screen.id(), name)));
            }
            if (expected.isPresent()) {
                given = with(given, name, taken.orElse(Value.NOTHING));
            }
        }
        Landing landing = Landings.begun(
                prototype, new Landing(screen, given, Map.of(), at, List.of(), Optional.of(to), false), known.facts());
        return new RuleOutcome.Acts(
                List.of(new TrailAction.StepRow(landing)),
                Optional.of(
                        step.next() ? motion : motion.towards(motion.direction().opposite())));
    }

    private static Map<String, Value> with(Map<String, Value> all, String name, Value value) {
        Map<String, Value> changed = new TreeMap<>(all);
        if (value.equals(Value.NOTHING)) {
            changed.remove(name);
        } else {
            changed.put(name, value);
        }
        return changed;
    }
}
