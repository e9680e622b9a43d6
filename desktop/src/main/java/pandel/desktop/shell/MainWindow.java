package pandel.desktop.shell;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Walk;
import pandel.core.model.Look;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.play.situation.Situation;
import pandel.desktop.check.CheckView;
import pandel.desktop.links.LinksView;
import pandel.desktop.map.MapView;
import pandel.desktop.mocks.MocksView;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.picture.PictureThings;
import pandel.desktop.play.PlayClock;
import pandel.desktop.play.PlayView;
import pandel.desktop.shell.file.DocumentFiles;
import pandel.desktop.shell.file.Dropping;
import pandel.desktop.shell.file.FileChoosing;
import pandel.desktop.shell.file.FixedPartsBox;
import pandel.desktop.shell.file.NewScreens;
import pandel.desktop.shell.file.Pasted;
import pandel.desktop.shell.file.PictureImport;
import pandel.desktop.shell.file.PicturePlacement;
import pandel.desktop.shell.file.Recovering;
import pandel.desktop.shell.file.Replacing;
import pandel.desktop.shell.notice.QuestionPane;
import pandel.desktop.shell.notice.Telling;
import pandel.desktop.shell.notice.Toast;
import pandel.desktop.shell.notice.WindowTelling;
import pandel.desktop.shell.page.PreferencesPage;
import pandel.desktop.shell.page.WindowPages;
import pandel.desktop.stage.Command;
import pandel.desktop.stage.Question;
import pandel.desktop.stage.StageView;
import pandel.desktop.stage.StageWindow;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.DayOrNight;
import pandel.desktop.theme.TextSize;
import pandel.desktop.work.Background;
import pandel.desktop.work.Journal;
import pandel.desktop.work.Preferred;
import pandel.desktop.work.Threads;
import pandel.desktop.work.Work;

/** The window: masthead, one of the five stages, vitals. */
public final class MainWindow implements StageWindow {

    /** The window as the system has it. */
    public interface Frame {

        /** Closes it for good. */
        void close();

        /** Fills the screen, or stands among the others again. */
        void fullScreen(boolean full);
    }

    final Work work;
    private final PictureLibrary pictures;
    private final PictureThings things;
    final Optional<Path> sample;
    final DocumentFiles keeping;
    final PictureImport importing;
    private final Telling telling;
    final QuestionPane questions = new QuestionPane();
    private final Toast said;
    final Stages stages = new Stages();
    final Map<String, Command> commands = new LinkedHashMap<>();
    private final Masthead masthead;
    private final StackPane root = new StackPane();
    private final Frame frame;
    final Preferred preferred;
    private final BorderPane page;
    private final Vitals vitals;
    final CheckView check;
    private final PlayView play;
    final Replacing replacing;
    final WindowPages pages;
    private final PicturePlacement picturing;
    final FileChoosing choosing;
    private final MainCommands main = new MainCommands(this);

    /**
     * @param clock what tells play how time passes
     * @param sample the file that "See the sample" opens
     * @param frame the window as the system has it
     */
    public MainWindow(
            Work work,
            PictureLibrary pictures,
            Preferred preferred,
            DocumentFiles.Tools tools,
            PlayClock clock,
            Optional<Path> sample,
            Frame frame) {
        this.work = work;
        this.things = new PictureThings(pictures);
        this.pictures = pictures;
        this.sample = sample;
        this.frame = frame;
        this.preferred = preferred;
        TextSize.set(preferred.now().text());
        preferred.property().addListener((o, a, b) -> {
            if (root.getScene() != null && (a.look() != b.look() || a.text() != b.text())) {
                dress(root.getScene());
            }
        });
        this.said = new Toast(preferred, questions.visibleProperty());
        this.telling = new WindowTelling(said, questions);
        Background background = new Background(work, Threads.ofWindow(), this::failed);
        this.keeping = new DocumentFiles(work, background, preferred, tools, telling);
        NewScreens fresh = new NewScreens(work, things, telling, () -> go(WorkStage.LINKS));
        this.importing = new PictureImport(work, background, tools, telling, fresh::look);
        this.replacing = new Replacing(work, background, this, telling, tools.thumbnails());
        this.picturing = new PicturePlacement(work, background, telling, pictures, tools.thumbnails());
        work.documentProperty().addListener((o, a, opened) -> {
            said.clear();
            pictures.from(opened.shelf());
        });
        work.stoppedProperty().addListener((o, a, why) -> why.ifPresent(e -> failed("check the prototype", e)));
        this.choosing = tools.choosing();
        this.check = new CheckView(work, this, background);
        this.play = new PlayView(work, this, clock);
        this.pages = new WindowPages(
                work, said, questions, this::go, play::playFrom, play::standAt, background, keeping.handing());
        stages.put(WorkStage.MOCKS, new MocksView(work, this));
        stages.put(WorkStage.LINKS, new LinksView(work, this));
        stages.put(WorkStage.MAP, new MapView(work, this));
        stages.put(WorkStage.PLAY, play);
        stages.put(WorkStage.CHECK, check);
        main.defineCommands();
        this.masthead = new Masthead(work, preferred, this::go, commands, this::openRecent);
        this.vitals = new Vitals(work, this, this, pages.phoneSign());
        this.page = new BorderPane(stages.node(), masthead, null, vitals, null);
        root.getChildren().addAll(page, new FirstLinks(work, preferred, stages), said, questions);
        // On the scene: what had the focus may have gone from the window, and keys count all the same.
        root.sceneProperty()
                .addListener((o, a, scene) -> scene.addEventFilter(
                        KeyEvent.KEY_PRESSED, new CommandKeys(commands.values(), stages::now, questions)));
        Dropping.on(root, this::dropped);
        go(WorkStage.MOCKS);
    }

