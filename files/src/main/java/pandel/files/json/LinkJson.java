package pandel.files.json;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Branch;
import pandel.core.model.link.BranchBuilder;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.EffectActionBuilder;
import pandel.core.model.link.Link;
import pandel.core.model.link.LinkBuilder;
import pandel.core.model.link.Motion;
import pandel.core.model.link.MotionBuilder;
import pandel.core.model.link.Takes;
import pandel.core.model.link.TakesAtBuilder;
import pandel.core.model.link.TakesBuilder;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.link.Where;
import pandel.files.Unreadable;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Fields;
import pandel.files.json.field.Part;
import pandel.files.json.field.Table;

/** Links with their causes, branches, effects and motions, as the file holds them. */
final class LinkJson {

    private static final Codec<Integer> MS = Codec.whole(1, 86_400_000);
    private static final Codec<Integer> NOTICE_MS = Codec.whole(0, 86_400_000);

    static final Table<Motion, MotionBuilder> MOTION = Table.<Motion, MotionBuilder>of(
                    MotionBuilder::builder, MotionBuilder::build)
            .required("kind", Codec.word(Motion.Kind.values(), Motion.Kind::word), Motion::kind, MotionBuilder::kind)
            .always(
                    "direction",
                    Codec.word(Motion.Direction.values(), Motion.Direction::word),
                    Motion.Direction.LEFT,
                    Motion::direction,
                    MotionBuilder::direction)
            .required("ms", Codec.whole(0, 5000), Motion::ms, MotionBuilder::ms)
            .always("easing", Codec.TEXT, "ease", Motion::easing, MotionBuilder::easing)
            .rest(Motion::rest, MotionBuilder::rest);

    /** A verb with what it needs. */
    static final Part<Effect> EFFECT = new Part<>() {
        @Override
        public List<String> names() {
            Set<String> names = new LinkedHashSet<>(List.of("verb"));
            names.addAll(TargetJson.CARRYING.names());
            names.addAll(FactJson.REMEMBER.names());
            names.addAll(TargetJson.TURN.names());
            names.addAll(List.of("drawer", "words", "ms", "action", "address", "round", "link"));
            return List.copyOf(names);
        }

        @Override
        public Effect read(Fields in) throws Unreadable {
            return effect(in);
        }

        @Override
        public void write(Effect effect, ObjectNode node) {
            put(effect, node);
        }
    };

    static final Table<Branch, BranchBuilder> BRANCH = Table.<Branch, BranchBuilder>of(
                    BranchBuilder::builder, BranchBuilder::build)
            .unless(List.of(), "when", FactJson.CONDITIONS, Branch::when, BranchBuilder::when)
            .maybe("outcome", Codec.TEXT, Branch::outcome, BranchBuilder::outcome)
            .unless(
                    List.of(),
                    "effects",
                    Codec.of(LinkJson::effects, Codec.list("effect", EFFECT)::write),
                    Branch::effects,
                    BranchBuilder::effects)
            .maybe("where", Codec.word(Where.values(), Where::word), Branch::where, BranchBuilder::where)
            .maybe("motion", Codec.object(MOTION), Branch::motion, BranchBuilder::motion)
            .rest(Branch::rest, BranchBuilder::rest);

    /** What makes a link of a screen or hotspot happen. */
    private static final Part<Cause> CAUSE = new Part<>() {
        @Override
        public List<String> names() {
            return List.of("gesture", "key", "submit", "wait", "untouched", "work", "deviceBack");
        }

        @Override
        public Cause read(Fields in) throws Unreadable {
            return cause(in);
        }

        @Override
        public void write(Cause cause, ObjectNode node) {
            put(cause, node);
        }
    };

    private static final Codec<OptionalInt> TAKEN =
            Codec.of((in, name) -> OptionalInt.of(MS.read(in, name)), ms -> MS.write(ms.getAsInt()));

