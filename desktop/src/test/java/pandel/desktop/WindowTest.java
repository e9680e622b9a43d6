package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import javafx.stage.Window;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.desktop.device.DeviceView;
import pandel.desktop.shell.NextFile;
import pandel.desktop.theme.Pace;
import pandel.files.picture.Thumbnails;
import pandel.files.settings.PreferencesFile;

/** A real window, off-screen, driven as a person would: by mouse and keys, looking at what is shown. */
abstract class WindowTest extends FxRobot {

    /** s; ten thousand screens are checked in some eight here, and machines that build are slower. */
    private static final int PATIENCE = 60;

    /** Answers for the file choosers, in the order they will be asked. */
    final Deque<Path> chosenFiles = new ArrayDeque<>();

    final NextFile files = new NextFile(chosenFiles);
    /** Time in play passes when the test says so. */
    final HandClock clock = new HandClock();
    /** What waits a moment waits until the test lets time pass. */
    final HandPace pace = new HandPace();

    @SuppressWarnings("NullAway.Init")
    PandelApp.Opened opened;

    @TempDir
    Path preferences;

    Stage stage;

    // The off-screen platform has 1000 lines and fails to draw the first frame of a menu that reaches below them,
    // before
    // that is moved up. Everything else that fails unseen still fails the test.
    static {
        WaitForAsyncUtils.clearExceptions();
        Thread.UncaughtExceptionHandler told = Thread.getDefaultUncaughtExceptionHandler();
        Thread.setDefaultUncaughtExceptionHandler((thread, e) -> {
            if (Arrays.stream(e.getStackTrace())
                    .noneMatch(f -> f.getClassName().endsWith("HeadlessWindow")
                            && f.getMethodName().equals("blit"))) {
                told.uncaughtException(thread, e);
            }
        });
    }

    @BeforeEach
    void openWindow() throws Exception {
        stage = FxToolkit.registerPrimaryStage();
        FxToolkit.setupFixture(() -> {
            try {
                opened = PandelApp.show(stage, files, clock, Optional.of(offered()), places());
                Pace.set(stage.getScene(), pace);
                stage.setX(0);
                stage.setY(0);
                // Pictures may be wanted by night, and small: -Dshots=true -Dshots.night=true -Dshots.small=true.
                stage.setWidth(Boolean.getBoolean("shots.small") ? 1024 : 1280);
                stage.setHeight(Boolean.getBoolean("shots.small") ? 680 : 800);
                if (Boolean.getBoolean("shots.night")) {
                    opened.window().run("look");
                }
            } catch (IOException e) {
                throw new IllegalStateException(e);
            }
        });
        settle();
    }

    @AfterEach
    void closeWindow() throws TimeoutException {
        release(new KeyCode[0]);
        release(new MouseButton[0]);
        interact(() -> stage.hide());
        FxToolkit.cleanupStages();
    }

    Path offered() {
        return sample();
    }

    /** Preferences of its own for each window, thumbnails shared by all. */
    private Places places() {
        return new Places(
                new Thumbnails(Path.of("target", "thumbnails")),
                new PreferencesFile(preferences.resolve("preferences.json")),
                preferences.resolve("open"));
    }

    /** Hollow Lane without its frames, which most tests begin with. */
    static Path sample() {
        return PlainSample.get();
    }

    /** Hollow Lane as people get it. */
    static Path framedSample() {
        return Path.of("..", "samples", "hollow-lane.pandel").toAbsolutePath().normalize();
    }

    /** Opens the sample by its command, as the welcome page does. */
    void openSample() {
        clickOn("See the sample");
        until(() -> prototype().screens().size() > 10);
        settle();
    }

    /** Time passes for a finger that is down, for what is said and for marks. */
    void hold(double ms) {
        interact(() -> pace.pass(ms));
    }

    void settle() {
        WaitForAsyncUtils.waitForFxEvents();
        interact(pace::moment);
        until(() -> opened.pictures().isIdle()
                && opened.window().isTold()
                && (prototype().screens().isEmpty()
                        || opened.work()
                                .checked()
                                .filter(c -> c.prototype() == prototype())
                                .isPresent()));
        WaitForAsyncUtils.waitForFxEvents();
    }

