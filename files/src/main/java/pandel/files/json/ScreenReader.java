package pandel.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.link.Where;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Closer;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Overlay;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.screen.Status;
import pandel.files.Unreadable;

/** Reads a screen and what stands on it. */
final class ScreenReader {

    /** Takes an id, or says that it is taken. */
    interface Ids {
        String claim(Fields fields, String id) throws Unreadable;
    }

    private static final int LONGEST_WAIT = 86_400_000;

    private final Ids ids;

    ScreenReader(Ids ids) {
        this.ids = ids;
    }

    Screen screen(Fields f) throws Unreadable {
        String id = ids.claim(f, f.text("id"));
        String where = "screen “" + id + "”";
        List<Mock> mocks = mocks(f, where);
        List<State> states = new ArrayList<>();
        for (JsonNode node : f.items("states")) {
            Fields s = Fields.of(node, where + ", state " + (states.size() + 1));
            states.add(state(s, where));
        }
        List<Hotspot> hotspots = new ArrayList<>();
        for (JsonNode node : f.items("hotspots")) {
            hotspots.add(hotspot(Fields.of(node, where + ", hotspot " + (hotspots.size() + 1))));
        }
        Optional<Set<Closer>> closedBy = Optional.empty();
        if (f.has("closedBy")) {
            Set<Closer> closers = EnumSet.noneOf(Closer.class);
            for (String word : f.texts("closedBy")) {
                closers.add(f.find("closer", word, Closer.values(), Closer::word));
            }
            closedBy = Optional.of(closers);
        }
        return new Screen(
                id,
                f.optionalText("title").orElse(""),
                f.optionalWord("form", Form.values(), Form::word).orElse(Form.PAGE),
                f.optionalWord("status", Status.values(), Status::word).orElse(Status.DRAFT),
                f.optionalText("section").orElse(""),
                f.flag("end"),
                f.flag("home"),
                closedBy,
                overlay(f),
                ValueJson.expected(f),
                mocks,
                states,
                hotspots,
                links(f, where),
                f.rest());
    }

    private static Overlay overlay(Fields screen) throws Unreadable {
        Optional<Fields> f = screen.object("overlay");
        if (f.isEmpty()) {
            return Overlay.USUAL;
        }
        int share = f.get().has("share") ? f.get().whole("share", 0, 100) : 0;
        int stop = f.get().has("stop") ? f.get().whole("stop", 0, 100) : 0;
        int shade = f.get().has("shade") ? f.get().whole("shade", 0, 100) : Overlay.USUAL.shade();
        PanelSide side = f.get()
                .optionalWord("side", PanelSide.values(), PanelSide::word)
                .orElse(Overlay.USUAL.side());
        return f.get().made(() -> new Overlay(share, stop, side, shade));
    }

    private State state(Fields s, String where) throws Unreadable {
        String id = ids.claim(s, s.text("id"));
        Map<String, Map<Width, Area>> moves = new LinkedHashMap<>();
        Optional<Fields> moved = s.object("moves");
        for (String hotspot : moved.map(Fields::names).orElse(List.of())) {
            moves.put(hotspot, areas(moved.get().object(hotspot)));
        }
        return new State(
                id,
                s.optionalText("title").orElse(""),
                FactJson.conditions(s),
                mocks(s, where),
                new LinkedHashSet<>(s.texts("hides")),
                moves,
                s.rest());
    }

    private static Map<Width, Area> areas(Optional<Fields> placed) throws Unreadable {
        Map<Width, Area> areas = new EnumMap<>(Width.class);
        for (String name : placed.map(Fields::names).orElse(List.of())) {
            Width width = placed.get().find("width", name, Width.values(), Width::word);
            double[] n = placed.get().numbers(name, 4);
            areas.put(width, placed.get().made(() -> new Area(n[0], n[1], n[2], n[3])));
        }
        return areas;
    }

    private List<Mock> mocks(Fields f, String where) throws Unreadable {
        List<Mock> mocks = new ArrayList<>();
        for (JsonNode node : f.items("mocks")) {
            mocks.add(picture(Fields.of(node, where + ", mock " + (mocks.size() + 1))));
        }
        return mocks;
    }

    static Picture picture(Fields m) throws Unreadable {
        String content = m.text("picture");
        if (!content.matches("[0-9a-f]{64}\\.(png|jpg|svg)")) {
            throw new Unreadable(
                    "In " + m.where() + ": “picture” must name a file in pictures/, its hash and .png or .jpg.");
        }
        double[] pixels = m.numbers("pixels", 2);
        double scale = m.optionalNumber("scale").orElse(1.0);
        Width on = m.optionalWord("on", Width.values(), Width::word).orElse(Width.NARROW);
        String source = m.optionalText("source").orElse("");
        double top = m.optionalNumber("fixedTop").orElse(0.0);
        double bottom = m.optionalNumber("fixedBottom").orElse(0.0);
        List<Patch> patches = ValueJson.patches(m);
        return m.made(() -> new Picture(
                on, content, (int) pixels[0], (int) pixels[1], scale, source, top, bottom, patches, m.rest()));
    }

