package pandel.desktop.links.sentence;

import java.util.Optional;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import pandel.core.edit.link.BranchEdits;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Takes;
import pandel.core.model.link.Verb;
import pandel.core.model.link.Where;
import pandel.core.play.words.LinkWords;
import pandel.desktop.theme.Buttons;

/** What else a branch can be given, in a menu. */
final class BranchMenu {

    private final BranchLine whole;

    BranchMenu(BranchLine whole) {
        this.whole = whole;
    }

    /** What is rarer: a condition, an outcome, something said, an address, another way it can turn out. */
    Choice more() {
        whole.more.setTooltip(
                new Tooltip("Only if something holds, another way it can turn out, something said, a way out"));
        return whole.more.on(() -> {
            ContextMenu menu = new ContextMenu();
            // What finishes a sequence, and an item, has one branch.
            boolean one = whole.link
                    .filter(l -> l.cause() instanceof Cause.Finish || l.cause() instanceof Cause.Item)
                    .isPresent();
            boolean item =
                    whole.link.filter(l -> l.cause() instanceof Cause.Item).isPresent();
            menu.getItems()
                    .addAll(
                            Buttons.item("Another way it can turn out…", "more-another", () -> another(whole.more)),
                            Buttons.item(
                                    whole.branch.outcome().isEmpty()
                                            ? "Name how it turns out…"
                                            : "Name otherwise how it turns out…",
                                    "more-outcome",
                                    () -> whole.typeOutcome(whole.more)),
                            Buttons.item(
                                    "Only if something holds…", "more-when", () -> whole.typeCondition(whole.more)),
                            new SeparatorMenuItem(),
                            Buttons.item("Say something…", "more-say", whole.besides::say),
                            Buttons.item("Leave to an address…", "more-leave", whole.besides::leave));
            if (whole.branch.move().isEmpty()
                    && whole.besides.said().stream().noneMatch(Effect.MoveDrawer.class::isInstance)
                    && !whole.work.prototype().drawers().isEmpty()) {
                menu.getItems()
                        .add(Buttons.item(
                                "Open or close a drawer…",
                                "more-drawer",
                                () -> whole.desk.chooseVerb(Verb.DRAWER_OPEN)));
            }
            begins(menu);
            if (whole.number == 0 && whole.link.isPresent()) {
                takes(menu, whole.link.get());
                menu.getItems()
                        .addAll(
                                new SeparatorMenuItem(),
                                Buttons.item(
                                        whole.link.get().title().isBlank()
                                                ? "Give this link a name…"
                                                : "Give this link another name…",
                                        "more-title",
                                        () -> whole.typeTitle(whole.more)));
            }
            menu.getItems().stream().limit(item ? 2 : one ? 3 : 0).forEach(i -> i.setDisable(true));
            places(menu);
            whole.link.ifPresent(l -> whole.branch.outcome().ifPresent(outcome -> {
                boolean always = l.always().equals(whole.branch.outcome());
                menu.getItems()
                        .addAll(
                                new SeparatorMenuItem(),
                                Buttons.item(
                                        always ? "Let play ask" : "Always this one in play",
                                        "more-always",
                                        () -> whole.work.edit(LinkEdits.change(
                                                always ? "let play ask" : "always “" + outcome + "” in play",
                                                l.withAlways(always ? Optional.empty() : whole.branch.outcome())))));
            }));
            whole.link
                    .filter(l -> l.branches().size() > 1)
                    .ifPresent(l -> menu.getItems()
                            .add(Buttons.item(
                                    "Remove this way",
                                    "more-remove",
                                    () -> whole.work.edit(BranchEdits.remove(l, whole.number)))));
            menu.show(whole.more, Side.TOP, 0, -2);
        });
    }

    /** Lets it take time before it does anything. */
    private void takes(ContextMenu menu, Link link) {
        if (link.takes().isEmpty() && (link.cause() instanceof Cause.Touch || link.cause() instanceof Cause.Submit)) {
            menu.getItems()
                    .addAll(
                            new SeparatorMenuItem(),
                            Buttons.item(
                                    "Let it take time before that…",
                                    "more-takes",
                                    () -> whole.work.edit(LinkEdits.change(
                                            "let a link take time", link.withTakes(Optional.of(Takes.UNTIL_DONE))))));
        }
    }

    /** Work and plain waits of the screens it stands on that it can begin again. */
    private void begins(ContextMenu menu) {
        whole.on().stream()
                .flatMap(s -> s.links().stream())
                .filter(l -> l.cause() instanceof Cause.Work || l.cause() instanceof Cause.Wait)
                .distinct()
                .forEach(l -> menu.getItems()
                        .add(Buttons.item(
                                "Begin again " + LinkWords.work(whole.work.prototype(), l.id()),
                                "more-again-" + l.id(),
                                () -> whole.besides.addAside(Optional.of(new Effect.BeginAgain(l.id()))))));
    }

    /** Where the move is done: as usual, here, or beneath. */
    void places(ContextMenu menu) {
        if (whole.link.isEmpty()
                || whole.branch.move().isEmpty()
                || whole.branch.move().get() instanceof Effect.Close
                || whole.branch.move().get() instanceof Effect.Restart) {
            return;
        }
        menu.getItems().add(new SeparatorMenuItem());
        for (Where where : Where.values()) {
            boolean steps = whole.branch.move().get() instanceof Effect.Advance
                    || whole.branch.move().get() instanceof Effect.Replace;
            boolean fits = where != Where.OUTSIDE_THE_TABS
                    || steps && !whole.work.prototype().tabSets().isEmpty();
            if (fits && !whole.branch.where().equals(Optional.of(where))) {
                menu.getItems()
                        .add(Buttons.item(
                                switch (where) {
                                    case HERE -> "Do it here, on what is open";
                                    case BENEATH -> "Do it beneath, after what is open has closed";
                                    case OUTSIDE_THE_TABS -> "Do it outside the tabs, without their strip";
                                },
                                "more-" + where.word().replace(' ', '-'),
                                () -> whole.work.edit(
                                        BranchEdits.where(whole.link.get(), whole.number, Optional.of(where)))));
            }
        }
        if (whole.branch.where().isPresent()) {
            menu.getItems()
                    .add(Buttons.item(
                            "Do it where it usually is",
                            "more-usual-place",
                            () -> whole.work.edit(
                                    BranchEdits.where(whole.link.get(), whole.number, Optional.empty()))));
        }
    }

    void another(Choice choice) {
        TextField field = choice.type(
                "",
                "How else it turns out",
                typed -> {
                    if (!typed.isBlank()) {
                        whole.withLink(l -> {
                            if (l.outcomes().contains(typed.strip())) {
                                whole.desk.say("It can turn out as “" + typed.strip()
                                        + "” already; each way has a name of its own.");
                            } else {
                                whole.work.edit(BranchEdits.another(l, typed.strip()));
                            }
                        });
                    }
                },
                whole.refresh);
        field.setPromptText("refused, no network");
    }
}
