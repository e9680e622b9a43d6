package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;
import pandel.core.model.Look;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.value.Value;
import pandel.core.play.layout.Placement;
import pandel.core.play.layout.Room;
import pandel.core.play.situation.Situation;

/**
 * Hollow Lane as people get it, played with fingers: its welcome, its tabs, its drawer, its sheet, its tools beside a
 * tool.
 */
class FramedSampleTest extends FramedWindowTest {

    private void swipe(Point2D from, double dx, double dy) {
        drag(from).moveTo(from.add(dx / 2, dy / 2)).dropTo(from.add(dx, dy));
        tillStill();
    }

    @Test
    void theWelcomeIsTurnedPageByPage() {
        go(4);
        pass(1800);
        tillStill();
        assertThat(trail()).containsExactly("Welcome, 1 of 3");
        shot("sample-welcome");
        swipe(onDevice(300, 300), -180, 0);
        assertThat(trail()).containsExactly("A week at home, 2 of 3");
        tapDevice(195 - 24, 844 - 12 - 22);
        tillStill();
        assertThat(trail()).containsExactly("Welcome, 1 of 3");
        swipe(onDevice(300, 300), -180, 0);
        swipe(onDevice(300, 300), -180, 0);
        assertThat(trail()).containsExactly("Back on the shelf, 3 of 3");
        swipe(onDevice(300, 300), -180, 0);
        assertThat(trail()).containsExactly("Sign in");
    }

    @Test
    void theTabsKeepTheirTrails() {
        signIn();
        assertThat(trail()).containsExactly("Tools");
        tapDevice(195, 264);
        tillStill();
        assertThat(trail()).containsExactly("Tool", "Tools");
        keys(KeyCode.ESCAPE);
        tapDevice(146, 805);
        tillStill();
        tapDevice(195, 188);
        tillStill();
        assertThat(trail()).containsExactly("Loan", "Loans");
        keys(KeyCode.ESCAPE);
        tapDevice(49, 805);
        tillStill();
        assertThat(trail()).containsExactly("Tools");
        assertRead("Loans: on Loans");
        shot("sample-tabs");
    }

    @Test
    void theDrawerComesOverThePage() {
        signIn();
        tapDevice(390 - 30, 30);
        tillStill();
        assertRead("The house is open", "Item Courses");
        shot("sample-drawer");
        swipe(onDevice(60, 400), 130, 0);
        assertThat(lookup(".trail-drawer").queryAll()).isEmpty();
        swipe(onDevice(388, 400), -180, 0);
        assertThat(lookup(".trail-drawer").queryAll()).hasSize(1);
        tapDevice(300, 8 + 88 + 36 + 72);
        tillStill();
        assertThat(trail()).startsWith("Courses", "Tools");
    }

    /** By the drawer's item. */
    private void openCourses() {
        signIn();
        tapDevice(390 - 30, 30);
        tillStill();
        tapDevice(300, 8 + 88 + 36 + 72);
        tillStill();
    }

    @Test
    void aHeaderLiesOverTheCourses() {
        openCourses();
        assertThat(trail()).startsWith("Courses", "Tools");
        assertRead("Back in the header", "“Opening hours” in the header");
        shot("sample-header");
        tapDevice(195, 182);
        tillStill();
        assertThat(trail()).startsWith("Course", "Courses");
        tapDevice(30, 26);
        tillStill();
        assertThat(trail()).startsWith("Courses", "Tools");
        tapDevice(390 - 26, 26);
        tillStill();
        assertThat(trail()).startsWith("House rules", "Courses");
    }

    private String course() {
        return Optional.ofNullable(opened.window()
                        .played()
                        .orElseThrow()
                        .top()
                        .trail()
                        .current()
                        .held()
                        .given()
                        .get("course"))
                .map(Value::shown)
                .orElse("");
    }

    @Test
    void oneCourseStandsBesideAnotherAndAPlaceTakesTime() {
        openCourses();
        tapDevice(195, 182);
        tillStill();
        assertThat(course()).isEqualTo("Drilling without fear");
        tapDevice(300, 614);
        tillStill();
        assertThat(course()).isEqualTo("Sharpening");
        assertThat(trail()).startsWith("Course", "Courses", "Tools");
        swipe(onDevice(300, 400), -160, 0);
        tillStill();
        assertThat(course()).isEqualTo("Safe on ladders");
        tapDevice(300, 614);
        tillStill();
        assertThat(course()).isEqualTo("Safe on ladders");
        swipe(onDevice(100, 400), 160, 0);
        tillStill();
        assertThat(course()).isEqualTo("Sharpening");
        shot("sample-course");
        tapDevice(195, 690);
        settle();
        assertThat(opened.window().played().orElseThrow().work()).isPresent();
        shot("sample-place-taken");
        pass(5000);
        tillStill();
        assertThat(trail()).startsWith("Your place");
    }

    @Test
    void choosingTheLoansTellsWhatIsDue() {
        signIn();
        tapDevice(146, 805);
        tillStill();
        assertRead("The hand drill is due today.");
        shot("sample-due");
        pass(2600);
        assertThat(lookup("#notice").query().isVisible()).isFalse();
    }

