package pandel.desktop.links.action;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.edit.link.Offers;
import pandel.core.edit.linking.Destination;
import pandel.core.model.Targets;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.desktop.sign.FormSign;
import pandel.desktop.sign.VerbSign;
import pandel.desktop.work.Work;

/** Finds where a link leads: type, Enter. Offers what is likely first, and last a new screen of what was typed. */
public final class Finder extends VBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final int MOST = 7;

    private final Work work;
    private final String from;
    private final String words;
    private final boolean fresh;
    private final Consumer<Choice> chosen;
    private final Runnable given;
    private final TextField field = new TextField();
    private final CheckBox more = new CheckBox();
    private final Label hint = new Label();
    private Optional<Marked> marked = Optional.empty();
    private final VBox rows = new VBox();
    private List<Destination> offers = List.of();
    private int at;
    private boolean backFirst;

    /**
     * What was chosen.
     *
     * @param more whether what is alike is meant with it
     * @param going whether to walk there at once
     */
    public record Choice(Destination to, boolean more, boolean going) {}

    /** What the finder is open for, as it stands on the desk. */
    public interface Marked {

        /** Moves it by px of the mock. */
        void nudge(double dx, double dy);

        /** Shows whether what is alike is meant with it. */
        void together(boolean all);
    }

    /**
     * @param words what stands on the hotspot
     * @param fresh whether it was only just marked, so that leaving it without a link is offered
     * @param given called when it is given up
     */
    public Finder(Work work, String from, String words, boolean fresh, Consumer<Choice> chosen, Runnable given) {
        this.work = work;
        this.from = from;
        this.words = words;
        this.fresh = fresh;
        this.chosen = chosen;
        this.given = given;
        getStyleClass().add("finder");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        field.setPromptText("Where does it lead?");
        field.setId("finder-field");
        field.setAccessibleText("Where does it lead?");
        field.textProperty().addListener((o, a, b) -> refresh());
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        more.setId("finder-more");
        more.getStyleClass().add("more");
        more.setVisible(false);
        more.setManaged(false);
        hint.setText("↑ ↓ choose · Enter links · Ctrl+Enter links and goes there · Esc gives it up");
        hint.setWrapText(true);
        hint.getStyleClass().add("hint");
        getChildren().addAll(field, more, rows, hint);
        refresh();
    }

    /**
     * Asks besides whether what is alike is meant too, and lets what is marked be moved.
     *
     * @param words what is asked; empty: nothing is
     * @param usual whether it is meant unless it is said otherwise
     * @param leadsBack whether going back is likelier than any screen
     */
    public void offering(String words, boolean usual, boolean leadsBack, Marked onDesk) {
        backFirst = leadsBack;
        marked = Optional.of(onDesk);
        more.setText(words);
        more.selectedProperty().addListener((o, was, all) -> onDesk.together(all));
        more.setSelected(usual);
        more.setVisible(!words.isEmpty());
        more.setManaged(!words.isEmpty());
        refresh();
        hint.setText(
                hint.getText() + " · Alt and arrows move it" + (words.isEmpty() ? "" : " · Tab, Space: all or one"));
    }

    public void takeFocus() {
        field.requestFocus();
    }

    private void key(KeyEvent e) {
        if (e.isAltDown() && e.getCode().isArrowKey()) {
            double far = e.isShiftDown() ? 10 : 1;
            marked.ifPresent(m -> m.nudge(
                    e.getCode() == KeyCode.LEFT ? -far : e.getCode() == KeyCode.RIGHT ? far : 0,
                    e.getCode() == KeyCode.UP ? -far : e.getCode() == KeyCode.DOWN ? far : 0));
            e.consume();
        } else if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.UP) {
            at = Math.clamp(at + (e.getCode() == KeyCode.DOWN ? 1 : -1), 0, Math.max(0, offers.size() - 1));
            mark();
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER) {
            e.consume();
            if (!offers.isEmpty()) {
                choose(offers.get(at), e.isShortcutDown());
            }
        } else if (e.getCode() == KeyCode.ESCAPE) {
            e.consume();
            given.run();
        }
    }

    private void choose(Destination to, boolean going) {
        chosen.accept(new Choice(to, more.isVisible() && more.isSelected(), going));
    }

    private void refresh() {
        String typed = field.getText().strip();
        Set<String> unreached = work.checked()
                .map(c -> c.unreached().stream().map(Screen::id).collect(Collectors.toSet()))
                .orElse(Set.of());
        List<Destination> made = new ArrayList<>();
        Offers.of(work.prototype(), from, words, unreached, typed).stream()
                .limit(MOST)
                .map(Destination.There::new)
                .forEach(made::add);
        Offers.sequences(work.prototype(), typed).stream()
                .limit(2)
                .map(s -> new Destination.Frame(
                        new Target.ToSequence(s.id()),
                        s.shownTitle(),
                        "sequence, " + s.pages().size() + (s.pages().size() == 1 ? " page" : " pages")))
                .forEach(o -> made.add(typed.isEmpty() ? made.size() : 0, o));
        Offers.tabSets(work.prototype(), typed).stream()
                .limit(2)
                .map(s -> new Destination.Frame(
                        new Target.ToTabs(s.id()),
                        s.shownTitle(),
                        "tab set, " + s.tabs().size() + (s.tabs().size() == 1 ? " tab" : " tabs")))
                .forEach(o -> made.add(typed.isEmpty() ? made.size() : 0, o));
        Offers.drawers(work.prototype(), from, typed).stream()
                .limit(2)
                .map(s -> new Destination.OfDrawer(s.id(), s.shownTitle()))
                .forEach(o -> made.add(typed.isEmpty() ? made.size() : 0, o));
        List<Destination> backs = new ArrayList<>();
        for (Verb verb : List.of(Verb.RETURN, Verb.CLOSE)) {
            if (verb.word().startsWith(typed.toLowerCase(Locale.ROOT))
                    || "back".startsWith(typed.toLowerCase(Locale.ROOT)) && verb == Verb.RETURN) {
                backs.add(new Destination.Back(verb));
            }
        }
        made.addAll(typed.isEmpty() && !backFirst ? made.size() : 0, backs);
        if (!typed.isEmpty() && !Offers.hasTitle(work.prototype(), typed)) {
            made.add(new Destination.New(typed));
        }
        if (typed.isEmpty() && fresh) {
            made.add(new Destination.NoLink());
        }
        offers = List.copyOf(made);
        at = 0;
        rows.getChildren().setAll(offers.stream().map(this::row).toList());
        tellUnreached(unreached);
        mark();
    }

    /** Says it once, on the first of the screens not shown yet. */
    private void tellUnreached(Set<String> unreached) {
        for (int i = 0; i < offers.size(); i++) {
            if (offers.get(i) instanceof Destination.There there
                    && unreached.contains(there.screen().id())) {
                Label aside = quiet(
                        offers.size() > i + 1
                                        && offers.get(i + 1) instanceof Destination.There next
                                        && unreached.contains(next.screen().id())
                                ? "these are not shown yet"
                                : "not shown yet");
                aside.getStyleClass().add("small");
                ((HBox) rows.getChildren().get(i)).getChildren().add(aside);
                return;
            }
        }
    }

    private HBox row(Destination offer) {
        HBox row = new HBox();
        row.getStyleClass().add("offer");
        switch (offer) {
            case Destination.There there -> {
                Label title = new Label(there.screen().shownTitle());
                title.setMaxWidth(180);
                Label aside = new Label(there.screen().id().equals(from) ? "this screen" : "");
                aside.getStyleClass().addAll("quiet", "small");
                row.getChildren().addAll(new FormSign(there.screen().form()), title, aside);
            }
            case Destination.Frame frame ->
                row.getChildren()
                        .addAll(
                                new FormSign(Targets.shown(work.prototype(), frame.target())
                                        .map(Screen::form)
                                        .orElse(Form.PAGE)),
                                new Label(frame.title()),
                                quiet(frame.kind()));
            case Destination.OfDrawer drawer ->
                row.getChildren()
                        .addAll(
                                new VerbSign(Optional.of(Verb.DRAWER_OPEN)),
                                new Label("Open " + drawer.title()),
                                quiet("drawer"));
            case Destination.New fresh -> row.getChildren().add(new Label("New screen “" + fresh.title() + "”"));
            case Destination.Back back ->
                row.getChildren()
                        .addAll(
                                new VerbSign(Optional.of(back.verb())),
                                new Label(
                                        back.verb() == Verb.RETURN
                                                ? "Return to where one came from"
                                                : "Close what is open above"));
            case Destination.NoLink none -> row.getChildren().add(quiet("Leave it without a link for now"));
        }
        row.setOnMouseEntered(e -> {
            at = offers.indexOf(offer);
            mark();
        });
        row.setOnMouseClicked(e -> choose(offer, e.isShortcutDown()));
        return row;
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("quiet");
        return label;
    }

    private void mark() {
        for (int i = 0; i < rows.getChildren().size(); i++) {
            rows.getChildren().get(i).pseudoClassStateChanged(CHOSEN, i == at);
        }
    }
}
