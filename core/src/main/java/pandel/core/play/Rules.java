package pandel.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.model.Branch;
import pandel.core.model.Closer;
import pandel.core.model.Effect;
import pandel.core.model.Fact;
import pandel.core.model.Facts;
import pandel.core.model.Form;
import pandel.core.model.Link;
import pandel.core.model.Motion;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.core.model.Target;
import pandel.core.model.Value;

/** What each thing a person or a link does comes to, by head alone. Step and the checks know nothing but these. */
public final class Rules {

    private final Prototype prototype;

    public Rules(Prototype prototype) {
        this.prototype = prototype;
    }

    /**
     * How a link can turn out at a head: the first branch that holds, when it names no outcome; else all that hold and name
     * one, up to the first that holds and names none.
     */
    public Offer offer(Head head, Link link) {
        List<Branch> open = new ArrayList<>();
        for (Branch branch : link.branches()) {
            if (!branch.holds(prototype, head.facts())) {
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
        return open.isEmpty() ? new Offer.Nothing(link.branches().isEmpty() ? "This link does nothing yet." : "None of its conditions holds now.")
                : open.size() == 1 ? new Offer.One(open.getFirst()) : new Offer.Several(open);
    }

    /** What a branch does at a head, whole or not at all. */
    public Ruling branch(Head head, Branch branch) {
        if (branch.effects().isEmpty()) {
            return new Ruling.NothingToDo("This link does nothing yet.");
        }
        List<TrailAction> sets = new ArrayList<>();
        Facts facts = head.facts();
        for (Effect effect : branch.effects()) {
            switch (effect) {
                case Effect.Notice notice -> sets.add(new TrailAction.Tell(notice.words(), notice.ms()));
                case Effect.Leave leave -> sets.add(new TrailAction.LeaveTo(leave.address()));
                default -> { }
            }
        }
        for (Effect.Remember remember : branch.remembers()) {
            Optional<Fact> fact = prototype.fact(remember.fact());
            if (fact.isEmpty()) {
                return new Ruling.Refused("The fact “" + remember.fact() + "” that it remembers is not there.");
            }
            Optional<Value> value = changed(fact.get(), facts.of(prototype, remember.fact()), remember.change());
            if (value.isEmpty()) {
                return new Ruling.Refused("“" + fact.get().title() + "” cannot hold that: it is " + fact.get().kind().word() + ".");
            }
            facts = facts.with(fact.get(), value.get());
            sets.add(new TrailAction.Set(fact.get(), value.get()));
        }
        Optional<Effect> move = branch.move();
        if (move.isEmpty()) {
            return new Ruling.Acts(sets, Optional.empty());
        }
        Motion motion = branch.motion().orElseGet(() -> prototype.usualMotion(move.get().verb()));
        return switch (move(head, move.get(), motion)) {
            case Ruling.Acts acts -> new Ruling.Acts(Stream.concat(acts.actions().stream(), sets.stream()).toList(), acts.motion());
            case Ruling.NothingToDo nothing -> sets.isEmpty() ? nothing : new Ruling.Acts(sets, Optional.empty());
            case Ruling.Depends depends -> new Ruling.Depends(depends.screen(), sets);
            case Ruling.Refused refused -> refused;
        };
    }

    /** The value a fact holds after a change; empty when it cannot hold that. */
    private static Optional<Value> changed(Fact fact, Value now, Effect.Change change) {
        return switch (change) {
            case Effect.Change.Set set -> fact.takes(set.to()) ? Optional.of(fact.within(set.to())) : Optional.empty();
            case Effect.Change.Toggle t -> now instanceof Value.YesNo y ? Optional.of(new Value.YesNo(!y.yes())) : Optional.empty();
            case Effect.Change.By by -> now instanceof Value.Number n
                    ? Optional.of(fact.within(new Value.Number((int) Math.clamp((long) n.of() + by.n(), Integer.MIN_VALUE, Integer.MAX_VALUE)))) : Optional.empty();
            case Effect.Change.Unset u -> Optional.of(fact.unset());
        };
    }

    private Ruling move(Head head, Effect effect, Motion motion) {
        return switch (effect) {
            case Effect.Advance advance -> goOn(head, advance.to(), motion, TrailAction.Put::new);
            case Effect.Replace replace -> goOn(head, replace.with(), motion, TrailAction.Swap::new);
            case Effect.Restart restart -> restart(restart.at(), motion);
            case Effect.OpenAbove open -> prototype.screen(open.screen().id())
                    .<Ruling>map(screen -> head.device().levels() > 0 && head.levels() >= head.device().levels()
                            ? new Ruling.Refused(head.device().title() + " shows " + (head.device().levels() == 1 ? "nothing" : "no more than " + head.device().levels())
                                    + " above one another.")
                            : new Ruling.Acts(List.of(new TrailAction.Raise(screen)), Optional.of(motion)))
                    .orElseGet(() -> missing(open.screen()));
            case Effect.Return back -> goBack(head);
            case Effect.ReturnTo back -> returnTo(head, back.to());
            case Effect.Close close -> head.level().base()
                    ? new Ruling.NothingToDo("Nothing is open above, so there is nothing to close.")
                    : Ruling.back(new TrailAction.CloseLevel());
            case Effect.Remember r -> throw new IllegalArgumentException("To remember is no move");
            case Effect.Notice n -> throw new IllegalArgumentException("A notice is no move");
            case Effect.Leave l -> throw new IllegalArgumentException("To leave to an address is no move");
        };
    }

    private interface ToAction {
        TrailAction of(Screen screen);
    }

    /** Advance and replace: a page goes on a level that holds pages, any other form stays on a level of its own form. */
    private Ruling goOn(Head head, Target target, Motion motion, ToAction action) {
        Optional<Screen> found = prototype.screen(target.id());
        if (found.isEmpty()) {
            return missing(target);
        }
        Screen screen = found.get();
        if (screen.form() == Form.PAGE && !head.level().holdsPages()) {
            return new Ruling.Acts(List.of(new TrailAction.CloseToPages(), action.of(screen)), Optional.of(motion));
        }
        if (screen.form() != head.level().form()) {
            return new Ruling.Refused("“" + screen.shownTitle() + "” is a " + screen.form().word()
                    + " and can only be opened above from here.");
        }
        return new Ruling.Acts(List.of(action.of(screen)), Optional.of(motion));
    }

    private Ruling restart(Target target, Motion motion) {
        Optional<Screen> found = prototype.screen(target.id());
        if (found.isEmpty()) {
            return missing(target);
        }
        return found.get().form() == Form.PAGE ? new Ruling.Acts(List.of(new TrailAction.Restart(found.get())), Optional.of(motion))
                : new Ruling.Refused("“" + found.get().shownTitle() + "” is a " + found.get().form().word()
                        + ", and only a page can be restarted at.");
    }

    /**
     * Along the level's own trail; else, from a dialog, sheet or panel, on the level that holds pages beneath it, whose
     * current place counts there, since it lies beneath.
     */
    private Ruling returnTo(Head head, Target target) {
        Optional<Screen> found = prototype.screen(target.id());
        if (found.isEmpty()) {
            return missing(target);
        }
        String id = target.id();
        Lookback.Found here = head.back().behind(id);
        if (here == Lookback.Found.THERE) {
            return Ruling.back(new TrailAction.DropTo(id));
        }
        Ruling absent = new Ruling.NothingToDo("“" + found.get().shownTitle() + "” does not lie behind.");
        if (here == Lookback.Found.UNKNOWN) {
            return new Ruling.Depends(id);
        }
        if (head.level().holdsPages()) {
            return absent;
        }
        return switch (head.back().onGround(id)) {
            case THERE -> Ruling.back(new TrailAction.CloseToPages());
            case UNKNOWN -> new Ruling.Depends(id);
            case ABSENT -> switch (head.back().behindGround(id)) {
                case THERE -> new Ruling.Acts(List.of(new TrailAction.CloseToPages(), new TrailAction.DropTo(id)), Optional.empty());
                case UNKNOWN -> new Ruling.Depends(id);
                case ABSENT -> absent;
            };
        };
    }

    private static Ruling goBack(Head head) {
        if (!head.first()) {
            return Ruling.back(new TrailAction.Drop());
        }
        return head.level().base() ? new Ruling.NothingToDo("There is nothing to return to.")
                : Ruling.back(new TrailAction.CloseLevel());
    }

    private static Ruling missing(Target target) {
        return new Ruling.Refused("The screen “" + target.id() + "” that it leads to is not there.");
    }

    /** The device's own back. */
    public Ruling deviceBack(Head head) {
        if (!head.device().goesBack()) {
            return new Ruling.Refused(head.device().title() + " has no back of its own.");
        }
        if (!head.first()) {
            return Ruling.back(new TrailAction.Drop());
        }
        return head.level().base() ? Ruling.back(new TrailAction.Leave()) : closing(head, Closer.DEVICE_BACK);
    }

    /** A tap beside an overlay. */
    public Ruling outside(Head head) {
        return closing(head, Closer.OUTSIDE);
    }

    /** A sheet swiped off. */
    public Ruling away(Head head) {
        if (!head.device().swipes()) {
            return new Ruling.Refused(head.device().title() + " has no swipes.");
        }
        return closing(head, Closer.AWAY);
    }

    private static Ruling closing(Head head, Closer closer) {
        if (head.level().base()) {
            return new Ruling.NothingToDo("Nothing is open above.");
        }
        boolean nothingBeside = closer == Closer.OUTSIDE && head.level().form() == Form.PAGE;
        return head.level().closers().contains(closer) && !nothingBeside ? Ruling.back(new TrailAction.CloseLevel())
                : new Ruling.NothingToDo("This " + head.level().word() + " is not closed by "
                        + (closer == Closer.OUTSIDE ? "a tap beside it." : closer == Closer.AWAY ? "a swipe."
                        : "the device’s back."));
    }
}
