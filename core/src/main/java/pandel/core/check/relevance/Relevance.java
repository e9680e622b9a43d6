package pandel.core.check.relevance;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.InTab;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.link.Where;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Facts;
import pandel.core.model.value.PlaceMemory;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;
import pandel.core.play.rule.TrailAction;
import pandel.core.play.situation.Visit;

/**
 * Which facts, given values and typed texts anything asks for, and how finely. What the others hold makes no
 * difference; nor does how far a number lies beyond everything it is compared with, where it only ever grows, or only
 * ever shrinks, on that side. Of texts only those differ that something is compared with; of all others there are two
 * kinds, numbers and words.
 */
public final class Relevance {

    private record OnScreen(Set<String> given, Set<String> typed) {
        private OnScreen() {
            this(new HashSet<>(), new HashSet<>());
        }

        private boolean add(Source source) {
            return switch (source) {
                case Source.Given g -> given.add(g.name());
                case Source.Typed t -> typed.add(t.field());
                default -> false;
            };
        }
    }

    private final Prototype prototype;
    private final Set<String> facts = new LinkedHashSet<>();
    private final Set<String> whole = new HashSet<>(); // of these every value may differ
    private final Map<String, Within> numbers = new HashMap<>();
    private final Map<String, OnScreen> held = new LinkedHashMap<>();
    /** Names of what is carried to frames that anything asks for, or needs. */
    private final Set<String> inFrames = new HashSet<>();

    // Devices are explored side by side: what is found out on the way is for all of them.
    private final Map<String, List<String>> textsOf = new ConcurrentHashMap<>();
    private final TabRelevance tabs;
    private final SteppedRows rows;
    private final StandingNotice notice;
    private final boolean changes;
    private final boolean swapsOut;
    /** Whether any move is done beneath. */
    private final boolean goesBeneath;
    /** The texts that are told apart, where anything is asked about what is typed. */
    private final List<String> texts;

    private Relevance(Prototype prototype) {
        this.prototype = prototype;
        prototype.screens().forEach(s -> held.put(s.id(), new OnScreen()));
        this.rows = new SteppedRows(prototype, this::from);
        this.goesBeneath = prototype.index().ways().stream()
                .flatMap(w -> w.link().branches().stream())
                .anyMatch(b -> b.where().equals(Optional.of(Where.BENEATH)));
        this.swapsOut = prototype.index().ways().stream()
                .flatMap(w -> w.link().branches().stream())
                .anyMatch(b -> b.move().orElse(null) instanceof Effect.Replace r
                        && (r.with() instanceof Target.ToTabs
                                || b.where().equals(Optional.of(Where.OUTSIDE_THE_TABS))));
        ask();
        this.notice = new StandingNotice(prototype);
        notice.fact().map(Fact::id).ifPresent(facts::add);
        this.changes = !notice.isEmpty() || Reads.isAnyRemembered(prototype, facts);
        this.tabs = new TabRelevance(prototype, changes);
        held.values().removeIf(on -> on.given().isEmpty() && on.typed().isEmpty());
        if (!prototype.sequences().isEmpty() || !prototype.tabSets().isEmpty()) {
            held.values().forEach(on -> inFrames.addAll(on.given()));
            prototype.screens().stream()
                    .flatMap(s -> s.expects().stream())
                    .filter(Expected::mustBeCarried)
                    .forEach(e -> inFrames.add(e.name()));
        }
        this.texts = held.isEmpty() && facts.stream().noneMatch(this::isText)
                ? List.of()
                : Texts.compared(
                        prototype, facts.stream().filter(whole::contains).toList());
    }

    public static Relevance in(Prototype prototype) {
        Relevance relevance = new Relevance(prototype);
        relevance.facts.stream()
                .filter(id -> !relevance.whole.contains(id))
                .forEach(id -> prototype
                        .fact(id)
                        .filter(f -> f.kind() instanceof Fact.Kind.Number)
                        .ifPresent(f -> relevance.numbers.put(id, Within.of(prototype, f))));
        return relevance;
    }

