package pandel.core.check.rule.frame;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Walk;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Solution;
import pandel.core.edit.frame.SequenceEdits;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/**
 * {@code finish-missing}, {@code sideways-twice} and the pages that are {@linkplain Rule#MISSING_TARGET not there}:
 * what is wrong with how the pages of sequences are turned.
 */
public final class Sequences {

    private Sequences() {}

    public static List<Finding> in(Solution solution) {
        List<Finding> findings = new ArrayList<>();
        for (Sequence sequence : solution.prototype().sequences()) {
            missing(solution, sequence, findings);
            finish(solution, sequence, findings);
            if (sequence.swipes()
                    && sequence.pages().size() > 1
                    && solution.prototype().devices().stream().anyMatch(Device::swipes)) {
                sideways(solution, sequence, findings);
            }
        }
        return findings;
    }

    private static void missing(Solution solution, Sequence sequence, List<Finding> findings) {
        for (int i = 0; i < sequence.pages().size(); i++) {
            String page = sequence.pages().get(i);
            if (solution.prototype().screen(page).isEmpty()) {
                findings.add(Finding.about(
                                Rule.MISSING_TARGET,
                                Weight.PROBLEM,
                                "Page " + (i + 1) + " of “" + sequence.shownTitle() + "” is “" + page
                                        + "”, which is not there.",
                                shown(solution, sequence),
                                Optional.empty())
                        .with(List.of(new Fix(
                                "Take it out",
                                "“" + sequence.shownTitle() + "” has "
                                        + pages(sequence.pages().size()) + ".",
                                "It has " + pages(sequence.pages().size() - 1) + ".",
                                SequenceEdits.takeOut(sequence, i)))));
                return;
            }
        }
    }

    private static String pages(int count) {
        return count == 0 ? "none and goes" : count == 1 ? "one page" : count + " pages";
    }

    /** Its pages that are shown as such, or else that are ever shown. */
    private static List<String> shown(Solution solution, Sequence sequence) {
        return sequence.pages().stream().filter(solution::shown).distinct().toList();
    }

    /** The last page is come to, nothing on it leads anywhere, and nothing is said of what follows it. */
    private static void finish(Solution solution, Sequence sequence, List<Finding> findings) {
        boolean finishes = sequence.finish()
                .map(l -> !l.branches().isEmpty()
                        && !l.branches().getFirst().effects().isEmpty())
                .orElse(false);
        if (finishes || sequence.pages().isEmpty()) {
            return;
        }
        String last = sequence.pages().getLast();
        Optional<Walk> walk = solution.explorations().stream()
                .flatMap(e -> e.nodesOn(last).stream()
                        .filter(n -> n.cell.at()
                                .filter(a -> a.sequence().equals(sequence.id())
                                        && a.page() == sequence.pages().size())
                                .isPresent())
                        .findFirst()
                        .map(e::walkTo)
                        .stream())
                .findFirst();
        boolean leads = solution.prototype().index().waysOut(last).stream()
                .filter(w -> !w.isTurnOrTab())
                .anyMatch(w -> w.link().effects().anyMatch(e -> e.isMove() && !(e instanceof Effect.TurnPage)));
        if (walk.isPresent() && !leads) {
            findings.add(Finding.about(
                            Rule.FINISH_MISSING,
                            Weight.WARNING,
                            "“" + sequence.shownTitle() + "” ends with "
                                    + FindingWords.screen(solution.prototype(), last)
                                    + ", and neither it nor the sequence says what follows.",
                            List.of(last),
                            walk)
                    .with(List.of(returning(solution.prototype(), sequence))));
        }
    }

    private static Fix returning(Prototype prototype, Sequence sequence) {
        String taken = sequence.id() + "-finish";
        Link link = Link.of(
                prototype.index().ids().contains(taken) ? taken + "-return" : taken,
                new Cause.Finish(),
                new Effect.Return());
        return new Fix(
                "Let next on the last page return",
                "Next on the last page does nothing.",
                "It returns to where one came from.",
                LinkEdits.link(sequence, link, ": return"));
    }

    /** Swipes of its pages that a hotspot, the page's own link, or device back answers as well. */
    private static void sideways(Solution solution, Sequence sequence, List<Finding> findings) {
        Set<Way> told = new HashSet<>();
        for (String page : shown(solution, sequence)) {
            for (Way way : solution.prototype().index().waysOut(page)) {
                if (way.link().cause() instanceof Cause.Touch touch && isSideways(touch.gesture()) && told.add(way)) {
                    Screen screen = solution.prototype().screen(page).orElseThrow();
                    findings.add(new Finding(
                            Rule.SIDEWAYS_TWICE,
                            Weight.WARNING,
                            FindingWords.link(solution.prototype(), way) + " answers the " + touch.word()
                                    + " that turns the pages of “" + sequence.shownTitle() + "”.",
                            List.of(screen.id()),
                            way.hotspot().map(Hotspot::id),
                            Optional.of(way.link().id()),
                            solution.walkTo(page),
                            List.of(
                                    Fixes.removeLink(solution.prototype(), way),
                                    new Fix(
                                            "Turn the pages without swipes",
                                            "A swipe turns the pages of “" + sequence.shownTitle() + "”.",
                                            "It does not.",
                                            SequenceEdits.change("turn without swipes", sequence.withSwipes(false))))));
                }
            }
        }
    }

    private static boolean isSideways(Gesture gesture) {
        return gesture == Gesture.SWIPE_LEFT || gesture == Gesture.SWIPE_RIGHT;
    }
}
