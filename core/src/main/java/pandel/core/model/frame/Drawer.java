package pandel.core.model.frame;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Colour;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Picture;

/**
 * A panel from an edge, with items.
 *
 * @param head words at its head, with placeholders; may be empty
 * @param picture at its head, over the words, as wide as the panel
 * @param panel where it is and how it comes
 * @param outside whether a tap beside it closes it
 * @param items in order; those of one section stand together
 * @param on where it is attached
 */
@RecordBuilder
public record Drawer(
        String id,
        String title,
        String head,
        Optional<Picture> picture,
        Panel panel,
        boolean outside,
        List<Item> items,
        Attached on,
        Rest rest)
        implements DrawerBuilder.With {

    /**
     * How drawer and page move: over the page; beneath a page that moves and shrinks; beside a page that moves; always
     * there where it is wide.
     */
    public enum Moves {
        COVERS,
        REVEALS,
        SHIFTS,
        STAYS;

        /** The word in the file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * How it looks and comes.
     *
     * @param width px, 1 or more; never more than the device is wide
     * @param from px of the device's width from which one that stays does so; where it is narrower, it covers
     * @param shade how dark the page gets while it is open, in hundredths, 0 to 100
     * @param reach px from the edge within which a swipe opens it; 0: none does
     * @param shrinks how large the page stays that reveals it, in hundredths, 40 to 100
     * @param ground #RRGGBB
     * @param ink of the items
     * @param chosen of the current one
     */
    @RecordBuilder
    public record Panel(
            PanelSide side,
            Moves moves,
            double width,
            int from,
            int shade,
            int reach,
            int shrinks,
            String ground,
            String ink,
            String chosen)
            implements DrawerPanelBuilder.With {
        /** From the left over the page. */
        public static final Panel USUAL =
                new Panel(PanelSide.LEFT, Moves.COVERS, 280, 1000, 45, 20, 85, "#FFFFFF", "#33414A", "#0E5668");
        /** Least hundredths to which a page shrinks. */
        public static final int LEAST_SHRUNK = 40;

        public Panel {
            Colour.require(ground, ink, chosen);
            if (!(width >= 1)
                    || from < 1
                    || reach < 0
                    || shade < 0
                    || shade > 100
                    || shrinks < LEAST_SHRUNK
                    || shrinks > 100) {
                throw new IllegalArgumentException(
                        "A drawer is 1 px wide or more, stays from 1 px on, is reached within 0 px or more, has a "
                                + "shade of 0 to 100, and shrinks the page to "
                                + LEAST_SHRUNK + " to 100 hundredths");
            }
        }
    }

    /**
     * One thing to choose.
     *
     * @param sign the name of its sign; empty: none
     * @param section over it, where it begins one; items of one section stand together; empty: none
     * @param held whether it is held at the bottom
     * @param does its effects: one branch, which has no outcome
     */
    @RecordBuilder
    public record Item(String id, String label, String sign, String section, boolean held, Branch does)
            implements DrawerItemBuilder.With {
        public Item {
            does = does.withOutcome(Optional.empty());
        }

        public String shownLabel() {
            return label.isBlank() ? "Untitled" : label;
        }

        /** The link that it is. */
        public Link link() {
            return new Link(id, new Cause.Item(), List.of(does), Rest.NONE);
        }
    }

    /**
     * Where it is attached.
     *
     * @param all to all screens of form page
     * @param screens ids of screens
     * @param tabSets ids of tab sets, anywhere inside of which it is
     */
    @RecordBuilder
    public record Attached(boolean all, Set<String> screens, Set<String> tabSets) {
        /** To all pages. */
        public static final Attached ALL = new Attached(true, Set.of(), Set.of());

        public Attached {
            screens = Collections.unmodifiableSet(new LinkedHashSet<>(screens));
            tabSets = Collections.unmodifiableSet(new LinkedHashSet<>(tabSets));
        }

        /** To some screens. */
        public static Attached to(List<String> screens) {
            return new Attached(false, new LinkedHashSet<>(screens), Set.of());
        }

        /** The same without some screens and tab sets. */
        public Attached without(Set<String> gone) {
            return new Attached(all, kept(screens, gone), kept(tabSets, gone));
        }

        private static Set<String> kept(Set<String> of, Set<String> gone) {
            Set<String> kept = new LinkedHashSet<>(of);
            kept.removeAll(gone);
            return kept;
        }
    }

    public Drawer {
        items = List.copyOf(items);
    }

    /** One that covers the page from the left. */
    public static Drawer of(String id, String title, List<Item> items, Attached on) {
        return new Drawer(id, title, "", Optional.empty(), Panel.USUAL, true, items, on, Rest.NONE);
    }

    public String shownTitle() {
        return title.isBlank() ? "Untitled" : title;
    }

    public Optional<Item> item(String itemId) {
        return items.stream().filter(i -> i.id().equals(itemId)).findFirst();
    }

    /** Whether it is always there on a device of some px width. */
    public boolean staysAt(double deviceWidth) {
        return panel.moves() == Moves.STAYS && deviceWidth >= panel.from();
    }

    /** How it moves on a device of some px width. */
    public Moves movesAt(double deviceWidth) {
        return panel.moves() == Moves.STAYS && !staysAt(deviceWidth) ? Moves.COVERS : panel.moves();
    }

    /** px it is wide on a device of some px width: never more than that. */
    public double widthAt(double deviceWidth) {
        return Math.min(panel.width(), deviceWidth);
    }

    /** The same with one item changed. */
    public Drawer withItem(String itemId, UnaryOperator<Item> change) {
        return withItems(items.stream()
                .map(i -> i.id().equals(itemId) ? change.apply(i) : i)
                .toList());
    }

    /** The same with the link of each item changed; an item whose link goes does nothing any more. */
    public Drawer withEachLink(Function<Link, Optional<Link>> change) {
        List<Item> changed = new ArrayList<>();
        for (Item item : items) {
            Branch does = change.apply(item.link())
                    .flatMap(l -> l.branches().stream().findFirst())
                    .orElse(Branch.of(List.of()));
            changed.add(does.equals(item.does()) ? item : item.withDoes(does));
        }
        return changed.equals(items) ? this : withItems(changed);
    }
}
