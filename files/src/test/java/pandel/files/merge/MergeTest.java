package pandel.files.merge;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.edit.Edit;
import pandel.core.edit.Naming;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.whole.VersionEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.files.json.PrototypeReader;
import pandel.files.json.PrototypeWriter;
import pandel.files.store.PrototypeFile;

/** Two people's changes of one prototype brought together. */
class MergeTest {

    private static Prototype sample() throws Exception {
        return PrototypeFile.open(Path.of("..", "samples", "hollow-lane.pandel"))
                .prototype();
    }

    private static Screen screen(Prototype p, String title) {
        return p.screens().stream()
                .filter(s -> s.title().equals(title))
                .findFirst()
                .orElseThrow();
    }

    private static Prototype with(Prototype p, Edit... edits) {
        Prototype made = p;
        for (Edit edit : edits) {
            made = edit.applyTo(made);
        }
        return made;
    }

    @Test
    void whatEachChangedAloneIsThere() throws Exception {
        Prototype base = sample();
        Prototype mine = with(base, ScreenEdits.rename(screen(base, "Tool"), "One tool"));
        Prototype theirs = with(
                base,
                ScreenEdits.status(screen(base, "Tool"), Status.READY),
                ScreenEdits.rename(screen(base, "Loan"), "One loan"),
                ScreenEdits.add(List.of(Screen.page("fines-abc", "Fines"))));
        Merge merge = Merge.of(base, mine, theirs);
        assertThat(merge.conflicts()).isEmpty();
        Screen tool = screen(merge.prototype(), "One tool");
        assertThat(tool.status()).isEqualTo(Status.READY);
        assertThat(screen(merge.prototype(), "One loan")).isNotNull();
        assertThat(screen(merge.prototype(), "Fines")).isNotNull();
        assertThat(merge.prototype().screens()).hasSize(base.screens().size() + 1);
        assertThat(merge.prototype().versions()).isEqualTo(base.versions());
    }

    @Test
    void whatBothChangedIsToldAndMineStands() throws Exception {
        Prototype base = sample();
        Prototype mine = with(base, ScreenEdits.rename(screen(base, "Tool"), "One tool"));
        Prototype theirs = with(base, ScreenEdits.rename(screen(base, "Tool"), "The tool"));
        Merge merge = Merge.of(base, mine, theirs);
        assertThat(merge.conflicts().stream().map(Conflict::sentence))
                .containsExactly(
                        "In screen “One tool”: “title” is “One tool” in mine and “The tool” in theirs; mine stands.");
        assertThat(merge.prototype()).isEqualTo(mine);
    }

    @Test
    void whatOneRemovedAndTheOtherChangedStays() throws Exception {
        Prototype base = sample();
        Screen receipt = screen(base, "Receipt");
        Prototype mine = with(base, ScreenEdits.remove(List.of(receipt)));
        Prototype theirs = with(base, ScreenEdits.rename(receipt, "The receipt"));
        Merge merge = Merge.of(base, mine, theirs);
        assertThat(merge.conflicts().stream().map(Conflict::sentence))
                .contains("Screen “The receipt” was removed in mine and changed in theirs; it stays.");
        assertThat(screen(merge.prototype(), "The receipt")).isNotNull();
        Merge quiet = Merge.of(base, mine, base);
        assertThat(quiet.conflicts()).isEmpty();
        assertThat(quiet.prototype().screen(receipt.id())).isEmpty();
    }

    @Property(tries = 40)
    void whoChangedNothingTakesWhatTheOtherDid(
            @ForAll long seed, @ForAll @IntRange(min = 2, max = 14) int size, @ForAll boolean nasty) throws Exception {
        Prototype base = Generated.of(size, seed, nasty ? Kind.NASTY : Kind.USUAL, 2);
        Prototype changed = changed(base, new Random(seed));
        for (Merge merge : List.of(
                Merge.of(base, changed, base), Merge.of(base, base, changed), Merge.of(base, changed, changed))) {
            assertThat(merge.conflicts()).isEmpty();
            assertThat(merge.prototype()).isEqualTo(changed);
        }
    }

    @Property(tries = 60)
    void whateverBothDidOpensAndNothingThatOneAddedIsLost(
            @ForAll long seed, @ForAll @IntRange(min = 2, max = 14) int size, @ForAll boolean nasty) throws Exception {
        Prototype base = Generated.of(size, seed, nasty ? Kind.NASTY : Kind.USUAL, 2);
        Prototype mine = changed(base, new Random(seed + 1));
        Prototype theirs = changed(base, new Random(seed + 2));
        Merge merge = Merge.of(base, mine, theirs);
        Prototype read = PrototypeReader.read(
                new ByteArrayInputStream(PrototypeWriter.text(merge.prototype()).getBytes(StandardCharsets.UTF_8)),
                id -> Optional.empty());
        assertThat(read.screens()).isEqualTo(merge.prototype().screens());
        for (Prototype one : List.of(mine, theirs)) {
            for (Screen screen : one.screens()) {
                if (base.screen(screen.id()).isEmpty()) {
                    assertThat(merge.prototype().screen(screen.id())).contains(screen);
                }
            }
        }
        for (Screen screen : base.screens()) {
            boolean gone = mine.screen(screen.id()).isEmpty()
                    || theirs.screen(screen.id()).isEmpty();
            assertThat(merge.prototype().screen(screen.id()).isPresent() || gone)
                    .as(screen.id())
                    .isTrue();
        }
        merge.conflicts().forEach(c -> assertThat(c.sentence()).endsWith("."));
    }

