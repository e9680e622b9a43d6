package pandel.desktop.links.sentence;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import pandel.core.model.Prototype;
import pandel.core.model.link.Target;
import pandel.desktop.theme.Buttons;

/** What of a tab set or sequence is shown first, as a word of a sentence. */
final class FirstChoice {

    private FirstChoice() {}

    /** Nothing for a screen. */
    static Optional<Choice> of(Prototype prototype, Target now, String id, Consumer<Target> then) {
        Map<String, Target> offers = new LinkedHashMap<>();
        switch (now) {
            case Target.ToScreen to -> {}
            case Target.ToSequence to ->
                prototype.sequence(to.id()).ifPresent(s -> {
                    offers.put("from the first page on", new Target.ToSequence(to.id(), Optional.empty(), to.values()));
                    for (int page = 2; page <= s.pages().size(); page++) {
                        offers.put("at page " + page, new Target.ToSequence(to.id(), Optional.of(page), to.values()));
                    }
                });
            case Target.ToTabs to ->
                prototype.tabSet(to.id()).ifPresent(s -> {
                    offers.put("at its first tab", new Target.ToTabs(to.id(), Optional.empty(), to.values()));
                    s.tabs()
                            .forEach(t -> offers.put(
                                    "at " + t.shownLabel(),
                                    new Target.ToTabs(to.id(), Optional.of(t.id()), to.values())));
                });
        }
        if (offers.isEmpty()) {
            return Optional.empty();
        }
        String words = offers.entrySet().stream()
                .filter(o -> o.getValue().equals(now))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse("elsewhere in it");
        Choice choice = new Choice(words, "soft", id);
        return Optional.of(choice.on(() -> {
            ContextMenu menu = new ContextMenu();
            offers.forEach((said, target) -> menu.getItems().add(Buttons.item(said, () -> then.accept(target))));
            menu.show(choice, Side.TOP, 0, -2);
        }));
    }
}
