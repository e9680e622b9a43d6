package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.check.Check;
import pandel.core.check.finding.Rule;
import pandel.core.edit.History;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.desktop.work.Document;

/** Findings mended, accepted and quietened. */
class CheckTest extends WindowTest {

    @BeforeEach
    void openTheCheck() {
        openSample();
        go(5);
        settle();
    }

    private long count(Rule rule) {
        return opened.work().checked().orElseThrow().findings(rule).size();
    }

    @Test
    void aFixIsPreviewedAppliedInOnePressAndUndoneInOne() {
        Prototype before = prototype();
        assertRead(
                "“Receipt” is a dead end: it has no links.",
                "Any of these would mend it",
                "Let it be closed as a takeover usually is",
                "“Receipt” is closed by nothing but its links.  →  It is closed by the device’s back.",
                "Mark it as an end");
        shot("fixes");
        clickOn("Mark it as an end");
        settle();
        assertThat(count(Rule.DEAD_END)).isZero();
        assertThat(screen("Receipt").end()).isTrue();
        clickOn("#undo");
        settle();
        assertThat(prototype()).isEqualTo(before);
        assertThat(count(Rule.DEAD_END)).isOne();
    }

    @Test
    void eachFindingHasAPictureOfWhereItIs() {
        assertThat(lookup(".findings .finding .framed").queryAll().size())
                .isGreaterThanOrEqualTo((int) lookup(".findings .finding:filled").queryAll().stream()
                        .filter(Node::isVisible)
                        .count());
    }

    @Test
    void whatIsMeantIsAcceptedWithAReasonAndComesBackWhenItsGroundChanges() {
        clickOn("#accept");
        write("the desk takes over");
        push(KeyCode.ENTER);
        settle();
        assertThat(count(Rule.DEAD_END)).isZero();
        assertRead(
                "Meant, or not reported",
                "“Receipt” is a dead end: it has no links. — the desk takes over",
                "Report again");
        press("#look-at-meant");
        assertRead("It is meant", "The shortest way there, on Phone");
        assertThat(lookup("#accept").tryQuery()).isEmpty();
        shot("accepted");
        interact(() -> opened.work().edit(ScreenEdits.rename(screen("Receipt"), "Thanks")));
        settle();
        assertThat(count(Rule.DEAD_END)).isOne();
        clickOn("#undo");
        settle();
        clickOn("Report again");
        settle();
        assertThat(count(Rule.DEAD_END)).isOne();
    }

    @Test
    void aRuleIsQuietenedOnAScreenOrEverywhere() {
        clickOn("#quiet-here");
        settle();
        assertThat(count(Rule.DEAD_END)).isZero();
        assertRead("“Dead end” is not reported on Receipt");
        clickOn("#look-at-meant");
        settle();
        assertThat(((Label) lookup(".told .large").query()).getText()).startsWith("“Receipt” is a dead end");
        assertThat(lookup("#show-me").tryQuery()).as("how one comes there").isPresent();
        assertThat(lookup("#quiet-here").tryQuery()).as("what is quiet already").isEmpty();
        clickOn("“Something is broken” on “Loan” has no link yet.");
        settle();
        clickOn("#quiet");
        settle();
        assertThat(count(Rule.HOTSPOT_WITHOUT_LINK)).isZero();
        clickOn("#filter-unreached-screen");
        settle();
        assertThat(lookup(".finding:filled").queryAll()).hasSize(1);
        clickOn("#go-to-screen");
        settle();
        assertThat(opened.work().screen().orElseThrow().title()).isEqualTo("Report damage");
        assertRead("Ways out");
    }

    @Test
    void theReportIsSavedInTheFormatChosen(@TempDir Path folder) throws Exception {
        Path named = folder.resolve("board.html");
        chosenFiles.add(named);
        clickOn("#save-report");
        settle();
        assertRead("Markdown, for a ticket or a wiki", "JUnit XML, for a build server");
        shot("report-formats");
        clickOn("#report-html");
        until(() -> Files.exists(named));
        settle();
        assertRead("The report is in “board.html”.");
        assertThat(Files.readString(named))
                .contains("“Receipt” is a dead end", "data:image/png;base64,", "Content-Security-Policy");
        chosenFiles.add(folder.resolve("for the build"));
        clickOn("#save-report");
        settle();
        clickOn("#report-sarif");
        Path ended = folder.resolve("for the build.sarif");
        until(() -> Files.exists(ended));
        assertThat(Files.readString(ended)).contains("\"ruleId\" : \"dead-end\"");
        clickOn("#save-report");
        settle();
        clickOn("#report-csv");
        settle();
        assertThat(folder.toFile().list()).as("nothing where none was chosen").hasSize(2);
        chosenFiles.add(folder.resolve("nowhere").resolve("x.csv"));
        clickOn("#save-report");
        settle();
        clickOn("#report-csv");
        until(() -> read().contains("Could not save the report"));
    }

    @Test
    void aRuleIsQuietenedInASection() {
        assertThat(screen("Receipt").section()).isEqualTo("Loans");
        clickOn("#quiet-section");
        settle();
        assertThat(count(Rule.DEAD_END)).isZero();
        assertRead("“Dead end” is not reported in Loans");
        shot("quiet-section");
        interact(() -> opened.work().edit(ScreenEdits.section(List.of(screen("Receipt")), "")));
        settle();
        assertThat(count(Rule.DEAD_END)).isOne();
    }

    @Test
    void whatCouldNotBeSettledIsSaidAndNotGuessed() {
        Prototype hard = IntStream.range(1, 400)
                .mapToObj(seed -> Generated.of(24, seed, Kind.NASTY))
                .filter(p -> !Check.of(p).unsettled().isEmpty())
                .findFirst()
                .orElseThrow();
        interact(() -> opened.work()
                .open(Document.unkept(History.ofSaved(hard), opened.work().shelf())));
        settle();
        assertThat(lookup("#unsettled").tryQuery()).isPresent();
        assertRead("Not settled: ");
        shot("unsettled");
    }
}
