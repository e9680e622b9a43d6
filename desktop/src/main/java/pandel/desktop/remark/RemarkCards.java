package pandel.desktop.remark;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import pandel.core.model.Prototype;
import pandel.core.model.remark.OpenRemarks;
import pandel.core.model.remark.Remark;
import pandel.core.play.words.RemarkWords;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.Children;
import pandel.desktop.theme.WrappedLabel;

/** The open remarks of one screen in a column; pressed, one is read. */
public final class RemarkCards extends VBox {

    private static final int MOST = 30;

    private final Remarking remarking;
    private final Button write;
    private Optional<Prototype> shown = Optional.empty();
    private String on = "";

    /**
     * @param id of the button that asks for one more
     * @param ask asks for one more
     */
    public RemarkCards(Remarking remarking, String id, Runnable ask) {
        this.remarking = remarking;
        this.write = Buttons.smallWord("Pin a remark…", id, ask);
        write.setTooltip(new Tooltip("A remark on this screen or what is chosen  Ctrl+M"));
        getStyleClass().addAll("side", "remark-cards");
    }

    /** Shows those of a screen; play asks for them after all that is done. */
    public void show(Prototype prototype, String screen) {
        if (on.equals(screen) && shown.filter(p -> p == prototype).isPresent()) {
            return;
        }
        shown = Optional.of(prototype);
        on = screen;
        List<Node> rows = new ArrayList<>();
        List<Remark> open = OpenRemarks.on(prototype.remarks(), screen);
        Label heading = new Label("Remarks");
        heading.getStyleClass().add("heading");
        rows.add(heading);
        open.stream().limit(MOST).forEach(r -> rows.add(card(prototype, r)));
        long settled = prototype.remarks().stream()
                .filter(r -> r.settled() && r.screen().equals(screen))
                .count();
        if (open.size() > MOST) {
            rows.add(quiet("and " + (open.size() - MOST) + " more"));
        }
        if (settled > 0) {
            rows.add(quiet(settled == 1 ? "one is settled" : settled + " are settled"));
        }
        rows.add(write);
        Children.become(getChildren(), rows);
    }

    private static Label quiet(String words) {
        Label label = new Label(words);
        label.getStyleClass().addAll("quiet", "small", "remark-more");
        return label;
    }

    private Node card(Prototype prototype, Remark remark) {
        Label words = new WrappedLabel(remark.begins());
        words.setMinWidth(0);
        VBox card = new VBox(words);
        String aside = aside(prototype, remark);
        if (!aside.isEmpty()) {
            Label small = new WrappedLabel(aside);
            small.getStyleClass().addAll("quiet", "small");
            small.setMinWidth(0);
            card.getChildren().add(small);
        }
        card.getStyleClass().add("remark-card");
        card.setId("remark-" + remark.id());
        card.setAccessibleRole(AccessibleRole.BUTTON);
        card.setAccessibleText("Remark: " + remark.begins() + (aside.isEmpty() ? "" : ", " + aside));
        Buttons.onPress(card, () -> remarking.read(remark, () -> {}));
        return card;
    }

    private static String aside(Prototype prototype, Remark remark) {
        return Stream.concat(
                        Optional.of(remark.by()).filter(b -> !b.isBlank()).stream(),
                        RemarkWords.part(prototype, remark).stream())
                .collect(Collectors.joining(", "));
    }

    /** "Mira, 2026-05-12", or "without a name". */
    static String signed(Remark remark) {
        String signed = remark.signed();
        return signed.isEmpty() ? "without a name" : signed;
    }
}
