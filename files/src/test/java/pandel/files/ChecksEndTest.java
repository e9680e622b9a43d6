package pandel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pandel.core.check.Check;
import pandel.core.check.Checked;
import pandel.core.check.finding.Rule;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Value;
import pandel.files.store.PrototypeFile;

/** The checks end whatever they are given, and say what they did not settle. */
class ChecksEndTest {

    private static Hotspot tap(String id, Branch branch) {
        Link link = new Link(id + ".tap", new Cause.Touch(Gesture.TAP), List.of(branch), Rest.NONE);
        return new Hotspot(
                id,
                id,
                java.util.Map.of(Width.NARROW, new Area(10, 10 + 70 * Math.floorMod(id.hashCode(), 997), 60, 60)),
                List.of(link),
                Rest.NONE);
    }

    private static Branch remember(String fact, Effect.Change change) {
        return Branch.of(List.of(new Effect.Remember(fact, change)));
    }

    private static Prototype made(List<Fact> facts, List<Hotspot> hotspots, List<Condition> when) {
        Hotspot go = tap(
                "go",
                Branch.of(List.of(new Effect.Advance(new Target.ToScreen("b")))).withWhen(when));
        return Prototype.empty("Made")
                .withScreens(List.of(
                        Screen.page("home", "home")
                                .withHotspots(Stream.concat(hotspots.stream(), Stream.of(go))
                                        .toList()),
                        Screen.page("b", "b")
                                .withHotspots(List.of(tap("back", Branch.of(List.of(new Effect.Return())))))))
                .withEntries(List.of(Entry.at("start", "home")))
                .withFacts(facts);
    }

    /** Nothing is ruled out that was not looked at to its end. */
    private static void assertOpen(Checked checked) {
        assertThat(checked.unsettled()).isNotEmpty();
        assertThat(checked.shows("b") || checked.unsettled().stream().anyMatch(u -> u.rule() == Rule.UNREACHED_SCREEN))
                .isTrue();
        assertThat(checked.findings(Rule.UNREACHED_SCREEN)).isEmpty();
        assertThat(checked.findings(Rule.LINK_NEVER_FIRES)).isEmpty();
        assertThat(checked.findings(Rule.DEAD_END)).isEmpty();
    }

    @Test
    void whereATapCountsToAMillion() {
        int most = 1_000_000;
        assertOpen(Check.of(made(
                List.of(new Fact("n", "n", new Fact.Kind.Number(0, most), Rest.NONE)),
                List.of(tap("up", remember("n", new Effect.Change.By(1)))),
                List.of(new Condition("n", Condition.Compare.AT_LEAST, new Value.Number(most))))));
    }

    @Test
    void whereFortyAreToggledAndAllAskedForAtOnce() {
        List<Fact> facts = IntStream.range(0, 40)
                .mapToObj(i -> new Fact("f" + i, "f" + i, new Fact.Kind.YesNo(), Rest.NONE))
                .toList();
        assertOpen(Check.of(made(
                facts,
                facts.stream()
                        .map(f -> tap("toggle " + f.id(), remember(f.id(), new Effect.Change.Toggle())))
                        .toList(),
                facts.stream()
                        .map(f -> new Condition(f.id(), Condition.Compare.IS, new Value.YesNo(true)))
                        .toList())));
    }

    @Test
    void whereTabsSequencesAndWaitsMakeTooManyPlaces() throws Exception {
        Checked checked =
                Check.of(PrototypeFile.open(Path.of("src", "test", "resources", "cases", "without-end.pandel"))
                        .prototype());
        assertThat(checked.unsettled()).isNotEmpty();
        checked.shown()
                .forEach(screen -> assertThat(checked.walkTo(screen)
                                .orElseThrow()
                                .replay(checked.prototype())
                                .screen())
                        .isEqualTo(screen));
    }
}
