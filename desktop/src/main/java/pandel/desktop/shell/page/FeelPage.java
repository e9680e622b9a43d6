package pandel.desktop.shell.page;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import pandel.core.edit.link.MotionWords;
import pandel.core.edit.whole.FeelEdits;
import pandel.core.model.Attachments;
import pandel.core.model.Index.Way;
import pandel.core.model.Look;
import pandel.core.model.MotionOf;
import pandel.core.model.Targets;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Answer;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Room;
import pandel.desktop.device.DrawerPreview;
import pandel.desktop.device.MotionPreview;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.shell.notice.Toast;
import pandel.desktop.stage.PageBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;
import pandel.desktop.theme.TextSize;
import pandel.desktop.work.Work;

/**
 * How the prototype moves and answers as a rule: the usual motion of each verb, seen between two of its own screens as
 * it is and as one tries it, side by side; and what is seen of what is touched.
 */
final class FeelPage extends PageBox {

    private static final List<MotionOf> MOVING = Stream.of(
                    Stream.of(Verb.ADVANCE, Verb.REPLACE, Verb.RESTART).map(MotionOf.OfVerb::new),
                    Stream.of(Form.DIALOG, Form.SHEET, Form.PANEL, Form.PAGE).map(MotionOf.Above::new),
                    Stream.of(new MotionOf.Drawers()),
                    Stream.of(Verb.SWITCH_TAB, Verb.TURN_PAGE, Verb.NEXT_ROW, Verb.PREVIOUS_ROW)
                            .map(MotionOf.OfVerb::new))
            .<MotionOf>flatMap(s -> s)
            .toList();
    private static final int FIRST_MS = 240;
    private static final double HIGH = 210;

    private final Work work;
    private final PictureLibrary pictures;
    private final Toast said;
    private MotionOf of = MOVING.getFirst();
    private Motion tried;

    FeelPage(Work work, PictureLibrary pictures, Toast said, Runnable leave) {
        super(
                "How it moves and answers",
                "As a rule, where a link or a hotspot does not say itself. Return and close play the reverse of what "
                        + "brought a place.",
                leave);
        this.work = work;
        this.pictures = pictures;
        this.said = said;
        this.tried = usual(of);
        fill();
    }

    private void fill() {
        clear();
        row(
                label("What is touched", 130, "quiet"),
                ChoiceButton.of(
                        "feel-touched",
                        170,
                        "What is seen of what is touched",
                        List.of(Answer.values()),
                        work.prototype().feel().touched(),
                        Answer::phrase,
                        answer -> {
                            if (answer != work.prototype().feel().touched()) {
                                work.edit(FeelEdits.touched(answer));
                            }
                            fill();
                        }));
        HBox whole = new HBox(24, verbs(), versions());
        row(whole);
    }

    /** Each verb with its usual motion. */
    private Node verbs() {
        VBox all = new VBox();
        for (MotionOf each : MOVING) {
            Button button = new Button(each.words() + "\n" + told(each, usual(each)));
            button.getStyleClass().add("feel-verb");
            button.setId("feel-" + each.words().replace(' ', '-'));
            button.setMnemonicParsing(false);
            button.setMinWidth(TextSize.px(210));
            button.setMaxWidth(TextSize.px(210));
            button.setAlignment(Pos.CENTER_LEFT);
            if (each.equals(of)) {
                button.getStyleClass().add("chosen");
            }
            button.setAccessibleText(
                    each.words() + ", " + told(each, usual(each)) + (each.equals(of) ? ", chosen" : ""));
            button.setOnAction(e -> {
                of = each;
                tried = usual(each);
                fill();
            });
            all.getChildren().add(button);
        }
        return all;
    }

    private Motion usual(MotionOf one) {
        return work.prototype().feel().usual(one);
    }

    /** Whether an effect moves as what is chosen does. */
    private boolean isMeant(Effect effect) {
        return switch (of) {
            case MotionOf.OfVerb o -> effect.verb() == o.verb();
            case MotionOf.Above a ->
                effect instanceof Effect.OpenAbove open
                        && Targets.shown(work.prototype(), open.screen())
                                .filter(s -> s.form() == a.form())
                                .isPresent();
            case MotionOf.Drawers d -> effect instanceof Effect.MoveDrawer;
        };
    }

    private static String told(MotionOf of, Motion motion) {
        if (of instanceof MotionOf.Drawers) {
            return motion.ms() + " ms, " + motion.easing();
        }
        return motion.kind() == Motion.Kind.NONE
                ? "at once"
                : motion.kind().word() + ", " + motion.ms() + " ms, " + motion.easing();
    }

    /** As it is, and as it is tried, side by side. */
    private Node versions() {
        Motion now = usual(of);
        Optional<Way> way = work.prototype().index().ways().stream()
                .filter(w -> w.link().effects().anyMatch(this::isMeant))
                .filter(w -> !w.from().isEmpty() && to(w).isPresent())
                .findFirst();
        HBox both = new HBox(24, seen("As it is", way, now), seen("As you try it", way, tried));
        Button take = Buttons.word("Take what is tried", "feel-take", () -> {
            work.edit(FeelEdits.motion(of, Optional.of(tried)));
            said.say("From now on, " + of.words() + ": " + told(of, tried) + ". Ctrl+Z takes it back.");
            fill();
        });
        take.setDisable(tried.equals(now));
        Button usual = Buttons.word("As in every prototype", "feel-usual", () -> {
            work.edit(FeelEdits.motion(of, Optional.empty()));
            tried = usual(of);
            fill();
        });
        usual.setDisable(work.prototype().feel().own(of).isEmpty());
        return new VBox(12, both, trying(), new HBox(12, take, usual));
    }

