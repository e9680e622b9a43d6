package pandel.core.edit.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import pandel.core.edit.Fitting;
import pandel.core.edit.Matching;
import pandel.core.edit.screen.AreaDrag;
import pandel.core.model.Prototype;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;

class OffersTest {

    private static final Prototype APP = Prototype.empty("A")
            .withScreens(List.of(
                    Screen.page("tools", "Tools"),
                    Screen.page("dates", "Choose dates"),
                    Screen.page("tool", "Tool detail"),
                    Screen.page("how", "How to use the tool")));

    private static List<String> offered(String words, Set<String> unreached, String typed) {
        return Offers.of(APP, "tools", words, unreached, typed).stream()
                .map(Screen::id)
                .toList();
    }

    @Test
    void unreachedScreensAndAlikeTitlesComeFirstAndTheScreenItselfLast() {
        assertThat(offered("", Set.of("tool"), "")).containsExactly("tool", "dates", "how", "tools");
        assertThat(offered("Reserve dates", Set.of("tool"), "")).containsExactly("dates", "tool", "how", "tools");
    }

    @Test
    void whatWasTypedBeginsTheTitleThenItsWordsThenStandsWithin() {
        assertThat(offered("", Set.of(), "tool")).containsExactly("tool", "tools", "how");
        assertThat(offered("", Set.of(), "use how")).containsExactly("how");
        assertThat(offered("", Set.of(), "zzz")).isEmpty();
        assertThat(Offers.hasTitle(APP, " TOOLS ")).isTrue();
        assertThat(Matching.rank("Choose dates", "ate")).hasValue(2);
    }

    @Test
    void onlyWhatFitsIsOffered() {
        Screen page = Screen.page("p", "P");
        Screen dialog = Screen.page("d", "D").withForm(Form.DIALOG);
        assertThat(Fitting.whyNot(Verb.ADVANCE, page, dialog)).contains("“D” is a dialog: it opens above");
        assertThat(Fitting.whyNot(Verb.ADVANCE, dialog, dialog)).isEmpty();
        assertThat(Fitting.whyNot(Verb.REPLACE, dialog, page)).isEmpty();
        assertThat(Fitting.usualVerb(page, dialog)).isEqualTo(Verb.OPEN_ABOVE);
        assertThat(Fitting.usualVerb(page, page)).isEqualTo(Verb.ADVANCE);
    }

    /** Wherever a corner or the whole is dragged, the area stays on the mock and keeps its least size. */
    @Property(tries = 300)
    void draggingKeepsAnAreaOnItsMock(
            @ForAll @DoubleRange(min = -900, max = 900) double dx,
            @ForAll @DoubleRange(min = -900, max = 900) double dy,
            @ForAll AreaDrag.Handle handle) {
        Area dragged = new AreaDrag(new Area(100, 200, 80, 60), handle, 390, 844).by(dx, dy);
        assertThat(dragged.x()).isGreaterThanOrEqualTo(0);
        assertThat(dragged.y()).isGreaterThanOrEqualTo(0);
        assertThat(dragged.right()).isLessThanOrEqualTo(390);
        assertThat(dragged.bottom()).isLessThanOrEqualTo(844);
        assertThat(dragged.width()).isGreaterThanOrEqualTo(handle == AreaDrag.Handle.WHOLE ? 80 : AreaDrag.SMALLEST);
        assertThat(dragged.height()).isGreaterThanOrEqualTo(handle == AreaDrag.Handle.WHOLE ? 60 : AreaDrag.SMALLEST);
    }
}
