package pandel.desktop.mocks;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import pandel.core.model.Targets;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.desktop.theme.Children;
import pandel.desktop.work.Work;

/** Shows only some of the screens: by words, and by what is so about them. All that is chosen must hold. */
final class MocksFilter {

    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");

    /** What can be so about a screen. */
    private enum Trait {
        NO_WAY_IN("no way in"),
        NO_WAY_OUT("no way out"),
        WITH_FINDINGS("with findings"),
        ABOVE("dialog, sheet or panel"),
        WITH_LOOKS("with looks"),
        ALIKE("alike another"),
        DRAFT("draft"),
        READY("ready"),
        PARKED("parked");

        private final String words;

        Trait(String words) {
            this.words = words;
        }

        boolean holds(Screen screen, Work work) {
            return switch (this) {
                case NO_WAY_IN ->
                    work.prototype().index().screensLeadingTo(screen.id()).isEmpty()
                            && work.prototype().entries().stream()
                                    .noneMatch(e -> Targets.shownId(work.prototype(), e.target())
                                            .equals(screen.id()));
                case NO_WAY_OUT -> work.prototype().index().waysOut(screen.id()).isEmpty();
                case WITH_FINDINGS ->
                    work.checked()
                            .filter(c -> !c.findingsOn(screen.id()).isEmpty())
                            .isPresent();
                case ABOVE -> screen.form() != Form.PAGE;
                case WITH_LOOKS -> !screen.states().isEmpty();
                case ALIKE -> work.alike().containsKey(screen.id());
                case DRAFT -> screen.status() == Status.DRAFT;
                case READY -> screen.status() == Status.READY;
                case PARKED -> screen.status() == Status.PARKED;
            };
        }
    }

    private final Work work;
    private final Runnable changed;
    private final TextField words = new TextField();
    private final FlowPane traits = new FlowPane(4, 4);
    private final EnumSet<Trait> wanted = EnumSet.noneOf(Trait.class);

    /** @param changed told whenever others are to be shown */
    MocksFilter(Work work, Runnable changed) {
        this.work = work;
        this.changed = changed;
        words.setId("filter-words");
        words.setPromptText("Show only…");
        words.setAccessibleText("Show only screens with these words");
        words.setPrefColumnCount(12);
        words.textProperty().addListener((o, a, b) -> changed.run());
        traits.setAlignment(Pos.CENTER_LEFT);
        traits.getStyleClass().add("traits");
    }

    /** Where words are typed. */
    TextField words() {
        return words;
    }

    /** What is so about some screens, to be pressed. */
    FlowPane traits() {
        return traits;
    }

    /** Whether all screens are shown. */
    boolean isOff() {
        return wanted.isEmpty() && words.getText().isBlank();
    }

    void clear() {
        wanted.clear();
        words.clear();
        changed.run();
    }

    /** The place to type. */
    void focus() {
        words.requestFocus();
        words.selectAll();
    }

    /** Which screens are to be shown. */
    Predicate<Screen> shown() {
        List<String> typed =
                List.of(words.getText().toLowerCase(Locale.ROOT).strip().split("\\s+"));
        Set<Trait> now = EnumSet.copyOf(wanted);
        return s -> now.stream().allMatch(t -> t.holds(s, work))
                && typed.stream()
                        .allMatch(w -> s.shownTitle().toLowerCase(Locale.ROOT).contains(w)
                                || s.section().toLowerCase(Locale.ROOT).contains(w));
    }

    /** Offers what is so about any screen, with how many. */
    void refresh() {
        List<ToggleButton> buttons = new ArrayList<>();
        for (Trait trait : Trait.values()) {
            long n = work.prototype().screens().stream()
                    .filter(s -> trait.holds(s, work))
                    .count();
            // What is so about all of them shows nothing less.
            boolean some = n > 0 && n < work.prototype().screens().size();
            if (some || wanted.contains(trait)) {
                buttons.add(button(trait, n));
            }
        }
        Children.become(traits.getChildren(), buttons);
    }

    private ToggleButton button(Trait trait, long n) {
        ToggleButton button = traits.getChildren().stream()
                .filter(c -> trait.equals(c.getUserData()))
                .map(ToggleButton.class::cast)
                .findFirst()
                .orElseGet(() -> fresh(trait));
        button.setText(trait.words + "  " + n);
        button.setSelected(wanted.contains(trait));
        button.pseudoClassStateChanged(SELECTED, wanted.contains(trait));
        return button;
    }

    private ToggleButton fresh(Trait trait) {
        ToggleButton button = new ToggleButton();
        button.getStyleClass().add("filter");
        button.setId("trait-" + trait.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        button.setUserData(trait);
        button.setOnAction(e -> {
            if (!wanted.remove(trait)) {
                wanted.add(trait);
            }
            changed.run();
        });
        return button;
    }
}
