package pandel.desktop.check;

import javafx.geometry.Pos;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import pandel.core.check.finding.Finding;
import pandel.core.edit.whole.JudgementEdits;
import pandel.core.model.screen.Screen;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** Accepting a finding with a reason, or quietening its rule. */
final class Decision extends FlowPane {

    private final Work work;
    private final Finding finding;

    Decision(Work work, Finding finding) {
        super(8, 2);
        this.work = work;
        this.finding = finding;
        setAlignment(Pos.CENTER_LEFT);
        getChildren().add(Buttons.word("Accept it, with a reason…", "accept", this::ask));
        if (!finding.screens().isEmpty()) {
            String id = finding.screens().getFirst();
            String title = work.prototype().titleOf(id);
            if (finding.screens().size() == 1) {
                getChildren()
                        .add(Buttons.word(
                                "Never report it on " + title,
                                "quiet-here",
                                () -> work.edit(
                                        JudgementEdits.quietenOn(finding.rule().id(), id))));
            }
            work.prototype()
                    .screen(id)
                    .map(Screen::section)
                    .filter(s -> !s.isEmpty())
                    .ifPresent(section -> getChildren()
                            .add(Buttons.word(
                                    "In " + section,
                                    "quiet-section",
                                    () -> work.edit(JudgementEdits.quietenIn(
                                            finding.rule().id(), section)))));
        }
        getChildren()
                .add(Buttons.word(
                        "Anywhere",
                        "quiet",
                        () -> work.edit(JudgementEdits.quieten(finding.rule().id()))));
    }

    private void ask() {
        TextField reason = new TextField();
        reason.setId("reason");
        reason.setPromptText("Why it is meant; Enter accepts");
        reason.setAccessibleText("Why it is meant");
        reason.prefWidthProperty().bind(widthProperty());
        reason.setOnAction(
                e -> work.edit(JudgementEdits.accept(finding.rule().id(), finding.ground(), reason.getText())));
        reason.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                getChildren().setAll(new Decision(work, finding).getChildren());
            }
        });
        getChildren().setAll(reason);
        reason.requestFocus();
    }
}
