package pandel.files.handon;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.StringWriter;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.play.Possible;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;
import pandel.files.json.EventJson;
import pandel.files.report.Told;

/**
 * What can be done from the entry on the first device, as a state chart (SCXML 1.0, W3C 2015): a state for each screen,
 * within it one for each situation that shows it, a transition for each event that changes the situation. The
 * situations are those that {@link Step} comes to, so that the chart can do nothing else.
 */
final class Scxml {

    /** So many situations at most are told; prototypes whose trails grow without end have no last one. */
    static final int MOST = 2_000;

    private static final String SPACE = "http://www.w3.org/2005/07/scxml";
    private static final String OWN = "urn:pandel:scxml";
    private static final String LEFT = "left";

    /** A situation's transitions: names of events and states. */
    private record State(String id, String screen, Map<String, String> transitions) {}

    private final Prototype prototype;
    private final Step step;
    private final Map<Situation, State> states = new LinkedHashMap<>();
    private final Deque<Situation> open = new ArrayDeque<>();
    private int cut;

    private Scxml(Prototype prototype) {
        this.prototype = prototype;
        this.step = new Step(prototype);
    }

    /** @param told what a plain state chart of it cannot carry, in sentences */
    static String of(Prototype prototype, Consumer<String> told) {
        Scxml made = new Scxml(prototype);
        Optional<Situation> start = prototype
                .mainEntry()
                .flatMap(e -> Situation.at(prototype, e, prototype.devices().getFirst()));
        start.ifPresent(made::follow);
        List<String> missing = made.missing(start);
        missing.forEach(told);
        return made.text(start, missing);
    }

    private List<String> missing(Optional<Situation> start) {
        List<String> missing = new ArrayList<>();
        if (start.isEmpty()) {
            missing.add("Play cannot begin at the entry, so that the chart is empty.");
        }
        if (cut > 0) {
            missing.add("Of the situations that can be come to the first " + MOST + " are told; " + cut
                    + (cut == 1 ? " transition leads" : " transitions lead") + " on to others and "
                    + (cut == 1 ? "is" : "are") + " left out.");
        }
        missing.add(
                "Not carried: what is typed, scrolled and resized, other devices, addresses and start points; waits are"
                        + " events named by their milliseconds, not timers.");
        return missing;
    }

    private void follow(Situation start) {
        state(start);
        while (!open.isEmpty()) {
            Situation now = open.poll();
            State state = Objects.requireNonNull(states.get(now));
            for (Event event : Possible.events(prototype, now)) {
                if (event.plain() instanceof Event.Typed) {
                    continue;
                }
                Situation next = step.step(now, event).situation();
                if (next.equals(now)) {
                    continue;
                }
                String to = state(next);
                if (to.isEmpty()) {
                    cut++;
                } else {
                    state.transitions().putIfAbsent(name(event), to);
                }
            }
        }
    }

    /** The state of a situation; empty where there is no room for one more. */
    private String state(Situation situation) {
        if (situation.left()) {
            return LEFT;
        }
        State known = states.get(situation);
        if (known != null) {
            return known.id();
        }
        if (states.size() == MOST) {
            return "";
        }
        State state = new State("s" + states.size(), situation.screen(), new LinkedHashMap<>());
        states.put(situation, state);
        open.add(situation);
        return state.id();
    }

    /**
     * An event by its fields in {@code docs/schema/events.schema.json}, with dots between: {@code tap.reserve-rrg},
     * {@code elapse.1800}, {@code deviceBack}.
     */
    static String name(Event event) {
        List<String> parts = new ArrayList<>();
        EventJson.event(event).properties().forEach(field -> {
            parts.add(token(field.getKey()));
            JsonNode value = field.getValue();
            if (value.isArray()) {
                value.forEach(v -> parts.add(token(v.asText())));
            } else if (!value.isBoolean()) {
                parts.add(token(value.asText()));
            }
        });
        return String.join(".", parts);
    }

    /** Letters that stand in names of events and states as they are; others by their code. */
    private static String token(String words) {
        StringBuilder token = new StringBuilder();
        words.codePoints()
                .forEach(c -> token.append(
                        c < 128 && (Character.isLetterOrDigit(c) || c == '-')
                                ? Character.toString(c)
                                : "_" + Integer.toHexString(c).toUpperCase(Locale.ROOT) + "_"));
        return token.isEmpty() ? "_" : token.toString();
    }

    private String text(Optional<Situation> start, List<String> missing) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter out = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            out.writeStartDocument("UTF-8", "1.0");
            out.writeCharacters("\n");
            for (String sentence : missing) {
                out.writeComment(" " + sentence.replace("--", "- -") + " ");
                out.writeCharacters("\n");
            }
            out.writeStartElement("scxml");
            out.writeDefaultNamespace(SPACE);
            out.writeNamespace("pandel", OWN);
            out.writeAttribute("version", "1.0");
            out.writeAttribute("datamodel", "null");
            out.writeAttribute("initial", start.map(this::state).orElse(LEFT));
            Map<String, List<State>> byScreen = new LinkedHashMap<>();
            states.values()
                    .forEach(s -> byScreen.computeIfAbsent(s.screen(), k -> new ArrayList<>())
                            .add(s));
            for (Map.Entry<String, List<State>> screen : byScreen.entrySet()) {
                screen(out, screen.getKey(), screen.getValue());
            }
            out.writeCharacters("\n  ");
            out.writeEmptyElement("final");
            out.writeAttribute("id", LEFT);
            out.writeCharacters("\n");
            out.writeEndElement();
            out.writeEndDocument();
            out.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("A chart in memory can always be written", e);
        }
        return text + "\n";
    }

    private void screen(XMLStreamWriter out, String id, List<State> all) throws XMLStreamException {
        out.writeCharacters("\n  ");
        out.writeStartElement("state");
        out.writeAttribute("id", "screen-" + token(id));
        out.writeAttribute("pandel", OWN, "screen", Told.plain(id));
        out.writeAttribute("pandel", OWN, "title", Told.plain(prototype.titleOf(id)));
        for (State state : all) {
            out.writeCharacters("\n    ");
            out.writeStartElement("state");
            out.writeAttribute("id", state.id());
            for (Map.Entry<String, String> transition : state.transitions().entrySet()) {
                out.writeCharacters("\n      ");
                out.writeEmptyElement("transition");
                out.writeAttribute("event", transition.getKey());
                out.writeAttribute("target", transition.getValue());
            }
            out.writeCharacters("\n    ");
            out.writeEndElement();
        }
        out.writeCharacters("\n  ");
        out.writeEndElement();
    }
}
