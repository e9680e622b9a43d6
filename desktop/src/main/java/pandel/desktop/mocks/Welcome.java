package pandel.desktop.mocks;

import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.desktop.stage.EmptyStage;
import pandel.desktop.stage.WindowCommands;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.TextSize;

/** What stands where there are no screens yet: ways to begin, and files opened last. */
final class Welcome {

    private static final int RECENT = 5;
    private static final double WIDE = 600;

    private Welcome() {}

    /** @param blank makes a first screen without a picture */
    static Node of(WindowCommands around, Runnable blank) {
        EmptyStage box = new EmptyStage(
                        "Nothing here yet",
                        "Drop pictures of your screens, or a folder of them, anywhere in this window.")
                .offering("Pictures from a folder…", () -> around.run("gather"));
        HBox others = new HBox(
                8,
                Buttons.plain("A blank screen", "first-blank", blank),
                Buttons.plain("Open a prototype…", "first-open", () -> around.run("open")),
                Buttons.plain("See the sample", "first-sample", () -> around.run("sample")));
        others.setAlignment(Pos.CENTER);
        box.getChildren().add(others);
        StackPane frame = new StackPane(new CornerFrame(box, TextSize.px(WIDE), TextSize.px(300)));
        List<Path> recent = around.preferred().now().recent();
        if (recent.isEmpty()) {
            return frame;
        }
        VBox last = new VBox(2);
        last.setMaxSize(TextSize.px(WIDE), Region.USE_PREF_SIZE);
        Label heading = new Label("Opened last");
        heading.getStyleClass().add("heading");
        heading.getStyleClass().add("opened-last");
        last.getChildren().add(heading);
        recent.stream()
                .limit(RECENT)
                .forEach(file -> last.getChildren()
                        .add(row(around, file, last.getChildren().size())));
        VBox both = new VBox(32, frame, last);
        both.setAlignment(Pos.CENTER);
        return both;
    }

    private static HBox row(WindowCommands around, Path file, int number) {
        Button name =
                Buttons.word(String.valueOf(file.getFileName()), "recent-" + number, () -> around.openRecent(file));
        name.setMnemonicParsing(false);
        Label where = new Label(String.valueOf(file.getParent()));
        where.getStyleClass().addAll("quiet", "small");
        where.setMinWidth(0);
        HBox row = new HBox(8, name, where);
        row.setAlignment(Pos.BASELINE_LEFT);
        return row;
    }
}