    @Test
    void theDatesStopTwice() {
        signIn();
        tapDevice(195, 264);
        tillStill();
        tapDevice(195, 690);
        tillStill();
        assertThat(trail()).startsWith("Choose dates");
        shot("sample-sheet");
        swipe(onDevice(195, 500), 0, -90);
        tapDevice(195, 844 - 540 + 488);
        tillStill();
        assertThat(trail()).startsWith("Confirm");
    }

    @Test
    void aPictureIsTappedToTurnThePage() {
        go(4);
        pass(1800);
        tillStill();
        tapDevice(195, 240);
        tillStill();
        assertThat(trail()).containsExactly("A week at home, 2 of 3");
    }

    @Test
    void whatIsReservedIsNotGoneBackInto() {
        signIn();
        tapDevice(195, 264);
        tillStill();
        tapDevice(100, 478);
        tillStill();
        doubleClickOn(onDevice(195, 300));
        settle();
        assertRead("Kept among your leaflets.");
        keys(KeyCode.ESCAPE);
        tillStill();
        tapDevice(195, 690);
        tillStill();
        swipe(onDevice(195, 500), 0, -90);
        tapDevice(195, 844 - 540 + 488);
        tillStill();
        tapDevice(195, 690);
        tillStill();
        assertThat(trail()).startsWith("Reserved");
        tapDevice(195, 558);
        tillStill();
        assertThat(trail()).startsWith("Pick it up");
        shot("sample-way");
        tapDevice(195, 296);
        settle();
        assertRead("maps.hollow-lane.example");
        keys(KeyCode.ESCAPE);
        tillStill();
        assertThat(trail()).startsWith("Reserved");
        keys(KeyCode.ESCAPE);
        tillStill();
        assertThat(trail()).containsExactly("Tools");
    }

    @Test
    void aCardLeftAloneIsPutAway() {
        signIn();
        tapDevice(390 - 30, 30);
        tillStill();
        tapDevice(300, 8 + 88 + 36 + 4 * 48 + 36 + 24);
        tillStill();
        assertThat(trail()).startsWith("My card", "Tools");
        pass(29_000);
        assertThat(trail()).startsWith("My card");
        pass(1_000);
        tillStill();
        assertThat(trail()).containsExactly("Tools");
    }

    @Test
    void toolsStandBesideATool() {
        signInOn("tablet-on-its-side");
        possible("Tap Orchard ladder");
        assertThat(trail()).startsWith("Tool", "Tools");
        shot("sample-pair");
        possible("Tap Wheelbarrow");
        assertThat(trail()).containsExactly("Tool", "Tools");
    }

    @Test
    void framesShowOnTheMapAndFoldOnTheDesk() {
        go(3);
        settle();
        assertRead("The lane", "First visit");
        shot("sample-map");
        desk("Tools");
        assertRead("The house, 8 …", "a tab of The lane");
        press(".fold");
        assertRead("The house, 8", "item Invite a neighbour");
        shot("sample-desk");
    }

    @Test
    void theCountersMouseAndKeysDoWhatFingersDo() {
        signInOn("counter");
        assertThat(trail()).startsWith("Tools");
        keys(KeyCode.S);
        tillStill();
        assertThat(trail()).startsWith("Search", "Tools");
        keys(KeyCode.ESCAPE);
        tillStill();
        possible("Tap Orchard ladder");
        assertThat(trail()).startsWith("Tool", "Tools");
        moveTo(onHotspot("Care and cost"));
        settle();
        assertRead("Free for a week; a coin a day after that.");
        shot("sample-hover");
        keys(KeyCode.ESCAPE);
        tillStill();
        possible("Tap Loans in the strip");
        assertThat(trail()).startsWith("Loans");
        clickOn(onHotspot("Four-person tent"), MouseButton.SECONDARY);
        tillStill();
        assertThat(trail()).startsWith("Extend the loan");
        shot("sample-secondary");
    }

    /** The same on a wide device. */
    private void signInOn(String device) {
        interact(() -> opened.work().use(prototype().device(device)));
        go(4);
        pass(1800);
        tillStill();
        tapDevice(1024 - 60, 34);
        tillStill();
        possible("Tap Sign in, number known");
    }

    /** The middle of a hotspot of the screen that is played. */
    private Point2D onHotspot(String words) {
        Situation now = opened.window().played().orElseThrow();
        Room room = Room.of(prototype(), now);
        Look look = now.look(prototype()).orElseThrow();
        Placement at = Placement.of(look, room, now.height());
        Hotspot hotspot = prototype().index().hotspotsOn(now.screen()).stream()
                .filter(h -> h.title().equals(words))
                .findFirst()
                .orElseThrow();
        Area area = look.areaOf(hotspot, room.on()).orElseThrow();
        return onDevice(
                room.x() + at.x() + (area.x() + area.width() / 2) * at.factor(),
                at.y() + (area.y() + area.height() / 2) * at.factor());
    }

    private void possible(String words) {
        lookup(".possible-row").queryAll().stream()
                .filter(n -> n.lookupAll(".label").stream()
                        .anyMatch(l -> ((Label) l).getText().equals(words)))
                .findFirst()
                .ifPresent(n -> clickOn(n, MouseButton.PRIMARY));
        tillStill();
    }
}
