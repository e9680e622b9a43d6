package pandel.core.check.turn;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Screen;
import pandel.core.play.rule.RuleOutcome;

/**
 * The waits of a cell's screen. Plain ones fall due by length, then file order. One for an untouched screen is put off
 * by whatever the person does, by scrolling here; work is done at any moment.
 *
 * <p>How much of its waits is spent is one number: the plain ones that were due in its lowest bits, one bit for each of
 * the others above. Where one for an untouched screen was spent, how long the screen has been current is not known any
 * more; where one of several plain ones began again, neither is which of them are spent, nor in what order they fall
 * due. What hangs on that is doubtful.
 */
public final class WaitTurns {

    private static final int PLAIN_BITS = 10;
    private static final int PLAIN = (1 << PLAIN_BITS) - 1;
    /** In the place of how many plain ones were due: any of them may be. */
    private static final int ANY = PLAIN;

    private static final int OTHERS = 20;
    private static final int MOST_EVENTS = 200;

    private final LinkTurns turns;
    private final Done done;
    private final Cell cell;
    private final List<Link> plain;
    private final List<Link> untouched;
    private final List<Link> work;
    private final List<Link> file;
    /** ms since the screen became current; not known where a wait for an untouched screen was spent. */
    private final OptionalInt now;

    private WaitTurns(LinkTurns turns, Done done, Cell cell, Screen screen) {
        this.turns = turns;
        this.done = done;
        this.cell = cell;
        this.file = screen.links();
        this.plain = file.stream()
                .filter(l -> l.cause() instanceof Cause.Wait)
                .sorted(Comparator.comparingInt(WaitTurns::ms))
                .limit(ANY - 1)
                .toList();
        this.untouched = file.stream()
                .filter(l -> l.cause() instanceof Cause.Untouched)
                .limit(OTHERS / 2)
                .toList();
        this.work = file.stream()
                .filter(l -> l.cause() instanceof Cause.Work)
                .limit(OTHERS / 2)
                .toList();
        boolean known = untouched.stream().allMatch(this::isUnspent);
        this.now =
                !known || isAny() ? OptionalInt.empty() : OptionalInt.of(next() == 0 ? 0 : ms(plain.get(next() - 1)));
    }

    /**
     * What of the waits of a screen is spent when one of them begins again: of several plain ones the others run on.
     *
     * @param link id of the link that waits
     */
    static int again(Screen screen, int waited, String link) {
        List<Link> plain = screen.links().stream()
                .filter(l -> l.cause() instanceof Cause.Wait)
                .toList();
        if (plain.stream().anyMatch(l -> l.id().equals(link))) {
            return plain.size() == 1 ? waited & ~PLAIN : waited | ANY;
        }
        List<String> work = screen.links().stream()
                .filter(l -> l.cause() instanceof Cause.Work)
                .limit(OTHERS / 2)
                .map(Link::id)
                .toList();
        int at = work.indexOf(link);
        return at < 0 ? waited : waited & ~(1 << (PLAIN_BITS + OTHERS / 2 + at));
    }

    static void add(LinkTurns turns, Done done, Cell cell, Screen screen) {
        if (screen.links().isEmpty()) {
            return;
        }
        WaitTurns waits = new WaitTurns(turns, done, cell, screen);
        waits.work.stream()
                .filter(waits::isUnspent)
                .forEach(link -> waits.due(link, List.of(), new Event.Done(link.id())));
        waits.untouched.stream().filter(waits::isUnspent).forEach(waits::untouched);
        waits.plain();
    }

    /** ms of a wait. */
    static int ms(Link link) {
        return switch (link.cause()) {
            case Cause.Wait wait -> wait.ms();
            case Cause.Untouched u -> u.ms();
            default -> throw new IllegalArgumentException("No wait of a length: " + link);
        };
    }

    private boolean isAny() {
        return next() == ANY;
    }

    private int next() {
        return cell.waited() & PLAIN;
    }

    private int bit(Link link) {
        int at = untouched.indexOf(link);
        return 1 << (PLAIN_BITS + (at >= 0 ? at : OTHERS / 2 + work.indexOf(link)));
    }

    private boolean isUnspent(Link link) {
        return (cell.waited() & bit(link)) == 0;
    }

    private Cell spent(Link link) {
        return cell.staying(cell.facts(), cell.waited() | bit(link));
    }

