package pandel.desktop.frames;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.TabSet;
import pandel.core.model.screen.Screen;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;

/** Where a drawer or a header is attached. */
final class FrameAttachment {

    private final ThingPage page;
    private final String prefix;
    private final Supplier<Attached> now;
    private final BiConsumer<String, Attached> put;

    /**
     * @param prefix of the ids of its buttons
     * @param put told a name for the edit, and where it is attached from now on
     */
    FrameAttachment(ThingPage page, String prefix, Supplier<Attached> now, BiConsumer<String, Attached> put) {
        this.page = page;
        this.prefix = prefix;
        this.now = now;
        this.put = put;
    }

    /** @param pick lets one of some screens be picked, and then shows the page again */
    VBox attached(BiConsumer<List<Screen>, Consumer<Screen>> pick) {
        Attached on = now.get();
        HBox first = ThingPage.line();
        first.getChildren()
                .add(ChoiceButton.of(
                        prefix + "-all",
                        128,
                        "Where it is attached",
                        List.of(true, false),
                        on.all(),
                        all -> all ? "all pages" : "some alone:",
                        all -> put.accept(
                                all ? "attach it to all pages" : "attach it to some alone",
                                new Attached(all, on.screens(), on.tabSets()))));
        List<Node> named = new ArrayList<>();
        on.tabSets()
                .forEach(id -> named.add(gone(
                        page.work.prototype().tabSet(id).map(TabSet::shownTitle).orElse(id), id)));
        on.screens()
                .forEach(id -> named.add(gone(
                        page.work.prototype().screen(id).map(Screen::shownTitle).orElse(id), id)));
        first.getChildren()
                .add(Buttons.smallWord(
                        "A screen…",
                        prefix + "-attach",
                        () -> pick.accept(
                                page.work.prototype().screens().stream()
                                        .filter(s -> !now.get().screens().contains(s.id()))
                                        .toList(),
                                screen -> put.accept(
                                        "attach it to “" + screen.shownTitle() + "”",
                                        new Attached(
                                                now.get().all(),
                                                with(now.get().screens(), screen.id()),
                                                now.get().tabSets())))));
        page.work.prototype().tabSets().stream()
                .filter(s -> !on.tabSets().contains(s.id()))
                .forEach(s -> first.getChildren()
                        .add(Buttons.smallWord(
                                "Inside " + s.shownTitle(),
                                "attach-" + s.id(),
                                () -> put.accept(
                                        "attach it inside “" + s.shownTitle() + "”",
                                        new Attached(on.all(), on.screens(), with(on.tabSets(), s.id()))))));
        FlowPane flow = new FlowPane(4, 2);
        flow.getChildren().addAll(named);
        flow.setPrefWrapLength(500);
        return new VBox(2, first, flow);
    }

    private Node gone(String title, String id) {
        return Buttons.smallWord(
                title + " ×",
                "detach-" + id,
                () -> put.accept("detach it", now.get().without(Set.of(id))));
    }

    private static Set<String> with(Set<String> ids, String more) {
        return Stream.concat(ids.stream(), Stream.of(more)).collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
