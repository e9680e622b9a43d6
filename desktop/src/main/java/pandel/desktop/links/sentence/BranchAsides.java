package pandel.desktop.links.sentence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Tooltip;
import pandel.core.edit.link.BranchEdits;
import pandel.core.model.link.Effect;
import pandel.core.play.words.LinkWords;
import pandel.desktop.theme.Buttons;

/** What a branch does besides its move: what it says, opens and closes. */
final class BranchAsides {

    private final BranchLine whole;

    BranchAsides(BranchLine whole) {
        this.whole = whole;
    }

    void asides() {
        List<Effect> all = said();
        for (int i = 0; i < all.size(); i++) {
            int at = i;
            Effect effect = all.get(i);
            if (effect instanceof Effect.MoveDrawer moved) {
                whole.line
                        .getChildren()
                        .addAll(
                                DrawerChoice.how(moved, whole.id("drawer-how-" + i), other -> aside(all, at, other)),
                                DrawerChoice.which(
                                        whole.work.prototype(),
                                        whole.actions.screen(),
                                        moved,
                                        whole.id("drawer-" + i),
                                        other -> aside(all, at, Optional.of(other))));
                if (whole.branch.move().isPresent() || i < all.size() - 1) {
                    whole.line.getChildren().add(Choice.words(","));
                }
                continue;
            }
            if (effect instanceof Effect.BeginAgain again) {
                boolean there = whole.work.prototype().index().way(again.link()).isPresent();
                Choice choice = new Choice(
                        LinkWords.work(whole.work.prototype(), again.link()),
                        there ? "" : "missing",
                        whole.id("again-" + i));
                choice.setTooltip(new Tooltip("It is waited for from the start again"));
                whole.line
                        .getChildren()
                        .addAll(
                                Choice.words("begin again"),
                                choice.on(() -> new ContextMenu(Buttons.item(
                                                "Do not begin it again",
                                                "again-not",
                                                () -> aside(all, at, Optional.empty())))
                                        .show(choice, Side.TOP, 0, -2)),
                                Choice.words(","));
                continue;
            }
            whole.line.getChildren().add(Choice.words(effect instanceof Effect.Notice ? "say" : "leave to"));
            String words = effect instanceof Effect.Notice n ? n.words() : ((Effect.Leave) effect).address();
            Choice choice =
                    new Choice(effect instanceof Effect.Notice ? "“" + words + "”" : words, "", whole.id("said-" + i));
            whole.line
                    .getChildren()
                    .add(choice.on(() -> choice.type(
                            words,
                            effect instanceof Effect.Notice ? "What is said" : "Where it leads out to",
                            typed -> {
                                aside(
                                        all,
                                        at,
                                        typed.isBlank()
                                                ? Optional.empty()
                                                : Optional.of(
                                                        effect instanceof Effect.Notice n
                                                                ? n.withWords(typed.strip())
                                                                : new Effect.Leave(typed.strip())));
                            },
                            whole.refresh)));
            if (effect instanceof Effect.Notice notice) {
                whole.line
                        .getChildren()
                        .add(NoticeTime.of(
                                notice,
                                whole.id("said-time-" + i),
                                whole.desk,
                                whole.refresh,
                                other -> aside(all, at, Optional.of(other))));
                whole.line
                        .getChildren()
                        .addAll(new OfferedAction(
                                        whole.work,
                                        whole.link,
                                        notice,
                                        other -> aside(all, at, Optional.of(other)),
                                        whole.refresh)
                                .words(whole.id("said-action-" + i)));
            }
            whole.line.getChildren().add(Choice.words(","));
        }
    }

    /** Another in the place of one; empty: none. */
    void aside(List<Effect> all, int at, Optional<Effect> other) {
        List<Effect> changed = new ArrayList<>(all);
        changed.remove(at);
        other.ifPresent(e -> changed.add(at, e));
        asides(changed);
    }

    void asides(List<Effect> changed) {
        if (!changed.equals(said())) {
            whole.withLink(l -> whole.work.edit(BranchEdits.asides(l, whole.number, changed)));
        }
    }

    void addAside(Optional<Effect> effect) {
        List<Effect> changed = new ArrayList<>(said());
        effect.ifPresent(changed::add);
        asides(changed);
    }

    /** Asks what is said. */
    void say() {
        say(whole.more);
    }

    /** @param in the choice it is typed in the place of */
    void say(Choice in) {
        in.type(
                "",
                "What is said",
                typed -> addAside(
                        typed.isBlank()
                                ? Optional.empty()
                                : Optional.of(new Effect.Notice(typed.strip(), Effect.Notice.USUAL_MS))),
                whole.refresh);
    }

    /** Asks for the address it leads out to. */
    void leave() {
        whole.more.type(
                "https://",
                "Where it leads out to",
                typed -> addAside(
                        typed.isBlank() || typed.equals("https://")
                                ? Optional.empty()
                                : Optional.of(new Effect.Leave(typed.strip()))),
                whole.refresh);
    }

    List<Effect> said() {
        return whole.branch.effects().stream()
                .filter(e -> e instanceof Effect.Notice
                        || e instanceof Effect.Leave
                        || e instanceof Effect.BeginAgain
                        || e instanceof Effect.MoveDrawer)
                .toList();
    }
}
