package pandel.core.play.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
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
        BranchEffects effects = BranchEffects.of(prototype, head, branch.effects());
        if (effects.refused().isPresent()) {
            return effects.refused().get();
        }
        Optional<Effect> move = branch.move();
        if (move.isEmpty()) {
            return effects.alone();
        }
        Motion motion = branch.motion().orElseGet(() -> prototype.feel().usual(prototype, move.get()));
        return switch (new Moving(prototype, head, effects.atMove(), motion).of(move.get(), branch.where())) {
            case RuleOutcome.Acts acts -> effects.besides(acts);
            case RuleOutcome.NothingToDo nothing -> effects.orElse(nothing);
            case RuleOutcome.Depends depends -> new RuleOutcome.Depends(effects.sets());
            case RuleOutcome.Refused refused -> refused;
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
            return head.device().refuses(Cannot.TURN_PAGE)
                    ? BranchEffects.refused(head.device(), Verb.TURN_PAGE)
                    : PageTurns.turn(
                            prototype,
                            page.get(),
                            new PageTurn.Previous(),
                            prototype.usualMotion(Verb.TURN_PAGE),
                            List.of());
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

    /** With what choosing a tab or page does besides showing it. */
    private RuleOutcome chosen(Head head, RuleOutcome shown) {
        return shown instanceof RuleOutcome.Acts acts
                ? BranchEffects.of(prototype, head, List.of()).besides(acts)
                : shown;
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
            return BranchEffects.refused(head.device(), Verb.TURN_PAGE);
        }
        return head.at()
                .map(at -> chosen(
                        head, PageTurns.turn(prototype, at, turn, prototype.usualMotion(Verb.TURN_PAGE), List.of())))
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

    /** The header that lies over the current place. */
    public Optional<Header> header(Head head) {
        return HeaderRules.shown(prototype, head);
    }

    /** What can be tapped of that header: its left sign, where it is there, and its actions in order. */
    public List<Link> headerLinks(Head head) {
        List<Link> links = new ArrayList<>();
        Optional<Header> header = header(head);
        header.flatMap(h -> HeaderRules.left(this, head, h)).ifPresent(links::add);
        header.ifPresent(h -> h.actions().forEach(a -> links.add(a.link())));
        return links;
    }

    /**
     * A tab chosen on a strip that shows, or swiped to.
     *
     * @param tab its id
     */
    public RuleOutcome tab(Head head, String tab) {
        if (head.device().refuses(Cannot.SWITCH_TAB)) {
            return BranchEffects.refused(head.device(), Verb.SWITCH_TAB);
        }
        return Strips.shown(prototype, head.around(), head.screen()).stream()
                        .anyMatch(s -> s.tab(tab).isPresent())
                ? chosen(
                        head,
                        Strips.tab(
                                prototype,
                                head.known().facts(),
                                head.around(),
                                Strips.having(prototype, head.around(), tab).orElseThrow(),
                                tab,
                                false,
                                prototype.usualMotion(Verb.SWITCH_TAB),
                                List.of()))
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
