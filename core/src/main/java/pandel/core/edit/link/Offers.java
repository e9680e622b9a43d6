package pandel.core.edit.link;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;
import pandel.core.edit.Matching;
import pandel.core.model.Attachments;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.screen.Screen;

/** Which screens to offer as a target, the likeliest first. */
public final class Offers {

    private Offers() {}

    /**
     * Screens whose title has every typed word in it, as the start of a word or within one. First comes the very title
     * typed, then titles that begin with what was typed; then those like the hotspot's words; then screens not yet
     * shown; then the rest in file order.
     *
     * @param from id of the screen linked from, which comes last
     * @param words what stands on the hotspot; may be empty
     * @param unreached ids of the screens not yet shown
     * @param typed what was typed; may be empty
     */
    public static List<Screen> of(Prototype prototype, String from, String words, Set<String> unreached, String typed) {
        ToIntFunction<Screen> rank = screen -> {
            int start = Matching.rank(screen.title(), typed).orElseThrow();
            int like = alike(screen.title(), words) ? 0 : 1;
            int reached = unreached.contains(screen.id()) ? 0 : 1;
            int self = screen.id().equals(from) ? 1 : 0;
            // The very title that was typed is what is meant.
            int very = Matching.fold(screen.title())
                            .strip()
                            .equals(Matching.fold(typed).strip())
                    ? 0
                    : 1;
            return very * 64 + start * 16 + self * 8 + like * 2 + reached;
        };
        return prototype.screens().stream()
                .filter(s -> Matching.rank(s.title(), typed).isPresent())
                .sorted(Comparator.comparingInt(rank))
                .toList();
    }

    /** Sequences whose title has every typed word in it, the best first; those without pages are left out. */
    public static List<Sequence> sequences(Prototype prototype, String typed) {
        return titled(prototype.sequences().stream().filter(s -> !s.pages().isEmpty()), Sequence::title, typed);
    }

    /** Tab sets whose title has every typed word in it, the best first; those without tabs are left out. */
    public static List<TabSet> tabSets(Prototype prototype, String typed) {
        return titled(prototype.tabSets().stream().filter(s -> !s.tabs().isEmpty()), TabSet::title, typed);
    }

    /**
     * Drawers whose title has every typed word in it and that are, or may be, attached to a screen, the best first.
     *
     * @param from its id
     */
    public static List<Drawer> drawers(Prototype prototype, String from, String typed) {
        return titled(
                prototype.drawers().stream().filter(d -> Attachments.mayStandOn(prototype, d.on(), from)),
                Drawer::title,
                typed);
    }

    private static <F> List<F> titled(Stream<F> frames, Function<F, String> title, String typed) {
        return frames.filter(f -> Matching.rank(title.apply(f), typed).isPresent())
                .sorted(Comparator.comparingInt(
                        f -> Matching.rank(title.apply(f), typed).orElseThrow()))
                .toList();
    }

    /** Whether a screen of exactly that title exists. */
    public static boolean hasTitle(Prototype prototype, String title) {
        return prototype.screens().stream()
                .anyMatch(s -> Matching.fold(s.title())
                        .strip()
                        .equals(Matching.fold(title).strip()));
    }

    /** Titles are alike when they share a word of four letters or more. */
    public static boolean alike(String title, String words) {
        List<String> own = Matching.words(title);
        return Matching.words(words).stream()
                .filter(w -> w.length() >= 4)
                .anyMatch(w -> own.stream().anyMatch(o -> o.startsWith(w) || o.length() >= 4 && w.startsWith(o)));
    }
}
