package pandel.desktop.check;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;
import pandel.core.edit.whole.JudgementEdits;
import pandel.core.model.Judgements;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Work;

/** What was accepted and what is not reported, each to be looked at and taken back. */
final class Decided extends VBox {

    /** Findings of a quiet rule that are named. */
    private static final int MOST = 6;

    /** @param look shows a finding that is meant, at length */
    Decided(Work work, Checked checked, Consumer<Finding> look) {
        super(6);
        getStyleClass().add("decided");
        Label heading = new Label("Meant, or not reported");
        heading.getStyleClass().add("heading");
        getChildren().add(heading);
        for (Judgements.Accepted accepted : work.prototype().judgements().accepted()) {
            Optional<Finding> now = checked.accepted().stream()
                    .filter(f -> f.ground().equals(accepted.ground()))
                    .findFirst();
            String sentence = now.map(Finding::sentence)
                    .orElse(Rule.titled(accepted.rule()) + ": no longer found, or its ground has changed");
            String words = sentence + (accepted.reason().isEmpty() ? "" : " — " + accepted.reason());
            Labeled told =
                    now.<Labeled>map(f -> looked(words, () -> look.accept(f))).orElseGet(() -> quiet(words));
            getChildren().add(row(told, () -> work.edit(JudgementEdits.takeBack(accepted))));
        }
        for (Judgements.Quiet quiet : work.prototype().judgements().quiet()) {
            String where = quiet.screen()
                    .map(id -> " on " + work.prototype().titleOf(id))
                    .or(() -> quiet.section().map(s -> " in " + s))
                    .orElse("");
            List<Finding> covered =
                    checked.quiet().stream().filter(f -> covers(work, quiet, f)).toList();
            getChildren()
                    .add(row(
                            quiet("“" + Rule.titled(quiet.rule()) + "” is not reported" + where
                                    + (covered.isEmpty() ? "; nothing would be now" : "")),
                            () -> work.edit(JudgementEdits.speakAgain(quiet))));
            covered.stream().limit(MOST).forEach(f -> getChildren().add(looked(f.sentence(), () -> look.accept(f))));
            if (covered.size() > MOST) {
                getChildren().add(quiet("and " + (covered.size() - MOST) + " more of the kind"));
            }
        }
    }

    /** Whether a finding is not reported by reason of that. */
    private static boolean covers(Work work, Judgements.Quiet quiet, Finding finding) {
        return quiet.rule().equals(finding.rule().id())
                && (quiet.isEverywhere()
                        || finding.screens().stream()
                                .anyMatch(id -> work.prototype()
                                        .screen(id)
                                        .filter(quiet::covers)
                                        .isPresent()));
    }

    private static Label quiet(String words) {
        Label label = new WrappedLabel(words);
        label.getStyleClass().addAll("quiet", "small");
        return label;
    }

    /** What is found still can be looked at: pressed, it is told at length. */
    private static Button looked(String words, Runnable look) {
        Button button = Buttons.smallWord(words, "look-at-meant", look);
        button.setWrapText(true);
        button.setAlignment(Pos.CENTER_LEFT);
        button.setTooltip(new Tooltip("Look at it"));
        return button;
    }

    private static HBox row(Labeled label, Runnable again) {
        label.setMinWidth(0);
        HBox.setHgrow(label, Priority.ALWAYS);
        label.setMaxWidth(Double.MAX_VALUE);
        HBox row = new HBox(8, label, Buttons.smallWord("Report again", "report-again", again));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }
}