    void until(Callable<Boolean> condition) {
        try {
            WaitForAsyncUtils.waitFor(
                    PATIENCE,
                    TimeUnit.SECONDS,
                    () -> WaitForAsyncUtils.asyncFx(condition).get());
        } catch (TimeoutException e) {
            throw new AssertionError(
                    "It did not come about within " + PATIENCE + " s; the window shows:\n" + read(), e);
        }
    }

    Prototype prototype() {
        return opened.work().prototype();
    }

    Screen screen(String title) {
        return prototype().screens().stream()
                .filter(s -> s.title().equals(title))
                .findFirst()
                .orElseThrow(() -> new AssertionError("No screen " + title));
    }

    /** Time passes in play. */
    void pass(int ms) {
        interact(() -> clock.told.ifPresent(c -> c.accept(ms)));
        settle();
    }

    void keys(KeyCode... codes) {
        push(codes);
        settle();
    }

    void go(int stageNumber) {
        keys(KeyCode.CONTROL, KeyCode.getKeyCode(String.valueOf(stageNumber)));
    }

    /** Everything that can be read in all windows now, one line each. */
    String read() {
        List<String> words = new ArrayList<>();
        interact(() -> Window.getWindows().stream()
                .filter(Window::isShowing)
                .forEach(w -> collect(w.getScene().getRoot(), words)));
        return String.join("\n", words);
    }

