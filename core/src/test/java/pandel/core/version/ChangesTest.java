package pandel.core.version;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.Naming;
import pandel.core.edit.link.FormChange;
import pandel.core.edit.screen.ScaleEdit;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.whole.VersionEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;

/** What changed between two prototypes, versions kept and restored, and edits that change much at once. */
class ChangesTest {

    private static final Naming NAMING = new Naming(n -> 0);
    private static final Prototype APP = Made.of(
            "home page drawn: on advance list; ask open above ask",
            "list page: back return; go advance home",
            "ask dialog: x close x; on replace list");

    private static List<String> told(Prototype before, Prototype now) {
        return Changes.between(before, now).stream().map(Change::sentence).toList();
    }

    @Test
    void eachChangeIsOneSentence() {
        Prototype now = Made.of(
                "home page drawn: on replace list; extra return",
                "list page when:ready: back return; go advance home % ready",
                "more page: back return");
        assertThat(told(APP, now))
                .containsExactly(
                        "The fact “ready” is new.",
                        "“home.on” on “home”: tap, replace with list; before: tap, advance to list.",
                        "“home.extra” on “home” is new: tap, return.",
                        "“home.ask” on “home” was removed.",
                        "The look “ready” of “list” is new.",
                        "“list.go” on “list”: tap, remember ready is yes, advance to home; before: tap, advance "
                                + "to home.",
                        "“more” is new, with one link.",
                        "“ask” was removed.");
        assertThat(told(APP, APP)).isEmpty();
        assertThat(told(
                        APP,
                        ScreenEdits.rename(APP.screens().getFirst(), "House").applyTo(APP)))
                .containsExactly("“House” was called “home”.");
    }

    @Test
    void valuesRowsAndFieldsAreTold() {
        Prototype before = Made.of("home page drawn: on advance list; code return", "list page: back return");
        Prototype now = Made.of(
                "home page drawn: on advance list +loan=drill; code ^field return",
                "list page needs:loan: back return");
        assertThat(told(before, now))
                .containsExactly(
                        "“home.on” on “home”: tap, advance to list with loan drill; before: tap, advance to list.",
                        "“home.code” on “home” is a field.",
                        "“list” expects “loan”, text, which must be brought.");
        assertThat(told(now, before))
                .contains("“list” expects “loan” no more.", "“home.code” on “home” is no field any more.");
        Prototype laid = before.withScreen(
                "home",
                s -> s.withEveryMock(mocks -> mocks.stream()
                        .map(m -> (pandel.core.model.screen.Mock) ((pandel.core.model.screen.Picture) m)
                                .withPatches(List.of(new pandel.core.model.screen.Patch(
                                        new pandel.core.model.screen.Area(0, 0, 10, 10), "", "#000000", "Hello", 12))))
                        .toList()));
        assertThat(told(before, laid))
                .containsExactly("“home” has other words laid on its picture for narrow devices.");
    }

    /** Equal prototypes give nothing, unlike ones something. */
    @Property(tries = 60)
    void nothingIsToldExactlyOfWhatIsTheSame(
            @ForAll long seed, @ForAll long other, @ForAll @IntRange(min = 1, max = 12) int size) {
        Prototype a = Generated.of(size, seed, Kind.NASTY, 2);
        Prototype b = Generated.of(size, other, Kind.NASTY, 2);
        assertThat(Changes.between(a, a)).isEmpty();
        assertThat(Changes.between(a, b).isEmpty()).isEqualTo(a.equals(b));
    }

    @Test
    void aVersionIsKeptAndRestoredWholeOrByScreen() {
        Prototype kept = VersionEdits.keep("sent", "2026-05-12", NAMING).applyTo(APP);
        Version version = kept.versions().getFirst();
        Prototype was = ((Version.Content.Kept) version.content()).prototype();
        assertThat(was).isEqualTo(APP);
        Prototype changed = ScreenEdits.remove(List.of(kept.screen("ask").orElseThrow()))
                .applyTo(ScreenEdits.rename(kept.screen("list").orElseThrow(), "Other")
                        .applyTo(kept));
        Prototype whole = VersionEdits.restore("sent", was).applyTo(changed);
        assertThat(whole.withVersions(List.of())).isEqualTo(APP);
        assertThat(whole.versions()).containsExactly(version);
        Prototype one = VersionEdits.restore("sent", was, "list").applyTo(changed);
        assertThat(one.screen("list").orElseThrow().title()).isEqualTo("list");
        assertThat(one.screen("ask")).isEmpty();
        Prototype back = VersionEdits.restore("sent", was, "ask").applyTo(changed);
        assertThat(back.screens()).extracting(Screen::id).containsExactly("home", "list", "ask");
    }

    @Test
    void aFormChangesTheVerbsThatGoWithIt() {
        List<FormChange> toPanel = FormChange.of(APP, List.of(APP.screen("list").orElseThrow()), Form.PANEL);
        assertThat(toPanel)
                .extracting(c -> c.way().link().id() + " " + c.then().verb().word())
                .containsExactly("home.on.tap open above", "ask.on.tap open above");
        Prototype panel = FormChange.edit(List.of(APP.screen("list").orElseThrow()), Form.PANEL, toPanel)
                .applyTo(APP);
        assertThat(panel.screen("list").orElseThrow().form()).isEqualTo(Form.PANEL);
        assertThat(panel.index()
                        .way("home.on.tap")
                        .orElseThrow()
                        .link()
                        .effect()
                        .orElseThrow()
                        .verb()
                        .word())
                .isEqualTo("open above");
        List<FormChange> toPage = FormChange.of(APP, List.of(APP.screen("ask").orElseThrow()), Form.PAGE);
        assertThat(toPage)
                .extracting(c -> c.way().link().id() + " " + c.then().verb().word())
                .containsExactly("home.ask.tap advance", "ask.x.tap return");
    }

    @Test
    void aCorrectedScaleKeepsHotspotsOnWhatTheyAreOn() {
        Prototype doubled = ScaleEdit.of(APP.screens(), 2).applyTo(APP);
        Screen home = doubled.screen("home").orElseThrow();
        assertThat(((Picture) home.mocks().getFirst()).width()).isEqualTo(200);
        assertThat(home.hotspots().getFirst().areaOn(Width.NARROW)).hasValue(new Area(5, 5, 30, 30));
        Prototype large = ScaleEdit.of(APP.screens(), 0.25).applyTo(APP);
        assertThat(large.screen("home").orElseThrow().mocks().getFirst().on()).isEqualTo(Width.WIDE);
        assertThat(large.screen("home").orElseThrow().hotspots().getFirst().areas())
                .containsOnlyKeys(Width.WIDE);
        assertThat(ScaleEdit.of(APP.screens(), 1).applyTo(doubled)).isEqualTo(APP);
    }
}
