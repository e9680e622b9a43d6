package pandel.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.Cause;
import pandel.core.model.Effect;
import pandel.core.model.Gesture;
import pandel.core.model.Hotspot;
import pandel.core.model.Index.Way;
import pandel.core.model.Screen;
import pandel.core.model.Target;
import pandel.core.model.Verb;
import pandel.core.play.LinkWords;

/** {@code hidden-gesture-only}: what only a long press, a double tap, a swipe or a mouse's gesture leads to. Nothing on a screen says that it can be done. */
final class HiddenGestures {

    private static final Set<Gesture> SEEN = Set.of(Gesture.TAP);

    private HiddenGestures() {
    }

    static List<Finding> in(Grounds grounds) {
        List<Finding> findings = new ArrayList<>();
        for (Way way : grounds.prototype().index().ways()) {
            Optional<Screen> shown = way.from().stream().filter(s -> grounds.shown(s.id())).findFirst();
            if (shown.isEmpty() || !(way.link().cause() instanceof Cause.Touch touch) || SEEN.contains(touch.gesture()) || !grounds.fires(way.link().id())) {
                continue;
            }
            List<Effect> moves = way.link().effects().filter(Effect::isMove).toList();
            boolean elsewhere = moves.isEmpty() || grounds.prototype().index().waysOut(shown.get().id()).stream()
                    .filter(other -> other.link().cause() instanceof Cause.Touch t && SEEN.contains(t.gesture()))
                    .anyMatch(other -> moves.stream().allMatch(m -> other.link().effects().anyMatch(e -> leadsAlike(e, m))));
            if (!elsewhere) {
                findings.add(new Finding(Rule.HIDDEN_GESTURE_ONLY, Weight.NOTE, "On " + Words.screen(grounds.prototype(), shown.get().id()) + " only " + (touch.gesture() == Gesture.KEY ? "the " : touch.gesture().isOfEdge() ? "an " : "a ") + touch.word()
                        + way.hotspot().map(h -> " on " + Words.hotspot(grounds.prototype(), shown.get().id(), h)).orElse("") + " can " + LinkWords.effect(grounds.prototype(), moves.getFirst()) + ".", List.of(shown.get().id()), way.hotspot().map(Hotspot::id), Optional.of(way.link().id()),
                        grounds.walkTo(shown.get().id()), way.hotspot().map(h -> List.of(Fixes.tapToo(h, way.link()))).orElse(List.of())));
            }
        }
        return findings;
    }

    private static boolean leadsAlike(Effect a, Effect b) {
        return a.target().map(Target::id).equals(b.target().map(Target::id)) && (a.target().isPresent() || a.verb() == b.verb() || goesBack(a) && goesBack(b));
    }

    private static boolean goesBack(Effect effect) {
        return effect.verb() == Verb.RETURN || effect.verb() == Verb.CLOSE;
    }
}