    Hotspot hotspot(Fields f) throws Unreadable {
        String id = ids.claim(f, f.text("id"));
        Map<Width, Area> areas = areas(f.object("areas"));
        return new Hotspot(
                id,
                f.optionalText("title").orElse(""),
                areas,
                links(f, "hotspot “" + id + "”"),
                ValueJson.nature(f),
                f.rest());
    }

    private List<Link> links(Fields f, String where) throws Unreadable {
        List<Link> links = new ArrayList<>();
        for (JsonNode node : f.items("links")) {
            links.add(link(Fields.of(node, where + ", link " + (links.size() + 1))));
        }
        return links;
    }

    private Link link(Fields f) throws Unreadable {
        Fields c = f.object("cause")
                .orElseThrow(() -> new Unreadable("In " + f.where() + ": “cause” is missing."))
                .knowing("wait", "untouched", "work", "deviceBack", "submit", "gesture", "key");
        Cause cause = c.has("wait")
                ? new Cause.Wait(c.whole("wait", 1, LONGEST_WAIT))
                : c.has("untouched")
                        ? new Cause.Untouched(c.whole("untouched", 1, LONGEST_WAIT))
                        : c.flag("work")
                                ? new Cause.Work()
                                : c.flag("deviceBack")
                                        ? new Cause.Back()
                                        : c.flag("submit") ? new Cause.Submit() : touch(c);
        return link(f, cause);
    }

    /** A link whose cause is said by where it stands. */
    Link link(Fields f, Cause cause) throws Unreadable {
        String id = ids.claim(f, f.text("id"));
        List<Branch> branches = new ArrayList<>();
        for (JsonNode node : f.items("branches")) {
            branches.add(branch(Fields.of(node, f.where() + ", branch " + (branches.size() + 1))));
        }
        return new Link(id, cause, branches, f.optionalText("always"), f.rest());
    }

    private static Cause.Touch touch(Fields c) throws Unreadable {
        Gesture gesture = c.word("gesture", Gesture.values(), Gesture::word);
        String key = gesture == Gesture.KEY ? c.text("key") : "";
        return c.made(() -> new Cause.Touch(gesture, key));
    }

    static Branch branch(Fields f) throws Unreadable {
        List<Effect> effects = new ArrayList<>();
        for (JsonNode node : f.items("effects")) {
            Fields e = Fields.of(node, f.where());
            Verb verb = e.word("verb", Verb.values(), Verb::word);
            effects.add(
                    switch (verb) {
                        case REMEMBER -> FactJson.remember(e);
                        case NOTICE ->
                            new Effect.Notice(
                                    e.text("words"),
                                    e.has("ms") ? e.whole("ms", 1, LONGEST_WAIT) : Effect.Notice.USUAL_MS);
                        case LEAVE -> new Effect.Leave(e.text("address"));
                        case SWITCH_TAB -> new Effect.SwitchTab(e.text("tab"));
                        case TURN_PAGE -> new Effect.TurnPage(SequenceJson.turn(e));
                        case DRAWER_OPEN, DRAWER_CLOSE, DRAWER_TOGGLE ->
                            Effect.ofDrawer(verb, e.text("drawer")).orElseThrow();
                        default ->
                            verb.needsTarget()
                                    ? Effect.of(verb, SequenceJson.target(e, ValueJson.carried(e.object("values"))))
                                    : Effect.of(verb, new Target.ToScreen(""));
                    });
        }
        if (effects.stream().filter(Effect::isMove).count() > 1) {
            throw new Unreadable("In " + f.where() + ": a branch holds at most one move.");
        }
        Optional<Fields> motion = f.object("motion");
        return new Branch(
                FactJson.conditions(f),
                f.optionalText("outcome"),
                effects,
                motion.isEmpty() ? Optional.empty() : Optional.of(motion(motion.get())),
                f.optionalWord("where", Where.values(), Where::word),
                f.rest());
    }

    static Motion motion(Fields f) throws Unreadable {
        Motion.Kind kind = f.word("kind", Motion.Kind.values(), Motion.Kind::word);
        Motion.Direction direction = f.optionalWord("direction", Motion.Direction.values(), Motion.Direction::word)
                .orElse(Motion.Direction.LEFT);
        int ms = f.whole("ms", 0, 5000);
        String easing = f.optionalText("easing").orElse("ease");
        Rest rest = f.rest();
        return new Motion(kind, direction, ms, easing, rest);
    }
}
