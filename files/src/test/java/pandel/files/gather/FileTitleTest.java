package pandel.files.gather;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FileTitleTest {

    @ParameterizedTest
    @CsvSource({
        "03_tool-detail@2x.png, Tool detail, 2",
        "loans.png, Loans, 0",
        "12 - My  loans.JPG, My loans, 0",
        "7.png, 7, 0",
        "@3x.png, Untitled, 3",
        "drill@1.5x.png, Drill, 1.5",
        "drill@99x.png, Drill, 0",
        "drill@0x.png, Drill, 0",
        "ß-laden.png, SS laden, 0",
        "a.b.c.png, A b c, 0",
    })
    void aFileNameSaysTitleAndScale(String name, String title, double scale) {
        assertThat(FileTitle.of(name)).isEqualTo(new FileTitle(title, scale));
    }

    @Property(tries = 300)
    void everyNameHasATitle(@ForAll String name) {
        assertThat(FileTitle.of(name).title()).isNotEmpty();
        assertThat(FileTitle.of(name).scale()).isBetween(0.0, 20.0);
    }

    @ParameterizedTest
    @CsvSource({
        "390, 844, 1",
        "780, 1688, 2",
        "1170, 2532, 3",
        "1440, 3120, 4",
        "585, 1266, 1.5",
        "1180, 820, 1",
        "2048, 1536, 1",
        "3000, 9000, 1",
    })
    void thePixelsSayTheScaleWhereThatMakesAPhone(int width, int height, double scale) {
        assertThat(FileTitle.guessScale(width, height)).isEqualTo(scale);
    }

    @Test
    void twoComesBeforeTen() {
        assertThat(Stream.of("b10", "b2", "A1", "a01", "b2x", "B1").sorted(FileTitle.naturalOrder()))
                .containsExactly("A1", "a01", "B1", "b2", "b2x", "b10");
    }

    @Property(tries = 200)
    void theOrderIsTotal(@ForAll List<String> names) {
        List<String> once = names.stream().sorted(FileTitle.naturalOrder()).toList();
        assertThat(once.reversed().stream().sorted(FileTitle.naturalOrder())).containsExactlyElementsOf(once);
    }
}
