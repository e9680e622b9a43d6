package pandel.core.edit.frame;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import pandel.core.edit.EachLink;
import pandel.core.edit.Edit;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Effect;
import pandel.core.model.link.PageTurn;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Source;

/** Edits of sequences. */
public final class SequenceEdits {

    private SequenceEdits() {}

    /** Why screens cannot be pages of one sequence in that order; empty when they can. */
    public static Optional<String> whyNot(List<Screen> pages) {
        return pages.isEmpty()
                ? Optional.of("Choose the screens that are to be its pages, in their order.")
                : pages.stream()
                        .filter(p -> p.form() != pages.getFirst().form())
                        .findFirst()
                        .map(p -> "“" + p.shownTitle() + "” is a " + p.form().word() + " and “"
                                + pages.getFirst().shownTitle() + "” a "
                                + pages.getFirst().form().word() + "; the pages of a sequence have one form.");
    }

    /**
     * Makes a sequence of screens in their order. Moves on from one of its pages to another become turns of the page,
     * and what leads to a page from elsewhere leads to the sequence at that page; so does the main entry.
     */
    public static Edit make(Sequence sequence) {
        return Edit.of("make a sequence of " + sequence.pages().size() + " pages", p -> {
            List<Sequence> all = new ArrayList<>(p.sequences());
            all.add(sequence);
            Set<String> turning =
                    turning(p, sequence).stream().map(w -> w.link().id()).collect(Collectors.toSet());
            Prototype taken = EachLink.effects(
                    p,
                    (link, e) -> turning.contains(link.id())
                                    && EachLink.isStep(e)
                                    && e.target()
                                            .filter(t -> sequence.pages().contains(t.id()))
                                            .isPresent()
                            ? new Effect.TurnPage(new PageTurn.To(page(sequence, e)))
                            : leading(sequence, e));
            return taken.withSequences(all)
                    .withEntries(p.entries().stream()
                            .map(e -> e.target() instanceof Target.ToScreen to
                                            && sequence.pages().contains(to.id())
                                    ? e.leadingTo(at(sequence, sequence.pages().indexOf(to.id()) + 1, Map.of()))
                                    : e)
                            .toList());
        });
    }

    /**
     * The links that become turns when a sequence is made: those that stand on its pages alone and go on to another of
     * them.
     */
    public static List<Way> turning(Prototype p, Sequence sequence) {
        return p.index().ways().stream()
                .filter(w -> standsOnPages(w, sequence))
                .filter(w -> w.link()
                        .effects()
                        .anyMatch(e -> EachLink.isStep(e)
                                && e.target()
                                        .filter(t -> sequence.pages().contains(t.id()))
                                        .isPresent()))
                .toList();
    }

    private static boolean standsOnPages(Way way, Sequence sequence) {
        return !way.from().isEmpty()
                && way.from().stream().allMatch(s -> sequence.pages().contains(s.id()));
    }

    private static int page(Sequence sequence, Effect effect) {
        return sequence.pages().indexOf(effect.target().orElseThrow().id()) + 1;
    }

    /**
     * An effect that leads to the sequence where it led to one of its pages; what returns to a page finds it there as
     * before.
     */
    private static Effect leading(Sequence sequence, Effect effect) {
        return effect instanceof Effect.ReturnTo
                ? effect
                : effect.target()
                        .filter(Target.ToScreen.class::isInstance)
                        .filter(t -> sequence.pages().contains(t.id()))
                        .map(t -> effect.leadingTo(at(sequence, page(sequence, effect), t.values())))
                        .orElse(effect);
    }

    private static Target at(Sequence sequence, int page, Map<String, Source> values) {
        return new Target.ToSequence(sequence.id(), page == 1 ? Optional.empty() : Optional.of(page), values);
    }

    /** Puts a changed sequence in the place of the one with its id. */
    public static Edit change(String name, Sequence sequence) {
        return Edit.of(name, p -> change(p, sequence.id(), s -> sequence));
    }

    /** Takes a sequence away with the links and entries that lead to it; its screens stay. */
    public static Edit remove(Sequence sequence) {
        return Edit.of("remove “" + sequence.shownTitle() + "”", p -> without(p, Set.of(sequence.id())));
    }

    public static Prototype change(Prototype p, String id, UnaryOperator<Sequence> change) {
        return p.withSequences(p.sequences().stream()
                .map(s -> s.id().equals(id) ? change.apply(s) : s)
                .toList());
    }

