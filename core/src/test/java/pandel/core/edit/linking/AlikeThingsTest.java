package pandel.core.edit.linking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.Edit;
import pandel.core.edit.Naming;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/** Alike things linked together: rows with a value each, or a hotspot each. */
class AlikeThingsTest {

    private final Prototype prototype = Made.of("list page", "detail page needs:thing needs:count/number")
            .withScreen(
                    "detail",
                    s -> s.withExpects(Stream.concat(
                                    s.expects().stream(),
                                    Stream.of(new Expected(
                                            "size",
                                            Expected.Kind.ONE_OF,
                                            List.of("small", "large"),
                                            true,
                                            Optional.empty())))
                            .toList()));
    private final Set<String> given = new HashSet<>();
    private int dice;

    private String fresh(String title) {
        // Chance gives the same letters three times over; no id is given out twice.
        return new Naming(n -> dice++ / 9 % n).take(title, given);
    }

    private List<Hotspot> linked(List<Area> areas) {
        Destination to = new Destination.There(prototype.screen("detail").orElseThrow());
        List<Hotspot> bare = AlikeThings.hotspots(prototype, areas, Width.NARROW, to, this::fresh);
        Edit edit = new Linking(
                        prototype,
                        prototype.screen("list").orElseThrow(),
                        Optional.empty(),
                        Optional.empty(),
                        0,
                        LinkingHabits.NONE,
                        this::fresh)
                .mark(bare, to);
        return edit.applyTo(prototype).screen("list").orElseThrow().hotspots();
    }

    @Test
    void rowsBecomeOneHotspotWithAValueEach() {
        List<Hotspot> made =
                linked(List.of(new Area(10, 100, 370, 80), new Area(10, 184, 370, 80), new Area(10, 268, 370, 80)));
        assertThat(made).hasSize(1);
        Hotspot rows = made.getFirst();
        assertThat(rows.areaOn(Width.NARROW)).contains(new Area(10, 100, 370, 248));
        assertThat(rows.rows()).hasSize(3);
        assertThat(rows.row(2))
                .containsEntry("thing", new Value.Text("thing 2"))
                .containsEntry("count", new Value.Number(2))
                .containsEntry("size", new Value.Text("large"));
        assertThat(((Effect.Advance) rows.links().getFirst().effect().orElseThrow())
                        .to()
                        .values())
                .containsEntry("thing", new Source.OfRow("thing"))
                .containsEntry("size", new Source.OfRow("size"));
    }

    @Test
    void whatStandsUnevenlyOrInAGridBecomesAHotspotEach() {
        assertThat(linked(List.of(new Area(10, 100, 370, 80), new Area(10, 184, 370, 80), new Area(10, 320, 370, 80))))
                .hasSize(3);
        List<Hotspot> grid =
                linked(List.of(new Area(10, 100, 100, 80), new Area(120, 100, 100, 80), new Area(10, 200, 100, 80)));
        assertThat(grid).hasSize(3);
        assertThat(grid.stream().map(Hotspot::id)).doesNotHaveDuplicates();
        assertThat(grid.stream().map(h -> h.links().getFirst().id())).doesNotHaveDuplicates();
    }
}
