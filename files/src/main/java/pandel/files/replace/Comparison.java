package pandel.files.replace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Picture;
import pandel.files.gather.FileTitle;
import pandel.files.replace.Pairing.Kind;

/** Finds which picture that came goes with which one that was had: by content, then by name, then by how they look. */
public final class Comparison {

    /** Share of differing bits up to which two pictures are taken for versions of one. */
    public static final double ALIKE = 0.22;

    private final Function<Picture, Optional<Likeness>> look;
    private final List<Had> had;
    private final List<Came> came;
    private final List<Pairing> pairs = new ArrayList<>();

    /** How much more alike than the next best a picture is that is taken for a newer one unasked. */
    private static final double MARGIN = 0.04;
    /** The share of what is drawn that it has in common with it then. */
    private static final double COMMON = 0.5;

    private static final double SAME_WIDTH = 1.03;

    /** @param common share of what is drawn that both have */
    private record Candidate(Had had, Came came, double distance, double common) {

        private boolean fits() {
            double a = had.picture().width();
            double b = came.picture().width();
            return Math.max(a, b) <= Math.min(a, b) * SAME_WIDTH;
        }
    }

    private Comparison(List<Had> had, List<Came> came, Function<Picture, Optional<Likeness>> look) {
        this.had = new ArrayList<>(had);
        this.came = new ArrayList<>(came);
        this.look = look;
    }

    /** All pictures of a prototype, screen by screen. */
    public static List<Had> had(Prototype prototype) {
        return prototype.screens().stream()
                .flatMap(s -> s.allMocks().filter(Picture.class::isInstance).map(m -> new Had(s, (Picture) m)))
                .toList();
    }

    /**
     * Pairs what was had with what came: every one of both stands in exactly one pairing. The order is that of the
     * screens, what is new last.
     *
     * @param look how a picture looks; asked only for those that neither content nor name settle
     */
    public static List<Pairing> of(List<Had> had, List<Came> came, Function<Picture, Optional<Likeness>> look) {
        Comparison comparison = new Comparison(had, came, look);
        comparison.pair(comparison::sameContent);
        comparison.pair(
                (h, c) -> name(h.picture().source()).equals(name(c.picture().source())));
        comparison.pair((h, c) -> h.picture().on() == c.picture().on()
                && title(h.picture().source()).equals(title(c.picture().source())));
        comparison.byLook();
        comparison.had.forEach(h -> comparison.pairs.add(Pairing.gone(h)));
        comparison.came.forEach(c -> comparison.pairs.add(Pairing.fresh(c)));
        Comparator<Pairing> asScreens =
                Comparator.comparingInt(p -> p.had().map(had::indexOf).orElse(had.size()));
        return comparison.pairs.stream().sorted(asScreens).toList();
    }

    /**
     * The same without pictures of other looks and widths that nothing came for: a folder of plain pictures says
     * nothing of them.
     */
    public static List<Pairing> withoutAsides(List<Pairing> pairings) {
        return pairings.stream()
                .filter(p -> p.kind() != Kind.GONE
                        || p.had()
                                .filter(h -> h.screen().mocks().stream()
                                        .findFirst()
                                        .filter(h.picture()::equals)
                                        .isPresent())
                                .isPresent())
                .toList();
    }

    private interface Match {
        boolean goWith(Had had, Came came);
    }

    private boolean sameContent(Had h, Came c) {
        return h.picture().content().equals(c.picture().content());
    }

    private void pair(Match match) {
        for (Had h : List.copyOf(had)) {
            came.stream().filter(c -> match.goWith(h, c)).findFirst().ifPresent(c -> put(h, c));
        }
    }

    private void put(Had h, Came c) {
        boolean sameName = name(h.picture().source()).equals(name(c.picture().source()))
                || title(h.picture().source()).equals(title(c.picture().source()));
        Kind kind = sameContent(h, c) ? sameName ? Kind.SAME : Kind.RENAMED : sameName ? Kind.CHANGED : Kind.RENAMED;
        pairs.add(Pairing.of(kind, h, c));
        had.remove(h);
        came.remove(c);
    }

    /** The most alike first, each once. */
    private void byLook() {
        List<Candidate> candidates = new ArrayList<>();
        for (Had h : had) {
            Optional<Likeness> old = look.apply(h.picture());
            for (Came c : came) {
                Optional<Likeness> fresh = look.apply(c.picture());
                if (old.isPresent()
                        && fresh.isPresent()
                        && h.picture().on() == c.picture().on()) {
                    candidates.add(new Candidate(
                            h,
                            c,
                            old.get().distance(fresh.get()),
                            old.get().drawn().sharedWith(fresh.get().drawn())));
                }
            }
        }
        Set<Object> taken = new LinkedHashSet<>();
        candidates.stream()
                .filter(p -> p.distance() <= ALIKE)
                .sorted(Comparator.comparingDouble(Candidate::distance))
                .forEach(p -> {
                    if (!taken.contains(p.had()) && !taken.contains(p.came())) {
                        taken.add(p.had());
                        taken.add(p.came());
                        if (isClear(p, candidates)) {
                            put(p.had(), p.came());
                        } else {
                            pairs.add(Pairing.of(Kind.PERHAPS, p.had(), p.came()));
                            had.remove(p.had());
                            came.remove(p.came());
                        }
                    }
                });
    }

    /**
     * Whether a picture is clearly more like another than the next best of either, is as wide, and shows the same
     * things.
     */
    private static boolean isClear(Candidate best, List<Candidate> all) {
        return best.fits()
                && best.common() >= COMMON
                && all.stream()
                        .filter(c -> c != best && (c.had() == best.had() || c.came() == best.came()))
                        .allMatch(c ->
                                c.distance() >= best.distance() + MARGIN || c.common() + COMMON / 2 <= best.common());
    }

    private static String name(String source) {
        return source.toLowerCase(Locale.ROOT);
    }

    /** The words of a file name: a number before them or another scale is no other name. */
    public static String title(String source) {
        return FileTitle.of(source).title().toLowerCase(Locale.ROOT);
    }
}
