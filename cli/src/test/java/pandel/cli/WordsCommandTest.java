package pandel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** Words out for translation and in again. */
class WordsCommandTest extends CommandTest {

    @Test
    void wordsGoOutAsXliffAndTheirTargetsComeIn() throws Exception {
        Path words = folder.resolve("words.xlf");
        assertThat(run("words", SAMPLE, "--format", "xliff", "--language", "en-GB", "-o", words))
                .isZero();
        String xliff = Files.readString(words);
        assertThat(xliff).contains("srcLang=\"en-GB\"");
        Files.writeString(
                words,
                xliff.replace("preserve\">Sign out</source>", "preserve\">Sign out</source><target>Bis bald</target>"));
        Path out = folder.resolve("other.pandel");
        assertThat(run("words", SAMPLE, "--take", words, "-o", out)).isZero();
        assertThat(this.out.toString()).contains("now");
        assertThat(run("diff", SAMPLE, out)).isEqualTo(1);
        assertThat(this.out.toString()).contains("Bis bald");
    }

    @Test
    void aTableThatIsNoneIsRefused() throws Exception {
        Path words = folder.resolve("words.csv");
        Files.writeString(words, "name,size\r\na,1\r\n");
        Path out = folder.resolve("other.pandel");
        assertThat(run("words", SAMPLE, "--take", words, "-o", out)).isEqualTo(2);
        assertThat(err.toString()).contains("other words");
        assertThat(out).doesNotExist();
        assertThat(run("words", SAMPLE, "--take", folder.resolve("none.csv"), "-o", out))
                .isEqualTo(2);
    }
}
