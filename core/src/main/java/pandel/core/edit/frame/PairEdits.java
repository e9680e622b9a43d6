package pandel.core.edit.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.edit.Edit;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Pair;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;

/** Edits of pairs. */
public final class PairEdits {

    private PairEdits() {}

    /** Why screens cannot stand side by side; empty when they can. */
    public static Optional<String> whyNot(Prototype p, List<Screen> screens) {
        return screens.size() != 2
                ? Optional.of("Choose two screens: the list first, then its detail.")
                : screens.stream()
                        .filter(s -> s.form() != Form.PAGE)
                        .findFirst()
                        .map(s ->
                                "“" + s.shownTitle() + "” is a " + s.form().word() + "; only pages stand side by side.")
                        .or(() -> p.pairs().stream()
                                .filter(x -> x.list().equals(screens.getFirst().id())
                                        && x.detail().equals(screens.getLast().id()))
                                .findFirst()
                                .map(x -> "They stand side by side already."));
    }

    /** Puts a list beside its detail where it is wide. */
    public static Edit make(Pair pair) {
        return Edit.of("put a list beside its detail", p -> {
            List<Pair> all = new ArrayList<>(p.pairs());
            all.add(pair);
            return p.withPairs(all);
        });
    }

    /** Puts a changed pair in the place of the one with its id. */
    public static Edit change(String name, Pair pair) {
        return Edit.of(
                name,
                p -> p.withPairs(p.pairs().stream()
                        .map(x -> x.id().equals(pair.id()) ? pair : x)
                        .toList()));
    }

    /** Takes a pair away; its screens stay. */
    public static Edit remove(Pair pair) {
        return Edit.of(
                "show a list and its detail apart",
                p -> p.withPairs(p.pairs().stream()
                        .filter(x -> !x.id().equals(pair.id()))
                        .toList()));
    }

    /** Without pairs of which a screen is gone. */
    public static Prototype without(Prototype p, Set<String> gone) {
        return p.pairs().stream().noneMatch(x -> gone.contains(x.list()) || gone.contains(x.detail()))
                ? p
                : p.withPairs(p.pairs().stream()
                        .filter(x -> !gone.contains(x.list()) && !gone.contains(x.detail()))
                        .toList());
    }
}
