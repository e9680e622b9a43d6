package pandel.desktop.theme;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class TextSizeTest {

    @Test
    void lettersAndWhatHoldsThemGrowTogether() {
        assertThat(TextSize.scaled(".row { -fx-min-height: 36; -fx-padding: 0 8 0 8; -fx-font-size: 11px; }", 150))
                .isEqualTo(".row { -fx-min-height: 54.0; -fx-padding: 0 8 0 8; -fx-font-size: 16.5px; }");
    }

    @Test
    void whatIsDrawnAsAPictureStays() {
        String chip = ".chip.mock-chip { -fx-font-size: 11px; }";
        assertThat(TextSize.scaled(chip, 200)).isEqualTo(chip);
        assertThat(TextSize.scaled(".x { -fx-min-height: -1; }", 200))
                .as("as high as it likes")
                .isEqualTo(".x { -fx-min-height: -1; }");
    }
}
