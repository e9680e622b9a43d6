package pandel.desktop.links.sentence;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Bounds;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;
import pandel.core.edit.value.SourceWords;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Fact;

/** What can be typed about facts, offered under a field while typing; one that is taken goes into the field. */
public final class FactOffers {

    private static final int MOST = 8;

    private FactOffers() {}

    /** @param conditions whether conditions are typed, else what is remembered */
    public static void under(TextField field, Prototype prototype, List<Screen> on, boolean conditions) {
        under(field, () -> offers(prototype, on, conditions), conditions, !conditions);
    }

    /**
     * @param joined whether several can be typed, joined by and
     * @param above whether they stand above the field
     */
    public static void under(TextField field, Supplier<List<String>> offers, boolean joined, boolean above) {
        // A plain popup leaves Enter and the arrows to the field.
        Popup popup = new Popup();
        popup.setAutoHide(true);
        popup.setHideOnEscape(false);
        VBox rows = new VBox();
        rows.getStyleClass().add("fact-offers");
        popup.getContent().add(rows);
        field.textProperty().addListener((o, was, now) -> show(popup, rows, field, offers, joined, above));
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                popup.hide();
            }
        });
        field.sceneProperty().addListener((o, was, is) -> popup.hide());
    }

    private static void show(
            Popup popup, VBox rows, TextField field, Supplier<List<String>> all, boolean joined, boolean above) {
        String text = field.getText();
        int from = joined
                ? Math.max(
                        text.lastIndexOf(" and ") < 0 ? 0 : text.lastIndexOf(" and ") + 5,
                        text.lastIndexOf(", ") < 0 ? 0 : text.lastIndexOf(", ") + 2)
                : 0;
        String typed = text.substring(from).toLowerCase(Locale.ROOT);
        List<String> offers = typed.isBlank()
                ? List.of()
                : all.get().stream()
                        .filter(o -> o.toLowerCase(Locale.ROOT).contains(typed) && !o.equalsIgnoreCase(typed))
                        .limit(MOST)
                        .toList();
        rows.getChildren()
                .setAll(offers.stream()
                        .map(offer -> {
                            Button row = new Button(offer);
                            row.getStyleClass().add("fact-offer");
                            row.setMnemonicParsing(false);
                            row.setFocusTraversable(false);
                            row.setMaxWidth(Double.MAX_VALUE);
                            row.setOnAction(e -> {
                                field.setText(text.substring(0, from) + offer);
                                field.end();
                                popup.hide();
                            });
                            return row;
                        })
                        .toList());
        if (offers.isEmpty() || field.getScene() == null || field.getScene().getWindow() == null) {
            popup.hide();
            return;
        }
        popup.getScene().getStylesheets().setAll(field.getScene().getStylesheets());
        rows.applyCss();
        double high = rows.prefHeight(-1);
        Bounds at = field.localToScreen(field.getBoundsInLocal());
        popup.show(field, at.getMinX(), above ? at.getMinY() - high - 6 : at.getMaxY() + 2);
    }

    /** "signed in", "not signed in", "basket at least 1", "plan is gold". */
    static List<String> offers(Prototype prototype, List<Screen> on, boolean conditions) {
        List<String> offers = new ArrayList<>();
        if (conditions) {
            new SourceWords(prototype, on, Optional.empty())
                    .offers("").stream()
                            .filter(w -> prototype.facts().stream()
                                    .noneMatch(f -> f.title().equals(w)))
                            .forEach(w -> offers.addAll(List.of(
                                    w + " is empty",
                                    (w.startsWith("given ") ? w.substring("given ".length()) : w) + " is given",
                                    w + " is ")));
        }
        for (Fact fact : prototype.facts()) {
            String title = fact.title();
            switch (fact.kind()) {
                case Fact.Kind.YesNo y ->
                    offers.addAll(
                            conditions
                                    ? List.of(title, title + " is no")
                                    : List.of(title + " is yes", title + " is no", title + " is the other"));
                case Fact.Kind.Number n ->
                    offers.addAll(
                            conditions
                                    ? List.of(title + " at least 1", title + " is 0", title + " at most 3")
                                    : List.of(title + " + 1", title + " - 1", title + " is 0"));
                case Fact.Kind.Text t ->
                    offers.addAll(
                            conditions
                                    ? List.of(title + " is empty", title + " is given", title + " is ")
                                    : List.of(title + " is nothing", title + " is "));
                case Fact.Kind.OneOf one -> {
                    one.words().forEach(word -> offers.add(title + " is " + word));
                    offers.add(title + (conditions ? " is empty" : " is nothing"));
                }
            }
        }
        return offers;
    }
}
