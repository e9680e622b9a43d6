package pandel.core.model.frame;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.PageTurn;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Colour;

/**
 * Ordered pages moved through by next, previous, dots and swipe. It is one place on a trail.
 *
 * @param pages ids of its screens in order; they have one form
 * @param swipes whether a sideways swipe turns the page
 * @param backs whether device back goes to the page before
 * @param laid what Pandel lays over its pages to turn them by
 * @param effects what turning to a page does besides showing it, by its screen's id; no moves
 * @param finish what next does on the last page: one branch without conditions and outcome; empty: nothing
 * @param skip what skipping does; empty: it cannot be skipped by what is laid over it
 */
@RecordBuilder
public record Sequence(
        String id,
        String title,
        List<String> pages,
        boolean swipes,
        boolean backs,
        Laid laid,
        Map<String, List<Effect>> effects,
        Optional<Link> finish,
        Optional<Link> skip,
        Rest rest)
        implements SequenceBuilder.With {

    /**
     * Signs and words at the foot of each page; empty words are not laid.
     *
     * @param dots one for each page
     * @param last stands in place of next on the last page
     * @param skip not on the last page
     * @param ink #RRGGBB
     */
    @RecordBuilder
    public record Laid(boolean dots, String previous, String next, String last, String skip, String ink)
            implements SequenceLaidBuilder.With {
        /** Nothing: the pictures have areas for it, or swipes do. */
        public static final Laid NOTHING = new Laid(false, "", "", "", "", "#1C2529");
        /** Dots, and a word for each thing. */
        public static final Laid USUAL = new Laid(true, "Back", "Next", "Done", "Skip", "#1C2529");

        public Laid {
            Colour.require(ink);
        }

        /** The words that go on: on the last page they may be others. */
        public String onward(boolean onLast) {
            return onLast && !last.isEmpty() ? last : next;
        }

        public boolean isEmpty() {
            return !dots && previous.isEmpty() && next.isEmpty() && last.isEmpty() && skip.isEmpty();
        }
    }

    public Sequence {
        pages = List.copyOf(pages);
        effects = effects.isEmpty() ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(effects));
        if (finish.isPresent()
                && (finish.get().branches().size() > 1
                        || finish.get().branches().stream()
                                .anyMatch(
                                        b -> !b.when().isEmpty() || b.outcome().isPresent()))) {
            throw new IllegalArgumentException(
                    "What finishes a sequence is one branch, without conditions and outcome");
        }
    }

    /** One that is swiped and has dots and words laid over it, and that leads nowhere yet. */
    public static Sequence of(String id, String title, List<String> pages) {
        return new Sequence(
                id, title, pages, true, true, Laid.USUAL, Map.of(), Optional.empty(), Optional.empty(), Rest.NONE);
    }

    public String shownTitle() {
        return title.isBlank() ? "Untitled" : title;
    }

    /**
     * The id of the link that turns to a page, whichever way that is done.
     *
     * @param page from 1
     */
    public String turnId(int page) {
        return id + "_" + page;
    }

    /** The links that its turns are: one for each page. They are not in the file. */
    public List<Link> turns() {
        List<Link> turns = new ArrayList<>();
        for (int page = 1; page <= pages.size(); page++) {
            turns.add(new Link(
                    turnId(page),
                    new Cause.Turn(),
                    List.of(Branch.of(Stream.concat(
                                    Stream.of(new Effect.TurnPage(new PageTurn.To(page))), effectsOf(page).stream())
                            .toList())),
                    Rest.NONE));
        }
        return turns;
    }

    /**
     * What turning to a page does besides showing it.
     *
     * @param page from 1
     */
    public List<Effect> effectsOf(int page) {
        return effects.getOrDefault(pages.get(page - 1), List.of());
    }

    /**
     * The same with a page that does something else besides being shown.
     *
     * @param page id of its screen
     */
    public Sequence withEffects(String page, List<Effect> others) {
        Map<String, List<Effect>> all = new TreeMap<>(effects);
        if (others.isEmpty()) {
            all.remove(page);
        } else {
            all.put(page, others);
        }
        return withEffects(all);
    }

    /** Its own links, in the file: finish and skip. */
    public List<Link> links() {
        return Stream.concat(finish.stream(), skip.stream()).toList();
    }

    /** Ids of the screens a link of its own can be set off on. */
    public List<String> pagesOf(Link link) {
        return pages.isEmpty()
                ? List.of()
                : link.cause() instanceof Cause.Finish ? List.of(pages.getLast()) : pages.subList(0, pages.size() - 1);
    }

    /** The same with its own links changed; one that comes to nothing is gone. */
    public Sequence withEachLink(UnaryOperator<List<Link>> change) {
        Map<String, List<Effect>> changed = new TreeMap<>();
        List<Link> turns = turns();
        for (int page = 1; page <= pages.size(); page++) {
            List<Effect> besides = Branch.besides(
                    change.apply(List.of(turns.get(page - 1))).stream().findFirst());
            if (!besides.isEmpty()) {
                changed.put(pages.get(page - 1), besides);
            }
        }
        return (changed.equals(effects) ? this : withEffects(changed))
                .withFinish(change.apply(finish.stream().toList()).stream().findFirst())
                .withSkip(change.apply(skip.stream().toList()).stream().findFirst());
    }
}
