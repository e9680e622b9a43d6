package pandel.desktop.shell;

import java.util.Collection;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.event.EventHandler;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyEvent;
import pandel.desktop.shell.notice.QuestionPane;
import pandel.desktop.stage.Command;
import pandel.desktop.stage.StageView;

/**
 * Runs the command that keys stand for: those of the stage first, then those of the window.
 *
 * @param questions while one is open no command is meant
 */
record CommandKeys(Collection<Command> commands, Supplier<StageView> stage, QuestionPane questions)
        implements EventHandler<KeyEvent> {

    @Override
    public void handle(KeyEvent event) {
        if (questions.isVisible()) {
            return;
        }
        boolean typing = event.getTarget() instanceof TextInputControl;
        if (!typing
                && !event.isShortcutDown()
                && !event.isAltDown()
                && stage.get().takesKey(event.getCode().getName())) {
            event.consume();
            return;
        }
        Stream.concat(stage.get().commands().stream(), commands.stream())
                .filter(c -> c.isMeantBy(event, typing) && c.possible().getAsBoolean())
                .findFirst()
                .ifPresent(c -> {
                    event.consume();
                    c.action().run();
                });
    }
}
