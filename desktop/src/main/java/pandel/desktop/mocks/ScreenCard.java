package pandel.desktop.mocks;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pandel.core.model.Targets;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.sign.FormSign;
import pandel.desktop.theme.TextSize;
import pandel.desktop.work.Work;

/**
 * One screen in the gallery: its mock, title, form, ways in and out, and marks. A card that is out of sight serves for
 * another screen: making and styling one anew takes longer than a frame allows.
 */
final class ScreenCard extends VBox {

    private static final PseudoClass TOGETHER = PseudoClass.getPseudoClass("together");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final CardSize cardSize;
    private final Work work;
    private final CardPile pile;
    private GalleryLayout.Cell cell;
    private final HBox name = new HBox(6);
    private final Label title = new Label();
    private final Label counts = new Label();
    private final BadgeRow badges = new BadgeRow();
    private final Tooltip titleTip = new Tooltip();
    private Screen screen;
    private Told told = Told.NOTHING;

    /** What a card tells of its screen beside how it looks. */
    private record Told(
            int in, int out, boolean entry, int findings, List<String> changes, Map<String, String> frames) {
        static final Told NOTHING = new Told(-1, -1, false, 0, List.of(), Map.of());
    }

    ScreenCard(Screen screen, CardSize size, GalleryLayout.Cell cell, Work work, PictureLibrary pictures) {
        this.cardSize = size;
        this.work = work;
        this.pile = new CardPile(work, pictures);
        this.cell = cell;
        getStyleClass().add("card");
        setAccessibleRole(AccessibleRole.BUTTON);
        size(cell);
        title.getStyleClass().add("card-title");
        title.setTooltip(titleTip);
        title.setMinWidth(0);
        HBox.setHgrow(title, Priority.ALWAYS);
        name.setAlignment(Pos.CENTER_LEFT);
        name.getChildren().add(title);
        counts.getStyleClass().add("counts");
        counts.setMinHeight(TextSize.px(18));
        getChildren().addAll(pile, name, counts, badges);
        show(screen);
    }

    /** Serves for a screen from now on. */
    void show(Screen next) {
        boolean sameForm = screen != null && screen.form() == next.form();
        screen = next;
        // No style asks for it; an id would have the whole card styled anew.
        setUserData(screen.id());
        pile.show(screen, cell);
        title.setText(screen.shownTitle());
        titleTip.setText(screen.shownTitle()
                + (screen.mocks().isEmpty()
                        ? ", no picture yet"
                        : ", drawn for "
                                + String.join(
                                        " and ",
                                        screen.mocks().stream()
                                                .map(m -> m.on().word())
                                                .toList()) + " devices"));
        if (!sameForm) {
            name.getChildren().removeIf(FormSign.class::isInstance);
            if (screen.form() != Form.PAGE) {
                name.getChildren().addFirst(new FormSign(screen.form()));
            }
        }
        told = Told.NOTHING;
        tell();
    }

    /** Shows the same in another size. */
    void fit(GalleryLayout.Cell next) {
        if (!next.equals(cell)) {
            cell = next;
            size(next);
            pile.fit(next);
        }
    }

    private void size(GalleryLayout.Cell to) {
        setMinSize(to.width(), to.height());
        setPrefSize(to.width(), to.height());
        setMaxSize(to.width(), to.height());
    }

    /** Brings what is next behind the mock to the front. */
    private void turn() {
        pile.turn(cell);
        told = Told.NOTHING;
        tell();
    }

    /** Kept out of sight until it serves again; no picture is made ready for it meanwhile. */
    void rest() {
        setVisible(false);
        pile.rest();
    }

    Screen screen() {
        return screen;
    }

    /** Whether the screen, as it now is, needs no other card. */
    boolean looksLike(Screen now) {
        return now == screen
                || now.title().equals(screen.title())
                        && now.form() == screen.form()
                        && now.end() == screen.end()
                        && now.home() == screen.home()
                        && now.status() == screen.status()
                        && now.section().equals(screen.section())
                        && now.mocks().equals(screen.mocks())
                        && now.states().size() == screen.states().size();
    }

