package pandel.core.play.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.model.Prototype;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Closer;
import pandel.core.model.screen.Form;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Known;
import pandel.core.model.value.Placeholders;
import pandel.core.model.value.Value;

/** What each thing a person or a link does comes to, by head alone. Step and the checks know nothing but these. */
public final class Rules {

    private final Prototype prototype;

    public Rules(Prototype prototype) {
        this.prototype = prototype;
    }

    /**
     * How a link can turn out at a head: the first branch that holds, when it names no outcome; else all that hold and
     * name one, up to the first that holds and names none.
     */
    public Offer offer(Head head, Link link) {
        List<Branch> open = new ArrayList<>();
        for (Branch branch : link.branches()) {
            if (!branch.holds(prototype, head.known())) {
                continue;
            }
            if (branch.outcome().isEmpty()) {
                if (open.isEmpty()) {
                    return new Offer.One(branch);
                }
                break;
            }
            if (open.stream().noneMatch(b -> b.outcome().equals(branch.outcome()))) {
                open.add(branch);
            }
        }
        return open.isEmpty()
                ? new Offer.Nothing(
                        link.branches().isEmpty() ? "This link does nothing yet." : "None of its conditions holds now.")
                : open.size() == 1 ? new Offer.One(open.getFirst()) : new Offer.Several(open);
    }

    /** What a branch does at a head, whole or not at all. */
    public RuleOutcome branch(Head head, Branch asDrawn) {
        Branch branch = PageTurns.finishing(prototype, head, asDrawn);
        if (branch.effects().isEmpty()) {
            return new RuleOutcome.NothingToDo("This link does nothing yet.");
        }
        List<TrailAction> sets = new ArrayList<>();
        Known known = head.known();
        Known atMove = known;
        Optional<String> drawer = head.drawer();
        // Effects are done in order: what is done to drawers after the move is done where it led.
        boolean moved = false;
        Optional<String> there = Optional.empty();
        String why = "";
        for (Effect effect : branch.effects()) {
            if (head.device().refuses(effect.verb().refusal())) {
                return refused(head.device(), effect.verb());
            }
            switch (effect) {
                case Effect.Notice notice ->
                    sets.add(new TrailAction.Tell(Placeholders.filled(notice.words(), prototype, known), notice.ms()));
                case Effect.Leave leave ->
                    sets.add(new TrailAction.LeaveTo(Placeholders.filled(leave.address(), prototype, known)));
                case Effect.Remember remember -> {
                    Optional<Fact> fact = prototype.fact(remember.fact());
                    if (fact.isEmpty()) {
                        return new RuleOutcome.Refused(
                                "The fact “" + remember.fact() + "” that it remembers is not there.");
                    }
                    Optional<Value> value = changed(fact.get(), known, remember.change());
                    if (value.isEmpty()) {
                        return new RuleOutcome.Refused("“" + fact.get().title() + "” cannot hold that: it is "
                                + fact.get().kind().word() + ".");
                    }
                    known = new Known(known.facts().with(fact.get(), value.get()), known.held(), known.row());
                    sets.add(new TrailAction.Set(fact.get(), value.get()));
                }
                case Effect.MoveDrawer drawerMoved -> {
                    DrawerRules.Moved then = DrawerRules.moved(prototype, head, drawer, drawerMoved);
                    if (then.refused()) {
                        return new RuleOutcome.Refused(then.why());
                    }
                    drawer = then.open();
                    why = then.why();
                    there = moved ? moved(there, drawerMoved) : there;
                }
                default -> {
                    atMove = known;
                    moved = true;
                }
            }
        }
        Optional<Effect> move = branch.move();
        Optional<String> opensThere = there;
        DrawerRules.change(head.drawer(), drawer).ifPresent(sets::add);
        if (move.isEmpty()) {
            return sets.isEmpty()
                    ? new RuleOutcome.NothingToDo(why.isEmpty() ? "The drawer is as it was." : why)
                    : new RuleOutcome.Acts(sets, Optional.empty());
        }
        Motion motion =
                branch.motion().orElseGet(() -> prototype.usualMotion(move.get().verb()));
        return switch (new Moving(prototype, head, atMove, motion).of(move.get(), branch.where())) {
            // A move that is done closes the drawer, whatever was done to it before.
            case RuleOutcome.Acts acts ->
                new RuleOutcome.Acts(
                        Stream.of(
                                        acts.actions().stream(),
                                        sets.stream().filter(s -> !isOfDrawer(s)),
                                        opensThere.stream().map(TrailAction.OpenThere::new))
                                .<TrailAction>flatMap(s -> s)
                                .toList(),
                        acts.motion());
            case RuleOutcome.NothingToDo nothing ->
                sets.isEmpty() ? nothing : new RuleOutcome.Acts(sets, Optional.empty());
            case RuleOutcome.Depends depends -> new RuleOutcome.Depends(sets);
            case RuleOutcome.Refused refused -> refused;
        };
    }

