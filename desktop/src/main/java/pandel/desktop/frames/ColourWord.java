package pandel.desktop.frames;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Colour;
import pandel.desktop.picture.PictureColours;
import pandel.desktop.stage.PageHost;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;

/**
 * A colour as a word of a sentence: a swatch. Beneath it open the colours of the prototype's own pictures, those its
 * frames have already, a mixer, and a field in which one is typed as CSS writes it.
 */
final class ColourWord extends VBox {

    private static final int PICTURES = 16;
    private static final double SIDE = 24;

    private final PageHost around;
    private final String now;
    private final boolean perhaps;
    private final Consumer<String> put;
    private final FlowPane ofPictures = swatches();
    private final TextField typed = new TextField();
    private final Region mixed = new Region();
    private final Slider hue = new Slider(0, 360, 0);
    private final Slider strength = new Slider(0, 100, 0);
    private final Slider light = new Slider(0, 100, 0);

    private ColourWord(
            PageHost around,
            PictureColours colours,
            Prototype prototype,
            String what,
            String now,
            boolean perhaps,
            Consumer<String> put) {
        super(8);
        this.around = around;
        this.now = now;
        this.perhaps = perhaps;
        this.put = put;
        setId("colour-choices");
        colours.of(prototype, PICTURES, found -> show(ofPictures, found));
        FlowPane used = swatches();
        show(used, List.copyOf(used(prototype)));
        typed.setText(now);
        typed.setId("colour-typed");
        typed.setAccessibleText(what);
        typed.setPromptText(perhaps ? "none" : "#RRGGBB");
        typed.setPrefColumnCount(8);
        typed.setOnAction(e -> keep());
        typed.textProperty().addListener((o, a, b) -> {
            if (Colour.is(b.strip())) {
                paint(mixed, b.strip());
            }
        });
        mixed.setMinSize(SIDE, SIDE);
        mixed.setPrefSize(SIDE, SIDE);
        mixed.getStyleClass().add("swatch");
        paint(mixed, now.isEmpty() ? "#808080" : now);
        mix();
        Button take = Buttons.smallWord("Take it", "colour-take", this::keep);
        HBox foot = new HBox(8, mixed, typed, take);
        foot.setAlignment(Pos.CENTER_LEFT);
        if (perhaps) {
            foot.getChildren().add(Buttons.smallWord("None", "colour-none", () -> keep("")));
        }
        Label heading = FrameWords.small(what);
        heading.getStyleClass().add("strong");
        getChildren()
                .addAll(
                        heading,
                        FrameWords.small("On your pictures"),
                        ofPictures,
                        FrameWords.small("On your frames"),
                        used,
                        slider("hue", hue),
                        slider("strength", strength),
                        slider("light", light),
                        foot);
        ofPictures.setMinHeight(SIDE);
        // So wide at once, before anything in it is styled: it opens beneath its word.
        setPrefWidth(8 * (SIDE + 4));
    }

    /** The word. */
    static Button of(
            PageHost around,
            PictureColours colours,
            Prototype prototype,
            String id,
            String what,
            String now,
            boolean perhaps,
            Consumer<String> put) {
        ChoiceButton word = ChoiceButton.opening(id, 0, what, now.isEmpty() ? "none" : "", () -> {
            ColourWord choices = new ColourWord(around, colours, prototype, what, now, perhaps, put);
            choices.typed.sceneProperty().addListener((o, a, scene) -> {
                if (scene != null) {
                    javafx.application.Platform.runLater(() -> {
                        choices.typed.requestFocus();
                        choices.typed.selectAll();
                    });
                }
            });
            return choices;
        });
        if (!now.isEmpty()) {
            Region swatch = new Region();
            swatch.setMinSize(28, 16);
            swatch.setMaxSize(28, 16);
            swatch.getStyleClass().add("swatch");
            paint(swatch, now);
            word.setGraphic(swatch);
            word.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
            word.setTooltip(new Tooltip(what + ": " + now));
            word.setAccessibleText(what + ": " + now);
        }
        return word;
    }

    private static FlowPane swatches() {
        FlowPane flow = new FlowPane(4, 4);
        flow.setPrefWrapLength(8 * (SIDE + 4));
        return flow;
    }

    private void show(FlowPane in, List<String> colours) {
        in.getChildren()
                .setAll(colours.stream()
                        .map(c -> {
                            Button swatch = new Button();
                            swatch.getStyleClass().add("swatch");
                            swatch.setMinSize(SIDE, SIDE);
                            swatch.setMaxSize(SIDE, SIDE);
                            swatch.setId((in == ofPictures ? "colour-" : "used-") + c.substring(1));
                            swatch.setTooltip(new Tooltip(c));
                            swatch.setAccessibleText("Colour " + c);
                            swatch.pseudoClassStateChanged(FrameWords.CHOSEN, c.equalsIgnoreCase(now));
                            swatch.setOnAction(e -> keep(c));
                            paint(swatch, c);
                            return swatch;
                        })
                        .toList());
    }

    private static void paint(Region on, String colour) {
        on.setStyle("-fx-background-color: " + colour + ";");
    }

    private HBox slider(String name, Slider slider) {
        Label label = FrameWords.small(name);
        label.setMinWidth(52);
        slider.setId("colour-" + name);
        slider.setAccessibleText(name);
        slider.setPrefWidth(8 * (SIDE + 4) - 60);
        slider.valueProperty().addListener((o, a, b) -> {
            if (slider.isFocused() || slider.isPressed() || slider.isValueChanging()) {
                typed.setText(written(Color.hsb(hue.getValue(), strength.getValue() / 100, light.getValue() / 100)));
            }
        });
        HBox line = new HBox(8, label, slider);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private void mix() {
        Color colour = Color.web(now.isEmpty() ? "#808080" : now);
        hue.setValue(colour.getHue());
        strength.setValue(100 * colour.getSaturation());
        light.setValue(100 * colour.getBrightness());
    }

    private static String written(Color c) {
        return String.format(
                Locale.ROOT,
                "#%02X%02X%02X",
                Math.round(255 * c.getRed()),
                Math.round(255 * c.getGreen()),
                Math.round(255 * c.getBlue()));
    }

    /** Those of all frames, each once. */
    private static Set<String> used(Prototype prototype) {
        Set<String> all = new LinkedHashSet<>();
        prototype
                .tabSets()
                .forEach(s -> all.addAll(List.of(
                        s.strip().ground(),
                        s.strip().ink(),
                        s.strip().chosen(),
                        s.strip().sizes().behind())));
        prototype
                .headers()
                .forEach(h -> all.addAll(List.of(h.bar().ground(), h.bar().ink())));
        prototype
                .drawers()
                .forEach(d -> all.addAll(
                        List.of(d.panel().ground(), d.panel().ink(), d.panel().chosen())));
        prototype.sequences().forEach(s -> all.add(s.laid().ink()));
        Set<String> written = new LinkedHashSet<>();
        all.stream()
                .filter(c -> !c.isEmpty())
                .map(c -> c.toUpperCase(Locale.ROOT))
                .forEach(written::add);
        return written;
    }

    private void keep() {
        keep(typed.getText().strip());
    }

    private void keep(String colour) {
        if (!(colour.isEmpty() && perhaps) && !Colour.is(colour)) {
            around.say("A colour is # and six of 0 to 9 and A to F"
                    + (perhaps ? ", or nothing where there is none" : "") + "; “" + colour + "” is none.");
            return;
        }
        getScene().getWindow().hide();
        if (!colour.equals(now)) {
            put.accept(colour);
        }
    }
}
