package pandel.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Event;
import pandel.core.model.remark.Remark;
import pandel.core.model.start.Start;
import pandel.core.play.situation.Situation;

/**
 * Everything that happened in one play, and where it stands. Wound back and gone on from there, what came later is
 * gone.
 *
 * @param entry where it began: an entry or a start point
 * @param ticks the first is the start; never empty
 * @param at which tick is shown
 * @param now the situation, with the time that has passed since that tick
 * @param passed ms since that tick
 */
public record Tape(Start entry, List<Tick> ticks, int at, Situation now, int passed) {

    /**
     * One thing that happened.
     *
     * @param events what was done, time that passed before it first; empty for the start
     * @param what empty for the start
     */
    public record Tick(List<Event> events, Situation after, Optional<Happening> what) {}

    public Tape {
        ticks = List.copyOf(ticks);
    }

    /** A play that begins at an entry; empty when it leads to no page. */
    public static Optional<Tape> from(Prototype prototype, Start entry, Device device) {
        return Situation.at(prototype, entry, device)
                .map(s -> new Tape(entry, List.of(new Tick(List.of(), s, Optional.empty())), 0, s, 0));
    }

    /** The play that some events are; empty when it leads to no page. */
    public static Optional<Tape> of(Prototype prototype, Start entry, Device device, List<Event> events) {
        Step step = new Step(prototype);
        return from(prototype, entry, device).map(start -> {
            Tape tape = start;
            for (Event event : events) {
                tape = tape.then(step, event);
            }
            return tape;
        });
    }

    /**
     * The same after one event more. Time that passes without anything due makes no tick, scrolling on makes one in
     * all, and so do typing on in a field and changing the device's size.
     */
    public Tape then(Step step, Event event) {
        return then(event, step.step(now, event));
    }

    /** The same, with what the event came to where the tape stands now. */
    public Tape then(Event event, Stepped stepped) {
        if (stepped.happening() instanceof Happening.Passed time) {
            return new Tape(entry, ticks, at, stepped.situation(), passed + time.ms());
        }
        boolean time = event.plain() instanceof Event.Elapse;
        if (stepped.happening() instanceof Happening.Asks) {
            // Nothing has happened yet but the time until then.
            return new Tape(
                    entry,
                    ticks,
                    at,
                    stepped.situation(),
                    passed + (time ? now.untilDue().orElse(0) : 0));
        }
        List<Event> events = new ArrayList<>();
        if (passed > 0) {
            events.add(new Event.Elapse(passed));
        }
        Event due = time ? new Event.Elapse(now.untilDue().orElse(0)) : event;
        events.add(time ? event.outcome().map(due::turning).orElse(due) : due);
        boolean scrollsOn =
                event instanceof Event.Scroll && current().events().stream().anyMatch(Event.Scroll.class::isInstance)
                        || event instanceof Event.Typed t
                                && current().events().stream()
                                        .anyMatch(e -> e instanceof Event.Typed before
                                                && before.field().equals(t.field()))
                        || event instanceof Event.Resize
                                && current().events().stream().anyMatch(Event.Resize.class::isInstance);
        List<Tick> kept = new ArrayList<>(ticks.subList(0, scrollsOn ? at : at + 1));
        kept.add(new Tick(List.copyOf(events), stepped.situation(), Optional.of(stepped.happening())));
        return new Tape(entry, kept, kept.size() - 1, stepped.situation(), 0);
    }

    /** The same, wound to a tick. */
    public Tape windTo(int tick) {
        int to = Math.clamp(tick, 0, ticks.size() - 1);
        return new Tape(entry, ticks, to, ticks.get(to).after(), 0);
    }

    /** What is shown now. */
    public Tick current() {
        return ticks.get(at);
    }

    /** What happened up to the tick shown, as legs of a journey. */
    public List<Journey.Leg> legs() {
        List<Journey.Leg> legs = new ArrayList<>();
        for (int i = 1; i <= at; i++) {
            List<Event> events = ticks.get(i).events();
            // Time that passed before something was done changed nothing that is shown.
            events.subList(0, events.size() - 1)
                    .forEach(e -> legs.add(new Journey.Leg(
                            e,
                            legs.isEmpty()
                                    ? ticks.getFirst().after().screen()
                                    : legs.getLast().shown())));
            legs.add(new Journey.Leg(events.getLast(), ticks.get(i).after().screen()));
        }
        return legs;
    }

    /** What led to the tick shown, for a remark; empty where more did than one keeps. */
    public Optional<Remark.Step> step() {
        List<Event> events = legs().stream().map(Journey.Leg::event).toList();
        return events.size() > Remark.MOST_EVENTS
                ? Optional.empty()
                : Optional.of(new Remark.Step(now.device().id(), entry.id(), events));
    }

    /** The same events with a changed prototype; empty when it no longer starts there. */
    public Optional<Tape> replayed(Prototype changed) {
        return replayed(changed, ticks.getFirst().after().device());
    }

    /**
     * The same events with a changed prototype or on another device, wound to the same of them; empty when it no longer
     * starts there.
     */
    public Optional<Tape> replayed(Prototype changed, Device device) {
        Step step = new Step(changed);
        // Another device has a size of its own.
        boolean other = !device.equals(ticks.getFirst().after().device());
        return from(changed, entry, device).map(start -> {
            Tape shown = start.thenAll(step, ticks.subList(1, at + 1), !other);
            return shown.thenAll(step, ticks.subList(at + 1, ticks.size()), !other)
                    .windTo(shown.at());
        });
    }

    private Tape thenAll(Step step, List<Tick> more, boolean sized) {
        Tape tape = this;
        for (Tick tick : more) {
            for (Event event : tick.events()) {
                tape = sized || !(event instanceof Event.Resize) ? tape.then(step, event) : tape;
            }
        }
        return tape;
    }
}
