package pandel.core.check.rule.reach;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Solution;
import pandel.core.model.Index.Way;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;

/**
 * {@code hidden-gesture-only}: what only a long press, a double tap, a swipe or a mouse's gesture leads to. Nothing on
 * a screen says that it can be done.
 */
public final class HiddenGestures {

    private static final Set<Gesture> SEEN = Set.of(Gesture.TAP);

    private HiddenGestures() {}

    public static List<Finding> in(Solution solution) {
        List<List<Way>> together = new ArrayList<>();
        for (Way way : solution.prototype().index().ways()) {
            if (isHidden(solution, way)) {
                together.stream()
                        .filter(others -> doesTheSame(others.getFirst(), way))
                        .findFirst()
                        .ifPresentOrElse(others -> others.add(way), () -> together.add(new ArrayList<>(List.of(way))));
            }
        }
        return together.stream().map(ways -> finding(solution, ways)).toList();
    }

    private static boolean isHidden(Solution solution, Way way) {
        Optional<Screen> shown = shown(solution, way);
        if (shown.isEmpty()
                || !(way.link().cause() instanceof Cause.Touch touch)
                || SEEN.contains(touch.gesture())
                || !solution.fires(way.link().id())) {
            return false;
        }
        List<Effect> moves = moves(way);
        return !moves.isEmpty()
                && solution.prototype().index().waysOut(shown.get().id()).stream()
                        .filter(other -> isSeen(other.link().cause()))
                        .noneMatch(other -> moves.stream()
                                .allMatch(m -> other.link().effects().anyMatch(e -> leadsAlike(e, m))));
    }

    /** Taps on hotspots and on what frames show. */
    private static boolean isSeen(Cause cause) {
        return cause instanceof Cause.Touch t && SEEN.contains(t.gesture())
                || cause instanceof Cause.Sign
                || cause instanceof Cause.Item
                || cause instanceof Cause.Tab;
    }

    private static Optional<Screen> shown(Solution solution, Way way) {
        return way.from().stream().filter(s -> solution.shown(s.id())).findFirst();
    }

    private static List<Effect> moves(Way way) {
        return way.link().effects().filter(Effect::isMove).toList();
    }

    /** Whether another gesture at the same place leads alike. */
    private static boolean doesTheSame(Way way, Way other) {
        return way.hotspot().equals(other.hotspot())
                && way.from().equals(other.from())
                && leadsAlike(moves(way).getFirst(), moves(other).getFirst());
    }

    private static Finding finding(Solution solution, List<Way> ways) {
        Way way = ways.getFirst();
        String shown = shown(solution, way).orElseThrow().id();
        String gestures =
                ways.stream().map(w -> gesture((Cause.Touch) w.link().cause())).collect(Collectors.joining(" or "));
        return new Finding(
                Rule.HIDDEN_GESTURE_ONLY,
                Weight.NOTE,
                "On " + FindingWords.screen(solution.prototype(), shown) + " only " + gestures
                        + way.hotspot()
                                .map(h -> " on " + FindingWords.hotspot(solution.prototype(), shown, h))
                                .orElse("")
                        + " can "
                        + LinkWords.effect(solution.prototype(), moves(way).getFirst()) + ".",
                List.of(shown),
                way.hotspot().map(Hotspot::id),
                Optional.of(way.link().id()),
                solution.walkTo(shown),
                way.hotspot().map(h -> List.of(Fixes.tapToo(h, way.link()))).orElse(List.of()));
    }

    private static String gesture(Cause.Touch touch) {
        return (touch.gesture() == Gesture.KEY ? "the " : touch.gesture().isOfEdge() ? "an " : "a ") + touch.word();
    }

    private static boolean leadsAlike(Effect a, Effect b) {
        return a.target().map(Target::id).equals(b.target().map(Target::id))
                && (a.target().isPresent() || a.verb() == b.verb() || goesBack(a) && goesBack(b));
    }

    private static boolean goesBack(Effect effect) {
        return effect.verb() == Verb.RETURN || effect.verb() == Verb.CLOSE;
    }
}