    /** Asks about work that an earlier program left behind, and keeps this one's aside from now on. */
    public void recover(Recovering recovering) {
        recovering.offer(telling, keeping);
    }

    /** Tells that something could not be done, and notes what happened for people who mend it. */
    public void failed(String effort, Throwable why) {
        Journal.note("Could not " + effort, why);
        said.done();
        said.say(Background.sentence(effort, why));
    }

    /** What the scene shows. */
    public Parent root() {
        return root;
    }

    /** Dresses a scene in the look in use; a change does, before any view is laid out by it. */
    public void dress(Scene scene) {
        DayOrNight.of(preferred.now().look()).dress(scene, preferred.now().text());
    }

    /**
     * What happens when files are dropped on the window: a prototype opens, pictures and folders of them are taken in.
     */
    public void dropped(List<Path> files) {
        if (files.size() == 1 && files.getFirst().toString().endsWith(".pandel")) {
            keeping.unlessUnsaved(() -> keeping.open(files.getFirst(), true));
        } else if (replacing.knows(files)) {
            replacing.compare(files);
        } else {
            gather(files);
        }
    }

    /**
     * Opens a file.
     *
     * @param keep whether saving writes to it again
     */
    public void open(Path file, boolean keep) {
        keeping.open(file, keep);
    }

    /** Asks about unsaved changes, then closes. */
    public void quit() {
        keeping.unlessUnsaved(frame::close);
    }

    /** The window is closed: nothing is watched, and what was open is let go. */
    public void end() {
        replacing.end();
        pages.end();
        keeping.end();
    }

    void showPreferences() {
        questions.show(new PreferencesPage(preferred, questions::dismiss));
    }

    /** Opens a file of those opened last. */
    @Override
    public void openRecent(Path file) {
        keeping.unlessUnsaved(() -> {
            if (!Files.exists(file)) {
                preferred.change(p -> p.without(file));
                said.say("“" + file.getFileName() + "” is not there any more, in " + file.getParent() + ".");
                return;
            }
            keeping.open(file, true);
        });
    }

    /** Sees whether somebody else has written to the open file; called when the window comes to the front. */
    public void lookOutside() {
        keeping.lookOutside();
    }

    @Override
    public void alone(boolean alone) {
        page.setTop(alone ? null : masthead);
        page.setBottom(alone ? null : vitals);
        frame.fullScreen(alone);
    }

    @Override
    public Preferred preferred() {
        return preferred;
    }

    @Override
    public void go(WorkStage next) {
        stages.go(next);
        masthead.showStage(next);
    }

    @Override
    public void stand(StageView view) {
        dismiss();
        stages.stand(view);
    }

    @Override
    public void leave() {
        stages.leave();
    }

    @Override
    public void say(String sentence) {
        said.say(sentence);
    }

    @Override
    public void ask(Question question) {
        questions.ask(question);
    }

    @Override
    public void play(String title, Walk walk, boolean byStep) {
        go(WorkStage.PLAY);
        play.play(title, walk, byStep);
    }

    /** Whether every part of the window shows what it is to. */
    public boolean isTold() {
        return play.isTold() && stages.all().values().stream().allMatch(StageView::isDrawn);
    }

    /** What play shows now, if anything is played. */
    public Optional<Situation> played() {
        return play.now();
    }

    @Override
    public void show(Region content) {
        questions.show(content);
    }

    @Override
    public void dismiss() {
        questions.dismiss();
    }

    @Override
    public void showFindings(Rule rule) {
        go(WorkStage.CHECK);
        check.showOnly(rule);
    }

    @Override
    public void showCoverage() {
        go(WorkStage.CHECK);
        check.showCoverage();
    }

    @Override
    public void askName(String what, String now, Consumer<String> then) {
        questions.show(new NameBox(what, now, name -> {
            questions.dismiss();
            then.accept(name);
        }));
    }

    @Override
    public void pick(String what, List<Screen> screens, Function<Screen, String> told, Consumer<Screen> then) {
        questions.show(new PickBox(what, screens, told, screen -> {
            questions.dismiss();
            then.accept(screen);
        }));
    }

    @Override
    public void gather(List<Path> paths) {
        importing.gather(paths);
    }

    @Override
    public void paste() {
        Pasted.take(said, this::dropped);
    }

    @Override
    public void replacePicture(Screen screen) {
        choosing.picture("A newer picture of “" + screen.shownTitle() + "”")
                .ifPresent(file -> replacing.compare(file, screen));
    }

    @Override
    public void putPicture(Screen screen, Optional<State> state, Width width) {
        choosing.picture("A picture of “" + new Look(screen, state).title() + "” for " + width.word() + " devices")
                .ifPresent(file -> picturing.put(file, screen, state, width));
    }

    @Override
    public void takePicture(String what, Consumer<Picture> then) {
        choosing.picture(what).ifPresent(file -> picturing.take(file, then));
    }

    @Override
    public void placeByLikeness(Look look, Set<String> hotspots, Width width) {
        picturing.placeByLikeness(look, hotspots, width);
    }

    @Override
    public void findAlike(Runnable told) {
        picturing.findAlike(told);
    }

    @Override
    public void fixParts(Screen screen, Picture picture) {
        questions.show(new FixedPartsBox(
                screen,
                picture,
                pictures,
                (top, bottom) -> {
                    questions.dismiss();
                    picturing.fix(screen, picture, top, bottom);
                },
                questions::dismiss));
    }

    @Override
    public void run(String command) {
        Objects.requireNonNull(commands.get(command)).action().run();
    }

    @Override
    public PictureThings things() {
        return things;
    }

    @Override
    public PictureLibrary pictures() {
        return pictures;
    }
}