    private static final Table<Takes.At, TakesAtBuilder> AT = Table.<Takes.At, TakesAtBuilder>of(
                    TakesAtBuilder::builder, TakesAtBuilder::build)
            .always("x", Codec.NUMBER, Takes.At.MIDDLE.x(), Takes.At::x, TakesAtBuilder::x)
            .always("y", Codec.NUMBER, Takes.At.MIDDLE.y(), Takes.At::y, TakesAtBuilder::y);

    private static final Table<Takes, TakesBuilder> TAKES = Table.<Takes, TakesBuilder>of(
                    TakesBuilder::builder, TakesBuilder::build)
            .unless(OptionalInt.empty(), "ms", TAKEN, Takes::ms, TakesBuilder::ms)
            .unless(true, "givenUp", Codec.FLAG, Takes::givenUp, TakesBuilder::givenUp)
            .unless(
                    Takes.Sign.MIDDLE,
                    "sign",
                    Codec.word(Takes.Sign.values(), Takes.Sign::word),
                    Takes::sign,
                    TakesBuilder::sign)
            .unless(Takes.At.MIDDLE, "at", Codec.object(AT), Takes::at, TakesBuilder::at);

    /** What can be done while a notice stands. */
    static final Table<Effect.Action, EffectActionBuilder> ACTION = Table.<Effect.Action, EffectActionBuilder>of(
                    EffectActionBuilder::builder, EffectActionBuilder::build)
            .always("label", Codec.TEXT, "", Effect.Action::label, EffectActionBuilder::label)
            .required("link", by(new Cause.Touch(Gesture.TAP)), Effect.Action::link, EffectActionBuilder::link);

    static final Table<Link, LinkBuilder> LINK =
            rest(Table.<Link, LinkBuilder>of(LinkBuilder::builder, LinkBuilder::build)
                    .id(Link::id, LinkBuilder::id)
                    .unless("", "title", Codec.TEXT, Link::title, LinkBuilder::title)
                    .required("cause", Codec.object(CAUSE), Link::cause, LinkBuilder::cause));

    /** What is done by choosing a tab or page besides showing it. */
    static final Codec<List<Effect>> CHOSEN = Codec.of(LinkJson::chosen, Codec.list("effect", EFFECT)::write);

    static final Codec<List<Link>> LINKS = Codec.list("link", LINK);

    private LinkJson() {}

    /** A link whose cause is said by where it stands. */
    static Codec<Link> by(Cause cause) {
        return Codec.object(rest(Table.<Link, LinkBuilder>of(
                        () -> LinkBuilder.builder().title("").cause(cause), LinkBuilder::build)
                .id(Link::id, LinkBuilder::id)
                .unless("", "title", Codec.TEXT, Link::title, LinkBuilder::title)));
    }

    private static Table<Link, LinkBuilder> rest(Table<Link, LinkBuilder> begun) {
        return begun.unless(List.of(), "branches", Codec.list("branch", BRANCH), Link::branches, LinkBuilder::branches)
                .maybe("always", Codec.TEXT, Link::always, LinkBuilder::always)
                .maybe("takes", Codec.object(TAKES), Link::takes, LinkBuilder::takes)
                .rest(Link::rest, LinkBuilder::rest);
    }

    private static Cause cause(Fields in) throws Unreadable {
        in.knowing("wait", "untouched", "work", "deviceBack", "submit", "gesture", "key");
        if (in.has("wait")) {
            return new Cause.Wait(MS.read(in, "wait"));
        }
        if (in.has("untouched")) {
            return new Cause.Untouched(MS.read(in, "untouched"));
        }
        if (in.flag("work")) {
            return new Cause.Work();
        }
        if (in.flag("deviceBack")) {
            return new Cause.Back();
        }
        if (in.flag("submit")) {
            return new Cause.Submit();
        }
        Gesture gesture = in.word("gesture", Gesture.values(), Gesture::word);
        String key = gesture == Gesture.KEY ? in.text("key") : "";
        return in.made(() -> new Cause.Touch(gesture, key));
    }

