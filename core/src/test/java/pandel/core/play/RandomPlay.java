package pandel.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Event;
import pandel.core.play.situation.Situation;

/** Made-up prototypes, and events played in them, by a seed. */
final class RandomPlay {

    static final int STEPS = 60;

    private RandomPlay() {}

    static Prototype made(long seed, int size, boolean nasty) {
        return Generated.of(size, seed, nasty ? Kind.NASTY : Kind.USUAL, Math.floorMod(seed, 4));
    }

    /** A walk of events that may or may not do something: those that are possible, and some that are not. */
    static List<Event> walk(Prototype prototype, long seed) {
        Random random = new Random(seed);
        List<Event> events = new ArrayList<>();
        Step step = new Step(prototype);
        Optional<Situation> start = prototype
                .mainEntry()
                .flatMap(e -> Situation.at(prototype, e, prototype.devices().getFirst()));
        if (start.isEmpty()) {
            return events;
        }
        Situation now = start.get();
        for (int i = 0; i < STEPS && !now.left(); i++) {
            List<Event> possible = Possible.events(prototype, now);
            Event event = switch (random.nextInt(possible.isEmpty() ? 5 : 12)) {
                case 0 ->
                    new Event.Touched(
                            Gesture.values()[random.nextInt(Gesture.values().length - 1)],
                            new Event.On.Point(random.nextInt(390), random.nextInt(844)));
                case 1 -> new Event.Elapse(random.nextInt(7000));
                case 2 ->
                    new Event.Typed(
                            "s" + random.nextInt(9) + "-h" + random.nextInt(5), random.nextBoolean() ? "drill" : "");
                case 3 -> Event.tap("nosuch").turning("saved");
                case 4 ->
                    random.nextBoolean()
                            ? new Event.Scroll(random.nextInt(100))
                            : new Event.Resize(300 + random.nextInt(900), 700);
                default -> possible.get(random.nextInt(possible.size()));
            };
            events.add(event);
            now = step.step(now, event).situation();
        }
        return events;
    }

    interface Look {
        void at(Situation before, Event event, Stepped stepped);
    }

    static Optional<Situation> each(Prototype prototype, List<Event> events, Look look) {
        Step step = new Step(prototype);
        Optional<Situation> start = prototype
                .mainEntry()
                .flatMap(e -> Situation.at(prototype, e, prototype.devices().getFirst()));
        if (start.isEmpty()) {
            return start;
        }
        Situation now = start.get();
        for (Event event : events) {
            Stepped stepped = step.step(now, event);
            look.at(now, event, stepped);
            now = stepped.situation();
        }
        return Optional.of(now);
    }
}
