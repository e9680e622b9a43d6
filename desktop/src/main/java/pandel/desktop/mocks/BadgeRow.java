package pandel.desktop.mocks;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import pandel.desktop.theme.TextSize;

/** What is so about a screen, a word each, most telling first; those that have no room are counted at the end. */
final class BadgeRow extends HBox {

    /** The style of what can be pressed. */
    static final String PRESSED = "turn";

    private static final double SHORTEST = 36;

    private final List<Label> labels = new ArrayList<>();
    private final Label others = new Label();
    private int used;

    BadgeRow() {
        super(4);
        setAlignment(Pos.CENTER_LEFT);
        setFillHeight(false);
        setMinHeight(TextSize.px(20));
        setMinWidth(0);
        others.getStyleClass().setAll("label", "badge", "end");
        others.setTooltip(new Tooltip());
        others.setManaged(false);
        others.setVisible(false);
        getChildren().add(others);
    }

    /** Begins anew; {@link #end()} hides what is not used again. */
    void begin() {
        used = 0;
    }

    Label add(String text, String style, String tip) {
        if (used == labels.size()) {
            Label more = new Label();
            more.setTooltip(new Tooltip());
            labels.add(more);
            getChildren().add(more);
        }
        Label badge = labels.get(used++);
        badge.setText(text);
        badge.getTooltip().setText(tip);
        if (!badge.getStyleClass().equals(List.of("label", "badge", style))) {
            badge.getStyleClass().setAll("label", "badge", style);
        }
        // What is pressed is never left out: its words give way.
        badge.setMinWidth(style.equals(PRESSED) ? TextSize.px(SHORTEST) : Region.USE_PREF_SIZE);
        badge.setOnMouseClicked(null);
        badge.setVisible(true);
        badge.setManaged(true);
        return badge;
    }

    void end() {
        for (int i = used; i < labels.size(); i++) {
            labels.get(i).setVisible(false);
            labels.get(i).setManaged(false);
        }
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        List<Label> shown = labels.subList(0, used);
        int fitting = fitting(shown, getWidth());
        boolean all = fitting == shown.size();
        if (!all) {
            // As much as leaves room to say how many more there are.
            others.setText("+" + (shown.size() - fitting));
            fitting = fitting(shown, getWidth() - others.prefWidth(-1) - getSpacing());
            List<Label> left = shown.subList(fitting, shown.size());
            others.setText("+" + left.size());
            others.getTooltip()
                    .setText(left.stream()
                            .map(l -> l.getText() + ": " + l.getTooltip().getText())
                            .collect(Collectors.joining("\n")));
            double x = fitting == 0 ? 0 : right(shown.get(fitting - 1)) + getSpacing();
            double high = others.prefHeight(-1);
            others.resizeRelocate(x, (getHeight() - high) / 2, others.prefWidth(-1), high);
        }
        others.setVisible(!all);
        for (int i = 0; i < shown.size(); i++) {
            shown.get(i).setVisible(i < fitting);
        }
    }

    private static int fitting(List<Label> labels, double width) {
        return (int) labels.stream().takeWhile(l -> right(l) <= width + .5).count();
    }

    private static double right(Node node) {
        return node.getLayoutX() + node.getLayoutBounds().getWidth();
    }
}
