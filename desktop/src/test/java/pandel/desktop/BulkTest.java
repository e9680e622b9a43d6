package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/** Many links at once: led elsewhere, given another verb, copied to another screen, made in order. */
class BulkTest extends WindowTest {

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    private List<Effect> moves(String screen) {
        return screen(screen).hotspots().stream()
                .flatMap(h -> h.links().stream())
                .flatMap(l -> l.effect().stream())
                .toList();
    }

    @Test
    void sentencesChosenTogetherAreLedElsewhereAndChangeTheirVerb() {
        desk("Me");
        press("#all-sentences");
        press("#sentences-filter");
        write("Me: tap");
        settle();
        press("#sentences-choose-all");
        long targeted = moves("Me").stream().filter(m -> m.target().isPresent()).count();
        assertRead("Lead them to…", "Verb…", "Remove them");
        shot("sentences-together");
        press("#together-lead");
        write("Tools");
        keys(KeyCode.ENTER);
        settle();
        assertThat(moves("Me").stream().flatMap(m -> m.target().stream()).map(Target::id))
                .hasSize((int) targeted)
                .containsOnly(screen("Tools").id());
        press("#sentences-choose-all");
        press("#together-verb");
        press("#together-replace");
        assertThat(moves("Me").stream().map(Effect::verb)).containsOnly(Verb.REPLACE);
        press("#undo");
        press("#undo");
        assertThat(moves("Me").stream().flatMap(m -> m.target().stream()).map(Target::id))
                .contains(screen("My card").id());
    }

    @Test
    void linksAreCopiedToHotspotsOfTheSameWordsOrPlace() {
        desk("Waiting list");
        mark(20, 664, 350, 52);
        keys(KeyCode.ESCAPE);
        mark(40, 100, 120, 60);
        keys(KeyCode.ESCAPE);
        interact(() -> {
            String id = screen("Waiting list").id();
            opened.work()
                    .edit(pandel.core.edit.screen.HotspotEdits.mark(
                            screen("Waiting list"),
                            new Hotspot(
                                    "same-place",
                                    "",
                                    java.util.Map.of(
                                            pandel.core.model.device.Width.NARROW,
                                            new pandel.core.model.screen.Area(22, 660, 346, 54)),
                                    List.of(),
                                    pandel.core.model.rest.Rest.NONE)));
            opened.work()
                    .edit(pandel.core.edit.screen.HotspotEdits.mark(
                            screen("Waiting list"),
                            new Hotspot(
                                    "same-words",
                                    "Opening hours",
                                    java.util.Map.of(
                                            pandel.core.model.device.Width.NARROW,
                                            new pandel.core.model.screen.Area(20, 300, 90, 40)),
                                    List.of(),
                                    pandel.core.model.rest.Rest.NONE)));
            assertThat(id).isNotEmpty();
        });
        desk("Tool");
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.C);
        write("Waiting");
        settle();
        shot("copy-links");
        keys(KeyCode.ENTER);
        settle();
        Screen list = screen("Waiting list");
        Hotspot byWords = list.hotspots().stream()
                .filter(h -> h.id().equals("same-words"))
                .findFirst()
                .orElseThrow();
        Hotspot byPlace = list.hotspots().stream()
                .filter(h -> h.id().equals("same-place"))
                .findFirst()
                .orElseThrow();
        assertThat(byWords.links().getFirst().effect().flatMap(Effect::target).map(Target::id))
                .contains(screen("Opening hours").id());
        assertThat(byPlace.links().getFirst().effect().map(Effect::verb)).contains(Verb.OPEN_ABOVE);
        assertRead("2 links were copied to “Waiting list”.");
    }

    @Test
    void screensChosenTogetherAreLinkedInOrder() {
        go(1);
        interact(() -> {
            opened.work().selection().choose(screen("House rules").id());
            opened.work()
                    .selection()
                    .together()
                    .setAll(
                            screen("House rules").id(),
                            screen("Invite a neighbour").id(),
                            screen("Ask for help").id());
        });
        settle();
        press("#together-order");
        assertThat(screen("House rules")
                        .links()
                        .getFirst()
                        .effect()
                        .flatMap(Effect::target)
                        .map(Target::id))
                .contains(screen("Invite a neighbour").id());
        assertThat(screen("Invite a neighbour")
                        .links()
                        .getFirst()
                        .effect()
                        .flatMap(Effect::target)
                        .map(Target::id))
                .contains(screen("Ask for help").id());
        assertRead("2 links were made, each screen to the next");
    }
}
