package pandel.desktop.mocks;

import java.util.ArrayList;
import java.util.List;
import javafx.event.ActionEvent;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.screen.Screen;
import pandel.desktop.sign.FormSign;
import pandel.desktop.stage.PageBox;
import pandel.desktop.stage.PageHost;
import pandel.desktop.work.Work;

/** The titles of screens that were just copied, typed one after another. */
final class CopyTitles extends PageBox {

    private final List<TextField> fields = new ArrayList<>();

    CopyTitles(Work work, PageHost around, List<Screen> copies) {
        super(
                copies.size() == 1 ? "A copy" : copies.size() + " copies",
                "Type what each is called, Enter goes on to the next. Links among them lead to the copies; what else they "
                        + "led to they lead to as before.",
                around::dismiss);
        for (Screen copy : copies) {
            int at = fields.size();
            TextField field = field("copy-title-" + at, "Title of the copy", copy.title(), 320, typed -> {
                work.prototype()
                        .screen(copy.id())
                        .filter(s -> !typed.equals(s.title()))
                        .ifPresent(s -> work.edit(ScreenEdits.rename(s, typed)));
            });
            EventHandler<ActionEvent> kept = field.getOnAction();
            field.setOnAction(e -> {
                kept.handle(e);
                next(at + 1, around);
            });
            fields.add(field);
            Node sign = new FormSign(copy.form());
            row(label(String.valueOf(at + 1), 24, "quiet"), sign, field);
        }
    }

    private void next(int at, PageHost around) {
        if (at < fields.size()) {
            choose(fields.get(at));
        } else {
            around.dismiss();
        }
    }

    private static void choose(TextField field) {
        field.requestFocus();
        field.selectAll();
    }

    @Override
    public void requestFocus() {
        // What scrolls holds its rows only once it has been styled and laid out.
        applyCss();
        layout();
        choose(fields.getFirst());
    }
}
