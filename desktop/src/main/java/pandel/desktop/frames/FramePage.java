package pandel.desktop.frames;

import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.TextField;
import pandel.core.edit.Edit;
import pandel.desktop.stage.PageHost;
import pandel.desktop.work.Work;

/** A frame as what it is: what stands in it in order, one of which is chosen, and its settings. */
abstract class FramePage extends ThingPage {

    /** Counted from 0. */
    protected int chosen;

    FramePage(String title, String about, Work work, PageHost around, String id, int chosen) {
        super(title, about, work, around, id);
        this.chosen = chosen;
    }

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

    /**
     * The field for the title.
     *
     * @param prefix of its id
     * @param now the title as it is now
     * @param put told another
     */
    TextField title(String prefix, String what, Supplier<String> now, Consumer<String> put) {
        TextField title = field(prefix + "-title", what, now.get(), 220, typed -> {
            if (!typed.isEmpty() && !typed.equals(now.get())) {
                put.accept(typed);
            }
        });
        title.getStyleClass().add("strong");
        return title;
    }
}
