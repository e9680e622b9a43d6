package pandel.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;
import pandel.core.model.Sequence;

/** Edits of sequences. */
public final class SequenceEdits {

    private SequenceEdits() {
    }

    /** Why screens cannot be pages of one sequence in that order; empty when they can. */
    public static Optional<String> whyNot(List<Screen> pages) {
        return pages.isEmpty() ? Optional.of("Choose the screens that are to be its pages, in their order.")
                : pages.stream().filter(p -> p.form() != pages.getFirst().form()).findFirst().map(p -> "“" + p.shownTitle() + "” is a " + p.form().word() + " and “"
                        + pages.getFirst().shownTitle() + "” a " + pages.getFirst().form().word() + "; the pages of a sequence have one form.");
    }

    /** Makes a sequence of screens in their order. */
    public static Edit make(Sequence sequence) {
        return Edit.of("make a sequence of " + sequence.pages().size() + " pages", p -> {
            List<Sequence> all = new ArrayList<>(p.sequences());
            all.add(sequence);
            return p.withSequences(all);
        });
    }

    /** Puts a changed sequence in the place of the one with its id. */
    public static Edit change(String name, Sequence sequence) {
        return Edit.of(name, p -> change(p, sequence.id(), s -> sequence));
    }

    /** Takes a sequence away with the links and entries that lead to it; its screens stay. */
    public static Edit remove(Sequence sequence) {
        return Edit.of("remove “" + sequence.shownTitle() + "”", p -> without(p, Set.of(sequence.id())));
    }

    static Prototype change(Prototype p, String id, UnaryOperator<Sequence> change) {
        return p.withSequences(p.sequences().stream().map(s -> s.id().equals(id) ? change.apply(s) : s).toList());
    }

    private static Prototype without(Prototype p, Set<String> gone) {
        Prototype unlinked = LinkEdits.dropLinksTo(p, gone);
        return unlinked.withSequences(unlinked.sequences().stream().filter(s -> !gone.contains(s.id())).toList())
                .withEntries(unlinked.entries().stream().filter(e -> !gone.contains(e.target().id())).toList());
    }

    /** Without screens among the pages, and without sequences that have no page left. */
    static Prototype withoutPages(Prototype p, Set<String> screens) {
        if (p.sequences().stream().noneMatch(s -> s.pages().stream().anyMatch(screens::contains))) {
            return p;
        }
        Set<String> empty = new HashSet<>();
        List<Sequence> left = new ArrayList<>();
        for (Sequence sequence : p.sequences()) {
            Sequence less = sequence.withPages(sequence.pages().stream().filter(page -> !screens.contains(page)).toList());
            left.add(less);
            if (less.pages().isEmpty()) {
                empty.add(less.id());
            }
        }
        return without(p.withSequences(left), empty);
    }

    /** Moves a page to another place in the order. @param from counted from 0  @param to counted from 0, after it was taken out */
    public static Edit move(Sequence sequence, int from, int to) {
        List<String> pages = new ArrayList<>(sequence.pages());
        pages.add(to, pages.remove(from));
        return change("move a page of “" + sequence.shownTitle() + "”", sequence.withPages(pages));
    }

    /** Takes a page out; a sequence without pages goes. @param at counted from 0 */
    public static Edit takeOut(Sequence sequence, int at) {
        List<String> pages = new ArrayList<>(sequence.pages());
        pages.remove(at);
        return pages.isEmpty() ? remove(sequence) : change("take a page out of “" + sequence.shownTitle() + "”", sequence.withPages(pages));
    }

    /** Puts screens behind the pages it has. */
    public static Edit add(Sequence sequence, List<Screen> screens) {
        List<String> pages = new ArrayList<>(sequence.pages());
        screens.forEach(s -> pages.add(s.id()));
        return change("add to “" + sequence.shownTitle() + "”", sequence.withPages(pages));
    }
}
