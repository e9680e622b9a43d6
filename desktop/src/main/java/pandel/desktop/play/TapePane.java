package pandel.desktop.play;

import java.util.function.IntConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.core.model.Width;
import pandel.core.play.Happening;
import pandel.core.play.Placement;
import pandel.core.play.Tape;
import pandel.desktop.picture.MockView;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.theme.Press;

/** Everything that happened as a row of ticks; wound back by a press. Ticks that moved stand tall. */
final class TapePane extends HBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass LATER = PseudoClass.getPseudoClass("later");
    private static final int MOST = 60;
    private static final double PICTURE = 160;

    private final PictureLibrary pictures;
    private final IntConsumer windTo;
    private final Runnable keep;

    TapePane(PictureLibrary pictures, IntConsumer windTo, Runnable keep) {
        this.pictures = pictures;
        this.windTo = windTo;
        this.keep = keep;
        getStyleClass().add("tape");
    }

    void show(Prototype prototype, Tape tape) {
        getChildren().clear();
        int first = Math.max(0, tape.at() - MOST / 2);
        int end = Math.min(tape.ticks().size(), first + MOST);
        if (first > 0) {
            getChildren().add(quiet(first + " before"));
        }
        for (int i = first; i < end; i++) {
            getChildren().add(tick(prototype, tape, i));
        }
        if (end < tape.ticks().size()) {
            getChildren().add(quiet(tape.ticks().size() - end + " after"));
        }
        Label words = quiet(words(prototype, tape));
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        getChildren().add(words);
        if (tape.ticks().size() > 1) {
            getChildren().add(Press.smallWord("Keep as a journey…", "keep-journey", keep));
        }
    }

    private Button tick(Prototype prototype, Tape tape, int i) {
        Tape.Tick tick = tape.ticks().get(i);
        boolean moved = tick.what().isEmpty() || tick.what().get() instanceof Happening.Moved || tick.what().get() instanceof Happening.Left;
        Region mark = new Region();
        mark.getStyleClass().add("mark");
        mark.setMinSize(4, moved ? 16 : 6);
        mark.setMaxSize(4, moved ? 16 : 6);
        StackPane middle = new StackPane(mark);
        middle.setAlignment(Pos.CENTER);
        middle.setMinHeight(20);
        Button button = new Button();
        button.setGraphic(middle);
        button.getStyleClass().addAll("tick", moved ? "went" : "idle");
        button.setId("tick-" + i);
        button.pseudoClassStateChanged(CHOSEN, i == tape.at());
        button.pseudoClassStateChanged(LATER, i > tape.at());
        String words = (i == 0 ? "Start: " : i + ": ") + title(prototype, tick.after().screen());
        button.setAccessibleText("Wind to " + words);
        Tooltip tip = new Tooltip(words);
        tip.setOnShowing(e -> prototype.screen(tick.after().screen()).ifPresent(s -> tip.setGraphic(picture(s, tick))));
        button.setTooltip(tip);
        button.setOnAction(e -> windTo.accept(i));
        return button;
    }

    private MockView picture(Screen screen, Tape.Tick tick) {
        MockView view = new MockView(pictures);
        Placement.Size size = Placement.sizeOf(screen, Width.of(tick.after().width()), tick.after().width(), tick.after().height());
        view.show(screen, Width.of(tick.after().width()), PICTURE, Math.rint(PICTURE * size.height() / size.width()));
        return view;
    }

    private static String words(Prototype prototype, Tape tape) {
        int last = tape.ticks().size() - 1;
        String where = last == 0 ? "Nothing has happened yet." : tape.at() < last ? "Wound back " + (last - tape.at()) + "; go on from here, and what came later is dropped." : "";
        return tape.current().what().map(h -> switch (h) {
            case Happening.Nothing n -> n.why();
            case Happening.Refused r -> r.why();
            case Happening.Left l -> "Left the prototype by device back.";
            case Happening.Moved m -> where;
            case Happening.Passed p -> where;
            case Happening.Adjusted a -> where;
        }).orElse(where);
    }

    private static String title(Prototype prototype, String id) {
        return prototype.screen(id).map(Screen::shownTitle).orElse(id);
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.getStyleClass().addAll("quiet", "small");
        label.setStyle("-fx-padding: 0 8 0 8;");
        label.setMinWidth(0);
        return label;
    }
}
