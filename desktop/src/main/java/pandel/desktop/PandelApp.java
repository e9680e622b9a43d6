package pandel.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.input.KeyCombination;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import pandel.core.edit.Naming;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.play.PlayClock;
import pandel.desktop.shell.MainWindow;
import pandel.desktop.shell.file.DocumentFiles;
import pandel.desktop.shell.file.FileChoosing;
import pandel.desktop.shell.file.Recovering;
import pandel.desktop.work.Preferred;
import pandel.desktop.work.Work;
import pandel.files.store.PictureShelf;
import pandel.files.store.Recovery;

/**
 * The application. Its argument is the file to open; without one it opens the sample that the system property
 * {@code pandel.sample} names.
 */
public final class PandelApp extends Application {

    /** ms that the first checks wait at the most for the pictures that are seen first. */
    private static final long FIRST_SIGHT = 1500;

    /** A window with what it is about. */
    public record Opened(MainWindow window, Work work, PictureLibrary pictures) {}

    @Override
    public void start(Stage stage) throws IOException {
        Optional<Path> sample = Optional.ofNullable(System.getProperty("pandel.sample"))
                .map(Path::of)
                .filter(Files::isRegularFile);
        Places places = Places.ofUser();
        Preferred preferred = new Preferred(places.preferences());
        StagePlace.restore(stage, preferred.now().window());
        Opened opened = show(
                stage,
                FileChoosing.system(() -> stage, getHostServices()::showDocument),
                PlayClock.real(),
                sample,
                places,
                preferred);
        StagePlace.keep(stage, preferred);
        MainWindow window = opened.window();
        // What nobody foresaw is told, wherever it happens; what is open stays open.
        Thread.setDefaultUncaughtExceptionHandler((thread, e) -> Platform.runLater(() -> window.failed("do that", e)));
        keepAside(opened, stage, Recovery.ofUser());
        List<String> files = getParameters().getUnnamed();
        if (!files.isEmpty()) {
            window.open(Path.of(files.getFirst()), true);
        } else {
            sample.ifPresent(file -> window.open(file, false));
        }
    }

    /** Keeps unsaved work aside in a folder, and asks about what was left there. */
    static void keepAside(Opened opened, Stage stage, Path folder) {
        Recovering recovering = new Recovering(opened.work(), folder);
        opened.window().recover(recovering);
        stage.addEventHandler(WindowEvent.WINDOW_HIDDEN, e -> recovering.end());
    }

    /** Fills a stage with a window that has nothing open, and shows it. */
    public static Opened show(Stage stage, FileChoosing choosing, PlayClock clock, Optional<Path> sample, Places places)
            throws IOException {
        return show(stage, choosing, clock, sample, places, new Preferred(places.preferences()));
    }

    private static Opened show(
            Stage stage,
            FileChoosing choosing,
            PlayClock clock,
            Optional<Path> sample,
            Places places,
            Preferred preferred)
            throws IOException {
        SecureRandom random = new SecureRandom();
        PictureLibrary pictures = new PictureLibrary(places.thumbnails());
        Work work = new Work(new Naming(random::nextInt), new PictureShelf(), () -> pictures.awaitRest(FIRST_SIGHT));
        MainWindow window = new MainWindow(
                work,
                pictures,
                preferred,
                new DocumentFiles.Tools(choosing, places.thumbnails(), places.marks()),
                clock,
                sample,
                new MainWindow.Frame() {
                    @Override
                    public void close() {
                        stage.close();
                    }

                    @Override
                    public void fullScreen(boolean full) {
                        stage.setFullScreen(full);
                    }
                });
        pictures.from(work.shelf());
        Scene scene = new Scene(window.root(), 1280, 800);
        window.dress(scene);
        stage.setTitle("Pandel");
        Rectangle2D monitor = Screen.getPrimary().getVisualBounds();
        stage.setMinWidth(Math.min(1024, monitor.getWidth()));
        stage.setMinHeight(Math.min(680, monitor.getHeight()));
        stage.setScene(scene);
        stage.setOnCloseRequest(e -> {
            e.consume();
            window.quit();
        });
        work.prototypeProperty()
                .addListener(
                        (o, a, now) -> stage.setTitle(now.title().isBlank() ? "Pandel" : now.title() + " — Pandel"));
        ChangeListener<Boolean> whenFocused = (o, was, is) -> {
            if (is) {
                window.lookOutside();
            }
        };
        stage.focusedProperty().addListener(whenFocused);
        stage.setOnHidden(e -> {
            // The stage outlives what it shows: nothing of a closed window may hang on it.
            stage.focusedProperty().removeListener(whenFocused);
            window.end();
        });
        stage.setFullScreenExitHint("");
        // Esc is device back; Show has its own key.
        stage.setFullScreenExitKeyCombination(KeyCombination.NO_MATCH);
        stage.show();
        return new Opened(window, work, pictures);
    }
}
