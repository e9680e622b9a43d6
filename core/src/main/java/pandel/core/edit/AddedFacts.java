package pandel.core.edit;

import java.util.ArrayList;
import java.util.List;
import pandel.core.model.Prototype;
import pandel.core.model.value.Fact;

/** Facts put into a prototype. */
public final class AddedFacts {

    private AddedFacts() {}

    /** The prototype with facts put in, those of the same id changed. */
    public static Prototype with(Prototype p, List<Fact> facts) {
        if (facts.isEmpty()) {
            return p;
        }
        List<Fact> all = new ArrayList<>(p.facts());
        for (Fact fact : facts) {
            all.replaceAll(f -> f.id().equals(fact.id()) ? fact : f);
            if (all.stream().noneMatch(f -> f.id().equals(fact.id()))) {
                all.add(fact);
            }
        }
        return p.withFacts(all);
    }

    /** An edit with facts put in first. */
    public static Edit before(List<Fact> facts, Edit edit) {
        return facts.isEmpty() ? edit : Edit.of(edit.name(), p -> edit.applyTo(with(p, facts)));
    }
}
