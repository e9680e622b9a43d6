package pandel.desktop.links;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.layout.Region;
import pandel.core.model.Screen;
import pandel.core.model.Sequence;
import pandel.desktop.frames.SequencePage;
import pandel.desktop.shell.Around;
import pandel.desktop.work.Work;

/** Says of which sequence the chosen screen is a page; a press shows that. */
final class InSequence extends Button {

    private final Work work;
    private final Around around;

    InSequence(Work work, Around around) {
        this.work = work;
        this.around = around;
        setId("in-sequence");
        getStyleClass().addAll("word", "small");
        setMinWidth(Region.USE_PREF_SIZE);
        setMnemonicParsing(false);
        setOnAction(e -> open());
    }

    void show(Screen screen) {
        Optional<Sequence> sequence = of(screen);
        setVisible(sequence.isPresent());
        setManaged(sequence.isPresent());
        setText(sequence.map(s -> "page " + (s.pages().indexOf(screen.id()) + 1) + " of " + s.pages().size() + ", " + s.shownTitle()).orElse(""));
    }

    private Optional<Sequence> of(Screen screen) {
        List<Sequence> all = work.prototype().index().sequencesOf(screen.id());
        return all.stream().findFirst();
    }

    /** Shows the sequence that the chosen screen is a page of. */
    void open() {
        work.screen().flatMap(this::of).ifPresentOrElse(s -> SequencePage.open(work, around, s.id()), () -> around.say("This screen is no page of a sequence."));
    }
}
