package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.relevance.Relevance;
import pandel.core.check.solve.Solution;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.core.model.start.Entry;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Value;
import pandel.core.play.situation.Situation;

/**
 * {@code address-unusable}, and the entries as they can be opened: with every kind of value that their addresses can
 * hold.
 */
public final class Addresses {

    /** Openings of one entry looked at, at most; with more the names share their kinds of value. */
    private static final int MOST = 64;

    private Addresses() {}

    public static List<Finding> in(Solution solution) {
        Prototype prototype = solution.prototype();
        List<Finding> findings = new ArrayList<>();
        for (Entry entry : prototype.entries()) {
            if (entry.address().isPresent() && !prototype.mainEntry().equals(Optional.of(entry))) {
                Optional<Screen> screen = Targets.shown(prototype, entry.target());
                Optional<String> why = Situation.whyNoStart(
                                prototype,
                                opened(prototype, solution.relevance(), entry).getFirst())
                        .or(() -> screen.filter(s -> s.status() == Status.PARKED)
                                .map(s -> "“" + s.shownTitle() + "” is parked."));
                why.ifPresent(w -> findings.add(Finding.about(
                                Rule.ADDRESS_UNUSABLE,
                                Weight.WARNING,
                                "The address “" + entry.address().get() + "” opens nothing: " + w,
                                screen.map(Screen::id).stream().toList(),
                                Optional.empty())
                        .with(List.of(Fixes.removeEntry(entry)))));
            }
        }
        return findings;
    }

    /** An entry with each kind of values that makes a difference; itself where its address holds none. */
    public static List<Entry> opened(Prototype prototype, Relevance relevance, Entry entry) {
        return opened(prototype, relevance, entry, new ArrayList<>());
    }

    /** What of the addresses is not looked at with every value that makes a difference. */
    public static List<Unsettled> cut(Prototype prototype, Relevance relevance) {
        List<Unsettled> cut = new ArrayList<>();
        for (Entry entry : prototype.entries()) {
            List<String> shared = new ArrayList<>();
            opened(prototype, relevance, entry, shared);
            if (!shared.isEmpty()) {
                cut.add(new Unsettled(
                        Rule.UNREACHED_SCREEN,
                        entry.id(),
                        "The address “" + entry.address().orElse("")
                                + "” has more values that make a difference than the " + MOST
                                + " it was opened with; not every one of " + String.join(", ", shared)
                                + " was tried."));
            }
        }
        return cut;
    }

    /** @param shared takes the names whose values were not all tried */
    private static List<Entry> opened(Prototype prototype, Relevance relevance, Entry entry, List<String> shared) {
        Optional<Screen> screen = Targets.shown(prototype, entry.target());
        if (entry.names().isEmpty() || screen.isEmpty()) {
            return List.of(entry);
        }
        List<Map<String, Value>> all = new ArrayList<>(List.of(entry.values()));
        for (Expected expected : screen.get().expects()) {
            if (entry.names().contains(expected.name())) {
                List<Value> kinds = relevance.kinds(screen.get().id(), expected);
                if (kinds.size() == 1
                        && (entry.values().containsKey(expected.name())
                                || expected.fallback().isPresent())) {
                    // Nothing asks what it is: it is opened with what it is tried with, or as if nothing was said.
                    continue;
                }
                List<Map<String, Value>> more = new ArrayList<>();
                if (all.size() * kinds.size() > MOST) {
                    shared.add(expected.name());
                }
                for (Map<String, Value> one : all) {
                    for (Value value : all.size() * kinds.size() > MOST ? kinds.subList(0, 1) : kinds) {
                        Map<String, Value> with = new LinkedHashMap<>(one);
                        with.put(expected.name(), value);
                        more.add(with);
                    }
                }
                all = more;
            }
        }
        return all.stream().map(entry::opened).toList();
    }
}
