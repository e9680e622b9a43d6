package pandel.desktop.links.sentence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import pandel.core.edit.link.BranchEdits;
import pandel.core.edit.link.MotionWords;
import pandel.core.model.Index.Way;
import pandel.core.model.Look;
import pandel.core.model.Targets;
import pandel.core.model.device.Device;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Room;
import pandel.desktop.device.MotionPreview;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.stage.PageBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;
import pandel.desktop.work.Work;

/** How a link moves, to be chosen by sight: each kind of motion plays between the two screens themselves. */
public final class MotionPage extends PageBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double HIGH = 132;

    private final Work work;
    private final PictureLibrary pictures;
    private final String link;
    private final int number;
    private final BiConsumer<Verb, Optional<Motion>> chosenLast;
    private final Label told = new Label();

    /** @param chosenLast told what was chosen, for the next links of that verb */
    public MotionPage(
            Work work,
            PictureLibrary pictures,
            Link link,
            int number,
            BiConsumer<Verb, Optional<Motion>> chosenLast,
            Runnable leave) {
        super(
                "How it moves",
                "Each kind plays between the two screens themselves. Return and close play the reverse of what "
                        + "brought a place.",
                leave);
        this.work = work;
        this.pictures = pictures;
        this.link = link.id();
        this.number = number;
        this.chosenLast = chosenLast;
        offer(Buttons.word("As usual", "motion-usual", () -> choose(Optional.empty())));
        offer(Buttons.word("Same for all links like this", "motion-all", this::all));
        fill();
    }

    private Branch branch() {
        return work.prototype()
                .index()
                .way(link)
                .orElseThrow()
                .link()
                .branches()
                .get(number);
    }

    private Verb verb() {
        return branch().move().map(Effect::verb).orElse(Verb.ADVANCE);
    }

    private Motion now() {
        return branch().motion()
                .orElseGet(() -> branch().move()
                        .map(m -> work.prototype().feel().usual(work.prototype(), m))
                        .orElseGet(() -> work.prototype().usualMotion(verb())));
    }

    private void fill() {
        clear();
        say("", true);
        Way way = work.prototype().index().way(link).orElseThrow();
        Optional<Screen> from = way.from().stream().findFirst();
        Optional<Screen> to = branch().move()
                .flatMap(Effect::target)
                .flatMap(t -> Targets.shown(work.prototype(), t))
                .or(() -> turned(from))
                .or(() -> from.filter(f -> verb() == Verb.NEXT_ROW || verb() == Verb.PREVIOUS_ROW))
                .or(() -> way.targets().stream()
                        .findFirst()
                        .flatMap(id -> work.prototype().screen(id)));
        List<Node> kinds = new ArrayList<>();
        for (Motion.Kind kind : Motion.Kind.values()) {
            kinds.add(kind(kind, from.orElseGet(() -> Screen.page("", "")), to.orElseGet(() -> Screen.page("", ""))));
        }
        HBox all = new HBox(10);
        all.getChildren().setAll(kinds);
        all.setAlignment(Pos.TOP_LEFT);
        row(all);
        Motion now = now();
        boolean moves = now.kind() != Motion.Kind.NONE;
        boolean sideways = now.kind() == Motion.Kind.SLIDE_ACROSS || now.kind() == Motion.Kind.SLIDE_ALONG;
        ChoiceButton direction = ChoiceButton.either(
                "motion-direction",
                110,
                "Where it moves to",
                now.direction() == Motion.Direction.RIGHT,
                "to the right",
                "to the left",
                right -> change(
                        now.kind(), right ? Motion.Direction.RIGHT : Motion.Direction.LEFT, now.ms(), now.easing()));
        direction.setDisable(!sideways);
        TextField ms = field("motion-ms", "Milliseconds", String.valueOf(now.ms()), 70, this::ms);
        ms.setDisable(!moves);
        TextField easing = field("motion-easing", "Easing", now.easing(), 240, this::easing);
        easing.setDisable(!moves);
        row(label("Moves", 50), direction, label("in", 16), ms, label("ms, easing", 80), easing);
        row(label(
                branch().motion().isEmpty()
                        ? "As usual for " + verb().word() + "."
                        : "Of this link’s own; the next links that " + verb().word() + " move so too.",
                560,
                "quiet",
                "small"));
        row(told);
    }

    /** The page beside a page of a sequence, where a page is turned. */
    private Optional<Screen> turned(Optional<Screen> from) {
        return from.filter(f -> verb() == Verb.TURN_PAGE)
                .flatMap(f -> work.prototype().index().sequencesOf(f.id()).stream()
                        .findFirst()
                        .flatMap(s -> s.pages().stream()
                                .filter(page -> !page.equals(f.id()))
                                .findFirst())
                        .flatMap(id -> work.prototype().screen(id)));
    }

    private Node kind(Motion.Kind kind, Screen from, Screen to) {
        Device device = work.device();
        boolean above = verb() == Verb.OPEN_ABOVE || to.form() != Form.PAGE;
        MotionPreview preview = new MotionPreview(
                pictures,
                Look.plain(from),
                Look.plain(to),
                above,
                device,
                Room.whole(work.prototype().widths(), device.width()),
                Math.min(HIGH, 90 * device.height() / device.width()));
        Motion now = now();
        preview.play(new Motion(
                kind,
                now.direction(),
                kind == Motion.Kind.NONE ? 0 : now.ms() == 0 ? 280 : now.ms(),
                now.easing(),
                now.rest()));
        Button button = new Button(words(kind), preview);
        button.setContentDisplay(ContentDisplay.TOP);
        button.setMnemonicParsing(false);
        button.getStyleClass().add("motion-kind");
        button.setId("motion-" + kind.word().replace(' ', '-'));
        button.pseudoClassStateChanged(CHOSEN, now.kind() == kind);
        button.setAccessibleText(words(kind) + (now.kind() == kind ? ", chosen" : ""));
        button.setOnAction(e -> change(
                kind, now.direction(), kind == Motion.Kind.NONE ? 0 : now.ms() == 0 ? 280 : now.ms(), now.easing()));
        return button;
    }

    private static String words(Motion.Kind kind) {
        return kind == Motion.Kind.NONE ? "at once" : kind.word();
    }

    private void ms(String typed) {
        MotionWords.whyNoTime(typed)
                .ifPresentOrElse(
                        why -> say(why, false),
                        () -> change(now().kind(), now().direction(), Integer.parseInt(typed), now().easing()));
    }

    private void easing(String typed) {
        MotionWords.whyNoEasing(typed)
                .ifPresentOrElse(
                        why -> say(why, false), () -> change(now().kind(), now().direction(), now().ms(), typed));
    }

    private void change(Motion.Kind kind, Motion.Direction direction, int ms, String easing) {
        choose(Optional.of(new Motion(kind, direction, ms, easing, now().rest())));
    }

    private void choose(Optional<Motion> motion) {
        if (!motion.equals(branch().motion())) {
            work.edit(BranchEdits.motion(
                    work.prototype().index().way(link).orElseThrow().link(), number, motion));
        }
        chosenLast.accept(verb(), motion);
        fill();
    }

    private void all() {
        Optional<Motion> motion = branch().motion();
        work.edit(BranchEdits.motionOfAll(verb(), motion));
        fill();
        long n = work.prototype().index().ways().stream()
                .flatMap(w -> w.link().branches().stream())
                .filter(b -> b.move().filter(m -> m.verb() == verb()).isPresent())
                .count();
        say("All " + n + " links that " + verb().word() + " move so now. Ctrl+Z takes it back.", true);
    }

    /** @param done whether it was done; else what was typed is wrong */
    private void say(String sentence, boolean done) {
        told.setText(sentence);
        told.getStyleClass().removeAll("trouble", "quiet");
        told.getStyleClass().add(done ? "quiet" : "trouble");
    }
}
