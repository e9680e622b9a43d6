package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.start.Entry;

/** Looks, facts, widths, entries, devices, versions and start points, made and used as a person would. */
class LooksTest extends WindowTest {

    private static final Path PICTURES =
            Path.of("..", "samples", "pictures").toAbsolutePath().normalize();

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    @Test
    void aLookIsMadeWithAFactTypedOnTheSpotAndShowsInPlay() {
        desk("Tools");
        clickOn("#add-look");
        shot("look-typing");
        write("shelves are empty");
        keys(KeyCode.ENTER);
        State state = screen("Tools").states().getFirst();
        assertThat(prototype().facts()).extracting(f -> f.title()).contains("shelves are empty");
        assertRead("The look", "shelves are empty is yes");
        typeOver("#look-name", "Nothing on the shelves");
        assertThat(screen("Tools").states().getFirst().title()).isEqualTo("Nothing on the shelves");
        clickOn("#look-when");
        keys(KeyCode.CONTROL, KeyCode.A);
        write("all lent out");
        keys(KeyCode.ENTER);
        assertThat(screen("Tools").states().getFirst().conditions())
                .singleElement()
                .satisfies(c -> assertThat(c.words(prototype())).isEqualTo("all lent out is yes"));
        // A hotspot is hidden in the look alone, and moved in it alone.
        clickOn("#hotspot-" + hotspot("Tools", "Hand drill").id());
        settle();
        clickOn("#hide-in-look");
        settle();
        assertThat(screen("Tools").states().getFirst().hides())
                .containsExactly(hotspot("Tools", "Hand drill").id());
        clickOn("#hotspot-" + hotspot("Tools", "Orchard ladder").id());
        keys(KeyCode.SHIFT, KeyCode.DOWN);
        assertThat(screen("Tools").states().getFirst().moves())
                .containsOnlyKeys(hotspot("Tools", "Orchard ladder").id());
        assertThat(hotspot("Tools", "Orchard ladder")
                        .areaOn(Width.NARROW)
                        .orElseThrow()
                        .y())
                .isEqualTo(226);
        shot("look-desk");
        clickOn("#look-of-plain");
        settle();
        // A link remembers it. What was said meanwhile has gone.
        hold(20_000);
        clickOn("#hotspot-" + hotspot("Tools", "Pruning saw").id());
        clickOn("#choice-remember");
        write("all lent out");
        keys(KeyCode.ENTER);
        assertRead("remember", "all lent out is yes");
        shot("look-remember");
        assertThat(hotspot("Tools", "Pruning saw").links().getFirst().remembers())
                .hasSize(1);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hotspot("Tools", "Pruning saw").links().getFirst().remembers())
                .isEmpty();
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        go(4);
        pass(1800);
        tapDevice(195, 582);
        assertRead("all lent out");
        tapDevice(195, 430);
        keys(KeyCode.B);
        clickOn("#device-back");
        settle();
        assertRead("Look: Nothing on the shelves");
        assertThat(read()).doesNotContain("Tap Hand drill");
        shot("look-play");
        assertThat(state.id()).isEqualTo(screen("Tools").states().getFirst().id());
    }

    @Test
    void whatCannotBeMeantIsToldAndChangesNothing() {
        desk("Loans");
        int before = screen("Loans").states().size();
        clickOn("#add-look");
        write("reservations is gold");
        keys(KeyCode.ENTER);
        assertRead("“reservations” is a number from 0 to 99.");
        assertThat(screen("Loans").states()).hasSize(before);
        clickOn("#look-of-" + screen("Loans").states().getFirst().id());
        settle();
        clickOn("#look-remove");
        settle();
        assertThat(screen("Loans").states()).hasSize(before - 1);
        assertRead("The look was removed; all hotspots and links stayed.");
    }

    @Test
    void aPictureForAnotherWidthAndTwoDevicesSideBySide() {
        desk("Loan");
        clickOn("#pictures");
        settle();
        shot("pictures-menu");
        chosenFiles.add(PICTURES.resolve("tablet").resolve("loans@2x.png"));
        clickOn("#picture-medium");
        until(() -> screen("Loan").mocks().stream()
                .anyMatch(m -> m instanceof Picture p && p.source().equals("loans@2x.png")));
        settle();
        assertRead("is the picture for medium devices");
        desk("Confirm");
        press("#two-devices");
        press("#two-devices-2");
        assertRead("beside Tablet", "Tablet, 820 px", "Phone, 390 px");
        shot("two-devices");
        // What has no place there is found by likeness.
        Screen confirm = screen("Confirm");
        interact(() -> opened.work()
                .edit(pandel.core.edit.Edit.of(
                        "",
                        p -> p.withScreen(
                                confirm.id(),
                                s -> s.withHotspots(s.hotspots().stream()
                                        .map(h -> h.withAreas(java.util.Map.of(
                                                Width.NARROW,
                                                h.areaOn(Width.NARROW).orElseThrow())))
                                        .toList())))));
        settle();
        interact(() -> opened.work().use(prototype().device("tablet")));
        settle();
        assertRead("Place the 2 hotspots missing here");
        clickOn("#place-missing");
        until(() -> hotspot("Confirm", "Reserve it").areaOn(Width.MEDIUM).isPresent());
        assertThat(hotspot("Confirm", "Reserve it")
                        .areaOn(Width.MEDIUM)
                        .orElseThrow()
                        .y())
                .isBetween(655.0, 675.0);
        assertRead("found by likeness");
    }

    @Test
    void partsOfALongPictureStayPut() {
        interact(() -> opened.work().use(prototype().device("small-phone")));
        desk("Tools");
        clickOn("#pictures");
        clickOn("#fixed-parts");
        settle();
        shot("fixed-parts");
        interact(() -> ((javafx.scene.control.Slider) lookup("#fixed-bottom").query()).setValue(78));
        clickOn("#fixed-keep");
        settle();
        Mock mock = screen("Tools").mocks().getFirst();
        assertThat(mock.fixedBottom()).isEqualTo(78);
        go(4);
        pass(1800);
        clickOn("#stage-play");
        tapDevice(180, 540);
        // The strip is at the bottom of the device, though the picture is longer: tapped there, it answers.
        tapDevice(130, 615);
        assertRead("Loans");
        shot("fixed-play");
    }

    @Test
    void factsAreListedRenamedAndRemoved() {
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.F);
        assertRead("yes or no", "3 links");
        String number = prototype().facts().stream()
                .filter(f -> f.title().equals("reservations"))
                .findFirst()
                .orElseThrow()
                .id();
        typeOver("#bounds-" + number, "0 to 3");
        assertThat(prototype().fact(number).orElseThrow().values()).hasSize(4);
        typeOver("#bounds-" + number, "5 to 1");
        assertRead("A number has a least and a most: 0 to 9. “5 to 1” is not that.");
        shot("facts");
        String id = prototype().facts().stream()
                .filter(f -> f.title().equals("kept longer"))
                .findFirst()
                .orElseThrow()
                .id();
        typeOver("#fact-" + id, "tent kept");
        assertThat(prototype().fact(id).orElseThrow().title()).isEqualTo("tent kept");
        clickOn("#remove-fact-" + id);
        settle();
        assertThat(prototype().fact(id)).isEmpty();
        assertRead("“tent kept” is no fact any more; one link remembers it no longer; looks that ask for it hold no "
                + "more.");
        clickOn("#page-done");
        settle();
        go(5);
        assertRead("The look “Kept longer” of “Loan” is never shown: it asks for a fact that was removed.");
    }

    private Entry loanEntry() {
        return prototype().entries().stream()
                .filter(e -> e.address().filter("/loans/{loan}"::equals).isPresent())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void entriesGetAddressesAndStartPointsAreKeptFromPlay() {
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.E);
        assertRead("main entry", "leads to Splash", "leads to Loan", "Signed in, tent kept longer");
        shot("starts");
        clickOn("#try-address");
        write("/loans/12");
        keys(KeyCode.ENTER);
        assertRead("Possible here", "Tap Bring it back");
        clickOn("#start-from");
        settle();
        shot("start-menu");
        clickOn("#keep-moment");
        keys(KeyCode.CONTROL, KeyCode.A);
        write("On the tent");
        keys(KeyCode.ENTER);
        assertThat(prototype().startPoints())
                .last()
                .satisfies(s -> assertThat(s.title()).isEqualTo("On the tent"));
        clickOn("#start-from");
        clickOn("Signed in, tent kept longer");
        settle();
        assertRead("Look: Kept longer");
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.E);
        Entry loan = loanEntry();
        typeOver("#address-" + loan.id(), "loans");
        assertRead("An address begins with / and goes on in parts, /part/{value}.");
        clickOn("#new-address");
        settle();
        assertThat(prototype().entries()).hasSize(4);
    }

    @Test
    void partsOfAnAddressMayBeLeftOutOrNamedAndWhatIsTriedSaysWhatItDropped() {
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.E);
        Entry loan = loanEntry();
        typeOver("#address-" + loan.id(), "/loans/{loan?}?from={from}");
        settle();
        assertThat(prototype().entries())
                .anyMatch(e ->
                        e.address().filter("/loans/{loan?}?from={from}"::equals).isPresent());
        clickOn("#try-address");
        write("/loans?from=mail");
        keys(KeyCode.ENTER);
        assertRead("Possible here", "Tap Bring it back", "Dropped, since nothing there expects it: from.");
        shot("address-dropped");
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.E);
        clickOn("#try-address");
        write("/loans/Tent/again");
        keys(KeyCode.ENTER);
        settle();
        assertRead("No entry has an address like “/loans/Tent/again”");
        clickOn("#page-done");
        settle();
        go(5);
        assertRead("Part of an address");
    }

    @Test
    void aVersionIsKeptComparedShownOnCardsAndRestored() {
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.V);
        assertRead("Sent to the neighbours", "2026-06-02", "First sketch, shown to the board");
        clickOn("#since-" + prototype().versions().getLast().id());
        settle();
        assertRead("“Care and late days” was called “Care and cost”.", "“Tools” is ready, no longer draft.");
        shot("versions");
        clickOn("#mark-" + prototype().versions().getLast().id());
        settle();
        assertRead("changed");
        shot("changed-cards");
        clickOn("#unmark");
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.V);
        clickOn("#since-" + prototype().versions().getLast().id());
        settle();
        clickOn("#restore-screen-" + screen("Care and late days").id());
        settle();
        assertThat(screen("Care and cost")).isNotNull();
        typeOver("#version-name", "After the walk");
        assertThat(prototype().versions()).hasSize(3);
        clickOn("#restore-" + prototype().versions().getFirst().id());
        settle();
        assertThat(prototype().facts()).isEmpty();
        assertThat(prototype().versions()).hasSize(3);
        clickOn("#page-done");
        clickOn("#undo");
        settle();
        assertThat(prototype().facts()).hasSize(5);
    }

    @Test
    void aScreenBecomesALookOfAnotherAndNoLinkToItIsLost() {
        int ways = prototype().index().ways().size();
        interact(() -> opened.work().edit(pandel.core.edit.screen.ScreenEdits.form(screen("Waiting list"), Form.PAGE)));
        keys(KeyCode.SLASH);
        write("waiting list");
        settle();
        clickOn(card("Waiting list"), MouseButton.SECONDARY);
        clickOn("Make it a look of…");
        write("care");
        settle();
        shot("look-of");
        keys(KeyCode.ENTER);
        write("others wait");
        keys(KeyCode.ENTER);
        assertThat(screen("Care and late days").states())
                .singleElement()
                .satisfies(s -> assertThat(s.title()).isEqualTo("Waiting list"));
        assertThat(prototype().index().ways()).hasSize(ways);
        assertThat(prototype().index().waysIn(screen("Care and late days").id()))
                .hasSize(2);
        assertRead("“Waiting list” is a look of “Care and late days”; what led to it leads there.");
    }

    @Test
    void cardsGrowAndShrinkAndSeveralPicturesGetAnotherScale() {
        keys(KeyCode.EQUALS);
        shot("cards-large");
        double large =
                lookup(".card").queryAll().iterator().next().getLayoutBounds().getWidth();
        keys(KeyCode.MINUS);
        keys(KeyCode.MINUS);
        shot("cards-small");
        assertThat(lookup(".card")
                        .queryAll()
                        .iterator()
                        .next()
                        .getLayoutBounds()
                        .getWidth())
                .isLessThan(large / 2);
        keys(KeyCode.CONTROL, KeyCode.A);
        clickOn("#together-scale");
        settle();
        clickOn("#scale-1");
        settle();
        assertThat(((Picture) screen("Me").mocks().getFirst()).width()).isEqualTo(780);
        assertThat(hotspot("Me", "Sign out")
                        .areaOn(screen("Me").mocks().getFirst().on())
                        .orElseThrow()
                        .width())
                .isEqualTo(700);
    }

    @Test
    void everyPageCanBeReadByItsControls() {
        for (KeyCode code : new KeyCode[] {KeyCode.F, KeyCode.E, KeyCode.D, KeyCode.V}) {
            keys(KeyCode.CONTROL, KeyCode.SHIFT, code);
            assertThat(lookup(".wide-page").queryAll()).hasSize(1);
            lookup(".wide-page .text-field")
                    .queryAllAs(TextField.class)
                    .forEach(f -> assertThat(f.getAccessibleText()).isNotBlank());
            lookup(".wide-page .button")
                    .queryAllAs(Labeled.class)
                    .forEach(b -> assertThat(b.getText()).isNotBlank());
            keys(KeyCode.ESCAPE);
            assertThat(lookup(".wide-page").queryAll()).isEmpty();
        }
    }
}