    /** What conditions ask for; and what is carried to where it is asked for, until nothing is new. */
    private void ask() {
        for (Screen screen : prototype.screens()) {
            screen.states().stream().flatMap(s -> s.conditions().stream()).forEach(c -> askFor(c, List.of(screen)));
        }
        for (Way way : prototype.index().ways()) {
            way.link().branches().stream().flatMap(b -> b.when().stream()).forEach(c -> askFor(c, from(way)));
        }
        boolean more = true;
        while (more) {
            more = askPages();
            more |= askFields();
            more |= askChosen();
            for (Way way : prototype.index().ways()) {
                for (Branch branch : way.link().branches()) {
                    for (Effect effect : branch.effects()) {
                        more |= ask(way, effect);
                    }
                }
            }
        }
    }

    /** The screens a link can be set off on; an item or button anywhere in a tab set on any. */
    private List<Screen> from(Way way) {
        return way.isAnywhereInside() ? prototype.screens() : way.from();
    }

    private void askFor(Condition condition, List<Screen> on) {
        boolean constant = condition.with() instanceof Source.Constant;
        condition.sources().forEach(s -> {
            s.fact().filter(id -> prototype.fact(id).isPresent()).ifPresent(facts::add);
            s.fact().filter(id -> !constant).ifPresent(whole::add);
            on.forEach(screen -> add(screen, s));
        });
    }

    /** What stands in a field from the beginning is asked for where the field is. */
    private boolean askFields() {
        boolean more = false;
        for (Screen screen : prototype.screens()) {
            for (Hotspot field : prototype.index().hotspotsOn(screen.id())) {
                OnScreen on = held.get(screen.id());
                if (field.begins().isPresent() && on != null && on.typed().contains(field.id())) {
                    Source source = field.begins().get();
                    more |= askFor(source);
                    more |= add(screen, source);
                }
            }
        }
        return more;
    }

    /** What choosing a tab or page remembers reads facts alone. */
    private boolean askChosen() {
        boolean more = false;
        for (Link link : prototype.index().links().toList()) {
            for (Effect.Remember remember : link.allRemembered().toList()) {
                more |= link.cause().isOfFrames()
                        && facts.contains(remember.fact())
                        && remember.change() instanceof Effect.Change.Set set
                        && askFor(set.to());
            }
        }
        return more;
    }

    /** What is typed on one page of a sequence is kept on all of them. */
    private boolean askPages() {
        boolean more = false;
        for (Sequence sequence : prototype.sequences()) {
            List<OnScreen> pages = sequence.pages().stream()
                    .filter(held::containsKey)
                    .map(held::get)
                    .toList();
            Set<String> typed = new HashSet<>();
            pages.forEach(p -> typed.addAll(p.typed()));
            for (OnScreen page : pages) {
                more |= page.typed().addAll(typed);
            }
        }
        return more;
    }

    private boolean ask(Way way, Effect effect) {
        boolean more = false;
        if (effect instanceof Effect.Remember r
                && r.change() instanceof Effect.Change.Set set
                && facts.contains(r.fact())) {
            more = carried(way, set.to());
        }
        Optional<Target> target = effect.target();
        for (Screen to : target.stream()
                .flatMap(t -> Targets.takers(prototype, t).stream())
                .toList()) {
            for (Expected expected : to.expects()) {
                Source source = target.get().values().get(expected.name());
                OnScreen there = held.get(to.id());
                if (source != null
                        && there != null
                        && (there.given().contains(expected.name()) || expected.mustBeCarried())) {
                    more |= carried(way, source);
                }
            }
        }
        return more;
    }

    private boolean carried(Way way, Source source) {
        boolean more = askFor(source);
        for (Screen screen : from(way)) {
            more |= add(screen, source);
        }
        return more;
    }

    /** Every value of a fact may differ where it is carried on. */
    private boolean askFor(Source source) {
        return source.fact()
                .filter(id -> prototype.fact(id).isPresent())
                .filter(id -> {
                    boolean fresh = facts.add(id);
                    return whole.add(id) || fresh;
                })
                .isPresent();
    }

    private boolean add(Screen screen, Source source) {
        OnScreen on = held.get(screen.id());
        return on != null && on.add(source);
    }

    /** Ids of the facts that can make a difference, without those that are gone. */
    public Set<String> facts() {
        return facts;
    }

    /** The texts that are told apart in a fact: only what it is compared with, unless it goes on from there. */
    List<String> texts(String fact) {
        return whole.contains(fact) ? texts : textsOf.computeIfAbsent(fact, id -> Texts.comparedWith(prototype, id));
    }

    private boolean isText(String fact) {
        return prototype
                .fact(fact)
                .filter(f -> f.kind() instanceof Fact.Kind.Text)
                .isPresent();
    }

