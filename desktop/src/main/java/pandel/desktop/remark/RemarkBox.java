package pandel.desktop.remark;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.model.remark.Remark;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.WrappedLabel;

/** What a remark says, by whom, and what it is pinned to: to write one, or to read one and do something about it. */
final class RemarkBox extends VBox {

    private static final KeyCombination DONE = KeyCombination.valueOf("Shortcut+Enter");

    private final TextArea words = new TextArea();
    private final HBox foot = new HBox(8);

    private RemarkBox(String heading, String said) {
        getStyleClass().add("question");
        setMaxHeight(Region.USE_PREF_SIZE);
        Label title = new WrappedLabel(heading);
        title.getStyleClass().addAll("large", "strong");
        words.setText(said);
        words.setId("remark-words");
        words.setAccessibleText("What the remark says");
        words.setPromptText("What is to be said");
        words.setWrapText(true);
        words.setPrefRowCount(5);
        foot.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(title, words, foot);
    }

    /** What was written, where, and by whom. */
    record Written(Pin pin, String words, String by) {}

    /**
     * To write one.
     *
     * @param pins what it can be pinned to, the nearest first
     * @param by whose name is offered
     */
    static RemarkBox write(List<Pin> pins, String by, Runnable leave, Consumer<Written> then) {
        RemarkBox box = new RemarkBox("A remark", "");
        ToggleGroup group = new ToggleGroup();
        FlowPane places = new FlowPane(4, 4);
        for (int i = 0; i < pins.size(); i++) {
            ToggleButton place = new ToggleButton(pins.get(i).title());
            place.getStyleClass().add("face");
            place.setId("pin-" + i);
            place.setUserData(pins.get(i));
            place.setToggleGroup(group);
            place.setSelected(i == 0);
            place.setMaxWidth(480);
            place.setOnAction(e -> place.setSelected(true));
            places.getChildren().add(place);
        }
        TextField name = new TextField(by);
        name.setId("remark-by");
        name.setPromptText("your name");
        name.setAccessibleText("Your name, under the remark");
        name.setMaxWidth(220);
        box.getChildren().add(1, places);
        Runnable pin = () -> {
            String said = box.words.getText().strip();
            if (said.isEmpty()) {
                box.words.requestFocus();
            } else {
                then.accept(new Written(
                        (Pin) group.getSelectedToggle().getUserData(),
                        said,
                        name.getText().strip()));
            }
        };
        name.setOnAction(e -> pin.run());
        Button main = main("Pin it", "remark-pin", pin);
        main.disableProperty().bind(box.words.textProperty().map(t -> t.strip().isEmpty()));
        box.foot.getChildren().addAll(name, spring(), Buttons.plain("Leave it", "remark-leave", leave), main);
        box.onDone(pin);
        return box;
    }

    /** What can be done about one. */
    interface Done {
        void keep(String words);

        void settle(boolean settled);

        void remove();

        /** Shows where it is pinned. */
        void show();
    }

    /**
     * To read one, in other words too.
     *
     * @param place what it is pinned to, and why not where it no longer is
     */
    static RemarkBox read(Remark remark, String place, boolean shows, Done done, Runnable leave) {
        RemarkBox box = new RemarkBox(place, remark.words());
        Label by = new Label(RemarkCards.signed(remark) + (remark.settled() ? ", settled" : ""));
        by.getStyleClass().addAll("quiet", "small");
        box.getChildren().add(1, by);
        Runnable keep = () -> {
            String said = box.words.getText().strip();
            if (said.isEmpty() || said.equals(remark.words())) {
                leave.run();
            } else {
                done.keep(said);
            }
        };
        Button show = Buttons.smallWord(
                remark.step().isPresent() ? "Play up to it" : "Show where", "remark-show", done::show);
        show.setDisable(!shows);
        box.foot
                .getChildren()
                .addAll(
                        show,
                        Buttons.smallWord("Remove", "remark-remove", done::remove),
                        spring(),
                        Buttons.plain(
                                remark.settled() ? "Open it again" : "Settle it",
                                "remark-settle",
                                () -> done.settle(!remark.settled())),
                        main("Done", "remark-done", keep));
        box.onDone(keep);
        return box;
    }

    private static Button main(String title, String id, Runnable action) {
        Button main = new Button(title);
        main.getStyleClass().add("main");
        main.setId(id);
        main.setOnAction(e -> action.run());
        return main;
    }

    private static Region spring() {
        Region space = new Region();
        HBox.setHgrow(space, javafx.scene.layout.Priority.ALWAYS);
        return space;
    }

    /** Tab leads on, as everywhere; Ctrl+Enter is the main button. */
    private void onDone(Runnable done) {
        words.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (DONE.match(e)) {
                e.consume();
                done.run();
            } else if (e.getCode() == KeyCode.TAB && !e.isControlDown()) {
                e.consume();
                foot.getChildren().stream()
                        .filter(n -> n.isFocusTraversable() && !n.isDisabled())
                        .findFirst()
                        .ifPresent(javafx.scene.Node::requestFocus);
            }
        });
    }

    @Override
    public void requestFocus() {
        words.requestFocus();
        words.end();
    }
}
