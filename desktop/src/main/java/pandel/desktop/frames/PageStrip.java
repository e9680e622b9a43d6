package pandel.desktop.frames;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.IntConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import pandel.core.model.Look;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Placement;
import pandel.desktop.picture.FramedMock;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.theme.Scroll;
import pandel.desktop.work.Work;

/**
 * The pages of a sequence, or the tabs of a set, side by side, to be chosen, and carried to another place by mouse or
 * keys.
 */
final class PageStrip extends StackPane {

    /**
     * One of them.
     *
     * @param words beneath its picture
     */
    record Item(Screen screen, String words) {}

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double HIGH = 96;
    private static final double WIDEST = 150;
    private static final double WIDE = 540;

    private final HBox pages = new HBox(6);
    private final BiConsumer<Integer, Integer> moved;
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
        this.moved = moved;
        this.reordering = new Reordering(true, pages.getChildren(), moved);
        pages.setAlignment(Pos.BOTTOM_LEFT);
        for (int i = 0; i < items.size(); i++) {
            pages.getChildren().add(page(work, pictures, items, i, i == chosen, choose));
        }
        ScrollPane scroll = new Scroll(pages);
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        scroll.setPrefWidth(WIDE);
        scroll.setMaxWidth(WIDE);
        // Of many the chosen one is in sight.
        scroll.setHvalue(items.size() < 2 ? 0 : chosen / (items.size() - 1.0));
        setAlignment(Pos.BOTTOM_LEFT);
        getChildren().add(scroll);
    }

    /** Gives the chosen page the focus. */
    void takeFocus() {
        // What scrolls holds the pages only once it has been styled.
        applyCss();
        pages.getChildren().stream()
                .filter(n -> n.getPseudoClassStates().contains(CHOSEN))
                .findFirst()
                .ifPresent(Node::requestFocus);
    }

    private Button page(
            Work work, PictureLibrary pictures, List<Item> items, int at, boolean chosen, IntConsumer choose) {
        Screen screen = items.get(at).screen();
        Placement.Size size = Placement.sizeOf(
                screen, work.width(), work.device().width(), work.device().height());
        FramedMock framed = new FramedMock(pictures).within(Look.plain(screen), work.width(), size, WIDEST, HIGH);
        Button button = new Button(items.get(at).words(), framed);
        button.getStyleClass().add("motion-kind");
        button.setContentDisplay(ContentDisplay.TOP);
        button.setMnemonicParsing(false);
        button.setMaxWidth(WIDEST);
        button.setMinWidth(90);
        button.setId("page-" + (at + 1));
        button.setAccessibleText(items.get(at).words());
        button.pseudoClassStateChanged(CHOSEN, chosen);
        button.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            int to = e.getCode() == KeyCode.LEFT ? at - 1 : e.getCode() == KeyCode.RIGHT ? at + 1 : at;
            if (e.isShortcutDown() && to != at && to >= 0 && to < items.size()) {
                e.consume();
                moved.accept(at, to);
            }
        });
        reordering.add(button, at, choose);
        return button;
    }
}