    private static Prototype without(Prototype p, Set<String> gone) {
        Prototype unlinked = EachLink.dropLinksTo(p, gone);
        return TabSetEdits.withoutRoots(
                        unlinked.withSequences(unlinked.sequences().stream()
                                .filter(s -> !gone.contains(s.id()))
                                .toList()),
                        gone)
                .withEntries(unlinked.entries().stream()
                        .filter(e -> !gone.contains(e.target().id()))
                        .toList());
    }

    /** Without screens among the pages, and without sequences that have no page left. */
    public static Prototype withoutPages(Prototype p, Set<String> screens) {
        if (p.sequences().stream().noneMatch(s -> s.pages().stream().anyMatch(screens::contains))) {
            return p;
        }
        Set<String> empty = new HashSet<>();
        Prototype led = p;
        for (Sequence sequence : p.sequences()) {
            List<Integer> kept = IntStream.range(0, sequence.pages().size())
                    .filter(i -> !screens.contains(sequence.pages().get(i)))
                    .boxed()
                    .toList();
            if (kept.isEmpty() && !sequence.pages().isEmpty()) {
                empty.add(sequence.id());
            } else {
                led = following(led, sequence, kept);
            }
        }
        return without(led, empty);
    }

    /**
     * Moves a page to another place in the order.
     *
     * @param from counted from 0
     * @param to counted from 0, after it was taken out
     */
    public static Edit move(Sequence sequence, int from, int to) {
        List<Integer> order = numbers(sequence);
        Integer page = order.get(from);
        order.subList(from, from + 1).clear();
        order.add(to, page);
        return Edit.of("move a page of “" + sequence.shownTitle() + "”", p -> following(p, sequence, order));
    }

    /**
     * Takes a page out; a sequence without pages goes.
     *
     * @param at counted from 0
     */
    public static Edit takeOut(Sequence sequence, int at) {
        List<Integer> kept = numbers(sequence);
        kept.subList(at, at + 1).clear();
        return kept.isEmpty()
                ? remove(sequence)
                : Edit.of("take a page out of “" + sequence.shownTitle() + "”", p -> following(p, sequence, kept));
    }

    private static List<Integer> numbers(Sequence sequence) {
        return new ArrayList<>(
                IntStream.range(0, sequence.pages().size()).boxed().toList());
    }

    /**
     * The sequence with some of its pages in an order, and what leads to a page by its number following it; what led to
     * one that is gone leads to the next, and what leads to its start still does.
     *
     * @param kept counted from 0 as they were
     */
    private static Prototype following(Prototype p, Sequence sequence, List<Integer> kept) {
        Map<Integer, Integer> now = new HashMap<>();
        for (int i = 0; i < sequence.pages().size(); i++) {
            int number = i;
            int at = kept.indexOf(i);
            now.put(
                    i + 1,
                    at >= 0
                            ? at + 1
                            : Math.clamp(
                                    1 + kept.stream().filter(k -> k < number).count(), 1, Math.max(1, kept.size())));
        }
        Set<String> turns = p.index().ways().stream()
                .filter(w -> standsOnPages(w, sequence))
                .map(w -> w.link().id())
                .collect(Collectors.toSet());
        Prototype turned = EachLink.effects(
                p,
                (link, e) -> e instanceof Effect.TurnPage turn
                                && turn.turn() instanceof PageTurn.To to
                                && turns.contains(link.id())
                        ? new Effect.TurnPage(new PageTurn.To(now.getOrDefault(to.number(), to.number())))
                        : e);
        return change(
                EachLink.targets(turned, t -> at(sequence, t, now)),
                sequence.id(),
                s -> s.withPages(kept.stream().map(sequence.pages()::get).toList()));
    }

    private static Target at(Sequence sequence, Target target, Map<Integer, Integer> now) {
        return target instanceof Target.ToSequence to
                        && to.id().equals(sequence.id())
                        && to.page().filter(now::containsKey).isPresent()
                ? new Target.ToSequence(to.id(), to.page().map(now::get), to.values())
                : target;
    }

    /** Puts screens behind the pages it has. */
    public static Edit add(Sequence sequence, List<Screen> screens) {
        List<String> pages = new ArrayList<>(sequence.pages());
        screens.forEach(s -> pages.add(s.id()));
        return change("add to “" + sequence.shownTitle() + "”", sequence.withPages(pages));
    }
}
