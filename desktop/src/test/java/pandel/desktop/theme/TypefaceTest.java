package pandel.desktop.theme;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.Group;
import javafx.scene.Scene;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** That the bundled typeface shows what people put in titles, whatever fonts the machine has. */
class TypefaceTest {

    private static final List<String> SIGNS = List.of("🔧", "🪴", "📅", "👋", "✅", "🔑", "🏡", "❄", "⭐", "🇳");

    @BeforeEach
    void start() throws Exception {
        FxToolkit.registerPrimaryStage();
        WaitForAsyncUtils.asyncFx(() -> DayOrNight.DAY.dress(new Scene(new Group()), 100))
                .get();
    }

    @ParameterizedTest
    @ValueSource(strings = {DayOrNight.FAMILY, DayOrNight.STRONG})
    void showsEachSignAsItself(String family) throws Exception {
        Set<Integer> seen = new HashSet<>();
        seen.add(Arrays.hashCode(drawn(family, "\uFFFF")));
        for (String sign : SIGNS) {
            int[] pixels = drawn(family, sign);
            assertThat(Arrays.stream(pixels).filter(p -> p >>> 24 > 128).count())
                    .as(sign)
                    .isGreaterThan(20);
            assertThat(seen.add(Arrays.hashCode(pixels)))
                    .as(sign + " looks like another")
                    .isTrue();
        }
    }

    @Test
    void whatOnlySaysHowASignIsShownTakesNoPlace() throws Exception {
        double alone = width("👋");
        assertThat(alone).isPositive();
        assertThat(width("👋\uFE0F")).isEqualTo(alone);
        assertThat(width("👋🏽")).isEqualTo(alone);
    }

    private static double width(String words) throws Exception {
        return WaitForAsyncUtils.asyncFx(
                        () -> text(DayOrNight.FAMILY, words).getLayoutBounds().getWidth())
                .get();
    }

    private static int[] drawn(String family, String words) throws Exception {
        return WaitForAsyncUtils.asyncFx(() -> {
                    WritableImage image = text(family, words).snapshot(null, new WritableImage(48, 48));
                    int[] pixels = new int[48 * 48];
                    image.getPixelReader().getPixels(0, 0, 48, 48, PixelFormat.getIntArgbInstance(), pixels, 0, 48);
                    return Arrays.stream(pixels)
                            .map(p -> (p & 0xFF) < 128 ? 0xFF000000 : 0)
                            .toArray();
                })
                .get();
    }

    private static Text text(String family, String words) {
        Text text = new Text(words);
        text.setFont(Font.font(family, 24));
        return text;
    }
}
