package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.link.Where;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Fact;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/** What screens expect, links carry and people type; rows of a list; keys; where a move is done, and how it moves. */
class ValuesTest extends WindowTest {

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    private Target carried(String screen, String words) {
        return hotspot(screen, words)
                .links()
                .getFirst()
                .effect()
                .flatMap(Effect::target)
                .orElseThrow();
    }

    @Test
    void whatAScreenExpectsIsAskedOfEachLinkThatLeadsThere() {
        desk("Notice");
        press("#values");
        typeOver("#value-new", "subject");
        assertThat(screen("Notice").expects()).containsExactly(Expected.text("subject"));
        typeOver("#value-kind-subject", "ladder, courses");
        assertThat(screen("Notice").expects().getFirst().words()).containsExactly("ladder", "courses");
        typeOver("#value-kind-subject", "nonsense");
        assertRead("A value is a text, a number, yes/no, or one of some words");
        press("#patch-add");
        shot("values-page");
        press("#page-done");
        choose("Notices", "Your ladder is ready");
        assertRead("with subject", "which?");
        shot("sentence-values");
        press("#choice-value-subject");
        write("bicycle");
        keys(KeyCode.ENTER);
        assertRead("“bicycle” is not what “subject” takes: it is one of: ladder, courses.");
        typeOver("#choice-value-subject", "ladder");
        assertThat(carried("Notices", "Your ladder is ready").values())
                .containsEntry("subject", Source.of(new Value.Text("ladder")));
        go(5);
        settle();
        assertThat(read()).doesNotContain("carries no “subject”");
        go(4);
        keys(KeyCode.HOME);
        go(2);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(carried("Notices", "Your ladder is ready").values()).isEmpty();
    }

    @Test
    void aLinkLedToAScreenCarriesWhatGoesByTheSameName() {
        choose("Tool", "Waiting list");
        keys(KeyCode.ENTER);
        write("Confirm");
        keys(KeyCode.ENTER);
        settle();
        assertThat(carried("Tool", "Waiting list").values()).containsEntry("tool", new Source.Given("tool"));
        assertRead("with tool", "given tool");
    }

