package pandel.desktop.frames;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import pandel.core.edit.frame.DrawerEdits;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.TabSet;
import pandel.core.model.screen.Screen;
import pandel.desktop.theme.Buttons;

/** Where a drawer is attached. */
final class DrawerAttachment {

    private final DrawerPage page;

    DrawerAttachment(DrawerPage page) {
        this.page = page;
    }

    VBox attached(Drawer drawer) {
        HBox first = ThingPage.line();
        first.getChildren()
                .add(Buttons.plain(
                        drawer.on().all() ? "all pages" : "some alone:",
                        "drawer-all",
                        () -> attach(
                                drawer.on().all() ? "attach it to some alone" : "attach it to all pages",
                                new Drawer.Attached(
                                        !drawer.on().all(),
                                        drawer.on().screens(),
                                        drawer.on().tabSets()))));
        List<Node> named = new ArrayList<>();
        drawer.on()
                .tabSets()
                .forEach(id -> named.add(Buttons.smallWord(
                        page.work.prototype().tabSet(id).map(TabSet::shownTitle).orElse(id) + " ×",
                        "detach-" + id,
                        () -> attach("detach it", drawer.on().without(Set.of(id))))));
        drawer.on()
                .screens()
                .forEach(id -> named.add(Buttons.smallWord(
                        page.work.prototype().screen(id).map(Screen::shownTitle).orElse(id) + " ×",
                        "detach-" + id,
                        () -> attach("detach it", drawer.on().without(Set.of(id))))));
        first.getChildren()
                .add(Buttons.smallWord(
                        "A screen…",
                        "drawer-attach",
                        () -> page.pick(
                                page.work.prototype().screens().stream()
                                        .filter(s -> !drawer.on().screens().contains(s.id()))
                                        .toList(),
                                screen -> page.work.edit(DrawerEdits.change(
                                        "attach it to “" + screen.shownTitle() + "”",
                                        page.now()
                                                .withOn(new Drawer.Attached(
                                                        page.now().on().all(),
                                                        with(page.now().on().screens(), screen.id()),
                                                        page.now().on().tabSets())))))));
        page.work.prototype().tabSets().stream()
                .filter(s -> !drawer.on().tabSets().contains(s.id()))
                .forEach(s -> first.getChildren()
                        .add(Buttons.smallWord(
                                "Inside " + s.shownTitle(),
                                "attach-" + s.id(),
                                () -> attach(
                                        "attach it inside “" + s.shownTitle() + "”",
                                        new Drawer.Attached(
                                                drawer.on().all(),
                                                drawer.on().screens(),
                                                with(drawer.on().tabSets(), s.id()))))));
        FlowPane flow = new FlowPane(4, 2);
        flow.getChildren().addAll(named);
        flow.setPrefWrapLength(500);
        return new VBox(2, first, flow);
    }

    void attach(String name, Drawer.Attached on) {
        page.put(name, d -> d.withOn(on));
    }

    static Set<String> with(Set<String> ids, String more) {
        return Stream.concat(ids.stream(), Stream.of(more)).collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
