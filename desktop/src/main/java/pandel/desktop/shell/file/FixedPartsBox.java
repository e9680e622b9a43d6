package pandel.desktop.shell.file;

import java.util.function.BiConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;
import pandel.core.model.Look;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.desktop.picture.MockView;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.theme.WrappedLabel;

/** Asks how much of a picture's top and bottom stays put while the rest scrolls, seen on the picture. */
public final class FixedPartsBox extends HBox {

    private static final double HIGH = 440;

    private final Slider top;

    public FixedPartsBox(
            Screen screen, Picture picture, PictureLibrary pictures, BiConsumer<Double, Double> then, Runnable leave) {
        super(24);
        getStyleClass().addAll("question", "fixed-page");
        setMaxHeight(Region.USE_PREF_SIZE);
        double factor = Math.min(HIGH / picture.height(), 260 / picture.width());
        MockView mock = new MockView(pictures);
        mock.show(
                Look.plain(screen.withMocks(java.util.List.of(picture))),
                picture.on(),
                Math.rint(picture.width() * factor),
                Math.rint(picture.height() * factor));
        Pane paper = new Pane(mock);
        paper.setMinSize(picture.width() * factor, picture.height() * factor);
        top = slider("fixed-top", "Stays put at the top, px", picture.height() / 2, picture.fixedTop());
        Slider bottom =
                slider("fixed-bottom", "Stays put at the bottom, px", picture.height() / 2, picture.fixedBottom());
        Line upper = edge(picture.width() * factor);
        Line lower = edge(picture.width() * factor);
        paper.getChildren().addAll(upper, lower);
        Label topTold = new Label();
        Label bottomTold = new Label();
        Runnable tell = () -> {
            topTold.setText("At the top " + Math.round(top.getValue()) + " px");
            bottomTold.setText("At the bottom " + Math.round(bottom.getValue()) + " px");
            upper.setTranslateY(top.getValue() * factor);
            lower.setTranslateY((picture.height() - bottom.getValue()) * factor);
        };
        tell.run();
        top.valueProperty().addListener((o, a, b) -> tell.run());
        bottom.valueProperty().addListener((o, a, b) -> tell.run());
        Label title = new Label("What stays put when it scrolls");
        title.getStyleClass().addAll("large", "strong");
        Label why = new WrappedLabel(
                "A header or a strip drawn on a long picture. Between the two lines it scrolls, where the device "
                        + "is lower than the picture.");
        why.getStyleClass().addAll("quiet", "small");
        why.setMaxWidth(280);
        Button keep = new Button("Keep it so");
        keep.getStyleClass().add("main");
        keep.setId("fixed-keep");
        keep.setOnAction(e -> then.accept((double) Math.round(top.getValue()), (double) Math.round(bottom.getValue())));
        Button leaving = new Button("Leave as it was");
        leaving.getStyleClass().add("plain");
        leaving.setOnAction(e -> leave.run());
        HBox foot = new HBox(8, keep, leaving);
        foot.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(paper, new VBox(12, title, why, topTold, top, bottomTold, bottom, foot));
    }

    private static Slider slider(String id, String what, double most, double now) {
        Slider slider = new Slider(0, Math.max(1, most), now);
        slider.setId(id);
        slider.setAccessibleText(what);
        slider.setBlockIncrement(1);
        return slider;
    }

    private static Line edge(double width) {
        Line line = new Line(0, 0, width, 0);
        line.getStyleClass().add("fixed-edge");
        return line;
    }

    @Override
    public void requestFocus() {
        top.requestFocus();
    }
}
