package pandel.desktop.play.way;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Placeholders;
import pandel.core.play.Happening;
import pandel.core.play.Tape;
import pandel.core.play.layout.Placement;
import pandel.desktop.picture.MockView;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.Children;

/** Everything that happened as a row of ticks; wound back by a press. Ticks that moved stand tall. */
public final class TapePane extends HBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass LATER = PseudoClass.getPseudoClass("later");
    private static final int MOST = 60;
    private static final double PICTURE = 160;

    private final PictureLibrary pictures;
    private final IntConsumer windTo;
    private final HBox row = new HBox();
    private final Label before = quiet("");
    private final Label after = quiet("");
    private final Label words = quiet("");
    private final Button keepWord;

    public TapePane(PictureLibrary pictures, IntConsumer windTo, Runnable keep) {
        this.pictures = pictures;
        this.windTo = windTo;
        this.keepWord = Buttons.smallWord("Keep as a journey…", "keep-journey", keep);
        getStyleClass().add("tape");
        row.getStyleClass().add("ticks");
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        getChildren().addAll(before, row, after, words, keepWord);
    }

    public void show(Prototype prototype, Tape tape) {
        int first = Math.max(0, tape.at() - MOST / 2);
        int end = Math.min(tape.ticks().size(), first + MOST);
        Children.become(row.getChildren(), ticks(prototype, tape, first, end));
        before.setText(first + " before");
        show(before, first > 0);
        after.setText(tape.ticks().size() - end + " after");
        show(after, end < tape.ticks().size());
        words.setText(words(tape));
        show(keepWord, tape.ticks().size() > 1);
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    /** Ticks that were there stay: a tape grows with each tap, while something moves. */
    private List<Tick> ticks(Prototype prototype, Tape tape, int first, int end) {
        IdentityHashMap<Tape.Tick, Tick> old = new IdentityHashMap<>();
        row.getChildren().forEach(n -> old.put(((Tick) n).tick, (Tick) n));
        List<Tick> now = new ArrayList<>();
        for (int i = first; i < end; i++) {
            Tape.Tick one = tape.ticks().get(i);
            Tick kept = old.get(one);
            Tick tick = kept != null && kept.number == i && kept.prototype == prototype
                    ? kept
                    : new Tick(prototype, one, i);
            tick.pseudoClassStateChanged(CHOSEN, i == tape.at());
            tick.pseudoClassStateChanged(LATER, i > tape.at());
            now.add(tick);
        }
        return now;
    }

    /** One thing that happened. */
    private final class Tick extends Button {
        private final Tape.Tick tick;
        private final int number;
        private final Prototype prototype;

        Tick(Prototype prototype, Tape.Tick tick, int number) {
            this.prototype = prototype;
            this.tick = tick;
            this.number = number;
            boolean moved = tick.what().isEmpty() || tick.what().get().isDone();
            Region mark = new Region();
            mark.getStyleClass().add("mark");
            mark.setMinSize(4, moved ? 16 : 6);
            mark.setMaxSize(4, moved ? 16 : 6);
            StackPane middle = new StackPane(mark);
            middle.setAlignment(Pos.CENTER);
            middle.setMinHeight(20);
            setGraphic(middle);
            getStyleClass().addAll("tick", moved ? "went" : "idle");
            setId("tick-" + number);
            String words = (number == 0 ? "Start: " : number + ": ")
                    + title(prototype, tick.after().screen());
            setAccessibleText("Wind to " + words);
            Tooltip tip = new Tooltip(words);
            tip.setOnShowing(e -> prototype
                    .screen(tick.after().screen())
                    .ifPresent(s -> tip.setGraphic(picture(prototype, s, tick))));
            setTooltip(tip);
            setOnAction(e -> windTo.accept(number));
        }
    }

    private MockView picture(Prototype prototype, Screen screen, Tape.Tick tick) {
        MockView view = new MockView(pictures);
        Look look = Look.of(prototype, screen, tick.after().known());
        view.fill(words -> Placeholders.filled(words, prototype, tick.after().known()));
        Width on = prototype.widths().of(tick.after().width());
        Placement.Size size =
                Placement.sizeOf(look, on, tick.after().width(), tick.after().height());
        view.show(look, on, PICTURE, Math.rint(PICTURE * size.height() / size.width()));
        return view;
    }

    private static String words(Tape tape) {
        int last = tape.ticks().size() - 1;
        String where = last == 0
                ? "Nothing has happened yet."
                : tape.at() < last
                        ? "Wound back " + (last - tape.at()) + "; go on from here, and what came later is dropped."
                        : "";
        return tape.current()
                .what()
                .map(h -> switch (h) {
                    case Happening.Nothing n -> n.why();
                    case Happening.Refused r -> r.why();
                    case Happening.Working w -> w.givenUp() ? "The work was given up." : "At work.";
                    case Happening.Left l -> "Left the prototype by device back.";
                    case Happening.Moved m -> where;
                    case Happening.Remembered r -> where;
                    case Happening.DrawerMoved d -> where;
                    case Happening.LedOut o -> "Led out to " + o.address() + ".";
                    case Happening.Asks a -> where;
                    case Happening.Passed p -> where;
                    case Happening.Adjusted a -> where;
                })
                .orElse(where);
    }

    private static String title(Prototype prototype, String id) {
        return prototype.titleOf(id);
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.getStyleClass().addAll("quiet", "small");
        label.getStyleClass().add("tape-word");
        label.setMinWidth(0);
        return label;
    }
}
