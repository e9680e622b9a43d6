package pandel.core.edit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.link.Target;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Source;

/** What is expected where targets lead. */
public final class ExpectedValues {

    private ExpectedValues() {}

    /**
     * What is expected where a target leads: by a screen, the pages of a sequence or the roots of a tab set, each name
     * once.
     */
    public static List<Expected> expectedBy(Prototype p, Target target) {
        Map<String, Expected> all = new LinkedHashMap<>();
        Targets.takers(p, target).forEach(s -> s.expects().forEach(e -> all.putIfAbsent(e.name(), e)));
        return List.copyOf(all.values());
    }

    /** As much of what is carried as is expected where a target leads. */
    public static Map<String, Source> expected(Prototype p, Target to, Map<String, Source> values) {
        Map<String, Source> kept = new TreeMap<>(values);
        kept.keySet().retainAll(expectedBy(p, to).stream().map(Expected::name).toList());
        return kept;
    }
}
