package pandel.desktop.links.sentence;

import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import pandel.core.model.link.Effect;
import pandel.desktop.theme.Buttons;

/** What going to the row beside does at the end of the list, as a word of a sentence. */
final class RowEnd {

    private RowEnd() {}

    static Choice of(Effect.StepRow now, String id, Consumer<Effect.StepRow> then) {
        Choice choice = new Choice(words(now), "", id);
        return choice.on(() -> {
            ContextMenu menu = new ContextMenu();
            Stream.of(new Effect.StepRow(now.next(), false), new Effect.StepRow(now.next(), true))
                    .forEach(step -> menu.getItems()
                            .add(Buttons.item(
                                    words(step), step.round() ? "row-round" : "row-stop", () -> then.accept(step))));
            menu.show(choice, Side.TOP, 0, -2);
        });
    }

    private static String words(Effect.StepRow step) {
        return step.round() ? "going round at the end" : step.next() ? "up to the last" : "down to the first";
    }
}
