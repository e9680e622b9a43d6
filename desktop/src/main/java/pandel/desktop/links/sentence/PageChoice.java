package pandel.desktop.links.sentence;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import pandel.core.model.Prototype;
import pandel.core.model.link.PageTurn;
import pandel.core.model.screen.Screen;
import pandel.desktop.theme.Buttons;

/** Which page is turned to, as a word of a sentence. */
final class PageChoice {

    private PageChoice() {}

    static Choice of(Prototype prototype, Screen on, PageTurn now, String id, Consumer<PageTurn> then) {
        Choice choice = new Choice(words(now), "", id);
        int pages = prototype.index().sequencesOf(on.id()).stream()
                .mapToInt(s -> s.pages().size())
                .max()
                .orElse(prototype.sequences().stream()
                        .mapToInt(s -> s.pages().size())
                        .max()
                        .orElse(0));
        return choice.on(() -> {
            List<PageTurn> turns = new ArrayList<>(List.of(new PageTurn.Next(), new PageTurn.Previous()));
            for (int page = 1; page <= pages; page++) {
                turns.add(new PageTurn.To(page));
            }
            ContextMenu menu = new ContextMenu();
            turns.forEach(turn ->
                    menu.getItems().add(Buttons.item(words(turn), "turn-" + turn.word(), () -> then.accept(turn))));
            menu.show(choice, Side.TOP, 0, -2);
        });
    }

    private static String words(PageTurn turn) {
        return switch (turn) {
            case PageTurn.Next n -> "the next";
            case PageTurn.Previous p -> "the one before";
            case PageTurn.To to -> "page " + to.number();
        };
    }
}
