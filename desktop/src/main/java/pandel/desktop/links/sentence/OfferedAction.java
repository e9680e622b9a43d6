package pandel.desktop.links.sentence;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Tooltip;
import pandel.core.model.Index.Way;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.rest.Rest;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/**
 * What can be done while a notice stands, as words of the sentence that says it; what it does is a sentence of its own.
 */
final class OfferedAction {

    private final Work work;
    private final Optional<Link> says;
    private final Effect.Notice notice;
    private final Consumer<Effect> then;
    private final Runnable refresh;

    /**
     * @param says the link that says it
     * @param then told the notice to say instead
     */
    OfferedAction(Work work, Optional<Link> says, Effect.Notice notice, Consumer<Effect> then, Runnable refresh) {
        this.work = work;
        this.says = says;
        this.notice = notice;
        this.then = then;
        this.refresh = refresh;
    }

    List<Node> words(String id) {
        if (notice.action().isEmpty()) {
            Choice offer = new Choice("with an action…", "soft", id);
            offer.setTooltip(new Tooltip("Something that can be chosen while the notice stands"));
            return saysForAction() ? List.of() : List.of(offer.on(() -> name(offer)));
        }
        Effect.Action action = notice.action().get();
        Choice choice = new Choice(
                "“" + action.shownLabel() + "”", action.link().branches().isEmpty() ? "missing" : "", id);
        choice.setTooltip(new Tooltip("It can be chosen while the notice stands"));
        return List.of(
                Choice.words("with"),
                choice.on(() -> new ContextMenu(
                                Buttons.item("What it does", "action-does", () -> show(action.link())),
                                Buttons.item("Call it otherwise…", "action-name", () -> name(choice)),
                                Buttons.item(
                                        "Offer nothing",
                                        "action-none",
                                        () -> then.accept(notice.withAction(Optional.empty()))))
                        .show(choice, Side.TOP, 0, -2)));
    }

    /** What an action says has no action of its own. */
    private boolean saysForAction() {
        return says.flatMap(l -> work.prototype().index().way(l.id()))
                .flatMap(Way::notice)
                .isPresent();
    }

    private void show(Link link) {
        work.selection().chooseLink(link.id());
    }

    /** Asks what it is called; a new one is shown at once, to say what it does. */
    private void name(Choice choice) {
        String now = notice.action().map(Effect.Action::label).orElse("");
        choice.type(
                now,
                "What the action is called",
                typed -> {
                    String label = typed.strip();
                    if (label.isEmpty() || label.equals(now)) {
                        return;
                    }
                    Effect.Action action = notice.action()
                            .map(a -> a.withLabel(label))
                            .orElseGet(() -> new Effect.Action(
                                    label,
                                    new Link(work.freshId(label), new Cause.Touch(Gesture.TAP), List.of(), Rest.NONE)));
                    then.accept(notice.withAction(Optional.of(action)));
                    if (notice.action().isEmpty()) {
                        show(action.link());
                    }
                },
                refresh);
    }
}
