import java.util.ArrayList;
import java.util.List;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;

/**
 * What is done to a prototype on a phone, from its main entry, in words: a hotspot's words, "wait MS" or "back".
 *
 * @param after the situation after each event
 * @param end the last of them
 */
record Played(List<Event> events, List<Situation> after, Situation end) {

    static Played of(Prototype p, List<String> words) {
        Step step = new Step(p);
        Situation now = Situation.at(p, p.mainEntry().orElseThrow(), DevicesOfHollowLane.PHONE)
                .orElseThrow();
        List<Event> events = new ArrayList<>();
        List<Situation> after = new ArrayList<>();
        for (String word : words) {
            events.add(event(p, now, word));
            now = step.step(now, events.getLast()).situation();
            after.add(now);
        }
        return new Played(events, after, now);
    }

    private static Event event(Prototype p, Situation now, String word) {
        if (word.startsWith("wait ")) {
            return new Event.Elapse(Integer.parseInt(word.substring(5)));
        }
        return word.equals("back")
                ? new Event.DeviceBack()
                : Event.tap(p.index().hotspotsOn(now.screen()).stream()
                        .filter(h -> h.title().equals(word))
                        .findFirst()
                        .orElseThrow(() -> new IllegalArgumentException(word + " on " + now.screen()))
                        .id());
    }
}
