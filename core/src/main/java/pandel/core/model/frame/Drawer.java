package pandel.core.model.frame;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
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
     * @param share of the device's width, in hundredths, 1 to 100, in place of a width in px; 0: none
     * @param gap px between it and the edges of the device, 0 to 80
     * @param shadow px that its shadow is wide, 0 to 60
     * @param rests px from the drawer at which a page rests that moves with it, −200 to 200
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
            int share,
            double gap,
            double shadow,
            double rests,
            int from,
            int shade,
            int reach,
            int shrinks,
            String ground,
            String ink,
            String chosen)
            implements DrawerPanelBuilder.With {
        /** From the left over the page. */
        public static final Panel USUAL = new Panel(
                PanelSide.LEFT, Moves.COVERS, 280, 0, 0, 0, 0, 1000, 45, 20, 85, "#FFFFFF", "#33414A", "#0E5668");
        /** Least hundredths to which a page shrinks. */
        public static final int LEAST_SHRUNK = 40;

        public static final int MOST_GAP = 80;
        public static final int MOST_SHADOW = 60;
        public static final int MOST_REST = 200;

        public Panel {
            Colour.require(ground, ink, chosen);
            if (!(width >= 1)
                    || share < 0
                    || share > 100
                    || !(gap >= 0 && gap <= MOST_GAP)
                    || !(shadow >= 0 && shadow <= MOST_SHADOW)
                    || !(Math.abs(rests) <= MOST_REST)
                    || from < 1
                    || reach < 0
                    || shade < 0
                    || shade > 100
                    || shrinks < LEAST_SHRUNK
                    || shrinks > 100) {
                throw new IllegalArgumentException(
                        "A drawer is 1 px wide or more, or takes 1 to 100 hundredths of the width; it has a gap of 0 to "
                                + MOST_GAP + " px, a shadow of 0 to " + MOST_SHADOW + " px, the page rests −"
                                + MOST_REST
                                + " to " + MOST_REST
                                + " px from it; it stays from 1 px on, is reached within 0 px or more, has a "
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

    /** px it is wide on a device of some px width: never more than that, less the gaps at its sides. */
    public double widthAt(double deviceWidth) {
        double wide = panel.share() > 0 ? Math.rint(deviceWidth * panel.share() / 100.0) : panel.width();
        return Math.max(1, Math.min(wide, deviceWidth - 2 * panel.gap()));
    }

    /** px it takes of a device of some px width, with the gaps at its sides. */
    public double roomAt(double deviceWidth) {
        return widthAt(deviceWidth) + 2 * panel.gap();
    }

    /** The same with one item changed. */
    public Drawer withItem(String itemId, UnaryOperator<Item> change) {
        return withItems(items.stream()
                .map(i -> i.id().equals(itemId) ? change.apply(i) : i)
                .toList());
    }

    /** Without screens and tab sets that are gone. */
    public Drawer without(Set<String> gone) {
        Attached less = on.without(gone);
        return less.equals(on) ? this : withOn(less);
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
