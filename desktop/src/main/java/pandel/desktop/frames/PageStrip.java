package pandel.desktop.frames;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.model.Look;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Placement;
import pandel.desktop.picture.FramedMock;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.work.Work;

/**
 * The pages of a sequence, or the tabs of a set, one below another, to be chosen, and carried to another place by mouse
 * or keys.
 */
final class PageStrip extends StackPane {

    /**
     * One of them.
     *
     * @param words beneath its picture
     */
    record Item(Screen screen, String words) {}

    private static final double HIGH = 84;
    private static final double WIDEST = 72;

    private final VBox pages = new VBox(2);
    private final Reordering reordering;

    /**
     * @param chosen counted from 0
     * @param choose told which is chosen
     * @param moved told from where to where one was carried, both counted from 0
     */
    PageStrip(
            Work work,
            PictureLibrary pictures,
            List<Item> items,
            int chosen,
            IntConsumer choose,
            BiConsumer<Integer, Integer> moved) {
        this.reordering = new Reordering(false, pages.getChildren(), moved);
        for (int i = 0; i < items.size(); i++) {
            pages.getChildren().add(page(work, pictures, items, i, i == chosen, choose));
        }
        getChildren().add(pages);
    }

    private Button page(
            Work work, PictureLibrary pictures, List<Item> items, int at, boolean chosen, IntConsumer choose) {
        Screen screen = items.get(at).screen();
        Placement.Size size = Placement.sizeOf(
                screen, work.width(), work.device().width(), work.device().height());
        FramedMock framed = new FramedMock(pictures).within(Look.plain(screen), work.width(), size, WIDEST, HIGH);
        Button button = new Button(items.get(at).words(), framed);
        button.getStyleClass().add("motion-kind");
        button.setContentDisplay(ContentDisplay.LEFT);
        button.setGraphicTextGap(10);
        button.setAlignment(Pos.CENTER_LEFT);
        button.setMnemonicParsing(false);
        button.setMinWidth(0);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setId("page-" + (at + 1));
        button.setAccessibleText(items.get(at).words());
        button.pseudoClassStateChanged(FrameWords.CHOSEN, chosen);
        reordering.add(button, at, choose);
        reordering.byKeys(button, at, items.size(), choose);
        return button;
    }
}
