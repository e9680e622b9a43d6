package pandel.desktop.frames;

import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import pandel.core.edit.Edit;
import pandel.core.model.Colour;
import pandel.core.model.Device;
import pandel.desktop.shell.Around;
import pandel.desktop.shell.PageBox;
import pandel.desktop.work.Work;

/** A frame as what it is: what stands in it in order, one of which is chosen, and its settings. */
abstract class FramePage extends PageBox {

    private static final double PREVIEW = 150;

    protected final Work work;
    protected final Around around;
    protected final String id;
    /** Counted from 0. */
    protected int chosen;

    FramePage(String title, String about, Work work, Around around, String id, int chosen) {
        super(title, about, around::dismiss);
        this.work = work;
        this.around = around;
        this.id = id;
        this.chosen = chosen;
    }

    /** Builds what is seen anew. */
    abstract void fill();

    /** The edit that moves what stands at one place to another. */
    abstract Edit moved(int from, int to);

    void choose(int one) {
        chosen = one;
        fill();
    }

    void move(int from, int to) {
        chosen = to;
        change(moved(from, to));
    }

    void change(Edit edit) {
        work.edit(edit);
        fill();
    }

    /** The field for the title. @param prefix of its id  @param now the title as it is now  @param put told another */
    TextField title(String prefix, String what, Supplier<String> now, Consumer<String> put) {
        TextField title = field(prefix + "-title", what, now.get(), 220, typed -> {
            if (!typed.isEmpty() && !typed.equals(now.get())) {
                put.accept(typed);
            }
        });
        title.getStyleClass().add("strong");
        return title;
    }

    static Label small(String words) {
        Label label = new Label(words);
        label.getStyleClass().addAll("quiet", "small");
        return label;
    }

    static VBox captioned(Node node, String caption) {
        return new VBox(1, node, small(caption));
    }

    /** A field for a colour; what is none is said and not kept. @param put told another colour */
    VBox colour(String fieldId, String what, String now, double wide, String tooltip, String caption, Consumer<String> put) {
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

    /** Interface px that its picture on the device is wide. @param highest interface px */
    double previewed(double highest) {
        Device device = work.device();
        return Math.rint(Math.min(PREVIEW, highest * device.width() / device.height()));
    }
}
