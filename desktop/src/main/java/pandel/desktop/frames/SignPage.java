package pandel.desktop.frames;

import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import pandel.core.model.frame.OwnSign;
import pandel.desktop.sign.Sign;
import pandel.desktop.stage.PageBox;
import pandel.desktop.stage.PageHost;
import pandel.desktop.theme.Buttons;

/** Signs to choose one from, found by typing, or a drawing of one’s own. */
final class SignPage extends PageBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    /** As many as are seen without scrolling. */
    private static final int MOST = 90;

    private static final double SIDE = 44;
    /** Until the style of the window says another. */
    private static final String NEUTRAL = "#6B757C";

    private final PageHost around;
    private final String now;
    private final Consumer<String> chosen;
    private final TextField typed = new TextField();
    private final FlowPane signs = new FlowPane(2, 2);
    private final Label told = new Label();

    private SignPage(PageHost around, String now, Consumer<String> chosen) {
        super(
                "Which sign?",
                "Type what it shows; Enter takes the first. A drawing of your own that is of one colour takes the colours "
                        + "of what it stands in.",
                () -> around.dismiss());
        setId("sign-page");
        this.around = around;
        this.now = now;
        this.chosen = chosen;
        typed.setId("sign-typed");
        typed.setPromptText("house, bell, user, cart …");
        typed.setAccessibleText("What the sign is of");
        typed.setPrefWidth(300);
        typed.textProperty().addListener((o, a, b) -> fill());
        typed.setOnAction(
                e -> Sign.matching(typed.getText()).stream().findFirst().ifPresent(this::choose));
        told.getStyleClass().addAll("quiet", "small");
        signs.setPrefWrapLength(15 * (SIDE + 2));
        signs.setMinHeight(6 * (SIDE + 2));
        row(typed, told);
        row(signs);
        offer(Buttons.word("A drawing of your own…", "sign-own", this::own));
        offer(Buttons.word("No sign", "sign-none", () -> choose("")));
        fill();
    }

    /** What chooses a sign: as it is now, with its name. */
    static Button button(PageHost around, String id, String now, Consumer<String> chosen) {
        Button button = Buttons.plain(now.isEmpty() ? "no sign" : Sign.said(now), id, () -> open(around, now, chosen));
        if (!now.isEmpty()) {
            button.setGraphic(drawn(around, now, 18));
            button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        }
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setMnemonicParsing(false);
        button.setAccessibleText("Sign: " + button.getText());
        button.setTooltip(
                new Tooltip(now.isEmpty() ? "Choose a sign" : "“" + Sign.said(now) + "”; press to choose another"));
        return button;
    }

    private static void open(PageHost around, String now, Consumer<String> chosen) {
        SignPage signs = new SignPage(around, now, chosen);
        around.show(signs);
        signs.applyCss();
        signs.layout();
        signs.typed.requestFocus();
    }

    private static Pane drawn(PageHost around, String name, double size) {
        Pane pane = new Pane();
        pane.setMinSize(size, size);
        pane.setPrefSize(size, size);
        pane.setMaxSize(size, size);
        pane.getStyleClass().add("inked");
        pane.getChildren().add(Sign.drawn(around.pictures(), name, NEUTRAL, size, size / 2, size / 2));
        pane.setMouseTransparent(true);
        return pane;
    }

    private void fill() {
        List<String> matching = Sign.matching(typed.getText());
        signs.getChildren().setAll(matching.stream().limit(MOST).map(this::one).toList());
        told.setText(
                matching.isEmpty()
                        ? "No sign is called so."
                        : matching.size() <= MOST
                                ? matching.size() == 1 ? "one" : matching.size() + " of them"
                                : MOST + " of " + matching.size() + "; type to find the others");
    }

    private Button one(String name) {
        Button button = new Button("", drawn(around, name, Sign.SIZE));
        button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        button.getStyleClass().addAll("motion-kind", "sign-choice");
        button.setMinSize(SIDE, SIDE);
        button.setMaxSize(SIDE, SIDE);
        button.setId("sign-" + name);
        button.setTooltip(new Tooltip(Sign.said(name)));
        button.setAccessibleText(Sign.said(name));
        button.pseudoClassStateChanged(CHOSEN, name.equals(now));
        button.setOnAction(e -> choose(name));
        return button;
    }

    private void choose(String name) {
        around.dismiss();
        if (!name.equals(now)) {
            chosen.accept(name);
        }
    }

    private void own() {
        around.takePicture("A drawing for a sign", picture -> {
            if (picture.content().endsWith(OwnSign.ENDING)) {
                choose(OwnSign.of(picture.content()));
            } else {
                around.say("“" + picture.source() + "” is no SVG drawing; a sign is one.");
            }
        });
    }

    @Override
    public void requestFocus() {
        typed.requestFocus();
    }
}