    private static RuleOutcome.Refused refused(Device device, Verb verb) {
        return new RuleOutcome.Refused(device.title() + " refuses to " + verb.phrase() + ".");
    }

    /** The drawer that is to be open where a move led, after one more effect on drawers. */
    private static Optional<String> moved(Optional<String> open, Effect.MoveDrawer effect) {
        boolean isOpen = open.equals(Optional.of(effect.drawer()));
        return switch (effect.how()) {
            case OPEN -> Optional.of(effect.drawer());
            case CLOSE -> isOpen ? Optional.empty() : open;
            case TOGGLE -> isOpen ? Optional.empty() : Optional.of(effect.drawer());
        };
    }

    /**
     * Whether a drawer opens at a place that something led to.
     *
     * @param around the tab sets around it
     */
    public boolean opensAt(Device device, String screen, List<EnclosingTab> around, String drawer) {
        return DrawerRules.attached(prototype, device, screen, around).stream()
                .anyMatch(d -> d.id().equals(drawer) && !d.staysAt(device.width()));
    }

    private static boolean isOfDrawer(TrailAction action) {
        return action instanceof TrailAction.OpenDrawer || action instanceof TrailAction.CloseDrawer;
    }

    /** The value a fact holds after a change; empty when it cannot hold that. */
    private Optional<Value> changed(Fact fact, Known known, Effect.Change change) {
        Value now = known.facts().of(prototype, fact.id());
        return switch (change) {
            case Effect.Change.Set set -> fact.taking(known.value(prototype, set.to()));
            case Effect.Change.Toggle t ->
                now instanceof Value.YesNo y ? Optional.of(new Value.YesNo(!y.yes())) : Optional.empty();
            case Effect.Change.By by ->
                now instanceof Value.Number n
                        ? Optional.of(fact.within(new Value.Number(
                                Math.clamp((long) n.of() + by.n(), Integer.MIN_VALUE, Integer.MAX_VALUE))))
                        : Optional.empty();
            case Effect.Change.Unset u -> Optional.of(fact.unset());
        };
    }

    /** The device's own back. */
    public RuleOutcome deviceBack(Head head) {
        if (!head.device().goesBack()) {
            return new RuleOutcome.Refused(head.device().title() + " has no back of its own.");
        }
        if (head.drawer().isPresent()) {
            return RuleOutcome.back(new TrailAction.CloseDrawer());
        }
        Optional<AtPage> page = turnedBack(head);
        if (page.isPresent()) {
            return turn(head, new PageTurn.Previous());
        }
        Optional<RuleOutcome> tab = Strips.back(
                prototype, head.known().facts(), head.around(), prototype.usualMotion(Verb.SWITCH_TAB), List.of());
        if (tab.isPresent()) {
            return tab.get();
        }
        if (!head.first()) {
            return RuleOutcome.back(new TrailAction.Drop());
        }
        return head.level().base() ? RuleOutcome.back(new TrailAction.Leave()) : closing(head, Closer.DEVICE_BACK);
    }

    /** The page of the current sequence that device back leaves for the one before. */
    Optional<AtPage> turnedBack(Head head) {
        return head.at()
                .filter(at -> at.page() > 1
                        && prototype
                                .sequence(at.sequence())
                                .map(Sequence::backs)
                                .orElse(false));
    }

    /** A page turned by a swipe, or by what is laid over it; next on the last page is {@linkplain #finish not this}. */
    public RuleOutcome turn(Head head, PageTurn turn) {
        if (head.device().refuses(Cannot.TURN_PAGE)) {
            return refused(head.device(), Verb.TURN_PAGE);
        }
        return head.at()
                .map(at -> PageTurns.turn(prototype, at, turn, prototype.usualMotion(Verb.TURN_PAGE), List.of()))
                .orElseGet(() -> new RuleOutcome.NothingToDo("No sequence is the current place."));
    }

    /** The link that finishes the sequence, where that is what a turn comes to. */
    public Optional<Link> finish(Head head, PageTurn turn) {
        return head.at().flatMap(at -> PageTurns.finish(prototype, at, turn));
    }

    /** The turn that a swipe is, where no link answers it. */
    public Optional<PageTurn> swiped(Head head, Gesture gesture) {
        return PageTurns.swiped(prototype, head, gesture);
    }

    /** The turns by signs and words laid over the current page. */
    public List<PageTurn> laid(Head head) {
        Optional<AtPage> at = head.at();
        Optional<Sequence> sequence = at.flatMap(a -> prototype.sequence(a.sequence()));
        List<PageTurn> turns = new ArrayList<>();
        if (sequence.isPresent()) {
            turns.addAll(List.of(new PageTurn.Previous(), new PageTurn.Next()));
            for (int page = 1; page <= sequence.get().pages().size(); page++) {
                turns.add(new PageTurn.To(page));
            }
            turns.removeIf(t -> !PageTurns.isLaid(sequence.get(), at.get(), t));
        }
        return turns;
    }

