package pandel.files.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.files.Unreadable;
import pandel.files.store.PrototypeFile;

/** Words go out for review and translation, and come in again at their places. */
class WordsTest {

    private static Prototype sample() throws Exception {
        return PrototypeFile.open(Path.of("..", "samples", "hollow-lane.pandel"))
                .prototype();
    }

    @Test
    void allThatIsReadGoesOutWithWhereItStands() throws Exception {
        List<Wording> all = Wordings.of(sample());
        assertThat(all).extracting(Wording::key).doesNotHaveDuplicates();
        assertThat(all)
                .extracting(Wording::words)
                .contains(
                        "Tool",
                        "Reserve",
                        "Sign out",
                        "Skip",
                        "Hollow Lane 12",
                        "The hand drill is due today.",
                        "Kept among your leaflets.",
                        "{tool}");
        assertThat(all).extracting(Wording::words).doesNotContain("signed in", "nobody waits", "Reserve a ladder");
        assertThat(all)
                .filteredOn(w -> w.words().equals("Reserve"))
                .extracting(Wording::where)
                .contains("screen “Tool”, hotspot “Reserve”");
    }

    @Test
    void aTableBringsOtherWordsToTheirPlaces() throws Exception {
        Prototype sample = sample();
        String csv = WordsTable.of(Wordings.of(sample));
        String key = Wordings.of(sample).stream()
                .filter(w -> w.words().equals("Reserve"))
                .findFirst()
                .orElseThrow()
                .key();
        Map<String, String> read =
                WordsTable.read(csv + key + ",x,Reserve,\"Book, now\"\r\nscreens/gone/title,x,y,Gone\r\n");
        assertThat(read).containsEntry(key, "Book, now").hasSize(2);
        Wordings.Taken taken = Wordings.with(sample, read);
        assertThat(taken.changed()).isEqualTo(1);
        assertThat(taken.unknown()).containsExactly("screens/gone/title");
        assertThat(Wordings.of(taken.prototype()))
                .filteredOn(w -> w.key().equals(key))
                .extracting(Wording::words)
                .containsExactly("Book, now");
        assertThat(taken.prototype().versions()).isEqualTo(sample.versions());
    }

    @Test
    void xliffIsOneUnitForEachAndItsTargetsComeIn() throws Exception {
        Prototype sample = sample();
        List<Wording> all = Wordings.of(sample);
        String xliff = WordsXliff.of(all, "en");
        assertThat(xliff.split("<unit ", -1)).hasSize(all.size() + 1);
        assertThat(WordsXliff.read(xliff)).isEmpty();
        String translated = xliff.replace(
                "<source xml:space=\"preserve\">Reserve</source>",
                "<source xml:space=\"preserve\">Reserve</source><target>Vormerken &amp; holen</target>");
        Map<String, String> read = WordsXliff.read(translated);
        assertThat(read.values()).isNotEmpty().allMatch("Vormerken & holen"::equals);
        assertThat(Wordings.with(sample, read).changed()).isEqualTo(read.size());
    }

    @Test
    void whatIsNoTableAndNoXliffIsRefusedInOneSentence() {
        assertThatThrownBy(() -> WordsTable.read("a,b\r\n1,2\r\n"))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("other words");
        assertThatThrownBy(() -> WordsXliff.read("<xliff")).isInstanceOf(Unreadable.class);
        assertThatThrownBy(() -> WordsXliff.read("<html></html>"))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("XLIFF 2");
        String bomb = "<!DOCTYPE x [<!ENTITY a SYSTEM \"file:///etc/passwd\">]><xliff xmlns=\"urn:oasis:names:tc:xliff:"
                + "document:2.0\"><file><unit name=\"k\"><segment><target>&a;</target></segment></unit></file></xliff>";
        assertThatThrownBy(() -> WordsXliff.read(bomb)).isInstanceOf(Unreadable.class);
    }

    @Property(tries = 40)
    void wordsTakenInAsTheyWentOutChangeNothingAndOthersChangeJustThose(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 15) int size, @ForAll boolean nasty) throws Exception {
        Prototype made = Generated.of(size, seed, nasty ? Kind.NASTY : Kind.USUAL, 2);
        List<Wording> all = Wordings.of(made);
        Map<String, String> same = new LinkedHashMap<>();
        Map<String, String> others = new LinkedHashMap<>();
        all.forEach(w -> {
            same.put(w.key(), w.words());
            others.put(w.key(), "Other " + others.size());
        });
        assertThat(same).hasSize(all.size());
        assertThat(Wordings.with(made, same).prototype()).isEqualTo(made);
        Wordings.Taken taken = Wordings.with(made, others);
        assertThat(taken.unknown()).isEmpty();
        assertThat(Wordings.of(taken.prototype()))
                .extracting(Wording::words)
                .containsExactlyElementsOf(others.values());
    }
}
