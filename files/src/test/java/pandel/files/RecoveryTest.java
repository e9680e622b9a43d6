package pandel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.model.Prototype;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;
import pandel.files.store.Recovery;

/** What is kept aside survives a program that is ended in the middle. */
class RecoveryTest {

    private static final int KILLS = 50;

    @TempDir
    private Path folder;

    /**
     * A program that edits, keeps aside and now and then saves, as fast as it can, and says each edit once it is kept.
     */
    static final class Victim {
        public static void main(String[] args) throws Exception {
            Path base = Path.of(args[0]);
            Path file = Path.of(args[1]);
            Prototype prototype = PrototypeFile.open(file).prototype();
            Recovery recovery = Recovery.begin(base);
            PictureShelf shelf = new PictureShelf();
            shelf.add(PrototypeFile.open(file).pictures());
            for (int i = 1; ; i++) {
                prototype = prototype.withTitle("edit " + i);
                recovery.keep(prototype, Optional.of(file), shelf);
                System.out.println(i);
                if (i % 7 == 0) {
                    PrototypeSaving.toFile(prototype, file, shelf);
                }
            }
        }
    }

    @Test
    void killedAtAnyMomentNothingSavedIsLostAndAtMostOneEditUnsaved() throws Exception {
        Path base = folder.resolve("recovery");
        Path file = folder.resolve("work.pandel");
        Random random = new Random(4);
        for (int kill = 0; kill < KILLS; kill++) {
            Files.copy(Path.of("..", "samples", "hollow-lane.pandel"), file, StandardCopyOption.REPLACE_EXISTING);
            Process process = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-Xshare:auto",
                            "-XX:TieredStopAtLevel=1",
                            "-cp",
                            System.getProperty("java.class.path"),
                            Victim.class.getName(),
                            base.toString(),
                            file.toString())
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            int said = 0;
            try (BufferedReader out =
                    new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
                int after = 1 + random.nextInt(12);
                for (String line = out.readLine(); line != null; line = out.readLine()) {
                    said = Math.max(said, Integer.parseInt(line));
                    if (said == after) {
                        for (int spin = random.nextInt(400_000); spin > 0; spin--) {
                            Thread.onSpinWait();
                        }
                        process.toHandle().destroyForcibly();
                    }
                }
            }
            process.waitFor();
            List<Recovery.Left> left = Recovery.find(base).left();
            assertThat(left).hasSize(1);
            PrototypeFile.Opened brought = Recovery.open(left.getFirst());
            assertThat(Integer.parseInt(brought.prototype().title().substring(5)))
                    .isGreaterThanOrEqualTo(said);
            assertThat(brought.missing()).isEmpty();
            String saved = PrototypeFile.open(file).prototype().title();
            int lastSave = (said - 1) / 7 * 7;
            assertThat(lastSave == 0 ? 0 : Integer.parseInt(saved.substring(5))).isGreaterThanOrEqualTo(lastSave);
            Recovery.discard(left.getFirst());
        }
    }

    @Test
    void oneThatIsCutShortIsSetAsideAndHidesNoOther() throws Exception {
        Path whole = leftBehind("Whole", folder);
        Path cut = leftBehind("Cut", folder);
        byte[] bytes = Files.readAllBytes(cut.resolve("work.pandel"));
        Files.write(cut.resolve("work.pandel"), java.util.Arrays.copyOf(bytes, bytes.length / 2));
        Recovery.Found found = Recovery.find(folder);
        assertThat(found.left()).extracting(Recovery.Left::folder).containsExactly(whole);
        assertThat(found.setAside())
                .singleElement()
                .satisfies(aside -> assertThat(aside.resolve("work.pandel")).hasSize(bytes.length / 2));
        assertThat(Recovery.find(folder).setAside()).as("it is told once").isEmpty();
    }

    @Test
    void workOfOverTwentyMillionLettersIsFound() throws Exception {
        Prototype large = Prototype.empty("Large")
                .withScreens(java.util.stream.IntStream.range(0, 22)
                        .mapToObj(i -> pandel.core.model.screen.Screen.page("s" + i, "x".repeat(1_000_000)))
                        .toList());
        Path kept;
        try (PictureShelf shelf = new PictureShelf()) {
            Recovery recovery = Recovery.begin(folder);
            recovery.keep(large, Optional.empty(), shelf);
            kept = moved(recovery);
        }
        Recovery.Left left =
                Recovery.find(Objects.requireNonNull(kept.getParent())).left().getFirst();
        assertThat(Recovery.open(left).prototype()).isEqualTo(large);
    }

    private Path leftBehind(String title, Path base) throws Exception {
        try (PictureShelf shelf = new PictureShelf()) {
            Recovery recovery = Recovery.begin(folder.resolve("running"));
            recovery.keep(Prototype.empty(title), Optional.empty(), shelf);
            return Files.move(moved(recovery), base.resolve(title));
        }
    }

    /** What a program that was ended leaves: the same files, locked by nobody. */
    private Path moved(Recovery recovery) throws Exception {
        Path from;
        try (var all =
                Files.list(folder.resolve("running").toFile().isDirectory() ? folder.resolve("running") : folder)) {
            from = all.filter(f -> Files.exists(f.resolve("work.pandel")))
                    .findFirst()
                    .orElseThrow();
        }
        Path to = Files.createDirectories(folder.resolve("ended")).resolve(from.getFileName());
        Files.createDirectories(to);
        Files.copy(from.resolve("work.pandel"), to.resolve("work.pandel"));
        recovery.close();
        return to;
    }

    @Test
    void whatIsInUseIsNotOfferedAndWhatEndedInPeaceLeavesNothing() throws Exception {
        try (PictureShelf shelf = new PictureShelf()) {
            Recovery running = Recovery.begin(folder);
            running.keep(Prototype.empty("Running"), Optional.empty(), shelf);
            assertThat(Recovery.find(folder).left()).isEmpty();
            running.close();
            assertThat(folder).isEmptyDirectory();
        }
    }
}