    /** What matters of what is remembered. */
    public Facts of(Facts all) {
        Facts kept = all.only(facts);
        for (Map.Entry<String, Value> one : kept.set().entrySet()) {
            if (one.getValue() instanceof Value.Text text && isText(one.getKey())) {
                String like = Texts.like(texts(one.getKey()), text);
                if (!like.equals(text.words())) {
                    kept = kept.with(prototype.fact(one.getKey()).orElseThrow(), new Value.Text(like));
                }
            }
            Within within = numbers.get(one.getKey());
            if (within != null
                    && one.getValue() instanceof Value.Number n
                    && (n.of() < within.least() || n.of() > within.most())) {
                kept = kept.with(
                        prototype.fact(one.getKey()).orElseThrow(),
                        new Value.Number(Math.clamp(n.of(), within.least(), within.most())));
            }
        }
        return kept;
    }

    /** What matters of what a place of a screen was given and has typed in it. */
    public PlaceMemory of(String screen, PlaceMemory all) {
        OnScreen on = held.get(screen);
        boolean row = rows.matterOn(screen);
        return all == PlaceMemory.NONE || on == null && !row
                ? PlaceMemory.NONE
                : on == null ? all.only(Set.of(), Set.of(), true) : all.only(on.given(), on.typed(), row);
    }

    /** What matters of what is given to a new place. */
    public PlaceMemory of(TrailAction.Forward to) {
        return to.held() == PlaceMemory.NONE ? PlaceMemory.NONE : of(to.screen().id(), to.held());
    }

    /** What matters of what a place holds. */
    public PlaceMemory of(Visit place) {
        return of(place.screen(), place.held());
    }

    /** What of the tab sets matters to places in them. */
    public TabRelevance tabs() {
        return tabs;
    }

    /** Where it matters which row of a list a place was come to from. */
    public SteppedRows rows() {
        return rows;
    }

    /** Which notice stands, where one has an action. */
    public StandingNotice notice() {
        return notice;
    }

    /** Whether anything within a tab set takes the place of the whole set. */
    public boolean swapsOut() {
        return swapsOut;
    }

    /** What matters of what was carried to a tab set: that roots ask for, or need. */
    public InTab of(InTab in) {
        return new InTab(in.set(), in.tab(), inFrames(in.offered()));
    }

    /** What matters of what was carried to a sequence. */
    public Optional<AtPage> of(Optional<AtPage> at) {
        return at.map(a -> new AtPage(a.sequence(), a.page(), inFrames(a.offered())));
    }

    private Map<String, Value> inFrames(Map<String, Value> offered) {
        Map<String, Value> kept = new HashMap<>(offered);
        kept.keySet().retainAll(inFrames);
        return kept;
    }

    /** What matters of what a place holds after a page is turned. */
    public PlaceMemory turned(TrailAction.Turn to, PlaceMemory before) {
        return of(to.screen().id(), PlaceMemory.of(to.given(), before.typed(), before.from()));
    }

    /** Whether anything on a screen asks for what it was given or has typed in it. */
    public boolean anyHeld(String screen) {
        return held.containsKey(screen) || rows.matterOn(screen);
    }

    public boolean anyHeld() {
        return !held.isEmpty();
    }

    /** Ids of the fields of a screen that something asks for. */
    public Set<String> typed(String screen) {
        OnScreen on = held.get(screen);
        return on == null ? Set.of() : on.typed();
    }

    public List<String> texts() {
        return texts;
    }

    /** The values of a screen that are told apart, the likeliest first; one where nothing asks for it. */
    public List<Value> kinds(String screen, Expected expected) {
        OnScreen on = held.get(screen);
        return Texts.kinds(expected, on != null && on.given().contains(expected.name()) ? texts : List.of());
    }

    public boolean goesBeneath() {
        return goesBeneath;
    }

    /** Whether any link remembers one of them. */
    public boolean changes() {
        return changes;
    }

    /** Whether the same matters by another. */
    public boolean isAlike(Relevance other) {
        return facts.equals(other.facts)
                && whole.equals(other.whole)
                && numbers.equals(other.numbers)
                && held.equals(other.held)
                && inFrames.equals(other.inFrames)
                && texts.equals(other.texts)
                && changes == other.changes
                && swapsOut == other.swapsOut
                && goesBeneath == other.goesBeneath
                && rows.isAlike(other.rows)
                && tabs.isAlike(other.tabs);
    }
}
