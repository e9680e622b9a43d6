package pandel.desktop.links;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.layout.Region;
import pandel.core.edit.TabSetEdits;
import pandel.core.model.Drawer;
import pandel.core.model.Form;
import pandel.core.model.Pair;
import pandel.core.model.Screen;
import pandel.core.model.Sequence;
import pandel.core.model.TabSet;
import pandel.desktop.frames.DrawerPage;
import pandel.desktop.frames.OverlayPage;
import pandel.desktop.frames.PairPage;
import pandel.desktop.frames.SequencePage;
import pandel.desktop.frames.TabSetPage;
import pandel.desktop.shell.Around;
import pandel.desktop.work.Work;

/** Says in which frame the chosen screen stands; a press shows that. */
final class InFrame extends Button {

    private final Work work;
    private final Around around;

    InFrame(Work work, Around around) {
        this.work = work;
        this.around = around;
        setId("in-frame");
        getStyleClass().addAll("word", "small");
        setMinWidth(Region.USE_PREF_SIZE);
        setMnemonicParsing(false);
        setOnAction(e -> open());
    }

    void show(Screen screen) {
        Optional<Sequence> sequence = sequence(screen);
        Optional<TabSet> set = TabSetEdits.setOf(work.prototype(), screen.id());
        Optional<Drawer> drawer = drawer(screen);
        boolean above = screen.form() != Form.PAGE;
        Optional<Pair> pair = pair(screen);
        setVisible(above || sequence.isPresent() || set.isPresent() || drawer.isPresent() || pair.isPresent());
        setManaged(isVisible());
        setText(above && sequence.isEmpty() ? "a " + screen.form().word() + ": how it opens" : sequence.map(s -> "page " + (s.pages().indexOf(screen.id()) + 1) + " of " + s.pages().size() + ", " + s.shownTitle()).or(() -> set.map(s -> "a tab of " + s.shownTitle())).or(() -> drawer.map(d -> "with the drawer " + d.shownTitle()))
                .or(() -> pair.map(p -> "beside " + work.prototype().screen(p.list().equals(screen.id()) ? p.detail() : p.list()).map(Screen::shownTitle).orElse("") + " where it is wide")).orElse(""));
    }

    private Optional<Sequence> sequence(Screen screen) {
        return work.prototype().index().sequencesOf(screen.id()).stream().findFirst();
    }

    private Optional<Pair> pair(Screen screen) {
        return work.prototype().pairs().stream().filter(p -> p.list().equals(screen.id()) || p.detail().equals(screen.id())).findFirst();
    }

    private Optional<Drawer> drawer(Screen screen) {
        return work.prototype().drawers().stream().filter(d -> d.screens(work.prototype()).contains(screen)).findFirst();
    }

    /** Shows the frame that the chosen screen stands in. */
    void open() {
        Optional<Sequence> sequence = work.screen().flatMap(this::sequence);
        if (sequence.isEmpty() && work.screen().filter(s -> s.form() != Form.PAGE).isPresent()) {
            OverlayPage.open(work, around, work.screen().orElseThrow());
            return;
        }
        Optional<TabSet> set = work.screen().flatMap(s -> TabSetEdits.setOf(work.prototype(), s.id()));
        sequence.ifPresentOrElse(s -> SequencePage.open(work, around, s.id()),
                () -> set.ifPresentOrElse(s -> TabSetPage.open(work, around, s.id()), () -> work.screen().flatMap(this::drawer).ifPresentOrElse(d -> DrawerPage.open(work, around, d.id()), 
                        () -> work.screen().flatMap(this::pair).ifPresentOrElse(p -> PairPage.open(work, around, p.id()), () -> around.say("This screen is no page of a sequence, no root of a tab, has no drawer and stands beside none.")))));
    }
}
