package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.image.WritableImage;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;

/** The gallery. */
class MocksTest extends WindowTest {

    @TempDir
    private Path folder;

    /** The card of a screen, scrolled to. */
    private Node shownCard(String title) {
        interact(() -> opened.work().selection().choose(screen(title).id()));
        go(2);
        go(1);
        return card(title);
    }

    private List<String> titles() {
        return prototype().screens().stream().map(Screen::title).toList();
    }

    @Test
    void aScreenIsRenamedInPlaceAndUndone() {
        openSample();
        keys(KeyCode.F2);
        write("Hello");
        keys(KeyCode.ENTER);
        assertThat(titles()).startsWith("Hello", "Sign in");
        assertRead("Hello", "unsaved changes");
        keys(KeyCode.F2);
        write("Nothing kept");
        keys(KeyCode.ESCAPE);
        assertThat(titles()).startsWith("Hello");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(titles()).startsWith("Splash");
        keys(KeyCode.CONTROL, KeyCode.Y);
        assertThat(titles()).startsWith("Hello");
    }

    @Test
    void cardsAreReorderedByDragAndByKey() {
        openSample();
        Node sign = card("Sign in");
        assertRead("Arriving", "Loans", "Notices and me");
        drag(sign);
        moveTo(card("Tool"));
        shot("carried");
        drop();
        settle();
        // It stands in the other section, where it was let go.
        assertThat(screen("Sign in").section()).isEqualTo("Tools");
        assertThat(titles()).containsSubsequence("Tools", "Sign in", "How to use it");
        int at = titles().indexOf("Sign in");
        keys(KeyCode.ALT, KeyCode.LEFT);
        assertThat(titles().indexOf("Sign in")).isEqualTo(at - 1);
        keys(KeyCode.ALT, KeyCode.LEFT);
        keys(KeyCode.ALT, KeyCode.LEFT);
        assertThat(screen("Sign in").section()).isEqualTo("Arriving");
    }

    @Test
    void aSectionIsFoldedAndRenamed() {
        openSample();
        clickOn("#band-Tools");
        settle();
        assertRead("11 screens, folded");
        assertThat(cardOf("Tool")).isEmpty();
        keys(KeyCode.RIGHT);
        keys(KeyCode.RIGHT);
        assertThat(opened.work().screen().orElseThrow().title()).isEqualTo("Loans");
        clickOn("#band-Loans", MouseButton.SECONDARY);
        clickOn("Rename the section…");
        write("Borrowed");
        keys(KeyCode.ENTER);
        assertThat(screen("Receipt").section()).isEqualTo("Borrowed");
        assertRead("Borrowed");
        clickOn("#undo");
        settle();
        assertThat(screen("Receipt").section()).isEqualTo("Loans");
        // What leads to a folded screen unfolds its section.
        assertThat(shownCard("Tool").isVisible()).isTrue();
    }

    @Test
    void removingSaysWhichLinksGoWithIt() {
        openSample();
        clickOn(card("Tool"));
        keys(KeyCode.DELETE);
        assertRead(
                "Remove “Tool”? 8 links lead to it and would go with it.",
                "Tools: Orchard ladder",
                "Loans: Orchard ladder");
        shot("remove");
        keys(KeyCode.ESCAPE);
        assertThat(titles()).contains("Tool");
        keys(KeyCode.DELETE);
        clickOn("Remove");
        settle();
        assertThat(titles()).doesNotContain("Tool");
        // What this edit stranded is told at once.
        assertRead("stranded");
        assertThat(opened.work().stranded())
                .extracting(Screen::title)
                .contains("How to use it", "Choose dates", "Confirm");
        shot("stranded");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(titles()).contains("Tool");
        assertThat(opened.work().stranded()).isEmpty();
    }

    @Test
    void theMenuOfACardMarksEntryEndAndForm() {
        openSample();
        Node card = card("Tools");
        clickOn(card, MouseButton.SECONDARY);
        settle();
        shot("card-menu");
        clickOn("Start play here");
        settle();
        assertThat(prototype().mainEntry().orElseThrow().target().id())
                .isEqualTo(screen("Tools").id());
        clickOn(shownCard("Receipt"), MouseButton.SECONDARY);
        clickOn("An end: play may stop here");
        settle();
        assertThat(screen("Receipt").end()).isTrue();
        assertRead("end");
        assertThat(opened.work().checked().orElseThrow().findings())
                .noneMatch(f -> f.sentence().contains("“Receipt”"));
        clickOn(shownCard("How to use it"), MouseButton.SECONDARY);
        clickOn("Make it a panel");
        settle();
        assertRead("Make “How to use it” a panel? One link says otherwise then, and changes its verb.");
        shot("form-question");
        clickOn("Change the form and the link");
        settle();
        assertThat(prototype()
                        .index()
                        .waysIn(screen("How to use it").id())
                        .getFirst()
                        .link()
                        .effect()
                        .orElseThrow()
                        .verb())
                .isEqualTo(Verb.OPEN_ABOVE);
        assertThat(screen("How to use it").form()).isEqualTo(Form.PANEL);
        clickOn(shownCard("How to use it"));
        keys(KeyCode.CONTROL, KeyCode.E);
        assertRead("“How to use it” is a panel; play can only start at a page.");
    }

