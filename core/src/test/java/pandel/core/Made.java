package pandel.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import pandel.core.model.Area;
import pandel.core.model.Cause;
import pandel.core.model.Device;
import pandel.core.model.Effect;
import pandel.core.model.Entry;
import pandel.core.model.Form;
import pandel.core.model.Gesture;
import pandel.core.model.Hotspot;
import pandel.core.model.Judgements;
import pandel.core.model.Link;
import pandel.core.model.Prototype;
import pandel.core.model.Rest;
import pandel.core.model.Screen;
import pandel.core.model.Status;
import pandel.core.model.Target;
import pandel.core.model.Verb;
import pandel.core.model.Width;

/**
 * Small prototypes written as lines: {@code "tool page: reserve open above dates; back return; 500 advance loans"}. A screen's first
 * word is its id, the second its form ("parked" and "end" may follow); a part is a hotspot's id or a wait's ms, a verb
 * and a target. The first line is the entry.
 */
public final class Made {

    private Made() {
    }

    public static Prototype of(String... lines) {
        return on(List.of(Device.PHONE), lines);
    }

    public static Prototype on(List<Device> devices, String... lines) {
        List<Screen> screens = new ArrayList<>();
        for (String line : lines) {
            screens.add(screen(line));
        }
        return new Prototype("Made", screens, List.of(), List.of(Entry.at("start", screens.getFirst().id())), devices,
                Map.of(), Judgements.NONE, List.of(), Rest.NONE);
    }

    private static Screen screen(String line) {
        String[] halves = line.split(":", 2);
        List<String> words = List.of(halves[0].strip().split(" "));
        Screen screen = Screen.page(words.getFirst(), words.getFirst()).withForm(Form.valueOf(words.get(1).toUpperCase()))
                .withEnd(words.contains("end")).withStatus(words.contains("parked") ? Status.PARKED : Status.DRAFT);
        if (words.contains("shut")) {
            screen = screen.withClosers();
        }
        List<Hotspot> hotspots = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        for (String part : halves.length < 2 || halves[1].isBlank() ? new String[0] : halves[1].split(";")) {
            String[] w = part.strip().split(" ");
            String id = words.getFirst() + "." + w[0];
            boolean above = w.length > 1 && w[1].equals("open");
            if (w.length == 1) {
                hotspots.add(hotspot(id, List.of()));
                continue;
            }
            Verb verb = above ? Verb.OPEN_ABOVE : w.length > 2 && w[1].equals("return") && w[2].equals("to") ? Verb.RETURN_TO : Verb.valueOf(w[1].toUpperCase());
            Effect effect = Effect.of(verb, new Target.ToScreen(w[w.length - 1]));
            if (Character.isDigit(w[0].charAt(0))) {
                links.add(Link.of(id, new Cause.Wait(Integer.parseInt(w[0].replaceAll("\\D", ""))), effect));
            } else {
                hotspots.add(hotspot(id, List.of(Link.of(id + ".tap", new Cause.Touch(Gesture.TAP), effect))));
            }
        }
        return screen.withHotspots(hotspots).withLinks(links);
    }

    private static Hotspot hotspot(String id, List<Link> links) {
        return new Hotspot(id, id, Map.of(Width.NARROW, new Area(10, 10, 60, 60)), links, Rest.NONE);
    }
}
