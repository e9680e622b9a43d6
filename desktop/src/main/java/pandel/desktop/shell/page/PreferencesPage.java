package pandel.desktop.shell.page;

import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.desktop.theme.TextSize;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Preferred;
import pandel.files.settings.Preferences;
import pandel.files.settings.Preferences.LookWish;

/**
 * What a person prefers: the look, how large words are, how fast they read, how large things really are on their
 * monitor.
 */
public final class PreferencesPage extends VBox {

    /** A payment card, 85.60 × 53.98 mm (ISO/IEC 7810, ID-1). */
    private static final double CARD = 85.60;

    private static final double CARD_HIGH = 53.98;
    private static final double USUAL_DOTS = 96 / 25.4;

    private final Preferred preferred;
    private final ToggleButton first;

    public PreferencesPage(Preferred preferred, Runnable done) {
        this.preferred = preferred;
        getStyleClass().addAll("question", "preferences");
        setMaxHeight(Region.USE_PREF_SIZE);
        Label title = new Label("Preferences");
        title.getStyleClass().add("title");
        HBox looks = choices(
                List.of(LookWish.values()),
                wish -> switch (wish) {
                    case SYSTEM -> "As the system";
                    case DAY -> "Day";
                    case NIGHT -> "Night";
                },
                wish -> "look-" + wish.word(),
                Preferences::look,
                Preferences::withLook);
        HBox texts = choices(
                Preferences.TEXTS,
                percent -> percent == 100 ? "Usual" : percent + " %",
                percent -> "text-" + percent,
                Preferences::text,
                Preferences::withText);
        first = (ToggleButton) looks.getChildren().getFirst();
        Button close = new Button("Done");
        close.getStyleClass().add("main");
        close.setId("preferences-done");
        close.setOnAction(e -> done.run());
        HBox foot = new HBox(close);
        foot.setAlignment(Pos.CENTER_RIGHT);
        getChildren()
                .addAll(
                        title,
                        line("Look", looks),
                        line("Words", texts),
                        line("Reading", reading()),
                        line("True size", trueSize()),
                        foot);
    }

    private <T> HBox choices(
            List<T> all,
            Function<T, String> words,
            Function<T, String> id,
            Function<Preferences, T> now,
            BiFunction<Preferences, T, Preferences> chosen) {
        HBox row = new HBox(4);
        ToggleGroup group = new ToggleGroup();
        for (T each : all) {
            ToggleButton button = new ToggleButton(words.apply(each));
            button.getStyleClass().add("face");
            button.setId(id.apply(each));
            button.setToggleGroup(group);
            button.setSelected(now.apply(preferred.now()).equals(each));
            button.setOnAction(e -> {
                button.setSelected(true);
                preferred.change(p -> chosen.apply(p, each));
            });
            row.getChildren().add(button);
        }
        return row;
    }

    private static HBox line(String what, Region content) {
        Label label = new Label(what);
        label.getStyleClass().add("strong");
        label.setMinWidth(TextSize.px(88));
        HBox line = new HBox(8, label, content);
        line.setAlignment(content instanceof HBox ? Pos.CENTER_LEFT : Pos.TOP_LEFT);
        return line;
    }

    private VBox reading() {
        Slider slider = slider(
                "reading",
                "Words read in a minute",
                Preferences.SLOWEST,
                Preferences.FASTEST,
                preferred.now().wordsAMinute());
        Label told = new Label();
        Runnable tell = () -> told.setText(Math.round(slider.getValue()) + " words a minute");
        tell.run();
        slider.valueProperty().addListener((o, a, b) -> {
            tell.run();
            preferred.change(p -> p.reading((int) Math.round(b.doubleValue())));
        });
        HBox row = new HBox(12, slider, told);
        row.setAlignment(Pos.CENTER_LEFT);
        return new VBox(4, row, quiet("How long sentences stay, and each step of what is shown in Play."));
    }

    private VBox trueSize() {
        double now = preferred.now().dotsAMillimetre().orElse(USUAL_DOTS);
        Region card = new Region();
        card.getStyleClass().add("card-outline");
        card.setId("card-outline");
        Slider slider = slider("true-size", "Size of the card on the monitor", 2, 8, now);
        Label told = new Label();
        Runnable tell = () -> {
            card.setMinSize(CARD * slider.getValue(), CARD_HIGH * slider.getValue());
            card.setMaxSize(CARD * slider.getValue(), CARD_HIGH * slider.getValue());
            told.setText(
                    preferred.now().dotsAMillimetre().isEmpty()
                            ? "not measured yet"
                            : String.format(Locale.ROOT, "%.2f px to a millimetre", slider.getValue()));
        };
        tell.run();
        slider.valueProperty().addListener((o, a, b) -> {
            preferred.change(p -> p.measured(b.doubleValue()));
            tell.run();
        });
        HBox row = new HBox(12, slider, told);
        row.setAlignment(Pos.CENTER_LEFT);
        VBox place = new VBox(card);
        place.setMinHeight(CARD_HIGH * USUAL_DOTS);
        return new VBox(
                8,
                quiet("Hold a bank card to the monitor and move the slider until the outline is as wide. Play "
                        + "and the desk can then show devices as large as they are."),
                row,
                place);
    }

    private static Slider slider(String id, String what, double least, double most, double now) {
        Slider slider = new Slider(least, most, now);
        slider.setId(id);
        slider.setPrefWidth(220);
        slider.setBlockIncrement((most - least) / 54);
        slider.setAccessibleText(what);
        return slider;
    }

    private static Label quiet(String text) {
        Label label = new WrappedLabel(text);
        label.getStyleClass().addAll("quiet", "small");
        label.setMaxWidth(TextSize.px(410));
        return label;
    }

    @Override
    public void requestFocus() {
        first.requestFocus();
    }
}
