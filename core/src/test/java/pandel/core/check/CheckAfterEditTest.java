package pandel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;
import pandel.core.edit.Edit;
import pandel.core.edit.link.BranchEdits;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.whole.JudgementEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Index;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;

/** What was found before stands where an edit changes nothing that can be done, and nowhere else. */
class CheckAfterEditTest {

    private static final Prototype APP = Made.of(
            "home page drawn: list@20,20,60,60 advance list; ask@20,100,60,60 open above ask",
            "list page drawn: item@20,20,60,60 advance item; back@20,100,60,60 return",
            "item page drawn: back@20,20,60,60 return",
            "ask dialog: shut close");

    private static Prototype after(Edit edit) {
        return edit.applyTo(APP);
    }

    private static Edit changed(String screen, java.util.function.UnaryOperator<Screen> how) {
        return Edit.of("change", p -> p.withScreen(screen, how));
    }

    private static List<Edit> idle() {
        Hotspot list = APP.index().hotspot("home.list").orElseThrow();
        Finding finding = Check.of(APP).findings().stream().findFirst().orElse(null);
        List<Edit> edits = new ArrayList<>(List.of(
                HotspotEdits.place(list, Width.NARROW, new Area(0, 0, 20, 20)),
                changed("list", s -> s.withSection("Loans")),
                changed("list", s -> s.withTitle("Other")),
                changed(
                        "home",
                        s -> s.withMocks(List.of(
                                new Picture(Width.NARROW, "a".repeat(64) + ".png", 780, 1000, 2, "x", Rest.NONE)))),
                BranchEdits.motionOfAll(Verb.ADVANCE, Optional.of(Motion.NONE)),
                JudgementEdits.quieten(Rule.TARGET_SIZE.id())));
        if (finding != null) {
            edits.add(JudgementEdits.accept(finding.rule().id(), finding.ground(), "meant"));
        }
        return edits;
    }

    @Test
    void whatMovesNothingIsNotSearchedAgain() {
        for (Edit edit : idle()) {
            assertThat(Relevant.of(after(edit))).as(edit.name()).isEqualTo(Relevant.of(APP));
            Checked again = Check.after(Check.of(APP), after(edit), () -> false).orElseThrow();
            assertThat(again.solution().prototype()).isEqualTo(after(edit));
            assertSame(again, Check.of(after(edit)));
        }
    }

    @Test
    void whatIsFoundStandsAsItIsWhereNothingWasSearched() {
        Checked before = Check.of(APP);
        Checked again =
                Check.after(before, after(idle().getFirst()), () -> false).orElseThrow();
        assertThat(again.solution().explorations()).isSameAs(before.solution().explorations());
        assertThat(again.findings(Rule.TARGET_SIZE)).isNotEmpty();
        assertThat(before.findings(Rule.TARGET_SIZE)).isEmpty();
    }

    @Test
    void whatCanMatterIsSearched() {
        Checked before = Check.of(APP);
        for (Edit edit : List.of(
                changed("list", s -> s.withStatus(Status.PARKED)),
                changed("home", s -> s.withEnd(true)),
                changed("home", s -> s.withMocks(List.of())),
                changed("home", s -> s.withHotspots(List.of())),
                Edit.of("devices", p -> p.withDevices(List.of(pandel.core.model.device.Device.KIOSK))))) {
            assertThat(Relevant.of(after(edit))).as(edit.name()).isNotEqualTo(Relevant.of(APP));
            Checked again = Check.after(before, after(edit), () -> false).orElseThrow();
            assertThat(again.solution().explorations())
                    .isNotSameAs(before.solution().explorations());
            assertSame(again, Check.of(after(edit)));
        }
    }

    @Test
    void whoCallsItOffGetsNothing() {
        assertThat(Check.after(Check.of(APP), after(idle().getFirst()), () -> true))
                .isEmpty();
    }

    /** The same findings, in the same words, as a check that begins anew. */
    @Property(tries = 60)
    void itSaysWhatACheckThatBeginsAnewSays(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 10) int size, @ForAll Kind kind) {
        Prototype before = Generated.of(size, seed, kind, 1);
        Checked checked = Check.of(before);
        Prototype moved = before.withScreens(before.screens().stream()
                .map(s -> s.withSection("Moved")
                        .withHotspots(s.hotspots().stream()
                                .map(h -> h.withAreas(Map.of(Width.NARROW, new Area(3, 5, 30, 70))))
                                .toList()))
                .toList());
        assertSame(Check.after(checked, moved, () -> false).orElseThrow(), Check.of(moved));
    }

    @Test
    void asMuchIsLookedAtAgainAsWasBefore() {
        itSaysWhatACheckThatBeginsAnewSays(-42_445, 8, Kind.NASTY);
    }

    /** One edit after another, each checked by what is left of the checks before it. */
    @Property(tries = 60)
    void whatIsTakenOverFromTheChecksBeforeIsAsIfMadeAnew(
            @ForAll long seed,
            @ForAll @IntRange(min = 2, max = 14) int size,
            @ForAll Kind kind,
            @ForAll @IntRange(max = 2) int facts) {
        Prototype now = Generated.of(size, seed, kind, facts);
        Checked checked = Check.of(now);
        Random random = new Random(seed);
        for (int i = 0; i < 4; i++) {
            now = edited(now, random);
            checked = Check.after(checked, now, () -> false).orElseThrow();
            assertSame(checked, Check.of(now));
        }
    }

    private static Prototype edited(Prototype p, Random random) {
        List<Index.Way> ways = List.copyOf(p.index().ways());
        Screen screen = p.screens().get(random.nextInt(p.screens().size()));
        return switch (random.nextInt(6)) {
            case 0 -> p.withScreen(screen.id(), s -> s.withEnd(!s.end()));
            case 1 -> p.withScreen(screen.id(), s -> s.withTitle(s.title() + "!"));
            case 2 -> p.withScreen(screen.id(), s -> s.withStates(List.of()));
            case 3 -> p.withScreen(screen.id(), s -> s.withStatus(Status.PARKED));
            default ->
                ways.isEmpty()
                        ? p
                        : LinkEdits.remove(ways.get(random.nextInt(ways.size())).link())
                                .applyTo(p);
        };
    }

    private static void assertSame(Checked one, Checked other) {
        assertThat(one.findings())
                .extracting(f -> f.rule() + " " + f.sentence() + " " + f.screens() + " " + f.walk() + " " + f.ground()
                        + " " + f.fixes().size())
                .containsExactlyElementsOf(other.findings().stream()
                        .map(f -> f.rule() + " " + f.sentence() + " " + f.screens() + " " + f.walk() + " " + f.ground()
                                + " " + f.fixes().size())
                        .toList());
        assertThat(one.unsettled()).isEqualTo(other.unsettled());
        assertThat(one.shown()).isEqualTo(other.shown());
        assertThat(one.accepted())
                .extracting(Finding::sentence)
                .isEqualTo(other.accepted().stream().map(Finding::sentence).toList());
    }
}
