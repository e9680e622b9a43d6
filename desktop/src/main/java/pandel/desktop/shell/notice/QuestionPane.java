package pandel.desktop.shell.notice;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.desktop.stage.Question;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.WrappedLabel;

/** Holds one question, or nothing. */
public final class QuestionPane extends StackPane {

    private static final int MOST_LINES = 8;
    private Optional<Node> focusBefore = Optional.empty();

    public QuestionPane() {
        getStyleClass().add("curtain");
        setVisible(false);
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                lastAnswer.run();
            }
        });
    }

    private Runnable lastAnswer = () -> {};

    public void ask(Question question) {
        VBox box = new VBox();
        box.getStyleClass().add("question");
        box.setMaxHeight(Region.USE_PREF_SIZE);
        Label sentence = new WrappedLabel(question.sentence());
        sentence.getStyleClass().addAll("large", "strong");
        box.getChildren().add(sentence);
        VBox lines = new VBox(4);
        question.detail().stream().limit(MOST_LINES).map(QuestionPane::line).forEach(lines.getChildren()::add);
        if (question.detail().size() > MOST_LINES) {
            lines.getChildren().add(line("and " + (question.detail().size() - MOST_LINES) + " more"));
        }
        if (!lines.getChildren().isEmpty()) {
            box.getChildren().add(lines);
        }
        FlowPane answers = new FlowPane(8, 8);
        answers.setAlignment(Pos.CENTER_RIGHT);
        for (Question.Answer answer : question.answers().reversed()) {
            Button button = new Button(answer.words());
            button.getStyleClass().add(answer.style());
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setOnAction(e -> close(answer.then()));
            button.setDefaultButton(answer == question.answers().getFirst());
            answers.getChildren().add(button);
        }
        lastAnswer = () -> close(question.escape().then());
        box.getChildren().add(answers);
        open(box);
        answers.getChildren().getLast().requestFocus();
    }

    /** Shows any content until Escape. */
    public void show(Region content) {
        lastAnswer = () -> close(() -> {});
        open(content);
        content.requestFocus();
    }

    /** Closes what is shown. */
    public void dismiss() {
        close(() -> {});
    }

    private void open(Region content) {
        if (!isVisible() && getScene() != null) {
            focusBefore = Buttons.focused(this);
        }
        getChildren().setAll(content);
        setVisible(true);
    }

    private void close(Runnable then) {
        setVisible(false);
        getChildren().clear();
        focusBefore.ifPresent(Node::requestFocus);
        then.run();
    }

    private static Label line(String text) {
        Label label = new WrappedLabel(text);
        label.getStyleClass().add("quiet");
        return label;
    }
}
