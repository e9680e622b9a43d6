package pandel.desktop.frames;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.IntConsumer;
import java.util.function.IntFunction;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import pandel.core.model.screen.Screen;
import pandel.desktop.links.sentence.Choice;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;

/**
 * A sentence about a frame: what can be otherwise is a tinted word, which shows beneath itself what else there is, or
 * is typed in its place.
 */
final class Saying extends FlowPane {

    private final FrameDesk desk;

    Saying(FrameDesk desk) {
        this.desk = desk;
        getStyleClass().addAll("sentence", "frame-saying");
        setMinWidth(0);
        // What is typed next is never cut short by a narrow first guess.
        setPrefWrapLength(1);
    }

    /** Words that stay as they are. */
    Saying words(String words) {
        getChildren().add(Choice.words(words));
        return this;
    }

    Saying put(Node node) {
        getChildren().add(node);
        return this;
    }

    /** One of some. */
    <T> Saying one(String id, String tip, List<T> all, T now, Function<T, String> word, Consumer<T> chosen) {
        return put(ChoiceButton.of(id, 0, tip, all, now, word, chosen));
    }

    /** One of two. */
    Saying either(String id, String tip, boolean now, String yes, String no, Consumer<Boolean> chosen) {
        return put(ChoiceButton.either(id, 0, tip, now, yes, no, chosen));
    }

    /**
     * A whole number, typed in its place; what is none, or too small or large, is said and not kept.
     *
     * @param caption what is counted: "px high"
     * @param word how a number is said: "56 px high"
     */
    Saying number(
            String id,
            String caption,
            double current,
            int least,
            int most,
            String tip,
            IntFunction<String> word,
            IntConsumer put) {
        int now = (int) Math.round(current);
        return typed(id, word.apply(now), "", tip, String.valueOf(now), caption, text -> {
            String typed = text.strip();
            Optional<Integer> n = Optional.of(typed.replace('−', '-'))
                    .filter(t -> t.matches("-?\\d{1,6}"))
                    .map(Integer::parseInt)
                    .filter(i -> i >= least && i <= most);
            if (n.isEmpty()) {
                desk.around.say(
                        "“" + caption + "” is a number from " + least + " to " + most + "; “" + typed + "” is none.");
            } else if (n.get() != now) {
                put.accept(n.get());
            }
        });
    }

    /**
     * Words, typed in their place.
     *
     * @param none what stands there when there are none
     */
    Saying text(String id, String what, String now, String none, String tip, Consumer<String> put) {
        return typed(id, now.isEmpty() ? none : "“" + now + "”", now.isEmpty() ? "soft" : "", tip, now, what, typed -> {
            if (!typed.strip().equals(now)) {
                put.accept(typed.strip());
            }
        });
    }

    private Saying typed(
            String id, String shown, String style, String tip, String now, String what, Consumer<String> kept) {
        Choice choice = new Choice(shown, style, id);
        choice.setTooltip(new Tooltip(tip));
        choice.setAccessibleText(what + ": " + shown);
        choice.on(() -> {
            TextField field = choice.type(now, what, kept, () -> desk.refreshAfter(this));
            field.setPrefColumnCount(now.length() > 8 ? 16 : 7);
        });
        return put(choice);
    }

    /** A colour. */
    Saying colour(String id, String what, String now, Consumer<String> put) {
        return put(ColourWord.of(desk.around, desk.colours(), desk.work.prototype(), id, what, now, false, put));
    }

    /** A colour, or none. */
    Saying perhapsColour(String id, String what, String now, Consumer<String> put) {
        return put(ColourWord.of(desk.around, desk.colours(), desk.work.prototype(), id, what, now, true, put));
    }

    /** A sign, chosen from pictures of them. */
    Saying sign(String id, String now, Consumer<String> put) {
        return put(SignPage.button(desk.around, id, now, put));
    }

    /** What a link does; a menu beneath it says what else it could do. */
    Saying menu(String id, String words, ContextMenu menu) {
        Choice choice = new Choice(words, "", id);
        choice.setMnemonicParsing(false);
        return put(choice.on(() -> menu.show(choice, Side.BOTTOM, 0, 2)));
    }

    /** Something to do. */
    Saying press(String words, String id, String tip, Runnable action) {
        Button button = Buttons.smallWord(words, id, action);
        if (!tip.isEmpty()) {
            button.setTooltip(new Tooltip(tip));
        }
        return put(button);
    }

    /** Screens, each of which can be let go, and a way to name one more. */
    Saying screens(List<Screen> all, Function<Screen, String> id, String tip, Consumer<Screen> letGo) {
        all.forEach(s -> press(s.shownTitle() + " ×", id.apply(s), tip, () -> letGo.accept(s)));
        return this;
    }
}
