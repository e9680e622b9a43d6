package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.Header.Kind;
import pandel.core.model.frame.OwnSign;
import pandel.files.store.PrototypeFile;

/** Headers made from nothing and over chosen screens, edited as what they are, linked, and played with fingers. */
class HeadersTest extends WindowTest {

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    private Header made() {
        return prototype().headers().getLast();
    }

    private List<String> labels() {
        return made().actions().stream().map(Header.Action::label).toList();
    }

    private String shown() {
        return trail().getFirst();
    }

    private void makeOver(String... titles) {
        interact(() -> opened.work()
                .selection()
                .chooseTogether(
                        List.of(titles).stream().map(t -> screen(t).id()).toList()));
        settle();
        press("#together-frame");
        press("#together-header");
    }

    private void addAction(String screen) {
        press("#action-new");
        write(screen);
        keys(KeyCode.ENTER);
    }

    @Test
    void oneIsMadeFromNothing() {
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Q);
        assertRead("Headers", "There is none yet.");
        press("#frames-header");
        assertThat(made().on().all()).isTrue();
        assertThat(made().left().kind()).isEqualTo(Kind.BACK);
        typeOver("#header-title", "Over all");
        typeOver("#header-words", "Hello");
        assertThat(made().words()).isEqualTo("Hello");
        addAction("House rules");
        addAction("Opening hours");
        assertThat(labels()).containsExactly("House rules", "Opening hours");
        typeOver("#action-label", "Hours");
        press("#action-sign");
        press("#sign-bell");
        assertThat(made().actions().getLast().sign()).isEqualTo("bell");
        press("#header-large");
        press("#header-large-1");
        press("#header-stays");
        press("#header-stays-1");
        assertThat(made().bar().large()).isTrue();
        assertThat(made().bar().stays()).isFalse();
        press("#header-left");
        press("#header-left-1");
        assertThat(made().left().labelled()).isTrue();
        shot("header-page");
        press("#action-1");
        press("#action-out");
        assertThat(labels()).containsExactly("Hours");
        press("#page-done");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(labels()).containsExactly("House rules", "Hours");
        keys(KeyCode.CONTROL, KeyCode.F);
        write("over all");
        assertRead("Over all", "2 actions");
    }

    @Test
    void fingersTouchItsSignsInPlay() {
        makeOver("Tools", "Loans", "Opening hours");
        addAction("House rules");
        press("#page-done");
        go(4);
        pass(1800);
        tapDevice(195, 582);
        tillStill();
        assertThat(shown()).isEqualTo("Tools");
        // At the first place nothing lies behind, and no sign stands there.
        assertRead("“House rules” in the header");
        shot("header-play");
        tapDevice(390 - 40, 26);
        tillStill();
        assertThat(shown()).isEqualTo("House rules");
    }

    @Test
    void whatDoesNotFitIsListedBehindASign() {
        makeOver("Tools", "Loans");
        addAction("House rules");
        addAction("Opening hours");
        addAction("Loans");
        addAction("Tools");
        press("#page-done");
        go(4);
        pass(1800);
        tapDevice(195, 582);
        tillStill();
        tapDevice(390 - 24, 26);
        assertThat(lookup("#header-list").tryQuery()).isPresent();
        shot("header-list");
        // Beside it: listed no more, and nothing else is done.
        tapDevice(100, 500);
        assertThat(lookup("#header-list").tryQuery()).isEmpty();
        assertThat(shown()).isEqualTo("Tools");
        tapDevice(390 - 24, 26);
        tapDevice(390 - 100, 52 + 22);
        tillStill();
        assertThat(lookup("#header-list").tryQuery()).isEmpty();
        assertThat(shown()).isNotEqualTo("Tools");
    }

    @Test
    void anActionHasADrawingOfOnesOwn(@TempDir Path folder) throws IOException {
        makeOver("Tools", "Loans");
        addAction("House rules");
        Path drawing = folder.resolve("gate.svg");
        Files.writeString(
                drawing,
                "<svg xmlns='http://www.w3.org/2000/svg' width='24' height='24'>"
                        + "<path d='M4 20 V6 H20 V20 M4 13 H20' fill='none' stroke='#000' stroke-width='2'/></svg>");
        chosenFiles.add(Path.of("..", "samples", "pictures", "01_splash@2x.png"));
        press("#action-sign");
        press("#sign-own");
        settle();
        until(() -> read().contains("is no SVG drawing; a sign is one."));
        chosenFiles.add(drawing);
        press("#sign-own");
        until(() -> OwnSign.content(made().actions().getFirst().sign()).isPresent());
        settle();
        assertThat(lookup("#header-page").tryQuery()).isPresent();
        shot("sign-of-ones-own");
        // It is one of the pictures that are saved with the prototype.
        assertThat(PrototypeFile.pictures(prototype()))
                .contains(OwnSign.content(made().actions().getFirst().sign()).orElseThrow());
    }

    @Test
    void hidingTheOnlyWayBackIsToldAtOnceAndByTheChecks() {
        press("#new-screen");
        keys(KeyCode.ESCAPE);
        makeOver("New screen", "House rules");
        press("#header-hide");
        write("New screen");
        keys(KeyCode.ENTER);
        assertThat(made().hiddenOn()).containsExactly(screen("New screen").id());
        assertRead("“New screen” has no other way back but the device’s own now.");
        press("#header-show-" + screen("New screen").id());
        assertThat(made().hiddenOn()).isEmpty();
        press("#page-done");
        go(2);
        interact(() -> opened.work().selection().choose(screen("House rules").id()));
        settle();
        assertRead("Header, 1", "its left sign");
        interact(() -> opened.work().selection().chooseLink(made().leftId()));
        settle();
        assertRead("goes back, where something lies behind.");
        press("#open-header");
        assertThat(lookup("#header-page").tryQuery()).isPresent();
    }
}
