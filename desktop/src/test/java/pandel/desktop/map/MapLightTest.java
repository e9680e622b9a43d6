package pandel.desktop.map;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class MapLightTest {

    @Test
    void aWalkIsNumberedInItsOrderAndItsWaysAreDrawnStrong() {
        MapLight light = MapLight.path(List.of("door", "shelf", "drill", "shelf"), "path", "So.");
        assertThat(light.numbers())
                .containsOnly(Map.entry("door", "1"), Map.entry("shelf", "2…"), Map.entry("drill", "3"));
        assertThat(light.lines())
                .containsExactlyInAnyOrder(
                        new MapLight.Pair("door", "shelf"),
                        new MapLight.Pair("shelf", "drill"),
                        new MapLight.Pair("drill", "shelf"));
        assertThat(light.isLit("drill")).isTrue();
        assertThat(light.isLit("loans")).isFalse();
    }

    @Test
    void stayingWhereOneIsIsNoWay() {
        assertThat(MapLight.path(List.of("door", "door"), "path", "").lines()).isEmpty();
        assertThat(MapLight.path(List.of(), "path", "").lines()).isEmpty();
    }

    @Test
    void atRestEverythingIsLit() {
        assertThat(MapLight.ALL.isLit("whatever")).isTrue();
        assertThat(MapLight.ALL.told()).isEmpty();
    }

    @Test
    void screensAloneAreLitWithTheirFigures() {
        MapLight hubs = MapLight.on(Set.of("home"), Map.of("home", "12"), "Most lead here.");
        assertThat(hubs.isLit("home")).isTrue();
        assertThat(hubs.isLit("shelf")).isFalse();
        assertThat(hubs.lines()).isEmpty();
        assertThat(hubs.told()).contains("Most lead here.");
    }
}