    private boolean comesFirst(Link a, Link b) {
        return ms(a) < ms(b) || ms(a) == ms(b) && file.indexOf(a) < file.indexOf(b);
    }

    /** A wait for an untouched screen, when nobody does anything from now on. */
    private void untouched(Link link) {
        if (isAny()) {
            doubt(spent(link), link);
            return;
        }
        List<Link> sooner = untouched.stream()
                .filter(u -> isUnspent(u) && comesFirst(u, link))
                .sorted(Comparator.comparingInt(WaitTurns::ms))
                .toList();
        List<Event> until = new ArrayList<>(begunAnew());
        int passed = 0;
        for (Link one : sooner) {
            Done before = new Done();
            List<RuleOutcome> rulings = turns.add(before, spent(one), List.of(), new Event.Elapse(1), one);
            if (!before.sure().isEmpty() && rulings.stream().allMatch(RuleOutcome.Acts.class::isInstance)) {
                // That one always comes before; where it leaves the screen current, this one is looked at there.
                return;
            }
            if (!rulings.isEmpty() && rulings.stream().noneMatch(LinkTurns::comesToNothing)) {
                doubt(spent(link), link);
                return;
            }
            until.add(named(new Event.Elapse(ms(one) - passed), one));
            passed = ms(one);
        }
        Event last = new Event.Elapse(ms(link) - passed);
        if (next() >= plain.size()) {
            due(link, until, last);
            return;
        }
        Link then = plain.get(next());
        boolean before = now.isPresent()
                && (ms(link) < ms(then) - now.getAsInt()
                        || ms(link) == ms(then) - now.getAsInt() && file.indexOf(link) < file.indexOf(then));
        if (before) {
            due(link, until, last);
        } else if (ms(link) <= ms(then)) {
            doubt(spent(link), link);
        }
    }

    /** What a wait for an untouched screen, or for work, comes to; it is spent even where it does nothing. */
    private void due(Link link, List<Event> until, Event last) {
        List<RuleOutcome> rulings = turns.add(done, spent(link), until, last, link);
        if (spendsToo(link, rulings)) {
            List<Event> events = new ArrayList<>(until);
            events.add(named(last, link));
            done.sure().add(turns.spending(spent(link), events));
        } else if (rulings.stream().anyMatch(RuleOutcome.Depends.class::isInstance)) {
            // Where it finds nothing to return to it is spent all the same.
            List<Event> events = new ArrayList<>(until);
            events.add(last);
            done.doubtful().add(turns.spending(spent(link), events));
        }
    }

    /** Whether it makes a difference that a wait is spent without doing anything. */
    private boolean spendsToo(Link link, List<RuleOutcome> rulings) {
        long idle = rulings.stream().filter(LinkTurns::comesToNothing).count();
        return idle > 0 && idle < rulings.size() || idle == rulings.size() && turns.asks(link);
    }

    /** Nothing, where the screen has just become current; else a scroll, after which it has just been touched. */
    private List<Event> begunAnew() {
        return cell.waited() == 0 ? List.of() : List.of(new Event.Scroll(0));
    }

    /** The event with the outcome that does nothing, where a link has several. */
    private Event named(Event event, Link link) {
        return turns.idle(cell, link).map(event::turning).orElse(event);
    }

    private void doubt(Cell then, Link link) {
        Done perhaps = new Done();
        turns.add(perhaps, then, List.of(), new Event.Elapse(ms(link)), link);
        done.doubtful().addAll(perhaps.sure());
        done.doubtful().addAll(perhaps.doubtful());
        done.back().addAll(perhaps.back());
        if (!perhaps.sure().isEmpty()) {
            done.back().add(link.id());
        }
    }