    private static void collect(Node node, List<String> words) {
        if (!node.isVisible()) {
            return;
        }
        if (node instanceof Labeled labeled
                && labeled.getText() != null
                && !labeled.getText().isBlank()) {
            words.add(labeled.getText());
        } else if (node instanceof Text text && !text.getText().isBlank() && !(node.getParent() instanceof Labeled)) {
            words.add(text.getText());
        }
        if (node instanceof javafx.scene.Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, words));
        }
    }

    void assertRead(String... texts) {
        assertThat(read()).contains(texts);
    }

    /** The place in the window of a point of the mock on the desk, in px of the mock. */
    Point2D onDesk(double x, double y) {
        Node paper = lookup("#desk-paper").query();
        Bounds bounds = paper.localToScreen(paper.getBoundsInLocal());
        double width = paper.getLayoutBounds().getWidth();
        double mock = opened.work()
                .screen()
                .orElseThrow()
                .mockFor(opened.work().width())
                .map(m -> m.width())
                .orElse(opened.work().device().width());
        Point2D origin = paper.localToScreen(0, 0);
        assertThat(bounds).isNotNull();
        return new Point2D(origin.getX() + x * width / mock, origin.getY() + y * width / mock);
    }

    /** Drags over the mock on the desk from one corner to the other, in px of the mock. */
    void mark(double x, double y, double w, double h) {
        drag(onDesk(x, y)).dropTo(onDesk(x + w, y + h));
        settle();
    }

    /** The card of the screen with a title, in sight among the mocks. */
    Node card(String title) {
        return cardOf(title).orElseThrow(() -> new AssertionError("No card of “" + title + "” is in sight."));
    }

    Optional<Node> cardOf(String title) {
        String id = screen(title).id();
        return lookup((Node n) -> n.isVisible() && n.getStyleClass().contains("card") && id.equals(n.getUserData()))
                .tryQuery();
    }

    /** The hotspot with those words on the screen with a title. */
    Hotspot hotspot(String on, String words) {
        return prototype().index().hotspotsOn(screen(on).id()).stream()
                .filter(h -> h.title().equals(words))
                .findFirst()
                .orElseThrow();
    }

    /** Presses where a thing stands once everything has been laid out: what was done before may still be moving it. */
    @Override
    public FxRobot clickOn(String query, MouseButton... buttons) {
        settle();
        super.clickOn(query, buttons);
        return this;
    }

    /** Types once what was pressed has the focus. */
    @Override
    public FxRobot write(String text) {
        WaitForAsyncUtils.waitForFxEvents();
        super.write(text);
        return this;
    }

    /** Presses what has an id. */
    void press(String id) {
        clickOn(id);
        settle();
    }

    /** Types in place of what stands there. */
    void typeOver(String id, String words) {
        press(id);
        keys(KeyCode.CONTROL, KeyCode.A);
        write(words);
        keys(KeyCode.ENTER);
        settle();
    }

    /** The middle of something, on the monitor. */
    Point2D middle(String id) {
        Bounds on = lookup(id).query().localToScreen(lookup(id).query().getLayoutBounds());
        return new Point2D(on.getCenterX(), on.getCenterY());
    }

    /** Takes a handle of a frame and lets it go elsewhere, so many px away. */
    void dragBy(String id, double x, double y) {
        Point2D at = middle(id);
        drag(at).moveTo(at.add(x / 2, y / 2)).dropTo(at.add(x, y));
        settle();
    }

    /** Presses a part of a frame till its words can be typed, once or twice, and types in its place. */
    void typeInPlace(String id, String words) {
        press(id);
        if (lookup("#typed-in-place").tryQuery().isEmpty()) {
            press(id);
        }
        keys(KeyCode.CONTROL, KeyCode.A);
        write(words);
        keys(KeyCode.ENTER);
        settle();
    }

    /** Chooses a hotspot on the desk. */
    void choose(String screen, String words) {
        desk(screen);
        press("#hotspot-" + hotspot(screen, words).id());
    }

    /** Shows a screen on the desk. */
    void desk(String screen) {
        interact(() -> opened.work().selection().choose(screen(screen).id()));
        go(2);
    }

    /** Marks, types, Enter: the whole of a link. */
    void link(double x, double y, double w, double h, String typed) {
        mark(x, y, w, h);
        write(typed);
        keys(KeyCode.ENTER);
    }

    /** The place in the window of a point on the device in play, in px of the device. */
    Point2D onDevice(double x, double y) {
        Node device = lookup("#device-view").query();
        double scale =
                device.getLayoutBounds().getWidth() / opened.work().device().width();
        return device.localToScreen(x * scale, y * scale);
    }

    void tapDevice(double x, double y) {
        clickOn(onDevice(x, y));
        settle();
    }

    /** The trail's titles in play, the current place first. */
    List<String> trail() {
        return lookup(".trail-place").queryAll().stream()
                .map(row -> ((Label) row.lookup(".trail-title")).getText())
                .toList();
    }

    /** Until nothing moves on the device any more. */
    void tillStill() {
        settle();
        until(() -> !((DeviceView) lookup("#device-view").query()).isMoving());
    }

    /** Writes what is shown, popups too, to target/shots when asked for with -Dshots=true. */
    void shot(String name) {
        if (!Boolean.getBoolean("shots")) {
            return;
        }
        interact(() -> {
            BufferedImage out =
                    new BufferedImage((int) stage.getWidth(), (int) stage.getHeight(), BufferedImage.TYPE_INT_RGB);
            for (Window window :
                    Window.getWindows().stream().filter(Window::isShowing).toList()) {
                WritableImage image = window.getScene().snapshot(null);
                int w = (int) image.getWidth();
                int h = (int) image.getHeight();
                int[] argb = new int[w * h];
                image.getPixelReader().getPixels(0, 0, w, h, PixelFormat.getIntArgbInstance(), argb, 0, w);
                BufferedImage one = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB);
                one.setRGB(0, 0, w, h, argb, 0, w);
                out.getGraphics()
                        .drawImage(
                                one, (int) (window.getX() - stage.getX()), (int) (window.getY() - stage.getY()), null);
            }
            try {
                Files.createDirectories(Path.of("target", "shots"));
                ImageIO.write(
                        out, "png", Path.of("target", "shots", name + ".png").toFile());
            } catch (IOException e) {
                throw new IllegalStateException(e);
            }
        });
    }
}