    private static void put(Cause of, ObjectNode cause) {
        switch (of) {
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
            case Cause.Sign s -> throw new IllegalArgumentException("Left signs are not in the file as links");
            case Cause.Item i -> throw new IllegalArgumentException("Items are not in the file as links");
            case Cause.Turn t -> throw new IllegalArgumentException("Turns are not in the file");
            case Cause.Finish f -> throw new IllegalArgumentException("Where it stands says its cause");
            case Cause.Skip s -> throw new IllegalArgumentException("Where it stands says its cause");
        }
    }

    private static List<Effect> effects(Fields in, String name) throws Unreadable {
        List<Effect> effects = Codec.list("effect", EFFECT).read(in, name);
        if (effects.stream().filter(Effect::isMove).count() > 1) {
            throw new Unreadable("In " + in.where() + ": a branch holds at most one move.");
        }
        return effects;
    }

    private static List<Effect> chosen(Fields in, String name) throws Unreadable {
        List<Effect> effects = Codec.list("effect", EFFECT).read(in, name);
        if (!effects.stream().allMatch(Effect::isDoneByChoosing)) {
            throw new Unreadable("In " + in.where() + ": choosing a tab or page remembers or says something besides.");
        }
        return effects;
    }

    private static Effect effect(Fields in) throws Unreadable {
        Verb verb = in.word("verb", Verb.values(), Verb::word);
        return switch (verb) {
            case REMEMBER -> FactJson.REMEMBER.read(in);
            case NOTICE -> notice(in);
            case LEAVE -> new Effect.Leave(in.text("address"));
            case SWITCH_TAB -> new Effect.SwitchTab(in.text("tab"));
            case NEXT_ROW, PREVIOUS_ROW -> new Effect.StepRow(verb == Verb.NEXT_ROW, in.flag("round"));
            case BEGIN_AGAIN -> new Effect.BeginAgain(in.text("link"));
            case TURN_PAGE -> new Effect.TurnPage(TargetJson.TURN.read(in));
            case DRAWER_OPEN, DRAWER_CLOSE, DRAWER_TOGGLE ->
                Effect.ofDrawer(verb, in.text("drawer")).orElseThrow();
            default -> Effect.of(verb, verb.needsTarget() ? TargetJson.CARRYING.read(in) : new Target.ToScreen(""));
        };
    }

    private static Effect notice(Fields in) throws Unreadable {
        String words = in.text("words");
        int ms = in.has("ms") ? NOTICE_MS.read(in, "ms") : Effect.Notice.USUAL_MS;
        Optional<Effect.Action> action =
                in.has("action") ? Optional.of(Codec.object(ACTION).read(in, "action")) : Optional.empty();
        return in.made(() -> new Effect.Notice(words, ms, action));
    }

    private static void put(Effect effect, ObjectNode node) {
        node.put("verb", effect.verb().word());
        Optional<Target> target = effect.target();
        target.ifPresent(t -> TargetJson.CARRYING.write(t, node));
        switch (effect) {
            case Effect.Remember remember -> FactJson.REMEMBER.write(remember, node);
            case Effect.SwitchTab to -> node.put("tab", to.tab());
            case Effect.MoveDrawer moved -> node.put("drawer", moved.drawer());
            case Effect.TurnPage turn -> TargetJson.TURN.write(turn.turn(), node);
            case Effect.StepRow step -> {
                if (step.round()) {
                    node.put("round", true);
                }
            }
            case Effect.BeginAgain again -> node.put("link", again.link());
            case Effect.Notice notice -> {
                node.put("words", notice.words()).put("ms", notice.ms());
                notice.action()
                        .ifPresent(a -> node.set("action", Codec.object(ACTION).write(a)));
            }
            case Effect.Leave leave -> node.put("address", leave.address());
            default -> {}
        }
    }
}
