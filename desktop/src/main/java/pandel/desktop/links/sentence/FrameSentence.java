package pandel.desktop.links.sentence;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.layout.Pane;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.Index;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.play.EventWords;
import pandel.desktop.links.action.DeskActions;
import pandel.desktop.theme.Buttons;

/** The sentence of a link that belongs to a screen as a whole or to a frame. */
final class FrameSentence {

    private final SentencePane pane;

    FrameSentence(SentencePane pane) {
        this.pane = pane;
    }

    /** A link of the whole screen. */
    void ofScreen(Link link) {
        if (link.cause().isOfFrames()
                || pane.work
                        .prototype()
                        .index()
                        .way(link.id())
                        .filter(w -> w.tabs().isPresent()
                                || w.header().isPresent()
                                || w.notice().isPresent())
                        .isPresent()) {
            ofFrame(link);
            return;
        }
        Pane line = pane.line();
        int ms = link.cause() instanceof Cause.Wait w
                ? w.ms()
                : link.cause() instanceof Cause.Untouched u ? u.ms() : DeskActions.USUAL_WAIT;
        Choice cause = new Choice(
                switch (link.cause()) {
                    case Cause.Wait w -> "After";
                    case Cause.Untouched u -> "After";
                    case Cause.Work w -> "When the work is done";
                    case Cause.Back b -> "Device back";
                    case Cause.Submit s -> "Submit";
                    case Cause.Turn t -> "";
                    case Cause.Tab t -> "";
                    case Cause.Item i -> "";
                    case Cause.Sign s -> "";
                    case Cause.Finish f -> "";
                    case Cause.Skip s -> "";
                    case Cause.Touch touch ->
                        EventWords.capital(touch.gesture().word())
                                + (touch.gesture().isOfEdge() || touch.gesture() == Gesture.KEY ? "" : " anywhere");
                },
                "",
                "choice-cause");
        line.getChildren()
                .add(cause.on(() -> CauseMenu.ofScreen(
                                pane.work.device(),
                                ms,
                                chosen -> pane.work.edit(
                                        LinkEdits.change("change what sets a link off", link.withCause(chosen))))
                        .show(cause, Side.TOP, 0, -2)));
        if (link.cause() instanceof Cause.Wait || link.cause() instanceof Cause.Untouched) {
            line.getChildren()
                    .addAll(
                            pane.causeWords.number(link, ms),
                            Choice.words(link.cause() instanceof Cause.Untouched ? "ms untouched:" : "ms:"));
        } else {
            pane.causeWords.key(line, Optional.of(link));
            line.getChildren().add(Choice.words(":"));
        }
        pane.branches(line, Optional.of(link));
        pane.below.getChildren().add(Buttons.word("Remove", "remove-wait", pane.actions::remove));
    }

    /**
     * What a link that a frame holds does.
     *
     * @param presses what more can be done
     */
    void inFrame(String words, Link link, Button... presses) {
        Pane line = pane.line();
        line.getChildren().add(Choice.words(words));
        pane.branches(line, Optional.of(link));
        pane.below.getChildren().addAll(presses);
    }

    /** What belongs to a frame: tabs and turns say themselves, items, finish and skip lead where they are led. */
    void ofFrame(Link link) {
        Optional<Index.Way> way = pane.work.prototype().index().way(link.id());
        way.flatMap(Index.Way::drawer)
                .ifPresent(d -> inFrame(
                        "Choosing “"
                                + d.item(link.id()).map(Drawer.Item::shownLabel).orElse("") + "” in “" + d.shownTitle()
                                + "”:",
                        link,
                        Buttons.word("Walk there", "walk", pane.desk::walkOn),
                        Buttons.word("The drawer…", "open-drawer", () -> pane.desk.frame(d.id()))));
        way.flatMap(Index.Way::header).ifPresent(h -> ofHeader(h, link));
        way.flatMap(Index.Way::notice).ifPresent(n -> ofNotice(n, link));
        way.flatMap(Index.Way::tabs)
                .ifPresent(s ->
                        ofTabSet(s, link, Buttons.word("The tab set…", "open-tabs", () -> pane.desk.frame(s.id()))));
        way.flatMap(Index.Way::sequence).ifPresent(s -> ofSequence(s, link));
    }

