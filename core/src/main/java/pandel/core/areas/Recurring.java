package pandel.core.areas;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import pandel.core.model.screen.Area;

/**
 * What stands alike on several pictures at the same place: the sign that leads back, that opens a menu, or a strip of
 * tabs. Only the upper edge and the foot are looked at; what repeats elsewhere is seldom a way.
 *
 * @param kind what it is
 * @param pictures the numbers of the pictures that have it, in order
 * @param areas in px of the mocks: one that holds the sign with its words on each picture, or one for each tab, from
 *     the left
 */
public record Recurring(Kind kind, List<Integer> pictures, List<Area> areas) {

    /**
     * The drawn strip that some pictures have in common, and which tab is the chosen one on each.
     *
     * @param areas one for each tab, from the left, in px of the mocks
     * @param chosen for each picture the number of the tab that is chosen on it, from 0; −1 where none stands out
     */
    public record DrawnTabs(List<Area> areas, List<Integer> chosen) {

        public DrawnTabs {
            areas = List.copyOf(areas);
            chosen = List.copyOf(chosen);
        }
    }

    /** The strip that all of some pictures of one width have; empty where one has none, or another. */
    public static Optional<DrawnTabs> tabs(List<Things> pictures) {
        List<Strip> strips = pictures.stream().flatMap(t -> t.strip().stream()).toList();
        if (pictures.isEmpty()
                || strips.size() < pictures.size()
                || !strips.stream().allMatch(strips.getFirst()::same)) {
            return Optional.empty();
        }
        return Optional.of(new DrawnTabs(
                pictures.getFirst().tabs(),
                strips.stream()
                        .map(s -> s.chosen(strips.stream().filter(o -> o != s).toList()))
                        .toList()));
    }

    /** What recurs. */
    public enum Kind {
        SIGN,
        STRIP
    }

    /** So far a sign may be moved up or down from one picture to the next, in px. */
    private static final int MOVED = 16;

    /** So far it may be apart sideways and in size, in px. */
    private static final int NEAR = 2;

    public Recurring {
        pictures = List.copyOf(pictures);
        areas = List.copyOf(areas);
    }

    /**
     * What recurs among pictures of one width.
     *
     * @param pictures what was found on each; null where a picture is not looked at yet or has another width
     * @param fewest on so many pictures something must stand
     */
    public static List<Recurring> among(
            List<? extends @org.jspecify.annotations.Nullable Things> pictures, int fewest) {
        List<Recurring> found = new ArrayList<>();
        List<List<Integer>> signs = new ArrayList<>();
        List<List<Marked>> marks = new ArrayList<>();
        List<List<Integer>> strips = new ArrayList<>();
        List<Strip> first = new ArrayList<>();
        for (int i = 0; i < pictures.size(); i++) {
            Things things = pictures.get(i);
            if (things == null) {
                continue;
            }
            for (Marked mark : things.marks()) {
                int group = group(marks, mark);
                if (group < 0) {
                    signs.add(new ArrayList<>(List.of(i)));
                    marks.add(new ArrayList<>(List.of(mark)));
                } else if (signs.get(group).getLast() != i) {
                    signs.get(group).add(i);
                    marks.get(group).add(mark);
                }
            }
            if (things.strip().isPresent()) {
                Strip strip = things.strip().get();
                int group = 0;
                while (group < first.size() && !first.get(group).same(strip)) {
                    group++;
                }
                if (group == first.size()) {
                    first.add(strip);
                    strips.add(new ArrayList<>());
                }
                strips.get(group).add(i);
            }
        }
        for (int g = 0; g < strips.size(); g++) {
            if (strips.get(g).size() >= fewest) {
                double pixel = Objects.requireNonNull(pictures.get(strips.get(g).getFirst()))
                        .pixel();
                found.add(new Recurring(
                        Kind.STRIP,
                        strips.get(g),
                        first.get(g).cells().stream().map(c -> c.area(pixel)).toList()));
            }
        }
        for (int g = 0; g < signs.size(); g++) {
            if (signs.get(g).size() >= fewest) {
                double pixel = Objects.requireNonNull(pictures.get(signs.get(g).getFirst()))
                        .pixel();
                Box all = marks.get(g).stream()
                        .map(Marked::area)
                        .reduce(Box::with)
                        .orElseThrow();
                found.add(new Recurring(Kind.SIGN, signs.get(g), List.of(all.area(pixel))));
            }
        }
        return found;
    }

    private static int group(List<List<Marked>> marks, Marked mark) {
        for (int g = 0; g < marks.size(); g++) {
            Marked other = marks.get(g).getFirst();
            if (Math.abs(other.sign().left() - mark.sign().left()) <= NEAR
                    && Math.abs(other.sign().top() - mark.sign().top()) <= MOVED
                    && other.sign().isAsLargeAs(mark.sign(), NEAR)
                    && Ink.same(other.ink(), mark.ink())) {
                return g;
            }
        }
        return -1;
    }
}