    /** One after another, until one always does something. */
    private void plain() {
        if (isAny()) {
            plain.forEach(link -> doubt(cell, link));
            return;
        }
        List<Event> until = new ArrayList<>();
        int passed = next() == 0 ? 0 : ms(plain.get(next() - 1));
        boolean doubted = false;
        Set<Link> gone = new HashSet<>();
        for (int i = next(); i < plain.size(); i++) {
            Link link = plain.get(i);
            Cell then = cell.staying(cell.facts(), (cell.waited() & ~PLAIN) | (i + 1));
            Optional<List<Event>> idle = passing(ms(link) - passed, passed, i > next(), gone);
            doubted |= idle.isEmpty();
            idle.ifPresent(until::addAll);
            passed = ms(link);
            if (doubted) {
                doubt(then, link);
            }
            List<Event> before = until.isEmpty() ? List.of() : List.copyOf(until.subList(0, until.size() - 1));
            Event last = until.isEmpty() ? new Event.Elapse(passed) : until.getLast();
            List<RuleOutcome> rulings = turns.add(doubted ? new Done() : done, then, before, last, link);
            doubted |= rulings.stream().anyMatch(RuleOutcome.Depends.class::isInstance);
            if (!rulings.isEmpty() && rulings.stream().allMatch(RuleOutcome.Acts.class::isInstance)) {
                return;
            }
            if (!until.isEmpty()) {
                until.set(until.size() - 1, named(until.getLast(), link));
            }
            if (doubted && !rulings.isEmpty()) {
                done.doubtful().add(turns.spending(then, List.copyOf(until)));
            }
            if (spendsToo(link, rulings) && !doubted) {
                done.sure().add(turns.spending(then, List.copyOf(until)));
                return;
            }
        }
    }

    /**
     * Lets some ms pass. Time stops whenever a wait for an untouched screen is due: one that does nothing then is
     * passed, before one that does something the screen is scrolled. Empty where it cannot be told.
     *
     * @param passed ms that the screen has been current by then, where that is known
     * @param onward whether some of those were let pass by this before
     * @param gone those that were passed; more are added
     */
    private Optional<List<Event>> passing(int ms, int passed, boolean onward, Set<Link> gone) {
        List<Link> left = untouched.stream()
                .filter(this::isUnspent)
                .filter(u -> !gone.contains(u))
                .toList();
        List<Link> idle = left.stream()
                .filter(this::isIdle)
                .sorted(Comparator.comparingInt(WaitTurns::ms))
                .toList();
        OptionalInt shortest = left.stream()
                .filter(u -> !idle.contains(u))
                .mapToInt(WaitTurns::ms)
                .min();
        // Where nobody need touch anything, what passed before counts for them too.
        int before = shortest.isEmpty() && now.isPresent() ? passed : 0;
        if (shortest.isEmpty() && !idle.isEmpty() && now.isEmpty() || mayBeGone(idle, before)) {
            return Optional.empty();
        }
        List<Event> events = new ArrayList<>();
        if (shortest.isPresent() && (onward || cell.waited() != 0)) {
            events.add(new Event.Scroll(0));
        }
        int each = shortest.orElse(Integer.MAX_VALUE) - 1;
        int remaining = ms;
        boolean first = true;
        while (remaining > each) {
            if (each < 1 || now.isEmpty() || events.size() > MOST_EVENTS) {
                return Optional.empty();
            }
            gone.addAll(pass(events, each, first ? idle : List.of(), before));
            events.add(new Event.Scroll(0));
            remaining -= each;
            first = false;
        }
        gone.addAll(pass(events, remaining, first ? idle : List.of(), before));
        return Optional.of(events);
    }

    /**
     * Whether one of which the outcome has to be named may have been due on the way to this cell: the cell does not
     * know, and where it was no outcome is on offer any more.
     */
    private boolean mayBeGone(List<Link> idle, int before) {
        return cell.waited() != 0
                && idle.stream()
                        .anyMatch(u -> ms(u) > before && turns.idle(cell, u).isPresent());
    }

    /**
     * Lets ms pass, and stops at each wait that is due and does nothing.
     *
     * @param before ms that had passed untouched
     * @return those that were due
     */
    private List<Link> pass(List<Event> events, int ms, List<Link> idle, int before) {
        int passed = 0;
        List<Link> due = new ArrayList<>();
        for (Link one : idle) {
            int at = ms(one) - before;
            if (at > 0 && at <= ms) {
                events.add(named(new Event.Elapse(Math.max(1, at - passed)), one));
                passed = at;
                due.add(one);
            }
        }
        events.add(new Event.Elapse(Math.max(1, ms - passed)));
        return due;
    }

    /** Whether a wait for an untouched screen does nothing when it is due, whatever it is. */
    private boolean isIdle(Link link) {
        if (turns.asks(link)) {
            return false;
        }
        List<RuleOutcome> rulings = turns.add(new Done(), spent(link), List.of(), new Event.Elapse(1), link);
        return rulings.stream().noneMatch(r -> r instanceof RuleOutcome.Acts || r instanceof RuleOutcome.Depends);
    }
}