    /** Its left sign says itself; an action leads where it is led. */
    private void ofHeader(Header header, Link link) {
        Button open = Buttons.word("The header…", "open-header", () -> pane.desk.frame(header.id()));
        Optional<String> action = header.action(link.id()).map(Header.Action::shownLabel);
        if (action.isPresent()) {
            inFrame(
                    "Tapping “" + action.get() + "” in the header “" + header.shownTitle() + "”:",
                    link,
                    Buttons.word("Walk there", "walk", pane.desk::walkOn),
                    open);
        } else {
            Pane line = pane.line();
            line.getChildren()
                    .add(Choice.words("The left sign of the header “" + header.shownTitle() + "” "
                            + (header.left().kind() == Header.Kind.BACK
                                    ? "goes back, where something lies behind."
                                    : "opens "
                                            + pane.work
                                                    .prototype()
                                                    .drawer(header.left().drawer())
                                                    .map(Drawer::shownTitle)
                                                    .orElse("a drawer that is gone")
                                            + ".")));
            pane.below.getChildren().add(open);
        }
    }

    /** What can be done while a notice stands, wherever that is. */
    private void ofNotice(Effect.Notice notice, Link link) {
        inFrame(
                "Choosing “"
                        + notice.action().map(Effect.Action::shownLabel).orElse("") + "” while “" + notice.words()
                        + "” stands:",
                link,
                Buttons.word("Walk there", "walk", pane.desk::walkOn),
                Buttons.word("What says it", "says-it", () -> saying(link)),
                Buttons.word("Remove", "remove-action", pane.actions::remove));
    }

    /** Shows the link that says what an action can be chosen on. */
    private void saying(Link action) {
        pane.work.prototype().index().ways().stream()
                .filter(w -> w.link()
                        .notices()
                        .flatMap(n -> n.action().stream())
                        .anyMatch(a -> a.link().id().equals(action.id())))
                .findFirst()
                .ifPresent(w -> w.hotspot()
                        .ifPresentOrElse(
                                h -> pane.work
                                        .selection()
                                        .chooseLinkOf(h.id(), w.link().id()),
                                () -> pane.work.selection().chooseLink(w.link().id())));
    }

    void ofTabSet(TabSet set, Link link, Button open) {
        if (link.cause() instanceof Cause.Touch) {
            inFrame(
                    "Tapping the button of “" + set.shownTitle() + "”:",
                    link,
                    Buttons.word("Walk there", "walk", pane.desk::walkOn),
                    open);
        } else {
            chosen(
                    "Choosing the tab “"
                            + set.tab(link.id()).map(TabSet.Tab::shownLabel).orElse("") + "” of “" + set.shownTitle()
                            + "” shows it as it was left, wherever the strip shows;",
                    link);
            pane.below.getChildren().addAll(Buttons.word("Walk there", "walk", pane.desk::walkOn), open);
        }
    }

    void ofSequence(Sequence sequence, Link link) {
        String title = "“" + sequence.shownTitle() + "”";
        if (link.cause() instanceof Cause.Turn) {
            chosen(
                    title + " turns to page " + (1 + sequence.turns().indexOf(link)) + " by " + turnedBy(sequence)
                            + ";",
                    link);
            pane.below.getChildren().add(Buttons.word("Walk there", "walk", pane.desk::walkOn));
        } else {
            inFrame(
                    (link.cause() instanceof Cause.Finish ? "Next on the last page of " : "Skipping ") + title + ":",
                    link,
                    Buttons.word("Remove", "remove-wait", pane.actions::remove));
        }
        pane.below
                .getChildren()
                .add(Buttons.word("The sequence…", "open-sequence", () -> pane.desk.frame(sequence.id())));
    }

    /** What shows a tab or page, and what that does besides. */
    private void chosen(String words, Link link) {
        Pane line = pane.line();
        line.getChildren().add(Choice.words(words));
        if (link.effects().anyMatch(Effect::isDoneByChoosing)) {
            line.getChildren().add(Choice.words("then"));
        }
        pane.besides(line, link);
    }

    static String turnedBy(Sequence sequence) {
        List<String> ways = new java.util.ArrayList<>();
        if (sequence.swipes()) {
            ways.add("a swipe");
        }
        if (sequence.laid().dots()) {
            ways.add("a dot");
        }
        if (!sequence.laid().next().isEmpty() || !sequence.laid().previous().isEmpty()) {
            ways.add("the words laid over it");
        }
        ways.add("a link that turns the page");
        return ways.size() == 1
                ? ways.getFirst()
                : String.join(", ", ways.subList(0, ways.size() - 1)) + " or " + ways.getLast();
    }
}
