package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.fix.ValueFixes;
import pandel.core.check.relevance.Relevance;
import pandel.core.check.solve.Solution;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.link.Target;
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
                if (why.isEmpty() && entry.target() instanceof Target.ToScreen) {
                    screen.ifPresent(s -> parts(entry, s, findings));
                }
            }
        }
        return findings;
    }

    /** What of an address is dropped, is needed though it may be left out, or is tried with another type. */
    private static void parts(Entry entry, Screen screen, List<Finding> findings) {
        String address = "“" + entry.address().orElse("") + "”";
        String shown = "“" + screen.shownTitle() + "”";
        for (String name : entry.names()) {
            Optional<Expected> expected =
                    screen.expects().stream().filter(x -> x.name().equals(name)).findFirst();
            Optional<Value> tried = Optional.ofNullable(entry.values().get(name));
            if (expected.isEmpty()) {
                findings.add(part(
                        entry,
                        screen,
                        "“" + name + "” in " + address + " is dropped: " + shown + " does not expect it.",
                        ValueFixes.expect(screen, name)));
            } else if (expected.get().mustBeCarried()
                    && entry.form().filter(f -> f.optional().contains(name)).isPresent()) {
                findings.add(part(
                        entry,
                        screen,
                        "“" + name + "” may be left out of " + address + ", and " + shown + " needs it.",
                        ValueFixes.needNot(screen, expected.get())));
            } else if (tried.filter(v -> expected.get().take(v).isEmpty()).isPresent()) {
                findings.add(Finding.about(
                                Rule.ADDRESS_PART,
                                Weight.WARNING,
                                "“" + name + "” in " + address + " is tried with “"
                                        + tried.get().shown() + "”, and " + shown + " takes a "
                                        + expected.get().kind().word() + ".",
                                List.of(screen.id()),
                                Optional.empty())
                        .with(List.of(Fixes.removeEntry(entry))));
            }
        }
    }

    private static Finding part(Entry entry, Screen screen, String sentence, Fix fix) {
        return Finding.about(Rule.ADDRESS_PART, Weight.WARNING, sentence, List.of(screen.id()), Optional.empty())
                .with(List.of(fix, Fixes.removeEntry(entry)));
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
                boolean leftOut = entry.form()
                                .filter(f -> f.optional().contains(expected.name()))
                                .isPresent()
                        && !expected.mustBeCarried();
                List<Value> kinds = relevance.kinds(screen.get().id(), expected);
                if (kinds.size() == 1
                        && (entry.values().containsKey(expected.name())
                                || expected.fallback().isPresent())) {
                    // Nothing asks what it is: it is opened with what it is tried with, or as if nothing was said.
                    continue;
                }
                List<Map<String, Value>> more = new ArrayList<>();
                if (leftOut && all.size() * (kinds.size() + 1) <= MOST) {
                    all.forEach(one -> {
                        Map<String, Value> without = new LinkedHashMap<>(one);
                        without.remove(expected.name());
                        more.add(without);
                    });
                }
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