    @Test
    void badPicturesAreNamedAndTheGoodTakenIn() throws Exception {
        Files.copy(PlainSample.pictures().get(2), folder.resolve("2_tools.png"));
        Files.copy(PlainSample.pictures().get(3), folder.resolve("10_tool@2x.png"));
        Files.write(
                folder.resolve("cut.png"),
                java.util.Arrays.copyOf(
                        Files.readAllBytes(PlainSample.pictures().getFirst()), 9000));
        Files.writeString(folder.resolve("words.jpg"), "not a picture");
        Files.createFile(folder.resolve("void.png"));
        interact(() -> opened.window().dropped(List.of(folder)));
        until(() -> prototype().screens().size() == 2);
        settle();
        assertThat(titles()).containsExactly("Tools", "Tool");
        assertRead(
                "2 of 5 pictures were taken in. Not these:",
                "“cut.png” is cut short or damaged; export it again.",
                "“words.jpg” is no PNG, JPEG, SVG, WebP, GIF or BMP picture.",
                "“void.png” is empty; export it again.");
        shot("bad-pictures");
        clickOn("Go on");
    }

    @Test
    void foldersInsideAreAskedAboutAndBecomeSections() throws Exception {
        Files.copy(PlainSample.pictures().get(2), folder.resolve("tools@2x.png"));
        Path inside = Files.createDirectory(folder.resolve("01_checking-in"));
        Files.copy(PlainSample.pictures().get(3), inside.resolve("desk@2x.png"));
        Files.writeString(folder.resolve("scan.tiff"), "II*");
        interact(() -> opened.window().dropped(List.of(folder)));
        until(() -> read().contains("“scan.tiff” is left out: pictures are PNG, JPEG, SVG, WebP, GIF or BMP."));
        assertRead("One picture was taken in.", "A folder inside holds pictures too: “01_checking-in”.");
        shot("folders-inside");
        clickOn("Go on");
        clickOn("#offer-take");
        until(() -> prototype().screens().size() == 2);
        settle();
        assertThat(screen("Desk").section()).isEqualTo("Checking in");
        assertThat(screen("Tools").section()).isEmpty();
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(titles()).containsExactly("Tools");
    }

    @Test
    void aFolderWithoutPicturesIsSaidToBeOne() {
        interact(() -> opened.window().dropped(List.of(folder)));
        until(() -> lookup(".said .label").tryQuery().isPresent());
        settle();
        assertRead("There are no PNG, JPEG, SVG, WebP, GIF or BMP pictures in “" + folder.getFileName() + "”.");
        assertThat(prototype().screens()).isEmpty();
    }

    @Test
    void takingInCanBeStoppedAndThenNothingWasTaken() throws Exception {
        byte[] one = Files.readAllBytes(PlainSample.pictures().get(2));
        for (int i = 0; i < 120; i++) {
            Files.write(folder.resolve("screen " + i + ".png"), one);
        }
        interact(() -> opened.window().dropped(List.of(folder)));
        until(() -> lookup("Stop").tryQuery().isPresent());
        shot("progress");
        // The window stays alive: another stage can be looked at meanwhile.
        go(5);
        assertRead("Nothing to check yet");
        clickOn("Stop");
        until(() -> read().contains("Stopped; no picture was taken in."));
        assertThat(prototype().screens()).isEmpty();
    }

    /** Looks and widths stand behind the mock; a press on how many there are turns them. */
    @Test
    void looksAndWidthsAreTurnedToTheFrontOfTheirCard() {
        openSample();
        Screen screen = prototype().screens().stream()
                .filter(s -> s.states().stream().anyMatch(l -> !l.mocks().isEmpty()))
                .findFirst()
                .orElseThrow();
        Node card = shownCard(screen.title());
        assertThat(from(card).lookup(".mock-frame").queryAll().size()).isGreaterThan(1);
        Labeled turn = from(card).lookup(".badge.turn").queryAs(Labeled.class);
        String count = turn.getText();
        clickOn(turn);
        settle();
        assertThat(turn.getText()).isNotEqualTo(count);
        int faces = Integer.parseInt(count.split(" ")[0]);
        for (int i = 1; i < faces; i++) {
            clickOn(from(card).lookup(".badge.turn").queryAs(Labeled.class));
            settle();
        }
        assertThat(from(card).lookup(".badge.turn").queryAs(Labeled.class).getText())
                .isEqualTo(count);
    }