    @Test
    void whatIsEnteredLivesOnAsAFactOfText() {
        choose("Sign in", "Look around first");
        press("#choice-remember");
        write("holder is typed Card number");
        keys(KeyCode.ENTER);
        settle();
        Fact holder = prototype().facts().getLast();
        assertThat(holder.kind()).isEqualTo(new Fact.Kind.Text());
        assertRead("remember", "holder is typed Card number");
        choose("Sign in", "Card number");
        press("#nature");
        press("#nature-begins");
        shot("field-begins");
        press("#begins-holder");
        assertThat(hotspot("Sign in", "Card number").begins()).contains(new Source.OfFact(holder.id()));
        assertRead("a field that begins with holder");
        shot("field-begun");
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.F);
        assertRead("any text");
        shot("facts-text");
        press("#holds-" + holder.id());
        press("#holds-" + holder.id() + "-0");
        assertThat(prototype().facts().getLast().kind()).isInstanceOf(Fact.Kind.OneOf.class);
        press("#holds-" + holder.id());
        press("#holds-" + holder.id() + "-1");
        assertThat(prototype().facts().getLast().kind()).isEqualTo(new Fact.Kind.Text());
        press("#page-done");
        go(4);
        pass(1800);
        tapDevice(195, 411);
        write("Ida Wren");
        keys(KeyCode.ESCAPE);
        pressPossible("Look around first");
        assertThat(opened.window().played().orElseThrow().facts().set())
                .containsEntry(holder.id(), new Value.Text("Ida Wren"));
        assertRead("holder", "Ida Wren");
        shot("play-text-fact");
    }

    private void pressPossible(String words) {
        clickOn(lookup(".possible-row").queryAll().stream()
                .filter(n -> n.lookupAll(".label").stream()
                        .anyMatch(l -> ((Labeled) l).getText().contains(words)))
                .findFirst()
                .orElseThrow(() -> new AssertionError(read())));
        settle();
    }

    @Test
    void whatIsTypedStandsInItsFieldAndEnterSendsIt() {
        go(4);
        pass(1800);
        tapDevice(195, 411);
        assertThat(lookup("#typed-field").tryQuery()).isPresent();
        write("0417 22");
        shot("play-typing");
        keys(KeyCode.ESCAPE);
        assertRead("0417 22");
        assertThat(opened.window().played().orElseThrow().known().held().typed())
                .containsValue(new Value.Text("0417 22"));
        tapDevice(195, 495);
        write("1");
        keys(KeyCode.ENTER);
        assertThat(opened.window().played().orElseThrow().screen())
                .isEqualTo(screen("Tools").id());
        keys(KeyCode.HOME);
        pass(1800);
        tapDevice(195, 495);
        write("1");
        keys(KeyCode.ENTER);
        assertThat(opened.window().played().orElseThrow().screen())
                .isEqualTo(screen("Sign in").id());
        assertRead("Type the number on the back of your card.");
    }

    @Test
    void theToolThatWasTappedIsTheOneThatIsShown() {
        go(4);
        press("#start-from");
        press("Signed in");
        tapDevice(195, 350);
        assertRead("Hand drill");
        shot("play-patch");
        keys(KeyCode.ESCAPE);
        tapDevice(195, 134);
        tapDevice(195, 144 + 84 * 2 + 30);
        assertThat(opened.window().played().orElseThrow().known().held().given())
                .containsEntry("tool", new Value.Text("Bow saw"));
        assertRead("Bow saw");
    }

    @Test
    void rowsOfAListAreOneHotspot() {
        choose("Notices", "Courses");
        press("#nature");
        press("#nature-rows");
        typeOver("#rows-count", "3");
        typeOver("#rows-names", "course, day");
        typeOver("#row-2", "Sharpening, Friday");
        assertThat(hotspot("Notices", "Courses").row(2)).containsEntry("day", new Value.Text("Friday"));
        typeOver("#row-1", "a, b, c");
        assertRead("A row holds course, day, set apart by commas.");
        typeOver("#rows-count", "0");
        assertRead("A list has 1 to 200 rows");
        shot("rows-page");
        press("#page-done");
        assertRead("each of 3 rows");
        shot("rows-desk");
    }

    @Test
    void aKeyAndAnEdgeSwipeSetLinksOff() {
        interact(() -> opened.work()
                .edit(pandel.core.edit.screen.ScreenEdits.devices(java.util.List.of(Device.DESKTOP, Device.PHONE))));
        interact(() -> opened.work().use(Device.DESKTOP));
        desk("Splash");
        press("#add-cause");
        press("#gesture-key");
        write("Tools");
        keys(KeyCode.ENTER);
        settle();
        typeOver("#choice-key", "q");
        Cause key = screen("Splash").links().getLast().cause();
        assertThat(key).isEqualTo(new Cause.Touch(Gesture.KEY, "Q"));
        typeOver("#choice-key", "nosuch");
        assertRead("No key is called “nosuch”");
        shot("edge-signs");
        go(4);
        keys(KeyCode.Q);
        assertThat(opened.window().played().orElseThrow().screen())
                .isEqualTo(screen("Tools").id());
        interact(() -> opened.work().use(Device.PHONE));
        desk("Notice");
        press("#add-cause");
        press("#gesture-edge-swipe-from-the-left");
        write("Me");
        keys(KeyCode.ENTER);
        settle();
        assertThat(screen("Notice").links().getLast().cause()).isEqualTo(new Cause.Touch(Gesture.EDGE_SWIPE_LEFT));
        go(4);
        keys(KeyCode.HOME);
        pass(1800);
        press("#start-from");
        press("Signed in");
        tapDevice(195 + 50, 800);
        tapDevice(195, 160);
        drag(onDevice(3, 400), MouseButton.PRIMARY).dropTo(onDevice(200, 400));
        settle();
        assertThat(opened.window().played().orElseThrow().screen())
                .isEqualTo(screen("Me").id());
    }

    @Test
    void aMoveIsDoneHereOrBeneathAsIsSaid() {
        choose("Extend the loan", "Leave it as it is");
        keys(KeyCode.ENTER);
        write("Me");
        keys(KeyCode.ENTER);
        press("#choice-more");
        press("#more-beneath");
        Link link = hotspot("Extend the loan", "Leave it as it is").links().getFirst();
        assertThat(link.branches().getFirst().where()).contains(Where.BENEATH);
        assertRead("beneath");
        press("#choice-where");
        assertThat(hotspot("Extend the loan", "Leave it as it is")
                        .links()
                        .getFirst()
                        .branches()
                        .getFirst()
                        .where())
                .contains(Where.HERE);
        press("#choice-more");
        press("#more-usual-place");
        assertThat(hotspot("Extend the loan", "Leave it as it is")
                        .links()
                        .getFirst()
                        .branches()
                        .getFirst()
                        .where())
                .isEmpty();
    }

    @Test
    void howItMovesIsChosenBySight() {
        choose("Tools", "Hand drill");
        press("#choice-motion");
        shot("motion-page");
        press("#motion-grow");
        assertThat(motion("Tools", "Hand drill").map(Motion::kind)).contains(Motion.Kind.GROW);
        typeOver("#motion-ms", "9000");
        assertRead("A motion takes 0 to 5000 ms; “9000” is not that.");
        typeOver("#motion-ms", "600");
        typeOver("#motion-easing", "cubic-bezier(0.2, 0, 0, 1)");
        assertThat(motion("Tools", "Hand drill").map(Motion::easing)).contains("cubic-bezier(0.2, 0, 0, 1)");
        press("#motion-all");
        assertThat(motion("Tools", "Wheelbarrow")).isEqualTo(motion("Tools", "Hand drill"));
        press("#motion-usual");
        assertThat(motion("Tools", "Hand drill")).isEmpty();
        press("#motion-fade");
        press("#page-done");
        // The next link of that verb moves so too.
        desk("Care and late days");
        link(40, 400, 200, 60, "Tools");
        Hotspot made = screen("Care and late days").hotspots().getLast();
        assertThat(made.links().getFirst().branches().getFirst().motion().map(Motion::kind))
                .contains(Motion.Kind.FADE);
    }

    private Optional<Motion> motion(String screen, String words) {
        return hotspot(screen, words).links().getFirst().branches().getFirst().motion();
    }

    @Test
    void severalLinksShowTheirSignsOnTheHotspot() {
        desk("Loans");
        Node signs = lookup((Node n) -> n.isVisible() && n.getStyleClass().contains("signs"))
                .query();
        assertThat(((javafx.scene.layout.HBox) signs).getChildren()).hasSize(2);
        shot("several-signs");
        desk("Notice");
        assertThat(lookup((Node n) -> n.getStyleClass().contains("edge-sign")).queryAll())
                .hasSize(1);
        clickOn(lookup((Node n) -> n.getStyleClass().contains("edge-sign")).<Node>query());
        settle();
        assertRead("Swipe right anywhere");
    }

    @Test
    void wordsAreLaidWhereAHotspotStandsOnTheGroundOfThePicture() {
        choose("Tool", "Reserve");
        press("#nature");
        press("#nature-words");
        pandel.core.model.screen.Patch laid =
                screen("Tool").mocks().getFirst().patches().getLast();
        assertThat(laid.area())
                .isEqualTo(hotspot("Tool", "Reserve")
                        .areaOn(pandel.core.model.device.Width.NARROW)
                        .orElseThrow());
        assertThat(laid.ink()).isEqualTo("#ffffff");
        assertThat(laid.ground()).isNotEqualTo("#ffffff");
        assertRead("Words laid on the picture");
        typeOver("#patch-words-1", "Borrow {tool}");
        typeOver("#patch-size-1", "0");
        assertRead("Letters have a size above 0.");
        press("#page-done");
        shot("words-laid");
        assertRead("Borrow {tool}");
        go(4);
        press("#start-from");
        press("Signed in");
        tapDevice(195, 350);
        assertRead("Borrow Hand drill");
    }

    @Test
    void eachVerbHasALetter() {
        desk("Tool");
        keys(KeyCode.Y);
        assertRead("Choose a hotspot first.");
        choose("Tool", "Waiting list");
        keys(KeyCode.M);
        write("waiting");
        keys(KeyCode.ENTER);
        keys(KeyCode.Y);
        write("You are on the list.");
        keys(KeyCode.ENTER);
        keys(KeyCode.X);
        write("hollow-lane.example");
        keys(KeyCode.ENTER);
        assertThat(hotspot("Tool", "Waiting list").links().getFirst().effects().map(Effect::verb))
                .containsExactly(Verb.REMEMBER, Verb.NOTICE, Verb.LEAVE, Verb.ADVANCE);
        keys(KeyCode.R);
        assertThat(hotspot("Tool", "Waiting list").links().getFirst().effects().map(Effect::verb))
                .contains(Verb.REPLACE);
    }

    @Test
    void twoHundredWaysItCanTurnOutAreReadAndPlayed() {
        Link save = hotspot("Confirm", "Reserve it").links().getFirst();
        java.util.List<pandel.core.model.link.Branch> many = new java.util.ArrayList<>();
        for (int i = 0; i < 200; i++) {
            many.add(save.branches().getFirst().withOutcome(Optional.of("way " + i)));
        }
        interact(
                () -> opened.work().edit(pandel.core.edit.link.LinkEdits.change("many ways", save.withBranches(many))));
        choose("Confirm", "Reserve it");
        assertThat(lookup("#branch-199-outcome").tryQuery()).isPresent();
        go(4);
        press("#start-from");
        press("Signed in");
        tapDevice(195, 260);
        tapDevice(195, 690);
        tapDevice(195, 304 + 488);
        tapDevice(195, 690);
        assertRead("Tap Reserve it: how does it turn out?", "way 0", "way 1");
        shot("two-hundred");
        keys(KeyCode.DIGIT2);
        assertThat(opened.window().played().orElseThrow().screen())
                .isEqualTo(screen("Reserved").id());
    }
}
