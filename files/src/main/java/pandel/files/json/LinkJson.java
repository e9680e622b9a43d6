package pandel.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.link.Where;
import pandel.core.model.rest.Rest;
import pandel.files.Unreadable;

/** Links with their branches, effects and motions, as the file holds them. */
final class LinkJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private static final int LONGEST_WAIT = 86_400_000;

    private final Ids ids;

    LinkJson(Ids ids) {
        this.ids = ids;
    }

    List<Link> links(Fields f, String where) throws Unreadable {
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
                        case TURN_PAGE -> new Effect.TurnPage(TargetJson.turn(e));
                        case DRAWER_OPEN, DRAWER_CLOSE, DRAWER_TOGGLE ->
                            Effect.ofDrawer(verb, e.text("drawer")).orElseThrow();
                        default ->
                            verb.needsTarget()
                                    ? Effect.of(verb, TargetJson.target(e, ValueJson.carried(e.object("values"))))
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

    static ObjectNode link(Link l) {
        ObjectNode node = NODES.objectNode().put("id", l.id());
        ObjectNode cause = node.putObject("cause");
        switch (l.cause()) {
            case Cause.Touch touch -> {
                cause.put("gesture", touch.gesture().word());
                if (!touch.key().isEmpty()) {
                    cause.put("key", touch.key());
                }
            }
            case Cause.Submit submit -> cause.put("submit", true);
            case Cause.Wait wait -> cause.put("wait", wait.ms());
            case Cause.Untouched untouched -> cause.put("untouched", untouched.ms());
            case Cause.Work work -> cause.put("work", true);
            case Cause.Back back -> cause.put("deviceBack", true);
            case Cause.Tab t -> throw new IllegalArgumentException("Tabs are not in the file as links");
            case Cause.Item i -> throw new IllegalArgumentException("Items are not in the file as links");
            case Cause.Turn t -> throw new IllegalArgumentException("Turns are not in the file");
            case Cause.Finish f -> throw new IllegalArgumentException("Where it stands says its cause");
            case Cause.Skip s -> throw new IllegalArgumentException("Where it stands says its cause");
        }
        return rest(node, l);
    }

    /** A link whose cause is said by where it stands. */
    static ObjectNode withoutCause(Link l) {
        return rest(NODES.objectNode().put("id", l.id()), l);
    }

    private static ObjectNode rest(ObjectNode node, Link l) {
        Json.list(node, "branches", l.branches(), LinkJson::branch);
        l.always().ifPresent(a -> node.put("always", a));
        return Json.with(node, l.rest());
    }

    static ObjectNode branch(Branch b) {
        ObjectNode node = NODES.objectNode();
        Json.list(node, "when", b.when(), FactJson::condition);
        b.outcome().ifPresent(o -> node.put("outcome", o));
        Json.list(node, "effects", b.effects(), LinkJson::effect);
        b.where().ifPresent(w -> node.put("where", w.word()));
        b.motion().ifPresent(m -> node.set("motion", motion(m)));
        return Json.with(node, b.rest());
    }

    private static ObjectNode effect(Effect e) {
        ObjectNode node = NODES.objectNode().put("verb", e.verb().word());
        e.target().ifPresent(t -> {
            TargetJson.target(node, t);
            if (!t.values().isEmpty()) {
                node.set("values", ValueJson.carried(t.values()));
            }
        });
        switch (e) {
            case Effect.Remember remember -> FactJson.remember(node, remember);
            case Effect.SwitchTab to -> node.put("tab", to.tab());
            case Effect.MoveDrawer moved -> node.put("drawer", moved.drawer());
            case Effect.TurnPage turn -> TargetJson.turn(node, turn.turn());
            case Effect.Notice notice -> node.put("words", notice.words()).put("ms", notice.ms());
            case Effect.Leave leave -> node.put("address", leave.address());
            default -> {}
        }
        return node;
    }

    static ObjectNode motion(Motion m) {
        return Json.with(
                NODES.objectNode()
                        .put("kind", m.kind().word())
                        .put("direction", m.direction().word())
                        .put("ms", m.ms())
                        .put("easing", m.easing()),
                m.rest());
    }
}
