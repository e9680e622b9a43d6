package pandel.desktop.stage;

import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.desktop.theme.Scroll;
import pandel.desktop.theme.TextSize;
import pandel.desktop.theme.WrappedLabel;

/** A page above everything: a title, what it is for, rows that scroll, and a way to leave. */
public class PageBox extends VBox {

    private final VBox rows = new VBox();
    private final HBox foot = new HBox(8);
    private final Button done = new Button("Done");

    /**
     * @param leave closes it
     * @param about one or two sentences for who has not been here before
     */
    @SuppressWarnings("this-escape") // a node styles itself while it is made; nothing overrides that
    protected PageBox(String title, String about, Runnable leave) {
        getStyleClass().addAll("question", "wide-page");
        setMaxHeight(Region.USE_PREF_SIZE);
        Label heading = new Label(title);
        heading.getStyleClass().add("title");
        Label told = new WrappedLabel(about);
        told.getStyleClass().addAll("quiet", "small");
        told.setMaxWidth(TextSize.px(680));
        rows.getStyleClass().add("page-rows");
        ScrollPane scroll = new Scroll(rows);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.AS_NEEDED);
        scroll.setMaxHeight(516);
        scroll.setFocusTraversable(false);
        done.getStyleClass().add("main");
        done.setId("page-done");
        done.setOnAction(e -> leave.run());
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.getChildren().addAll(spring(), done);
        getChildren().addAll(heading, told, scroll, foot);
    }

    protected final void clear() {
        rows.getChildren().clear();
    }

    /** A line of the page. */
    protected final void row(Node... parts) {
        HBox row = new HBox(8, parts);
        row.getStyleClass().add("page-row");
        rows.getChildren().add(row);
    }

    protected final void heading(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("heading");
        rows.getChildren().add(label);
    }

    protected final void sentence(String words) {
        Label label = new WrappedLabel(words);
        label.getStyleClass().addAll("quiet");
        label.setMaxWidth(TextSize.px(660));
        rows.getChildren().add(label);
    }

    /** Something to do with the page as a whole. */
    protected final void offer(Node press) {
        foot.getChildren().add(foot.getChildren().size() - 2, press);
    }

    /** The page is about one thing to do: to leave it is to leave that. */
    protected final void offerInstead(Button main) {
        done.setText("Leave it");
        done.getStyleClass().remove("main");
        done.getStyleClass().add("plain");
        main.getStyleClass().add("main");
        foot.getChildren().add(main);
    }

    protected static Label label(String words, double wide, String... styles) {
        Label label = new Label(words);
        label.getStyleClass().addAll(styles);
        label.setMinWidth(TextSize.px(wide));
        label.setMaxWidth(TextSize.px(wide));
        return label;
    }

    /**
     * A field whose words are kept by Enter, or when it is left with other words.
     *
     * @param keep told the words, stripped
     */
    protected static TextField field(String id, String what, String now, double wide, Consumer<String> keep) {
        TextField field = new TextField(now);
        field.setId(id);
        field.setAccessibleText(what);
        field.setMinWidth(TextSize.px(wide));
        field.setMaxWidth(TextSize.px(wide));
        field.setOnAction(e -> keep.accept(field.getText().strip()));
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is && !field.getText().equals(now)) {
                keep.accept(field.getText().strip());
            }
        });
        return field;
    }

    protected static Region spring() {
        Region space = new Region();
        HBox.setHgrow(space, javafx.scene.layout.Priority.ALWAYS);
        return space;
    }

    @Override
    public void requestFocus() {
        done.requestFocus();
    }
}
