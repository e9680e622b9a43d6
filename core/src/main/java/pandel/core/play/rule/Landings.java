package pandel.core.play.rule;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.InTab;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.core.model.value.RowOrigin;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/**
 * What a target leads to, or why it leads nowhere.
 *
 * @param landing empty where it leads nowhere
 * @param refused why it leads nowhere; without a word where it leads somewhere
 */
public record Landings(Optional<Landing> landing, RuleOutcome.Refused refused) {

    private static final RuleOutcome.Refused NOT = new RuleOutcome.Refused("");

    public String why() {
        return refused.why();
    }

    /** @param known what can be read where something leads there */
    public static Landings of(Prototype prototype, Target target, Known known) {
        return of(prototype, target, known, Map.of(), new ArrayList<>())
                .comingFrom(origin(target, known))
                .begun(prototype, known.facts());
    }

    /** The row that a target is led to from; a tab set is a place of its own, and of no row. */
    private static Optional<RowOrigin> origin(Target target, Known known) {
        if (!known.row().isRow() || target instanceof Target.ToTabs) {
            return Optional.empty();
        }
        Map<String, String> carried = new HashMap<>();
        target.values().forEach((name, source) -> {
            if (source instanceof Source.OfRow row) {
                carried.put(name, row.name());
            }
        });
        return Optional.of(new RowOrigin(known.row().list(), known.row().number(), carried));
    }

    private Landings comingFrom(Optional<RowOrigin> row) {
        return row.isEmpty()
                ? this
                : new Landings(
                        landing.map(to -> new Landing(
                                to.screen(), to.given(), to.begun(), to.at(), to.tabs(), row, to.outside())),
                        refused);
    }

    /**
     * The root of a tab of a set that was visited with values.
     *
     * @param facts as they are when the tab is shown
     */
    static Landings ofTab(Prototype prototype, TabSet set, TabSet.Tab tab, Map<String, Value> offered, Facts facts) {
        return of(
                        prototype,
                        tab.root(),
                        Known.of(Facts.NONE),
                        offered,
                        new ArrayList<>(List.of(new InTab(set.id(), tab.id(), offered))))
                .begun(prototype, facts);
    }

    private Landings begun(Prototype prototype, Facts facts) {
        return new Landings(landing.map(to -> begun(prototype, to, facts)), refused);
    }

    /** The same with what stands in the fields of the place: of a sequence in those of all its pages. */
    static Landing begun(Prototype prototype, Landing to, Facts facts) {
        Map<String, Value> begun = new HashMap<>();
        to.at()
                .flatMap(at -> prototype.sequence(at.sequence()))
                .ifPresent(sequence -> sequence.pages().stream()
                        .filter(page -> FieldBeginnings.areOn(prototype, page))
                        .flatMap(page -> prototype.screen(page).stream())
                        .forEach(page -> begun.putAll(FieldBeginnings.of(
                                prototype,
                                page.id(),
                                CarriedValues.of(
                                                prototype,
                                                page,
                                                to.at().orElseThrow().offered())
                                        .values(),
                                facts))));
        begun.putAll(FieldBeginnings.of(prototype, to.screen().id(), to.given(), facts));
        return begun.isEmpty()
                ? to
                : new Landing(to.screen(), to.given(), begun, to.at(), to.tabs(), to.from(), to.outside());
    }

    private static Landings of(
            Prototype prototype, Target target, Known known, Map<String, Value> before, List<InTab> tabs) {
        Map<String, Value> offered = new TreeMap<>(before);
        offered.putAll(CarriedValues.offered(prototype, target, known));
        return switch (target) {
            case Target.ToTabs to -> {
                Optional<TabSet.Tab> tab = Targets.firstTab(prototype, to);
                if (tab.isEmpty()) {
                    yield nowhere(missing(prototype, target));
                }
                if (tabs.size() == Target.DEEPEST
                        || tabs.stream().anyMatch(t -> t.set().equals(to.id()))) {
                    yield nowhere("“" + prototype.tabSet(to.id()).orElseThrow().shownTitle()
                            + "” lies too deep: a tab can hold one further tab set, and not its own.");
                }
                tabs.add(new InTab(to.id(), tab.get().id(), offered));
                yield of(prototype, tab.get().root(), known, offered, tabs);
            }
            case Target.ToSequence to ->
                on(
                        prototype,
                        target,
                        offered,
                        Optional.of(new AtPage(to.id(), to.first(), offered)),
                        tabs,
                        known,
                        before);
            case Target.ToScreen to -> on(prototype, target, offered, Optional.empty(), tabs, known, before);
        };
    }

    private static Landings on(
            Prototype prototype,
            Target target,
            Map<String, Value> offered,
            Optional<AtPage> at,
            List<InTab> tabs,
            Known known,
            Map<String, Value> before) {
        Optional<Screen> screen = Targets.shown(prototype, target);
        if (screen.isEmpty()) {
            return nowhere(missing(prototype, target));
        }
        if (!tabs.isEmpty() && screen.get().form() != Form.PAGE) {
            return nowhere("“" + screen.get().shownTitle() + "” is a "
                    + screen.get().form().word() + ", and only pages stand behind a strip.");
        }
        // What is led to by itself says of its own values what is missing.
        CarriedValues giving = before.isEmpty() && tabs.isEmpty()
                ? CarriedValues.of(prototype, target, screen.get(), known)
                : CarriedValues.of(prototype, screen.get(), offered);
        return giving.missing()
                .map(why -> new Landings(Optional.empty(), why))
                .orElseGet(() ->
                        new Landings(Optional.of(new Landing(screen.get(), giving.values(), at, tabs, false)), NOT));
    }

    private static Landings nowhere(String why) {
        return new Landings(Optional.empty(), new RuleOutcome.Refused(why));
    }

    /** Why a target that is not there leads nowhere. */
    static String missing(Prototype prototype, Target target) {
        return switch (target) {
            case Target.ToScreen to -> "The screen “" + to.id() + "” that it leads to is not there.";
            case Target.ToSequence to ->
                prototype
                        .sequence(to.id())
                        .map(s -> "“" + s.shownTitle() + "” has no page " + to.first() + " that could be shown.")
                        .orElse("The sequence “" + to.id() + "” that it leads to is not there.");
            case Target.ToTabs to ->
                prototype
                        .tabSet(to.id())
                        .map(s -> Targets.firstTab(prototype, to)
                                .map(t -> "The tab “" + t.shownLabel() + "” of “" + s.shownTitle()
                                        + "” leads to nothing that could be shown.")
                                .orElse("“" + s.shownTitle() + "” has no such tab."))
                        .orElse("The tab set “" + to.id() + "” that it leads to is not there.");
        };
    }
}
