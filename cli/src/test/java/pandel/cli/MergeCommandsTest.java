package pandel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;

/** Two people's changes brought together, by hand and by git. */
class MergeCommandsTest extends CommandTest {

    private static Prototype opened(Path file) throws Exception {
        return PrototypeFile.open(file).prototype();
    }

    private static Screen screen(Prototype p, String title) {
        return p.screens().stream()
                .filter(s -> s.title().equals(title))
                .findFirst()
                .orElseThrow();
    }

    /** The prototype in a file with one screen renamed. */
    private static void renamed(Path from, String title, String to, Path into) throws Exception {
        PrototypeFile.Opened opened = PrototypeFile.open(from);
        try (PictureShelf shelf = new PictureShelf()) {
            shelf.add(opened.pictures());
            Prototype p = opened.prototype();
            Prototype made = ScreenEdits.rename(screen(p, title), to).applyTo(p);
            if (Files.isDirectory(from)) {
                PrototypeSaving.toFolder(made, into, shelf);
            } else {
                PrototypeSaving.toFile(made, into, shelf);
            }
        }
    }

    @Test
    void filesAreMergedAndWhatBothChangedIsTold() throws Exception {
        Path base = Path.of(SAMPLE);
        Path mine = folder.resolve("mine.pandel");
        Path theirs = folder.resolve("theirs.pandel");
        Path out = folder.resolve("merged.pandel");
        renamed(base, "Tool", "One tool", mine);
        renamed(base, "Loan", "One loan", theirs);
        assertThat(run("merge", base, mine, theirs, "-o", out)).isZero();
        assertThat(screen(opened(out), "One tool")).isNotNull();
        assertThat(screen(opened(out), "One loan")).isNotNull();
        assertThat(PrototypeFile.open(out).missing()).isEmpty();
        renamed(base, "Tool", "The tool", theirs);
        assertThat(run("merge", base, mine, theirs, "-o", out)).isEqualTo(1);
        assertThat(this.out.toString())
                .contains("“title” is “One tool” in mine and “The tool” in theirs; mine stands.");
    }

    @Test
    void gitMergesFilesAndFoldersByIt() throws Exception {
        Path repo = Files.createDirectory(folder.resolve("repo"));
        String pandel = Path.of(System.getProperty("java.home"), "bin", "java") + " -cp "
                + System.getProperty("java.class.path") + " pandel.cli.Main merge %O %A %B -o %A";
        git(repo, "init", "-q", "-b", "main");
        git(repo, "config", "user.email", "somebody@example.org");
        git(repo, "config", "user.name", "Somebody");
        git(repo, "config", "merge.pandel.driver", pandel);
        Files.writeString(repo.resolve(".gitattributes"), "*.pandel merge=pandel\nprototype.json merge=pandel\n");
        Path file = repo.resolve("lane.pandel");
        Path unpacked = repo.resolve("lane");
        Files.copy(Path.of(SAMPLE), file);
        assertThat(run("unpack", SAMPLE, "-o", unpacked)).isZero();
        git(repo, "add", "-A");
        git(repo, "commit", "-qm", "Both began here");
        git(repo, "checkout", "-qb", "theirs");
        renamed(file, "Loan", "One loan", file);
        renamed(unpacked, "Loan", "One loan", unpacked);
        git(repo, "commit", "-qam", "Theirs");
        git(repo, "checkout", "-q", "main");
        renamed(file, "Tool", "One tool", file);
        renamed(unpacked, "Tool", "One tool", unpacked);
        git(repo, "commit", "-qam", "Mine");
        git(repo, "merge", "-q", "--no-edit", "theirs");
        for (Path merged : List.of(file, unpacked)) {
            assertThat(screen(opened(merged), "One tool")).isNotNull();
            assertThat(screen(opened(merged), "One loan")).isNotNull();
        }
    }

    private static void git(Path repo, String... args) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("git"));
        command.addAll(List.of(args));
        Process git = new ProcessBuilder(command)
                .directory(repo.toFile())
                .redirectErrorStream(true)
                .start();
        String said = new String(git.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(git.waitFor()).as(said).isZero();
    }
}