    /** Cards fill the width, and are as large as they were left. */
    @Test
    void cardsFillTheWidthAndStayAsLargeAsTheyWereLeft() {
        openSample();
        double right = lookup(".card").queryAll().stream()
                .mapToDouble(n -> n.localToScene(n.getLayoutBounds()).getMaxX())
                .max()
                .orElseThrow();
        assertThat(right)
                .isGreaterThan(lookup(".gallery").query().getLayoutBounds().getWidth() - 45);
        double before = lookup(".card").query().getLayoutBounds().getWidth();
        clickOn("#cards-larger");
        settle();
        assertThat(lookup(".card").query().getLayoutBounds().getWidth()).isGreaterThan(before);
        assertThat(opened.window().preferred().now().cards()).isEqualTo("large");
    }

    @Test
    void arrowsMoveThroughTheCardsAndEnterOpensTheDesk() {
        openSample();
        keys(KeyCode.RIGHT);
        keys(KeyCode.DOWN);
        Screen chosen = opened.work().screen().orElseThrow();
        assertThat(titles().indexOf(chosen.title())).isGreaterThan(2);
        keys(KeyCode.ENTER);
        assertRead("Ways out");
        keys(KeyCode.CONTROL, KeyCode.DIGIT3);
        assertRead("Never shown", "Report damage");
    }

    @Test
    void severalScreensAreChosenAndChangedAtOnce() {
        openSample();
        clickOn(card("Tools"));
        clickCard("How to use it", KeyCode.SHIFT);
        assertRead("3 screens chosen");
        clickCard("Confirm", KeyCode.CONTROL);
        assertRead("4 screens chosen");
        clickCard("Tool", KeyCode.CONTROL);
        assertRead("3 screens chosen");
        shot("several");
        drag(card("Confirm"));
        moveTo(card("Sign in"));
        drop();
        settle();
        assertThat(prototype().screens().stream()
                        .filter(s -> s.section().equals("Arriving"))
                        .map(Screen::title))
                .contains("Tools", "How to use it", "Confirm");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertRead("3 screens chosen");
        clickOn("#together-status");
        clickOn("They are ready");
        settle();
        assertThat(prototype().screens().stream()
                        .filter(s -> s.status() == Status.READY)
                        .map(Screen::title))
                .containsExactly("Sign in", "Tools", "How to use it", "Confirm");
        clickOn("#together-section");
        write("Look and book");
        keys(KeyCode.ENTER);
        assertThat(prototype().screens().stream().filter(s -> s.section().equals("Look and book")))
                .hasSize(3);
        clickOn("#together-remove");
        settle();
        assertRead("Remove 3 screens?");
        clickOn("Keep them");
        keys(KeyCode.ESCAPE);
        assertThat(read()).doesNotContain("screens chosen");
        keys(KeyCode.CONTROL, KeyCode.A);
        assertRead("30 screens chosen");
    }

    @Test
    void onlySomeScreensAreShown() {
        openSample();
        clickOn("#trait-no-way-in");
        settle();
        assertRead("1 of 30 screens", "Report damage");
        clickOn("#trait-no-way-in");
        keys(KeyCode.SLASH);
        write("loan");
        settle();
        assertRead("6 of 30 screens", "Loan", "Extend the loan");
        shot("filtered");
        clickOn("#trait-above");
        settle();
        assertRead("1 of 30 screens");
        clickOn(card("Extend the loan"));
        keys(KeyCode.ESCAPE);
        assertRead("30 screens");
        assertThat(read()).doesNotContain("of 30");
    }

    @Test
    void picturesArePastedFromTheClipboard() throws Exception {
        interact(() -> Clipboard.getSystemClipboard().clear());
        keys(KeyCode.CONTROL, KeyCode.V);
        assertRead("There is no picture on the clipboard");
        interact(() -> {
            WritableImage image = new WritableImage(390, 844);
            image.getPixelWriter().setArgb(5, 5, 0xFF336699);
            Clipboard.getSystemClipboard().setContent(Map.of(DataFormat.IMAGE, image));
        });
        keys(KeyCode.CONTROL, KeyCode.V);
        until(() -> prototype().screens().size() == 1);
        assertThat(titles()).containsExactly("Pasted picture");
        assertThat(prototype().screens().getFirst().mocks().getFirst().width()).isEqualTo(390);
    }

    private void clickCard(String title, KeyCode with) {
        Node card = card(title);
        interact(() -> ModifiedClick.on(card, with));
        settle();
    }
}