    /** A few edits by chance. */
    private static Prototype changed(Prototype base, Random random) {
        Prototype made = base;
        for (int i = 0; i < 5 && !made.screens().isEmpty(); i++) {
            Screen screen = made.screens().get(random.nextInt(made.screens().size()));
            List<Hotspot> hotspots = screen.hotspots();
            made = with(
                    made,
                    switch (random.nextInt(7)) {
                        case 0 -> ScreenEdits.rename(screen, "Renamed " + random.nextInt(100));
                        case 1 -> ScreenEdits.remove(List.of(screen));
                        case 2 -> ScreenEdits.end(screen, !screen.end());
                        case 3 -> ScreenEdits.add(List.of(Screen.page("new-" + random.nextInt(1_000_000), "New")));
                        case 4 -> ScreenEdits.shift(screen, random.nextBoolean() ? 1 : -1);
                        case 5 -> ScreenEdits.section(List.of(screen), "Section " + random.nextInt(3));
                        default ->
                            hotspots.isEmpty()
                                    ? ScreenEdits.home(screen, !screen.home())
                                    : HotspotEdits.rename(
                                            hotspots.get(random.nextInt(hotspots.size())),
                                            "Spot " + random.nextInt(100));
                    });
        }
        return made;
    }

    @Test
    void whoseIsTakenOfWhatBothChangedCanBeChosen() throws Exception {
        Prototype base = sample();
        Prototype mine = with(
                base,
                ScreenEdits.rename(screen(base, "Tool"), "Mine"),
                ScreenEdits.remove(List.of(screen(base, "Receipt"))));
        Prototype theirs = with(
                base,
                ScreenEdits.rename(screen(base, "Tool"), "Theirs"),
                ScreenEdits.rename(screen(base, "Receipt"), "Bill"));
        Merge merge = Merge.of(base, mine, theirs);
        assertThat(merge.conflicts()).extracting(Conflict::stands).containsExactly(Side.MINE, Side.THEIRS);
        assertThat(merge.conflicts()).extracting(c -> c.words(Side.MINE)).containsExactly("“Mine”", "removed");
        assertThat(merge.conflicts()).extracting(c -> c.words(Side.THEIRS)).containsExactly("“Theirs”", "changed");
        assertThat(merge.prototype().screens())
                .extracting(Screen::title)
                .contains("Mine", "Bill")
                .doesNotContain("Theirs");
        Merge other = Merge.of(base, mine, theirs, Map.of(0, Side.THEIRS, 1, Side.MINE));
        assertThat(other.prototype().screens())
                .extracting(Screen::title)
                .contains("Theirs")
                .doesNotContain("Mine", "Bill", "Receipt");
        assertThat(other.conflicts()).hasSameSizeAs(merge.conflicts());
    }

    @Test
    void whatBothBeganFromIsTheVersionKeptLastInBoth() throws Exception {
        Prototype base = sample().withVersions(List.of());
        Naming naming = new Naming(n -> 1);
        Prototype kept = VersionEdits.keep("Sent", "2026-05-01", naming).applyTo(base);
        Prototype mine = VersionEdits.keep("Mine alone", "2026-05-03", naming)
                .applyTo(ScreenEdits.renamePrototype("Mine").applyTo(kept));
        Prototype theirs = ScreenEdits.renamePrototype("Theirs").applyTo(kept);
        assertThat(Merge.begun(mine, theirs).orElseThrow().title()).isEqualTo("Sent");
        assertThat(Merge.begun(mine, base)).isEmpty();
    }

    @Test
    void whatOneAddsToAListThatTheOtherEmptiedIsThere() throws Exception {
        Prototype base = Prototype.empty("Small").withScreens(List.of(Screen.page("one-abc", "One")));
        Prototype mine = base.withScreens(List.of());
        Prototype theirs =
                ScreenEdits.add(List.of(Screen.page("two-abc", "Two"))).applyTo(base);
        Merge merge = Merge.of(base, mine, theirs);
        assertThat(merge.conflicts()).isEmpty();
        assertThat(merge.prototype().screens()).extracting(Screen::title).containsExactly("Two");
    }
}