    /** The tab sets whose strips are laid over the current place, the outermost first. */
    public List<TabSet> strips(Head head) {
        return Strips.shown(prototype, head.around(), head.screen()).stream()
                .filter(s -> s.strip().edge() != TabSet.Edge.DRAWN)
                .toList();
    }

    /** The tab sets whose buttons float over the current place, the outermost first. */
    public List<TabSet> buttons(Head head) {
        return head.drawer().isPresent() || head.device().refuses(Cannot.FLOATING_BUTTONS)
                ? List.of()
                : Strips.shown(prototype, head.around(), head.screen()).stream()
                        .filter(s ->
                                s.buttonOn(prototype.widths().of(head.width())).isPresent())
                        .toList();
    }

    /**
     * A tab chosen on a strip that shows, or swiped to.
     *
     * @param tab its id
     */
    public RuleOutcome tab(Head head, String tab) {
        if (head.device().refuses(Cannot.SWITCH_TAB)) {
            return refused(head.device(), Verb.SWITCH_TAB);
        }
        return Strips.shown(prototype, head.around(), head.screen()).stream()
                        .anyMatch(s -> s.tab(tab).isPresent())
                ? Strips.tab(
                        prototype,
                        head.known().facts(),
                        head.around(),
                        Strips.having(prototype, head.around(), tab).orElseThrow(),
                        tab,
                        false,
                        prototype.usualMotion(Verb.SWITCH_TAB),
                        List.of())
                : new RuleOutcome.NothingToDo("No strip with that tab shows here.");
    }

    /**
     * Whether a tab is the active one at its root, so that choosing it scrolls to the top.
     *
     * @param tab its id
     */
    public boolean isAtRootOf(Head head, String tab) {
        return head.around().stream().anyMatch(a -> a.tab().equals(tab))
                && Strips.having(prototype, head.around(), tab)
                        .filter(of -> Strips.tab(
                                        prototype,
                                        head.known().facts(),
                                        head.around(),
                                        of,
                                        tab,
                                        false,
                                        Motion.NONE,
                                        List.of())
                                instanceof RuleOutcome.NothingToDo)
                        .isPresent();
    }

    /**
     * The tab that a swipe shows, where no link and no page answers it; one within is empty where there is none beside.
     */
    @SuppressWarnings("OptionalMapToOptional")
    public Optional<Optional<String>> swipedTab(Head head, Gesture gesture) {
        return Strips.swiped(prototype, head.around(), head.screen(), gesture).map(Strips.Swiped::tab);
    }

    /** The link for skipping, where a word for it is laid over the current page. */
    public Optional<Link> skip(Head head) {
        return head.at().flatMap(at -> PageTurns.skip(prototype, at));
    }

    /** The drawers whose items can be chosen: the open one, else those that are always there. */
    public List<Drawer> drawers(Head head) {
        return DrawerRules.shown(prototype, head);
    }

    /** The drawer that a swipe from the edge opens, where no link, page or tab answers it. */
    public Optional<Drawer> pulled(Head head, Gesture gesture) {
        return DrawerRules.pulled(prototype, head, gesture);
    }

    /** A tap beside an overlay or an open drawer. */
    public RuleOutcome outside(Head head) {
        Optional<Drawer> open = head.drawer().flatMap(prototype::drawer);
        if (open.isPresent()) {
            return open.get().outside()
                    ? RuleOutcome.back(new TrailAction.CloseDrawer())
                    : new RuleOutcome.NothingToDo("This drawer is not closed by a tap beside it.");
        }
        return closing(head, Closer.OUTSIDE);
    }

    /** A sheet or drawer swiped off. */
    public RuleOutcome away(Head head) {
        if (!head.device().swipes()) {
            return new RuleOutcome.Refused(head.device().title() + " has no swipes.");
        }
        return head.drawer().isPresent() ? RuleOutcome.back(new TrailAction.CloseDrawer()) : closing(head, Closer.AWAY);
    }

    private static RuleOutcome closing(Head head, Closer closer) {
        if (head.level().base()) {
            return new RuleOutcome.NothingToDo("Nothing is open above.");
        }
        boolean nothingBeside = closer == Closer.OUTSIDE && head.level().form() == Form.PAGE;
        return head.level().closers().contains(closer) && !nothingBeside
                ? RuleOutcome.back(new TrailAction.CloseLevel())
                : new RuleOutcome.NothingToDo("This " + head.level().word() + " is not closed by "
                        + (closer == Closer.OUTSIDE
                                ? "a tap beside it."
                                : closer == Closer.AWAY ? "a swipe." : "the device’s back."));
    }
}
