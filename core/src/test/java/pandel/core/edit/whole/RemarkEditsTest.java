package pandel.core.edit.whole;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.core.model.remark.Remark;
import pandel.core.model.screen.Screen;
import pandel.core.version.Changes;

class RemarkEditsTest {

    private static final Prototype SHOP =
            Prototype.empty("Shop").withScreens(List.of(Screen.page("home", "Home"), Screen.page("bag", "Bag")));

    private static Remark on(String screen, String id, String words) {
        return Remark.on(screen, id, words, "Ada", "2026-05-12T09:30:00Z");
    }

    @Test
    void onesArePinnedRewordedSettledAndRemoved() {
        Remark why = on("home", "r", "Why?");
        Prototype one = RemarkEdits.pin(why).applyTo(SHOP);
        assertThat(one.remarks()).containsExactly(why);
        assertThat(one.index().ids()).contains("r");
        Prototype said =
                RemarkEdits.reword(why, "Why so?", "2026-05-13T09:30:00Z").applyTo(one);
        assertThat(said.remarks().getFirst().words()).isEqualTo("Why so?");
        assertThat(said.remarks().getFirst().made()).isEqualTo("2026-05-13T09:30:00Z");
        Prototype settled = RemarkEdits.settle(why, true).applyTo(said);
        assertThat(settled.remarks().getFirst().settled()).isTrue();
        assertThat(RemarkEdits.remove(why).applyTo(settled).remarks()).isEmpty();
    }

    @Test
    void whatChangedIsTold() {
        Remark why = on("home", "r", "Why?");
        Prototype one = RemarkEdits.pin(why).applyTo(SHOP);
        assertThat(told(SHOP, one)).containsExactly("The remark “Why?” is new.");
        assertThat(told(one, SHOP)).containsExactly("The remark “Why?” was removed.");
        assertThat(told(one, RemarkEdits.settle(why, true).applyTo(one)))
                .containsExactly("The remark “Why?” is settled.");
        assertThat(told(RemarkEdits.settle(why, true).applyTo(one), one))
                .containsExactly("The remark “Why?” is open again.");
        assertThat(told(one, RemarkEdits.reword(why, "So?", "").applyTo(one)))
                .containsExactly("The remark “Why?” says something else.");
    }

    private static List<String> told(Prototype before, Prototype now) {
        return Changes.between(before, now).stream().map(c -> c.sentence()).toList();
    }

    @Test
    void theyStayWhenAllIsMadeAsItWas() {
        Version version = new Version("v", "Before", "2026-05-01", new Version.Content.Kept(SHOP));
        Prototype now = RemarkEdits.pin(on("bag", "r", "Empty?"))
                .applyTo(SHOP.withVersions(List.of(version)).withTitle("Shop of today"));
        Prototype back = VersionEdits.restore("Before", SHOP).applyTo(now);
        assertThat(back.title()).isEqualTo("Shop");
        assertThat(back.remarks()).extracting(Remark::words).containsExactly("Empty?");
    }

    @Test
    void whatOfThoseTakenInIsNewKnownRewordedOrOutOfPlaceIsTold() {
        Prototype mine = SHOP.withRemarks(List.of(
                on("home", "a", "Why?").withSettled(true),
                on("home", "b", "Who?").withSettled(true)));
        TakenRemarks taken = TakenRemarks.of(
                mine,
                List.of(
                        on("home", "a", "Why?"),
                        on("home", "b", "Who is it?").withMade("2026-06-01T00:00:00Z"),
                        on("gone", "c", "Where?"),
                        on("home", "bag", "I have the id of a screen")));
        assertThat(taken.fresh()).isEqualTo(1);
        assertThat(taken.known()).isEqualTo(1);
        assertThat(taken.reworded()).isEqualTo(1);
        assertThat(taken.refused()).isEqualTo(1);
        assertThat(taken.sentence())
                .isEqualTo("One remark is new; one says something else now; one was there before; one was not taken, as"
                        + " something else of the prototype has the same id. One has no place here; the list of remarks"
                        + " shows which.");
        Prototype all = taken.edit().applyTo(mine);
        assertThat(all.remarks()).extracting(Remark::words).containsExactly("Why?", "Who is it?", "Where?");
        assertThat(all.remarks())
                .as("what says something else is open again, what is known stays settled")
                .extracting(Remark::settled)
                .containsExactly(true, false, false);
    }

    @Test
    void anOlderWordingDoesNotComeBack() {
        Prototype mine = SHOP.withRemarks(List.of(on("home", "a", "Newer")));
        TakenRemarks taken =
                TakenRemarks.of(mine, List.of(on("home", "a", "Older").withMade("2026-01-01T00:00:00Z")));
        assertThat(taken.edit().applyTo(mine)).isEqualTo(mine);
        assertThat(taken.sentence()).isEqualTo("No remark is new; one was there before.");
    }

    @Property(tries = 200)
    void howeverOftenAndInWhateverOrderItComesToTheSame(
            @ForAll @Size(max = 12) List<@IntRange(max = 5) Integer> ids, @ForAll @IntRange(max = 3) int known) {
        List<Remark> others = new ArrayList<>();
        for (int i = 0; i < ids.size(); i++) {
            others.add(on("home", "r" + ids.get(i), "words " + i).withMade("2026-05-12T09:30:" + (10 + i) + "Z"));
        }
        Prototype mine = SHOP.withRemarks(others.stream()
                .filter(r -> r.id().compareTo("r" + known) < 0)
                .collect(java.util.stream.Collectors.toMap(Remark::id, r -> r, (a, b) -> a))
                .values()
                .stream()
                .toList());
        Prototype once = TakenRemarks.of(mine, others).edit().applyTo(mine);
        Prototype twice = TakenRemarks.of(once, others).edit().applyTo(once);
        assertThat(twice).isEqualTo(once);
        assertThat(once.remarks()).extracting(Remark::id).doesNotHaveDuplicates();
        Prototype backwards = TakenRemarks.of(mine, others.reversed()).edit().applyTo(mine);
        assertThat(backwards.remarks()).containsExactlyInAnyOrderElementsOf(once.remarks());
    }
}
