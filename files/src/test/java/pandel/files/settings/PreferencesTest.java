package pandel.files.settings;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PreferencesTest {

    @TempDir
    private Path folder;

    @Test
    void theyAreReadAsTheyWereWritten() throws Exception {
        PreferencesFile file = new PreferencesFile(folder.resolve("deep").resolve("preferences.json"));
        Preferences preferred = Preferences.USUAL
                .withLook(Preferences.LookWish.NIGHT)
                .reading(320)
                .measured(3.78)
                .opened(Path.of("/somewhere/lane.pandel"));
        file.write(preferred);
        assertThat(file.read()).isEqualTo(preferred);
        file.write(Preferences.USUAL);
        assertThat(file.read()).isEqualTo(Preferences.USUAL);
        try (var left = Files.list(file.path().getParent())) {
            assertThat(left).containsExactly(file.path());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "{", "[]", "7", "{\"look\": 3, \"recent\": \"x\", \"wordsAMinute\": \"fast\"}"})
    void damagedOnesStandForTheUsual(String text) throws Exception {
        Path file = folder.resolve("preferences.json");
        Files.writeString(file, text);
        assertThat(new PreferencesFile(file).read()).isEqualTo(Preferences.USUAL);
    }

    @Test
    void whatCannotBeMeantIsBroughtWithinBounds() {
        assertThat(Preferences.USUAL.reading(5).wordsAMinute()).isEqualTo(Preferences.SLOWEST);
        assertThat(Preferences.USUAL.reading(5000).wordsAMinute()).isEqualTo(Preferences.FASTEST);
        assertThat(Preferences.USUAL.measured(0.1).dotsAMillimetre()).isEqualTo(OptionalDouble.empty());
        assertThat(Preferences.USUAL.measured(Double.NaN).dotsAMillimetre()).isEqualTo(OptionalDouble.empty());
        assertThat(Preferences.USUAL.measured(3.8).dotsAMillimetre()).hasValue(3.8);
    }

    @Test
    void theFilesOpenedLastComeFirstEachOnceAndNotAllOfThem() {
        Preferences preferred = IntStream.range(0, 20)
                .mapToObj(i -> Path.of("/f" + i))
                .reduce(Preferences.USUAL, Preferences::opened, (a, b) -> b)
                .opened(Path.of("/f17"));
        assertThat(preferred.recent()).hasSize(8).startsWith(Path.of("/f17"), Path.of("/f19"), Path.of("/f18"));
        assertThat(preferred.recent()).doesNotHaveDuplicates();
        assertThat(preferred.without(Path.of("/f19")).recent()).hasSize(7).doesNotContain(Path.of("/f19"));
    }
}