    private Node seen(String caption, Optional<Way> way, Motion motion) {
        Label words = new Label(caption);
        words.getStyleClass().addAll("quiet", "small");
        List<Screen> screens = work.prototype().screens();
        if (screens.isEmpty()) {
            return new VBox(6, words);
        }
        if (of instanceof MotionOf.Drawers) {
            return drawer(words, motion);
        }
        Screen from = way.map(w -> w.from().getFirst()).orElse(screens.getFirst());
        Screen to = way.flatMap(this::to).orElse(screens.getLast());
        Device device = work.device();
        MotionPreview preview = new MotionPreview(
                pictures,
                Look.plain(from),
                Look.plain(to),
                of instanceof MotionOf.Above,
                device,
                Room.whole(work.prototype().widths(), device.width()),
                Math.min(HIGH, 150 * device.height() / device.width()));
        preview.play(motion);
        return new VBox(6, words, preview);
    }

    /** A drawer over its page, coming as it would. */
    private Node drawer(Label caption, Motion motion) {
        Device device = work.device();
        Drawer drawer = work.prototype().drawers().stream()
                .filter(d -> !d.staysAt(device.width()))
                .findFirst()
                .orElseGet(() -> Drawer.of("", "", List.of(), Attached.ALL));
        Screen on = Attachments.screens(work.prototype(), drawer.on()).stream()
                .findFirst()
                .orElse(work.prototype().screens().getFirst());
        DrawerPreview preview = new DrawerPreview(
                pictures,
                work.prototype().withFeel(work.prototype().feel().withDrawers(motion)),
                drawer,
                on,
                device,
                Math.rint(Math.min(150, HIGH * device.width() / device.height())));
        preview.playOn();
        return new VBox(6, caption, preview);
    }

    private Optional<Screen> to(Way way) {
        return way.link()
                .effects()
                .filter(this::isMeant)
                .findFirst()
                .flatMap(Effect::target)
                .flatMap(t -> Targets.shown(work.prototype(), t))
                .or(() -> way.targets().stream()
                        .findFirst()
                        .flatMap(id -> work.prototype().screen(id)));
    }

    /** Kind, direction, time and easing of what is tried. */
    private Node trying() {
        boolean still = tried.kind() == Motion.Kind.NONE;
        boolean sideways = tried.kind() == Motion.Kind.SLIDE_ACROSS || tried.kind() == Motion.Kind.SLIDE_ALONG;
        boolean comesItself = of instanceof MotionOf.Drawers;
        ChoiceButton kind = ChoiceButton.of(
                "feel-kind",
                130,
                "Kind of motion",
                List.of(Motion.Kind.values()),
                tried.kind(),
                k -> k == Motion.Kind.NONE ? "at once" : k.word(),
                k -> tryOut(new Motion(
                        k,
                        tried.direction(),
                        k == Motion.Kind.NONE ? 0 : tried.ms() == 0 ? FIRST_MS : tried.ms(),
                        tried.easing(),
                        tried.rest())));
        ChoiceButton direction = ChoiceButton.of(
                "feel-direction",
                100,
                "Direction",
                List.of(Motion.Direction.values()),
                tried.direction(),
                d -> "to "
                        + (d == Motion.Direction.UP
                                ? "the top"
                                : d == Motion.Direction.DOWN ? "the foot" : "the " + d.word()),
                d -> tryOut(tried.towards(d)));
        direction.setDisable(!sideways);
        TextField ms = field(
                "feel-ms",
                "Milliseconds",
                String.valueOf(tried.ms()),
                60,
                typed -> MotionWords.whyNoTime(typed)
                        .ifPresentOrElse(
                                said::say,
                                () -> tryOut(new Motion(
                                        tried.kind(),
                                        tried.direction(),
                                        Integer.parseInt(typed),
                                        tried.easing(),
                                        tried.rest()))));
        ms.setDisable(still);
        TextField easing = field(
                "feel-easing",
                "Easing",
                tried.easing(),
                190,
                typed -> MotionWords.whyNoEasing(typed)
                        .ifPresentOrElse(
                                said::say,
                                () -> tryOut(
                                        new Motion(tried.kind(), tried.direction(), tried.ms(), typed, tried.rest()))));
        easing.setDisable(still);
        HBox first = new HBox(8, kind, direction);
        HBox second = new HBox(8, ms, new Label("ms"), easing);
        first.setAlignment(Pos.CENTER_LEFT);
        second.setAlignment(Pos.CENTER_LEFT);
        return comesItself ? new VBox(8, second) : new VBox(8, first, second);
    }

    private void tryOut(Motion motion) {
        if (!motion.equals(tried)) {
            tried = motion;
            fill();
        }
    }
}
