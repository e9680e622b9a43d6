package pandel.desktop.replace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pandel.core.model.device.Width;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.files.replace.Came;
import pandel.files.replace.Had;
import pandel.files.replace.Pairing;
import pandel.files.replace.Pairing.Kind;

/** What a person makes of the comparison between pictures had and pictures that came. */
class PlanTest {

    private static Picture picture(String content, String source) {
        return new Picture(Width.NARROW, content.repeat(64) + ".png", 390, 844, 1, source, Rest.NONE);
    }

    private static Had had(String id, String content) {
        return new Had(Screen.page(id, id), picture(content, id + ".png"));
    }

    private static Came came(String id, String content) {
        return new Came(Screen.page(id, id).withMocks(List.of(picture(content, id + ".png"))));
    }

    private static Pairing pairing(Kind kind, Had had, Came came) {
        return new Pairing(kind, Optional.of(had), Optional.of(came));
    }

    private final Pairing same = pairing(Kind.SAME, had("door", "a"), came("door", "a"));
    private final Pairing changed = pairing(Kind.CHANGED, had("shelf", "b"), came("shelf", "c"));
    private final Pairing perhaps = pairing(Kind.PERHAPS, had("drill", "d"), came("saw", "e"));
    private final Pairing fresh = Pairing.fresh(came("new", "f"));
    private final Pairing gone = Pairing.gone(had("old", "1"));
    private final Plan plan = Plan.of(List.of(same, changed, perhaps, fresh, gone));

    @Test
    void whatOnlyMayBeANewerOneIsLeftUntilAPersonSaysSo() {
        assertThat(plan.isLeft(perhaps)).isTrue();
        assertThat(plan.swaps()).extracting(s -> s.screen()).containsExactly("shelf");
        assertThat(plan.leave(perhaps).swaps()).extracting(s -> s.screen()).containsExactly("shelf", "drill");
        assertThat(plan.leave(perhaps).leave(perhaps)).isEqualTo(plan);
    }

    @Test
    void theButtonSaysWhatItDoes() {
        assertThat(plan.does()).isEqualTo("Replace 1, add 1");
        assertThat(plan.remove(gone).does()).isEqualTo("Replace 1, add 1, remove 1");
        assertThat(plan.leave(changed).does()).isEqualTo("Add 1");
        assertThat(Plan.of(List.of(same)).does()).isEmpty();
    }

    @Test
    void whatIsTheSameIsNotReplaced() {
        assertThat(same.replaces()).isFalse();
        assertThat(plan.count(Kind.SAME)).isEqualTo(1);
        assertThat(plan.count(Kind.RENAMED)).isZero();
    }

    @Test
    void aNewPictureIsPutOnAScreenThatLostIts() {
        assertThat(plan.free()).containsExactly(gone.had().orElseThrow());
        Plan put = plan.goesWith(fresh, gone.had().orElseThrow());
        assertThat(put.added()).isEmpty();
        assertThat(put.free()).isEmpty();
        assertThat(put.swaps()).extracting(s -> s.screen()).containsExactly("shelf", "old");
        assertThat(put.pairings()).filteredOn(p -> p.kind() == Kind.RENAMED).hasSize(1);
    }

    @Test
    void whatWentWithAnotherFreesThatOne() {
        Plan put = plan.goesWith(changed, gone.had().orElseThrow());
        assertThat(put.free()).extracting(h -> h.screen().id()).containsExactly("shelf");
        assertThat(put.swaps()).extracting(s -> s.screen()).containsExactly("old");
    }

    @Test
    void aPairingIsTakenApartIntoOneGoneAndOneNew() {
        Plan apart = plan.apart(changed);
        assertThat(apart.count(Kind.GONE)).isEqualTo(2);
        assertThat(apart.added()).extracting(Screen::id).containsExactly("new", "shelf");
        assertThat(apart.swaps()).isEmpty();
    }

    @Test
    void theScreenOfAPictureThatIsGoneGoesWhenAPersonSaysSo() {
        assertThat(plan.screensRemoved()).isEmpty();
        Plan removed = plan.remove(gone);
        assertThat(removed.isRemoved(gone)).isTrue();
        assertThat(removed.screensRemoved()).extracting(Screen::id).containsExactly("old");
        assertThat(removed.remove(gone)).isEqualTo(plan);
    }
}
