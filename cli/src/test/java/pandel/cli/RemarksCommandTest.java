package pandel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import pandel.core.model.remark.Remark;
import pandel.files.remark.RemarksFile;

/** Remarks listed, and taken in from the page that plays. */
class RemarksCommandTest extends CommandTest {

    private Path remarks(Remark... all) throws Exception {
        Path file = folder.resolve("of a client.json");
        Files.writeString(file, new RemarksFile("Hollow Lane", List.of(all)).text());
        return file;
    }

    @Test
    void theyAreListedAsTextTableAndFile() throws Exception {
        assertThat(run("remarks", SAMPLE)).isZero();
        assertThat(out.toString())
                .contains("settled  “Loan”, hotspot Something is broken")
                .contains("open     “Bring it back”, after 8 steps: From here I would go home")
                .contains("(Teo Barr, 2026-05-06)");
        assertThat(run("remarks", SAMPLE, "--open")).isZero();
        assertThat(out.toString()).doesNotContain("settled  ");
        assertThat(run("remarks", SAMPLE, "--format", "csv")).isZero();
        assertThat(out.toString().lines().findFirst().orElseThrow()).startsWith("id,state,screen");
        assertThat(run("remarks", SAMPLE, "--format", "json")).isZero();
        assertThat(RemarksFile.read(out.toString(), "it").remarks()).hasSize(5);
    }

    @Test
    void thoseOfAFileAreTakenInHoweverOften() throws Exception {
        Path file = remarks(
                Remark.on("loans-njf", "r-1", "=1+1", "Ada", "2026-06-01T10:00:00Z"),
                Remark.on("gone", "r-2", "And this?", "Ada", "2026-06-01T10:00:00Z"));
        Path once = folder.resolve("once.pandel");
        assertThat(run("remarks", SAMPLE, "--take", file, "-o", once)).isZero();
        assertThat(out.toString()).contains("2 remarks are new. One has no place here");
        assertThat(err.toString()).contains("“And this?” has no place: Its screen “gone” is not there any more.");
        assertThat(run("remarks", once, "--take", file, "--take", file)).isZero();
        assertThat(out.toString()).contains("No remark is new; 2 were there before.");
        assertThat(run("remarks", once, "--format", "csv")).isZero();
        assertThat(out.toString().lines()).hasSize(8).anyMatch(l -> l.contains("\"'=1+1\"") || l.contains(",'=1+1,"));
        assertThat(run("diff", SAMPLE, once)).isEqualTo(1);
        assertThat(out.toString()).contains("The remark “And this?” is new.");
    }

    @Test
    void whatHoldsNoneIsRefusedAndNothingIsWritten() throws Exception {
        Path file = folder.resolve("other.json");
        Files.writeString(file, "{}");
        Path to = folder.resolve("other.pandel");
        assertThat(run("remarks", SAMPLE, "--take", file, "-o", to)).isEqualTo(2);
        assertThat(err.toString()).contains("“other.json” holds no remarks");
        assertThat(to).doesNotExist();
        assertThat(run("remarks", SAMPLE, "--take", folder.resolve("none.json"), "-o", to))
                .isEqualTo(2);
        assertThat(run("remarks", SAMPLE, "-o", to)).isEqualTo(2);
        assertThat(err.toString()).contains("-o goes with --take");
    }
}
