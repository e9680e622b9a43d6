package pandel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
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

    /** A program that edits, keeps aside and now and then saves, as fast as it can, and says each edit once it is kept. */
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
            Process process = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-Xshare:auto", "-XX:TieredStopAtLevel=1", "-cp",
                    System.getProperty("java.class.path"), Victim.class.getName(), base.toString(), file.toString()).redirectErrorStream(true).start();
            int said = 0;
            try (BufferedReader out = new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
                int after = 1 + random.nextInt(12);
                for (String line = out.readLine(); line != null; line = out.readLine()) {
                    said = Math.max(said, Integer.parseInt(line));
                    if (said == after) {
                        Thread.sleep(random.nextInt(8));
                        process.toHandle().destroyForcibly();
                    }
                }
            }
            process.waitFor();
            List<Recovery.Left> left = Recovery.find(base);
            assertThat(left).hasSize(1);
            PrototypeFile.Opened brought = Recovery.open(left.getFirst());
            assertThat(Integer.parseInt(brought.prototype().title().substring(5))).isGreaterThanOrEqualTo(said);
            assertThat(brought.missing()).isEmpty();
            String saved = PrototypeFile.open(file).prototype().title();
            int lastSave = (said - 1) / 7 * 7;
            assertThat(lastSave == 0 ? 0 : Integer.parseInt(saved.substring(5))).isGreaterThanOrEqualTo(lastSave);
            Recovery.discard(left.getFirst());
        }
    }

    @Test
    void whatIsInUseIsNotOfferedAndWhatEndedInPeaceLeavesNothing() throws Exception {
        try (PictureShelf shelf = new PictureShelf()) {
            Recovery running = Recovery.begin(folder);
            running.keep(Prototype.empty("Running"), Optional.empty(), shelf);
            assertThat(Recovery.find(folder)).isEmpty();
            running.close();
            assertThat(folder).isEmptyDirectory();
        }
    }
}
