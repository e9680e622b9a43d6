package pandel.desktop.mocks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.screen.Screen;
import pandel.desktop.theme.TextSize;

/**
 * Where cards stand: a band for each section, rows of cards in it, the entry first. Lengths are px of the interface.
 *
 * @param bands from the top; one without a section comes where its first screen does
 * @param spots of the cards of unfolded bands, in reading order
 * @param height of all
 */
record GalleryLayout(List<Band> bands, List<Spot> spots, double height, Cell cell) {

    static final double SIDE = 20;
    private static final double TOP = 4;
    private static final double BOTTOM = 24;
    private static final double GAP = 12;
    private static final double ROW_GAP = 16;
    private static final double USUAL_HEAD = 32;

    /**
     * A card's size.
     *
     * @param mockWide px for its mock in width
     * @param mockHigh px for its mock in height
     */
    record Cell(double mockWide, double mockHigh) {
        private static final double BESIDE = 16;
        private static final double BELOW = 88;

        double width() {
            return mockWide + BESIDE;
        }

        double height() {
            return mockHigh + TextSize.px(BELOW);
        }

        /** As large as so many in a row are that fill a width; the same where that has no room for one. */
        private Cell filling(double width, int columns) {
            double wide = Math.floor((width - 2 * SIDE + GAP) / columns - GAP) - BESIDE;
            return wide > 0 && width > 2 * SIDE + width()
                    ? new Cell(wide, Math.rint(mockHigh * wide / mockWide))
                    : this;
        }
    }

    /** A section's heading and what is under it; without headings there is one band of height 0. */
    record Band(String section, int screens, boolean folded, double y, double bottom) {}

    record Spot(Screen screen, double x, double y) {}

    /** The height of a section's heading. */
    static double head() {
        return TextSize.px(USUAL_HEAD);
    }

    /** What a card is dropped into: a section, before a screen or at its end. */
    record Drop(String section, Optional<String> before, double x, double y) {}

    /** @param usual about how large a card is; cards fill the width */
    static GalleryLayout of(
            Prototype prototype, Predicate<Screen> shown, Set<String> folded, double width, Cell usual) {
        Map<String, List<Screen>> sections = sections(prototype, shown);
        boolean heads = sections.size() > 1 || sections.keySet().stream().anyMatch(s -> !s.isEmpty());
        int columns = (int) Math.max(1, Math.rint((width - 2 * SIDE + GAP) / (usual.width() + GAP)));
        Cell cell = usual.filling(width, columns);
        List<Band> bands = new ArrayList<>();
        List<Spot> spots = new ArrayList<>();
        double y = TOP;
        for (Map.Entry<String, List<Screen>> section : sections.entrySet()) {
            double from = y;
            boolean isFolded = heads && folded.contains(section.getKey());
            y += heads ? head() : 0;
            List<Screen> screens = section.getValue();
            for (int i = 0; i < screens.size() && !isFolded; i++) {
                spots.add(new Spot(
                        screens.get(i),
                        SIDE + i % columns * (cell.width() + GAP),
                        y + Math.floorDiv(i, columns) * (cell.height() + ROW_GAP)));
            }
            y += isFolded ? GAP : Math.ceilDiv(screens.size(), columns) * (cell.height() + ROW_GAP);
            bands.add(new Band(section.getKey(), screens.size(), isFolded, heads ? from : -head(), y));
        }
        return new GalleryLayout(List.copyOf(bands), List.copyOf(spots), y + BOTTOM, cell);
    }

    private static Map<String, List<Screen>> sections(Prototype prototype, Predicate<Screen> shown) {
        Map<String, List<Screen>> sections = new LinkedHashMap<>();
        Optional<Screen> entry = prototype.mainEntry().flatMap(e -> Targets.shown(prototype, e.target()));
        entry.filter(shown)
                .ifPresent(e -> sections.computeIfAbsent(e.section(), s -> new ArrayList<>())
                        .add(e));
        prototype.screens().stream()
                .filter(shown)
                .filter(s -> entry.filter(e -> e == s).isEmpty())
                .forEach(s -> sections.computeIfAbsent(s.section(), n -> new ArrayList<>())
                        .add(s));
        return sections;
    }

    /** The nearest height further down where nothing is cut off at the top: right above a row, or a heading. */
    double whole(double top) {
        return spots.stream()
                .mapToDouble(s -> s.y() - (isFirstRow(s) ? head() + TOP : GAP))
                .filter(y -> y >= top)
                .min()
                .orElse(top);
    }

    private boolean isFirstRow(Spot spot) {
        return bands.stream().anyMatch(b -> b.y() + head() == spot.y());
    }

    Optional<Spot> spot(String screen) {
        return spots.stream().filter(s -> s.screen().id().equals(screen)).findFirst();
    }

    /** The card so many further in reading order, or the last or first. */
    Optional<Spot> along(String screen, int by) {
        int at = spot(screen).map(spots::indexOf).orElse(by > 0 ? -1 : spots.size());
        return spots.isEmpty() ? Optional.empty() : Optional.of(spots.get(Math.clamp(at + by, 0, spots.size() - 1)));
    }

    /** Ids of all cards from one to another in reading order, the other last. */
    List<String> between(String from, String to) {
        int a = spot(from).map(spots::indexOf).orElse(0);
        int b = spot(to).map(spots::indexOf).orElse(a);
        List<String> ids = new ArrayList<>(spots.subList(Math.min(a, b), Math.max(a, b) + 1).stream()
                .map(s -> s.screen().id())
                .toList());
        ids.remove(to);
        ids.add(to);
        return ids;
    }

    /** The card below (by 1) or above (by −1), the nearest sideways. */
    Optional<Spot> across(String screen, int by) {
        Optional<Spot> from = spot(screen);
        if (from.isEmpty()) {
            return along(screen, by);
        }
        double y = from.get().y();
        Comparator<Spot> nearest = Comparator.<Spot>comparingDouble(s -> Math.abs(s.y() - y))
                .thenComparingDouble(s -> Math.abs(s.x() - from.get().x()));
        return spots.stream()
                .filter(s -> by > 0 ? s.y() > y : s.y() < y)
                .min(nearest)
                .or(() -> from);
    }

    /** Where a card let go at a point would come to stand. */
    Optional<Drop> dropAt(double x, double y) {
        Optional<Band> band = bands.stream()
                .filter(b -> y < b.bottom())
                .findFirst()
                .or(() -> bands.isEmpty() ? Optional.empty() : Optional.of(bands.getLast()));
        return band.map(b -> {
            List<Spot> within = spots.stream()
                    .filter(s -> s.screen().section().equals(b.section()))
                    .toList();
            for (Spot spot : within) {
                boolean rowAbove = spot.y() + cell.height() + ROW_GAP <= y;
                if (!rowAbove && spot.x() + cell.width() / 2 > x || spot.y() > y) {
                    return new Drop(b.section(), Optional.of(spot.screen().id()), spot.x() - GAP / 2, spot.y());
                }
            }
            Optional<Spot> last = within.isEmpty() ? Optional.empty() : Optional.of(within.getLast());
            return new Drop(
                    b.section(),
                    Optional.empty(),
                    last.map(s -> s.x() + cell.width() + GAP / 2).orElse(SIDE),
                    last.map(Spot::y).orElse(b.y() + head()));
        });
    }
}
