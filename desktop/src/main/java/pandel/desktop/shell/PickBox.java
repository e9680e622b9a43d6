package pandel.desktop.shell;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.model.screen.Screen;

/** Asks for one of some screens: type a part of its title, Enter takes the first. */
final class PickBox extends VBox {

    private static final int ROWS = 8;

    private final TextField field = new TextField();
    private final VBox rows = new VBox(2);

    /**
     * @param screens the likeliest first
     * @param told what is to be said beside a title; may be empty
     */
    PickBox(String what, List<Screen> screens, Function<Screen, String> told, Consumer<Screen> then) {
        getStyleClass().add("question");
        setMaxHeight(Region.USE_PREF_SIZE);
        Label label = new Label(what);
        label.getStyleClass().addAll("large", "strong");
        field.setId("pick-field");
        field.setAccessibleText(what);
        field.setPromptText("a part of its title");
        field.textProperty().addListener((o, a, b) -> fill(screens, told, then));
        field.setOnAction(e -> matching(screens).stream().findFirst().ifPresent(then));
        Label hint = new Label("Enter takes the first, Esc leaves all as it was.");
        hint.getStyleClass().addAll("quiet", "small");
        getChildren().addAll(label, field, rows, hint);
        fill(screens, told, then);
    }

    private List<Screen> matching(List<Screen> screens) {
        String typed = field.getText().strip().toLowerCase(Locale.ROOT);
        return screens.stream()
                .filter(s -> s.shownTitle().toLowerCase(Locale.ROOT).contains(typed))
                .toList();
    }

    private void fill(List<Screen> screens, Function<Screen, String> told, Consumer<Screen> then) {
        List<Screen> matching = matching(screens);
        rows.getChildren()
                .setAll(matching.stream()
                        .limit(ROWS)
                        .map(s -> {
                            String more = told.apply(s);
                            Button row = new Button(s.shownTitle() + (more.isEmpty() ? "" : ", " + more));
                            row.getStyleClass().add("word");
                            row.setMnemonicParsing(false);
                            row.setId("pick-" + s.id());
                            row.setOnAction(e -> then.accept(s));
                            return row;
                        })
                        .toList());
        int left = matching.size() - ROWS;
        if (left > 0 || matching.isEmpty()) {
            Label rest = new Label(
                    matching.isEmpty()
                            ? "No screen has these words in its title."
                            : "and " + left + " more; type to find them");
            rest.getStyleClass().addAll("quiet", "small");
            rows.getChildren().add(rest);
        }
    }

    @Override
    public void requestFocus() {
        field.requestFocus();
    }
}
