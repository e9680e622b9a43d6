package pandel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** What others can open who do not have Pandel, and a file as a folder and back. */
class HandOnCommandsTest extends CommandTest {

    @Test
    void aPageThatPlaysIsWritten() throws Exception {
        Path out = folder.resolve("played.html");
        assertThat(run("export", SAMPLE, "--to", "html", "-o", out.toString())).isZero();
        assertThat(Files.readString(out)).startsWith("<!doctype html>");
    }

    @Test
    void aKindThatThereIsNotIsRefusedWithThoseThereAre() {
        assertThat(run("export", SAMPLE, "--to", "paper", "-o", "x")).isEqualTo(2);
        assertThat(err.toString())
                .containsIgnoringCase("html")
                .containsIgnoringCase("pages")
                .contains("paper");
    }

    @Test
    void aFileBecomesAFolderAndAFileAgain() {
        Path unpacked = folder.resolve("lane");
        assertThat(run("unpack", SAMPLE, "-o", unpacked.toString())).isZero();
        assertThat(unpacked.resolve("prototype.json")).exists();
        assertThat(run("pack", unpacked.toString())).isZero();
        Path packed = folder.resolve("lane.pandel");
        assertThat(packed).exists();
        assertThat(run("diff", SAMPLE, packed.toString())).isZero();
        assertThat(out.toString()).contains("Nothing changed.");
    }

    @Test
    void whatIsThereIsNotWrittenOver() throws Exception {
        Path there = folder.resolve("there");
        Files.writeString(there, "mine");
        assertThat(run("unpack", SAMPLE, "-o", there.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("exists already");
        assertThat(Files.readString(there)).isEqualTo("mine");
    }
}
