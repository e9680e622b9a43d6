package pandel.player;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.remark.Remark;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;
import pandel.player.seen.LevelSeen;

/** One play as a page has it: what is done, and what is to be drawn then. */
class PlayerTest {

    private static final ObjectMapper JSON = new ObjectMapper();

    private static Hotspot hotspot(String id, double y, Link... links) {
        return new Hotspot(id, id, java.util.Map.of(Width.NARROW, new Area(0, y, 200, 50)), List.of(links), Rest.NONE);
    }

    private static Link link(String id, Branch... branches) {
        return new Link(id, new Cause.Touch(Gesture.TAP), List.of(branches), Rest.NONE);
    }

    private static Branch outcome(String name, String to) {
        return new Branch(
                List.of(),
                Optional.of(name),
                List.of(new Effect.Advance(new Target.ToScreen(to))),
                Optional.empty(),
                Rest.NONE);
    }

    /** Two screens; on the first one link that may turn out in two ways, and one that says something. */
    private static Player played() {
        Screen first = Screen.page("first", "First")
                .withHotspots(List.of(
                        hotspot("ask", 0, link("l-ask", outcome("yes", "second"), outcome("no", "first"))),
                        hotspot(
                                "say",
                                100,
                                Link.of(
                                        "l-say",
                                        new Cause.Touch(Gesture.TAP),
                                        new Effect.Notice("Said", 1000, Optional.empty())))));
        Prototype prototype = Prototype.empty("Two")
                .withScreens(List.of(first, Screen.page("second", "Second")))
                .withEntries(List.of(Entry.at("start", "first")));
        return Player.of(prototype, prototype.mainEntry().orElseThrow(), Device.PHONE)
                .orElseThrow();
    }

    @Test
    void howALinkTurnsOutIsAskedAndKeptWhereOneWishes() {
        Player player = played();
        Answered asked = player.gesture(Gesture.TAP, 10, 10);
        assertThat(asked.asks().orElseThrow().outcomes()).containsExactly("yes", "no");
        assertThat(asked.seen().title()).isEqualTo("First");
        Answered done = player.turn("yes", true);
        assertThat(done.seen().title()).isEqualTo("Second");
        assertThat(done.motion().orElseThrow().kind()).isEqualTo("slide along");
        player.startOver();
        Answered again = player.gesture(Gesture.TAP, 10, 10);
        assertThat(again.asks()).isEmpty();
        assertThat(again.seen().title()).isEqualTo("Second");
    }

    @Test
    void whatIsAskedMayBeLeftOpen() {
        Player player = played();
        player.gesture(Gesture.TAP, 10, 10);
        assertThat(player.passed(500)).isEmpty();
        assertThat(player.leaveOpen().seen().title()).isEqualTo("First");
        assertThat(player.turn("yes", false).seen().title()).isEqualTo("First");
    }

    @Test
    void whatDoesNothingLeavesARingAndSaysWhy() {
        Answered missed = played().gesture(Gesture.TAP, 300, 700);
        assertThat(missed.ring()).isTrue();
        assertThat(missed.told()).isNotBlank();
    }

    @Test
    void aNoticeStandsUntilItsTimeIsUp() {
        Player player = played();
        assertThat(player.gesture(Gesture.TAP, 10, 110)
                        .seen()
                        .notice()
                        .orElseThrow()
                        .words())
                .isEqualTo("Said");
        assertThat(player.passed(400)).isEmpty();
        assertThat(player.passed(700).orElseThrow().seen().notice()).isEmpty();
        assertThat(player.passed(700)).isEmpty();
    }

    @Test
    void whatCanBeTouchedIsNamedWithWhereItStands() {
        LevelSeen level = played().shown().seen().levels().getFirst();
        assertThat(level.touches()).extracting(t -> t.touch()).containsExactly("hotspot 0 ask", "hotspot 0 say");
        assertThat(level.touches()).extracting(t -> t.label()).containsExactly("ask", "say");
    }

    @Test
    void whereItCannotBeginNothingChanges() {
        Player player = played();
        Answered still = player.begin(Entry.at("gone", "nowhere"));
        assertThat(still.told()).isNotBlank();
        assertThat(still.seen().title()).isEqualTo("First");
    }

    @Property(tries = 80)
    void whateverIsDoneSomethingIsSeen(
            @ForAll long seed, @ForAll @IntRange(min = 2, max = 25) int size, @ForAll boolean nasty) throws Exception {
        Prototype prototype = Generated.of(size, seed, nasty ? Kind.NASTY : Kind.USUAL, 3);
        Random random = new Random(seed);
        Device device =
                prototype.devices().get(random.nextInt(prototype.devices().size()));
        Optional<Player> begun = prototype.mainEntry().flatMap(e -> Player.of(prototype, e, device));
        if (begun.isEmpty()) {
            return;
        }
        Player player = begun.get();
        for (int i = 0; i < 60; i++) {
            double x = random.nextDouble() * device.width();
            double y = random.nextDouble() * device.height();
            Gesture gesture = Gesture.values()[random.nextInt(Gesture.values().length)];
            Answered answered = switch (random.nextInt(9)) {
                case 0 -> player.scroll(random.nextInt(400) - 200, x, y);
                case 1 -> player.passed(random.nextInt(3000)).orElseGet(player::shown);
                case 2 -> player.hover(x, y).orElseGet(player::shown);
                case 3 -> player.act(new Event.DeviceBack());
                case 4 -> player.act(new Event.Resize(100 + random.nextInt(1400), 200 + random.nextInt(900)));
                default ->
                    gesture == Gesture.HOVER || gesture == Gesture.KEY
                            ? player.gesture(Gesture.TAP, x, y)
                            : player.gesture(gesture, x, y);
            };
            JsonNode told = JSON.readTree(SeenJson.of(answered));
            assertThat(told.path("seen").path("levels")).isNotEmpty();
            answered.asks().ifPresent(a -> player.turn(a.outcomes().getFirst(), random.nextBoolean()));
            player.follows(x, y, random.nextBoolean());
            player.lifts(x, y);
            player.answering(x, y);
            if (player.now().left()) {
                player.startOver();
            }
        }
    }

    @Test
    void theStepItStandsAtIsToldForARemark() {
        Player player = played();
        assertThat(player.step().orElseThrow().events()).isEmpty();
        player.gesture(Gesture.TAP, 10, 10);
        assertThat(player.step().orElseThrow().events())
                .as("nothing has happened while it is asked how it turns out")
                .isEmpty();
        player.turn("yes", false);
        Remark.Step step = player.step().orElseThrow();
        assertThat(step.start()).isEqualTo("start");
        assertThat(step.device()).isEqualTo(Device.PHONE.id());
        assertThat(step.events()).containsExactly(Event.tap("ask").turning("yes"));
        player.startOver();
        assertThat(player.step().orElseThrow().events()).isEmpty();
    }

    @Test
    void aStepThatTooMuchLedToIsNotTold() {
        Player player = played();
        for (int i = 0; i <= Remark.MOST_EVENTS / 2; i++) {
            player.act(Event.tap("ask").turning("yes"));
            player.act(new Event.DeviceBack());
        }
        assertThat(player.step()).isEmpty();
    }
}
