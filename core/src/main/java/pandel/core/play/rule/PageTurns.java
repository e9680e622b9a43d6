package pandel.core.play.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Where;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;

/** What turning the pages of a sequence comes to. */
public final class PageTurns {

    private PageTurns() {}

    /** The number of the page a turn leads to; it may be no page. */
    private static int number(AtPage at, PageTurn turn) {
        return switch (turn) {
            case PageTurn.Next n -> at.page() + 1;
            case PageTurn.Previous p -> at.page() - 1;
            case PageTurn.To to -> to.number();
        };
    }

    /**
     * Another page of a sequence.
     *
     * @param motion towards a later page; to an earlier one it goes the other way
     * @param before what is done first
     */
    static RuleOutcome turn(Prototype prototype, AtPage at, PageTurn turn, Motion motion, List<TrailAction> before) {
        Optional<Sequence> found = prototype.sequence(at.sequence());
        if (found.isEmpty()) {
            return new RuleOutcome.Refused("The sequence “" + at.sequence() + "” is not there.");
        }
        Sequence sequence = found.get();
        int number = number(at, turn);
        if (turn instanceof PageTurn.To && number > sequence.pages().size()) {
            return new RuleOutcome.Refused("“" + sequence.shownTitle() + "” has no page " + number + "; it has "
                    + sequence.pages().size() + ".");
        }
        if (number < 1 || number > sequence.pages().size() || number == at.page()) {
            return new RuleOutcome.NothingToDo(
                    number == at.page()
                            ? "This is page " + number + " already."
                            : number < 1
                                    ? "This is the first page."
                                    : "This is the last page, and nothing is said about what follows.");
        }
        Optional<Screen> screen = prototype.screen(sequence.pages().get(number - 1));
        if (screen.isEmpty()) {
            return new RuleOutcome.Refused("The screen “" + sequence.pages().get(number - 1) + "”, page " + number
                    + " of “" + sequence.shownTitle() + "”, is not there.");
        }
        // PageTurns have one form, wherever they are shown.
        Optional<Form> form =
                prototype.screen(sequence.pages().get(at.page() - 1)).map(Screen::form);
        if (form.isPresent() && screen.get().form() != form.get()) {
            return new RuleOutcome.Refused("“" + screen.get().shownTitle() + "” is a "
                    + screen.get().form().word() + ", and the page it would follow is a "
                    + form.get().word() + ".");
        }
        CarriedValues giving = CarriedValues.of(prototype, screen.get(), at.offered());
        Motion going = number < at.page() ? motion.towards(motion.direction().opposite()) : motion;
        return giving.missing()
                .<RuleOutcome>map(r -> r)
                .orElseGet(() -> new RuleOutcome.Acts(
                        Stream.concat(
                                        before.stream(),
                                        Stream.of(new TrailAction.Turn(new Landing(
                                                screen.get(),
                                                giving.values(),
                                                Optional.of(at.turnedTo(number)),
                                                List.of(),
                                                false))))
                                .toList(),
                        Optional.of(going)));
    }

    /**
     * Where the sequence stands whose page a branch done at a head turns: that of the place itself, else of the pages
     * beneath.
     */
    static Optional<AtPage> turnedBy(Head head, Optional<Where> where) {
        Optional<AtPage> here = where.equals(Optional.of(Where.BENEATH)) ? Optional.empty() : head.at();
        return here.isPresent()
                        || where.equals(Optional.of(Where.HERE))
                        || head.level().base()
                        || head.level().holdsPages() && where.isEmpty()
                ? here
                : head.back().ground().flatMap(StackQuery.Ground::at);
    }

    /** What next does on the last page of a sequence. */
    static Optional<Link> finish(Prototype prototype, AtPage at, PageTurn turn) {
        return turn instanceof PageTurn.Next
                ? prototype
                        .sequence(at.sequence())
                        .filter(s -> at.page() == s.pages().size())
                        .flatMap(Sequence::finish)
                : Optional.empty();
    }

    /** The branch with the effects of finishing in place of its turn, where that is what the turn comes to. */
    static Branch finishing(Prototype prototype, Head head, Branch branch) {
        Optional<Branch> finish = branch.move()
                .filter(Effect.TurnPage.class::isInstance)
                .flatMap(m -> turnedBy(head, branch.where())
                        .flatMap(at -> finish(prototype, at, ((Effect.TurnPage) m).turn())))
                .flatMap(l -> l.branches().stream().findFirst());
        if (finish.isEmpty()) {
            return branch;
        }
        List<Effect> effects = new ArrayList<>();
        branch.effects().forEach(e -> {
            if (e instanceof Effect.TurnPage) {
                effects.addAll(finish.get().effects());
            } else {
                effects.add(e);
            }
        });
        return branch.withEffects(effects).withMotion(branch.motion().or(finish.get()::motion));
    }

    /** The turn that a swipe is, where the sequence that is the current place is swiped. */
    public static Optional<PageTurn> swiped(Prototype prototype, Head head, Gesture gesture) {
        boolean swipes = head.at()
                .flatMap(at -> prototype.sequence(at.sequence()))
                .map(Sequence::swipes)
                .orElse(false);
        return !swipes
                ? Optional.empty()
                : gesture == Gesture.SWIPE_LEFT
                        ? Optional.of(new PageTurn.Next())
                        : gesture == Gesture.SWIPE_RIGHT ? Optional.of(new PageTurn.Previous()) : Optional.empty();
    }

    /** Whether a sign or word to turn by is laid over the page. */
    public static boolean isLaid(Sequence sequence, AtPage at, PageTurn turn) {
        return switch (turn) {
            case PageTurn.Next n ->
                !sequence.laid().onward(at.page() == sequence.pages().size()).isEmpty();
            case PageTurn.Previous p -> !sequence.laid().previous().isEmpty() && at.page() > 1;
            case PageTurn.To to ->
                sequence.laid().dots() && to.number() <= sequence.pages().size();
        };
    }

    /** What skipping does there, where a word for it is laid over the page. */
    public static Optional<Link> skip(Prototype prototype, AtPage at) {
        return prototype
                .sequence(at.sequence())
                .filter(s -> !s.laid().skip().isEmpty() && at.page() < s.pages().size())
                .flatMap(Sequence::skip);
    }
}