    /** The chosen card alone is met by Tab; arrows lead to the others. */
    void choose(boolean chosen, boolean together) {
        setFocusTraversable(chosen);
        pseudoClassStateChanged(TOGETHER, together);
        pseudoClassStateChanged(CHOSEN, chosen);
    }

    /** Renews counts and marks. */
    void tell() {
        int in = work.prototype().index().screensLeadingTo(screen.id()).size();
        int out = work.prototype().index().waysOut(screen.id()).size();
        boolean entry = work.prototype()
                .mainEntry()
                .filter(e -> Targets.shownId(work.prototype(), e.target()).equals(screen.id()))
                .isPresent();
        int findings = work.checked().map(c -> c.findingsOn(screen.id()).size()).orElse(0);
        Told now = new Told(
                in, out, entry, findings, work.changedScreens().getOrDefault(screen.id(), List.of()), framedIn());
        if (now.equals(told)) {
            return;
        }
        told = now;
        counts.setText(cardSize == CardSize.SMALL ? in + " · " + out : in + " in · " + out + " out");
        badges.begin();
        if (entry) {
            badge("starts", "entry", "Play starts here");
        }
        if (findings > 0) {
            badge(String.valueOf(findings), "findings-count", findings == 1 ? "One finding" : findings + " findings");
        }
        if (!now.changes().isEmpty()) {
            badge("changed", "live", String.join("\n", now.changes()));
        }
        boolean room = cardSize != CardSize.SMALL;
        if (room && pile.isPile()) {
            Label behind = badge(
                    pile.words().isEmpty() ? pile.count() : pile.words(),
                    BadgeRow.PRESSED,
                    pile.all() + "\nPress: the next comes to the front");
            behind.setOnMouseClicked(e -> {
                turn();
                e.consume();
            });
        }
        if (room) {
            now.frames().forEach((kind, titles) -> badge(kind, "frame", titles));
        }
        if (room && screen.home()) {
            badge("home", "end", "Where people are meant to stay");
        }
        if (room && screen.end()) {
            badge("end", "end", "Using the prototype may rightly stop here");
        }
        if (room && screen.status() == Status.PARKED) {
            badge("parked", "end", "Parked: the checks leave it out");
        } else if (room && screen.status() == Status.READY) {
            badge("ready", "end", "Ready");
        }
        badges.end();
        setAccessibleText(screen.shownTitle() + ", " + screen.form().word() + ", " + counts.getText()
                + (entry ? ", starts here" : "") + (screen.end() ? ", an end" : ""));
    }

    private Label badge(String text, String style, String tip) {
        return badges.add(text, style, tip);
    }

    /** The kinds of frames that it is a part of, each with what it is there. */
    private Map<String, String> framedIn() {
        Map<String, String> in = new LinkedHashMap<>();
        for (TabSet set : work.prototype().tabSets()) {
            if (set.tabs().stream().anyMatch(t -> isThis(t.root()))) {
                in.merge("tab", "A tab of " + set.shownTitle(), (a, b) -> a + "\n" + b);
            }
        }
        for (Sequence sequence : work.prototype().sequences()) {
            if (sequence.pages().contains(screen.id())) {
                in.merge("page", "A page of " + sequence.shownTitle(), (a, b) -> a + "\n" + b);
            }
        }
        return in;
    }

    private boolean isThis(Target target) {
        return Targets.shownId(work.prototype(), target).equals(screen.id());
    }

    /** Lets the title be typed in place; Enter keeps it, Escape leaves it. */
    void rename(Consumer<String> then, Runnable after) {
        TextField field = new TextField(screen.title());
        field.setId("rename-field");
        field.setAccessibleText("Title of " + screen.shownTitle());
        field.getStyleClass().add("card-field");
        HBox.setHgrow(field, Priority.ALWAYS);
        boolean[] ended = new boolean[1];
        Consumer<Boolean> end = keep -> {
            if (!ended[0]) {
                ended[0] = true;
                name.getChildren().remove(field);
                name.getChildren().add(title);
                if (keep) {
                    then.accept(field.getText());
                }
                after.run();
            }
        };
        field.setOnAction(e -> end.accept(true));
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                end.accept(true);
            }
        });
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                end.accept(false);
            }
        });
        name.getChildren().remove(title);
        name.getChildren().add(field);
        field.requestFocus();
        field.selectAll();
    }
}
