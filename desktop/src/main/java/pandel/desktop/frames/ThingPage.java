package pandel.desktop.frames;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import pandel.core.edit.Edit;
import pandel.core.model.device.Device;
import pandel.core.model.screen.Colour;
import pandel.core.model.screen.Screen;
import pandel.desktop.stage.PageBox;
import pandel.desktop.stage.PageHost;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.work.Work;

/** One thing of the prototype, seen and edited as what it is; filled anew after each edit. */
abstract class ThingPage extends PageBox {

    private static final double PREVIEW = 150;

    protected final Work work;
    protected final PageHost around;
    protected final String id;

    ThingPage(String title, String about, Work work, PageHost around, String id) {
        super(title, about, around::dismiss);
        this.work = work;
        this.around = around;
        this.id = id;
    }

    /** Builds what is seen anew. */
    abstract void fill();

    void change(Edit edit) {
        work.edit(edit);
        fill();
    }

    static Label small(String words) {
        Label label = new Label(words);
        label.getStyleClass().addAll("quiet", "small");
        return label;
    }

    static VBox captioned(Node node, String caption) {
        return new VBox(1, node, small(caption));
    }

    static HBox line(Node... parts) {
        HBox line = new HBox(6, parts);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    /**
     * A field for a colour; what is none is said and not kept.
     *
     * @param put told another colour
     */
    VBox colour(
            String fieldId,
            String what,
            String now,
            double wide,
            String tooltip,
            String caption,
            Consumer<String> put) {
        TextField field = field(fieldId, what, now, wide, typed -> {
            if (!Colour.is(typed)) {
                around.say("A colour is # and six of 0 to 9 and A to F; “" + typed + "” is none.");
                fill();
            } else if (!typed.equals(now)) {
                put.accept(typed);
            }
        });
        field.setTooltip(new Tooltip(tooltip));
        return captioned(field, caption);
    }

    /** A field for a colour that may be left empty: then there is none. */
    VBox perhapsColour(String fieldId, String what, String now, double wide, String caption, Consumer<String> put) {
        TextField field = field(fieldId, what, now, wide, typed -> {
            if (!typed.isEmpty() && !Colour.is(typed)) {
                around.say("A colour is # and six of 0 to 9 and A to F, or nothing where there is none; “" + typed
                        + "” is none.");
                fill();
            } else if (!typed.equals(now)) {
                put.accept(typed);
            }
        });
        field.setPromptText("none");
        field.setTooltip(new Tooltip(what));
        return captioned(field, caption);
    }

    /**
     * A field for a whole number; what is none, or too small or large, is said and not kept.
     *
     * @param put told another number
     */
    TextField number(String fieldId, String caption, int now, int least, int most, double wide, IntConsumer put) {
        return field(fieldId, caption, String.valueOf(now), wide, typed -> {
            Optional<Integer> n = Optional.of(typed.strip().replace('−', '-'))
                    .filter(t -> t.matches("-?\\d{1,6}"))
                    .map(Integer::parseInt)
                    .filter(i -> i >= least && i <= most);
            if (n.isEmpty()) {
                around.say(
                        "“" + caption + "” is a number from " + least + " to " + most + "; “" + typed + "” is none.");
                fill();
            } else if (n.get() != now) {
                put.accept(n.get());
            }
        });
    }

    /**
     * A link on the desk, where its sentence is.
     *
     * @param on a screen it can be set off on
     */
    void sentence(Screen on, String link) {
        around.dismiss();
        work.selection().choose(on.id());
        around.go(WorkStage.LINKS);
        work.selection().chooseLink(link);
    }

    /**
     * Interface px that its picture on the device is wide.
     *
     * @param highest interface px
     */
    double previewed(double highest) {
        Device device = work.device();
        return Math.rint(Math.min(PREVIEW, highest * device.width() / device.height()));
    }
}
