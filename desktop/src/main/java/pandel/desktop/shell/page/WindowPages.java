package pandel.desktop.shell.page;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import pandel.core.model.remark.Remark;
import pandel.core.model.start.Start;
import pandel.desktop.frames.DrawerDesk;
import pandel.desktop.frames.HeaderDesk;
import pandel.desktop.frames.PairDesk;
import pandel.desktop.frames.SequenceDesk;
import pandel.desktop.frames.TabSetDesk;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.remark.RemarksPage;
import pandel.desktop.serve.PhoneLine;
import pandel.desktop.serve.PhonePage;
import pandel.desktop.shell.notice.QuestionPane;
import pandel.desktop.shell.notice.Toast;
import pandel.desktop.stage.Command;
import pandel.desktop.stage.PageHost;
import pandel.desktop.stage.StageView;
import pandel.desktop.stage.StageWindow;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Background;
import pandel.desktop.work.Work;

/** The pages that show what a prototype has as a whole: facts, entries and start points, devices, versions. */
public final class WindowPages {

    private final Work work;
    private final Toast said;
    private final QuestionPane questions;
    private final Consumer<WorkStage> go;
    private final Consumer<Start> play;
    private final Background background;
    private final Handing handing;
    private final PhoneLine phone;

    /**
     * @param play begins play somewhere, once Play is shown
     * @param stand shows in Play where a play elsewhere stands
     * @param handing makes what others can open
     */
    public WindowPages(
            Work work,
            Toast said,
            QuestionPane questions,
            Consumer<WorkStage> go,
            Consumer<Start> play,
            Consumer<Remark.Step> stand,
            Background background,
            Handing handing) {
        this.work = work;
        this.said = said;
        this.questions = questions;
        this.go = go;
        this.play = play;
        this.background = background;
        this.handing = handing;
        this.phone = new PhoneLine(work, background, stand, said::say);
    }

    /** All keys, made from the commands themselves. */
    public void keys(Collection<Command> everywhere, Map<WorkStage, StageView> views) {
        Map<String, List<Command>> groups = new LinkedHashMap<>();
        groups.put("Everywhere", List.copyOf(everywhere));
        views.forEach((stage, view) -> {
            if (!view.commands().isEmpty()) {
                groups.put(stage.title(), view.commands());
            }
        });
        questions.show(KeysPage.of(groups));
    }

    public void handOn() {
        questions.show(new HandOnPage(work, background, handing, questions::dismiss));
    }

    /**
     * @param take asks for a file of remarks, and takes them in
     * @param out asks where to, and saves them
     */
    public void remarks(StageWindow around, Runnable take, Runnable out) {
        questions.show(new RemarksPage(work, around, take, out));
    }

    public void phone() {
        questions.show(new PhonePage(phone, questions::dismiss));
    }

    /** Says that a phone is shown what is open, while it is; pressed it leads to where that is ended. */
    public Node phoneSign() {
        Button sign = Buttons.smallWord("On a phone", "on-a-phone", this::phone);
        sign.visibleProperty().bind(phone.onProperty());
        sign.managedProperty().bind(phone.onProperty());
        return sign;
    }

    /** The window is closed: nothing is handed out any more. */
    public void end() {
        phone.end();
    }

    public void facts() {
        questions.show(new FactsPage(work, said, questions::dismiss));
    }

    public void frames(PageHost around) {
        questions.show(new FramesPage(
                work,
                id -> {
                    SequenceDesk.open(work, around, id);
                    TabSetDesk.open(work, around, id);
                    DrawerDesk.open(work, around, id);
                    PairDesk.open(work, around, id);
                    HeaderDesk.open(work, around, id);
                },
                () -> DrawerDesk.make(work, around, List.of()),
                () -> HeaderDesk.make(work, around, List.of()),
                questions::dismiss));
    }

    public void feel(PictureLibrary pictures) {
        questions.show(new FeelPage(work, pictures, said, questions::dismiss));
    }

    public void devices() {
        questions.show(new DevicesPage(work, said, questions::dismiss));
    }

    public void starts() {
        questions.show(new StartsPage(
                work,
                said,
                start -> {
                    questions.dismiss();
                    go.accept(WorkStage.PLAY);
                    play.accept(start);
                },
                questions::dismiss));
    }

    public void versions() {
        questions.show(new VersionsPage(
                work,
                said,
                version -> {
                    questions.dismiss();
                    work.compareWith(version);
                    go.accept(WorkStage.MOCKS);
                    said.say("Cards say what changed since “"
                            + version.orElseThrow().title() + "”. Choose “Show changes no more” to end that.");
                },
                questions::dismiss));
    }
}
