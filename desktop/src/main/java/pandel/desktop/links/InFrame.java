package pandel.desktop.links;

import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import pandel.core.edit.frame.TabSetEdits;
import pandel.core.model.Attachments;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.desktop.frames.DrawerDesk;
import pandel.desktop.frames.HeaderDesk;
import pandel.desktop.frames.OverlayDesk;
import pandel.desktop.frames.PairDesk;
import pandel.desktop.frames.SequenceDesk;
import pandel.desktop.frames.TabSetDesk;
import pandel.desktop.stage.PageHost;
import pandel.desktop.work.Work;

/** Says in which frame the chosen screen stands; a press shows that. */
final class InFrame extends Button {

    /**
     * How a screen stands in a frame.
     *
     * @param open shows the frame
     */
    private record Standing(String words, Runnable open) {}

    private final Work work;
    private final PageHost around;

    InFrame(Work work, PageHost around) {
        this.work = work;
        this.around = around;
        setId("in-frame");
        getStyleClass().addAll("word", "small");
        setMinWidth(0);
        setMnemonicParsing(false);
        setOnAction(e -> open());
    }

    void show(Screen screen) {
        Optional<Standing> standing = standing(screen);
        setVisible(standing.isPresent());
        setManaged(isVisible());
        setText(standing.map(Standing::words).orElse(""));
    }

    /** Shows the frame that the chosen screen stands in. */
    void open() {
        work.screen()
                .flatMap(this::standing)
                .ifPresentOrElse(
                        s -> s.open().run(),
                        () -> around.say(
                                "This screen is no page of a sequence, no root of a tab, has no drawer or header and stands "
                                        + "beside none."));
    }

    /** The first that holds: what a screen is part of comes before what it has. */
    private Optional<Standing> standing(Screen screen) {
        return Stream.<Supplier<Optional<Standing>>>of(
                        () -> sequence(screen),
                        () -> above(screen),
                        () -> tabSet(screen),
                        () -> drawer(screen),
                        () -> header(screen),
                        () -> pair(screen))
                .flatMap(s -> s.get().stream())
                .findFirst();
    }

    private Optional<Standing> sequence(Screen screen) {
        return work.prototype().index().sequencesOf(screen.id()).stream()
                .findFirst()
                .map(s -> new Standing(
                        "page " + (s.pages().indexOf(screen.id()) + 1) + " of "
                                + s.pages().size() + ", " + s.shownTitle(),
                        () -> SequenceDesk.open(work, around, s.id())));
    }

    private Optional<Standing> above(Screen screen) {
        return screen.form() == Form.PAGE
                ? Optional.empty()
                : Optional.of(new Standing(
                        "a " + screen.form().word() + ": how it opens", () -> OverlayDesk.open(work, around, screen)));
    }

    private Optional<Standing> tabSet(Screen screen) {
        return TabSetEdits.setOf(work.prototype(), screen.id())
                .map(s -> new Standing("a tab of " + s.shownTitle(), () -> TabSetDesk.open(work, around, s.id())));
    }

    private Optional<Standing> drawer(Screen screen) {
        Prototype prototype = work.prototype();
        return prototype.drawers().stream()
                .filter(d -> Attachments.screens(prototype, d.on()).contains(screen))
                .findFirst()
                .map(d ->
                        new Standing("with the drawer " + d.shownTitle(), () -> DrawerDesk.open(work, around, d.id())));
    }

    private Optional<Standing> header(Screen screen) {
        Prototype prototype = work.prototype();
        return prototype.headers().stream()
                .filter(h -> Attachments.screens(prototype, h.on()).contains(screen)
                        && !h.hiddenOn().contains(screen.id()))
                .findFirst()
                .map(h -> new Standing(
                        "under the header " + h.shownTitle(), () -> HeaderDesk.open(work, around, h.id())));
    }

    private Optional<Standing> pair(Screen screen) {
        Prototype prototype = work.prototype();
        return prototype.pairs().stream()
                .filter(p -> p.list().equals(screen.id()) || p.detail().equals(screen.id()))
                .findFirst()
                .map(p -> new Standing(
                        "beside "
                                + prototype
                                        .screen(p.list().equals(screen.id()) ? p.detail() : p.list())
                                        .map(Screen::shownTitle)
                                        .orElse("")
                                + " where it is wide",
                        () -> PairDesk.open(work, around, p.id())));
    }
}
