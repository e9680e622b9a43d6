package pandel.desktop.links.sentence;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import pandel.core.model.Attachments;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Effect.How;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;
import pandel.desktop.theme.Buttons;

/** What is done to which drawer, as two words of a sentence. */
final class DrawerChoice {

    private DrawerChoice() {}

    /** @param then told what is done instead; empty: nothing to a drawer */
    static Choice how(Effect.MoveDrawer now, String id, Consumer<Optional<Effect>> then) {
        Choice choice = new Choice(now.verb().word(), "", id);
        return choice.on(() -> {
            ContextMenu menu = new ContextMenu();
            for (How how : How.values()) {
                Effect.MoveDrawer other = new Effect.MoveDrawer(now.drawer(), how);
                menu.getItems()
                        .add(Buttons.item(
                                other.verb().word(),
                                "drawer-" + how.name().toLowerCase(java.util.Locale.ROOT),
                                () -> then.accept(Optional.of(other))));
            }
            menu.getItems()
                    .addAll(
                            new SeparatorMenuItem(),
                            Buttons.item("Nothing to a drawer", "drawer-nothing", () -> then.accept(Optional.empty())));
            menu.show(choice, Side.TOP, 0, -2);
        });
    }

    /** @param on the screen the link stands on: drawers that are not attached to it cannot be chosen and say so */
    static Choice which(Prototype prototype, Screen on, Effect.MoveDrawer now, String id, Consumer<Effect> then) {
        Choice choice = new Choice(
                now.drawer().isEmpty() ? "which drawer?" : LinkWords.drawer(prototype, now.drawer()),
                prototype.drawer(now.drawer()).isPresent() ? "" : "missing",
                id);
        return choice.on(() -> {
            ContextMenu menu = new ContextMenu();
            for (Drawer drawer : prototype.drawers()) {
                boolean fits = Attachments.mayStandOn(prototype, drawer.on(), on.id());
                MenuItem item = Buttons.item(
                        drawer.shownTitle() + (fits ? "" : " — not attached to this screen"),
                        "drawer-" + drawer.id(),
                        () -> then.accept(new Effect.MoveDrawer(drawer.id(), now.how())));
                item.setDisable(!fits);
                menu.getItems().add(item);
            }
            menu.show(choice, Side.TOP, 0, -2);
        });
    }
}
