package pandel.core.model.frame;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import pandel.core.model.device.Width;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Colour;

/**
 * Places side by side behind one strip, each tab with a trail of its own.
 *
 * @param first id of the tab that a new visit starts at; empty, or one that is not there: the first of them
 * @param keeps whether each tab's trail survives while another is shown
 * @param backs whether return at another tab's root leads to the first tab
 * @param swipes whether a sideways swipe shows the tab beside, where the strip shows
 * @param strip how its strip looks
 * @param hiddenOn ids of the screens that hide the strip
 * @param button one that floats over its places, where the strip shows; empty: none
 */
@RecordBuilder
public record TabSet(
        String id,
        String title,
        List<Tab> tabs,
        String first,
        boolean keeps,
        boolean backs,
        boolean swipes,
        Strip strip,
        Set<String> hiddenOn,
        Optional<Floating> button,
        Rest rest)
        implements TabSetBuilder.With {

    /**
     * One tab.
     *
     * @param label may be empty
     * @param sign the name of its sign; empty: none
     * @param effects what choosing it does besides showing it; no moves
     * @param root what stands first in it: a screen, a sequence, or a tab set that is not in another
     */
    @RecordBuilder
    public record Tab(String id, String label, String sign, List<Effect> effects, Target root)
            implements TabSetTabBuilder.With {
        public Tab {
            effects = List.copyOf(effects);
        }

        /** One that does nothing besides. */
        public Tab(String id, String label, String sign, Target root) {
            this(id, label, sign, List.of(), root);
        }

        public String shownLabel() {
            return label.isBlank() ? "Untitled" : label;
        }
    }

    /**
     * Where the strip stands, and how it looks.
     *
     * @param looks by width; one that is not there is a strip at its edge
     * @param ground #RRGGBB
     * @param ink of the tabs
     * @param chosen of the tab that is shown
     * @param sizes how large it is
     */
    @RecordBuilder
    public record Strip(
            Edge edge, Labels labels, Map<Width, Side> looks, String ground, String ink, String chosen, Sizes sizes)
            implements TabSetStripBuilder.With {
        /** At the foot, with all labels. */
        public static final Strip USUAL =
                new Strip(Edge.BOTTOM, Labels.ALL, Map.of(), "#FFFFFF", "#5B6670", "#0E5668", Sizes.USUAL);

        public Strip {
            Colour.require(ground, ink, chosen);
            Map<Width, Side> sorted = new EnumMap<>(Width.class);
            looks.forEach((width, side) -> {
                if (side != Side.STRIP) {
                    sorted.put(width, side);
                }
            });
            looks = Collections.unmodifiableMap(sorted);
        }

        /** How it looks on a width; one that is drawn on the pictures is always a strip. */
        public Side on(Width width) {
            return edge == Edge.DRAWN ? Side.STRIP : looks.getOrDefault(width, Side.STRIP);
        }

        public Strip withLook(Width width, Side side) {
            Map<Width, Side> all = new EnumMap<>(Width.class);
            all.putAll(looks);
            all.put(width, side);
            return withLooks(all);
        }
    }

    /**
     * How large a strip is, in px of the device, and what lies behind the sign of the tab that is shown.
     *
     * @param height along an edge, 24 to 160; 0: as is usual for its labels
     * @param gap between two tabs, 0 to 80
     * @param padding before the first tab and behind the last, 0 to 200
     * @param sign each side of a sign, 8 to 64
     * @param behind #RRGGBB of the ground behind the shown tab; empty: none
     */
    @RecordBuilder
    public record Sizes(double height, double gap, double padding, double sign, String behind)
            implements TabSetSizesBuilder.With {
        public static final Sizes USUAL = new Sizes(0, 0, 0, 22, "");
        public static final int LOWEST = 24;
        public static final int HIGHEST = 160;
        public static final int MOST_GAP = 80;
        public static final int MOST_PADDING = 200;
        public static final int LEAST_SIGN = 8;
        public static final int MOST_SIGN = 64;

        public Sizes {
            if (!behind.isEmpty()) {
                Colour.require(behind);
            }
            if (!(height == 0 || height >= LOWEST && height <= HIGHEST)
                    || !(gap >= 0 && gap <= MOST_GAP)
                    || !(padding >= 0 && padding <= MOST_PADDING)
                    || !(sign >= LEAST_SIGN && sign <= MOST_SIGN)) {
                throw new IllegalArgumentException("A strip is " + LOWEST + " to " + HIGHEST
                        + " px high (0: as usual), has gaps of 0 to " + MOST_GAP + " px, a padding of 0 to "
                        + MOST_PADDING + " px and signs of " + LEAST_SIGN + " to " + MOST_SIGN + " px");
            }
        }
    }

    /**
     * Where a button floats: in a corner or at the foot of the page; beside the tabs of a strip at the side; nowhere.
     */
    public enum At {
        LOWER_RIGHT,
        LOWER_MIDDLE,
        LOWER_LEFT,
        UPPER_RIGHT,
        UPPER_LEFT,
        /** Above the tabs at the side. */
        HEAD,
        /** Beneath the tabs at the side. */
        FOOT,
        ABSENT;

        /** The word in the file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }

        /** Whether it stands among the tabs at the side. */
        public boolean isAmongTabs() {
            return this == HEAD || this == FOOT;
        }
    }

    /**
     * A button that floats over the places of a set.
     *
     * @param link what a tap on it does
     * @param at where it floats with each look of the strip; one that is not there: in the lower right corner
     * @param size px each side, 24 to 120
     */
    @RecordBuilder
    public record Floating(Link link, String sign, Map<Side, At> at, double size)
            implements TabSetFloatingBuilder.With {
        public static final double USUAL_SIZE = 56;
        public static final int SMALLEST = 24;
        public static final int LARGEST = 120;

        public Floating {
            Map<Side, At> sorted = new EnumMap<>(Side.class);
            at.forEach((look, where) -> {
                if (where != At.LOWER_RIGHT) {
                    sorted.put(look, where);
                }
            });
            at = Collections.unmodifiableMap(sorted);
            if (!(size >= SMALLEST && size <= LARGEST)) {
                throw new IllegalArgumentException(
                        "A button that floats is " + SMALLEST + " to " + LARGEST + " px a side");
            }
        }

        /** One in the lower right corner. */
        public Floating(Link link, String sign) {
            this(link, sign, Map.of(), USUAL_SIZE);
        }

        /** Where it floats with a look of the strip; what is not at the side has nothing among its tabs. */
        public At on(Side look) {
            At where = at.getOrDefault(look, At.LOWER_RIGHT);
            return look == Side.STRIP && where.isAmongTabs() ? At.LOWER_RIGHT : where;
        }

        /** Somewhere else with a look of the strip. */
        public Floating on(Side look, At where) {
            Map<Side, At> all = new EnumMap<>(Side.class);
            all.putAll(at);
            all.put(look, where);
            return withAt(all);
        }
    }

    /** Where the strip stands; on the picture it is drawn already, and its areas are tapped. */
    public enum Edge {
        TOP,
        BOTTOM,
        DRAWN;

        /** The word in the file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** How a strip looks on a width: along its edge; at the side, with signs alone; at the side, a list with labels. */
    public enum Side {
        STRIP,
        SIDE_SIGNS,
        SIDE_LIST;

        /** The word in the file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    /** Which tabs show their labels. */
    public enum Labels {
        ALL,
        CHOSEN,
        NONE;

        /** The word in the file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public TabSet {
        tabs = List.copyOf(tabs);
        hiddenOn = Collections.unmodifiableSet(new LinkedHashSet<>(hiddenOn));
    }

    /** One that keeps each tab's trail, with its strip at the foot. */
    public static TabSet of(String id, String title, List<Tab> tabs) {
        return new TabSet(id, title, tabs, "", true, true, false, Strip.USUAL, Set.of(), Optional.empty(), Rest.NONE);
    }

    public String shownTitle() {
        return title.isBlank() ? "Untitled" : title;
    }

    public Optional<Tab> tab(String tabId) {
        return tabs.stream().filter(t -> t.id().equals(tabId)).findFirst();
    }

    /** The tab a new visit starts at; empty when it has none. */
    public Optional<Tab> firstTab() {
        return tab(first).or(() -> tabs.stream().findFirst());
    }

    /** The links that its tabs are: one for each, with the tab's id. They are not in the file as links. */
    public List<Link> switches() {
        List<Link> links = new ArrayList<>();
        tabs.forEach(t -> links.add(new Link(
                t.id(),
                new Cause.Tab(),
                List.of(Branch.of(Stream.concat(Stream.of(new Effect.SwitchTab(t.id())), t.effects().stream())
                        .toList())),
                Rest.NONE)));
        return links;
    }

    /** The same with one tab changed. */
    public TabSet withTab(String tabId, UnaryOperator<Tab> change) {
        return withTabs(tabs.stream()
                .map(t -> t.id().equals(tabId) ? change.apply(t) : t)
                .toList());
    }

    /** The button that floats on a width; empty where there is none. */
    public Optional<Floating> buttonOn(Width width) {
        return button.filter(b -> b.on(strip.on(width)) != At.ABSENT);
    }

    /** The same with the links of its button and tabs changed; where that of the button goes, the button goes. */
    public TabSet withEachLink(Function<Link, Optional<Link>> change) {
        Optional<Floating> changed = button.flatMap(b -> change.apply(b.link()).map(b::withLink));
        TabSet with = changed.equals(button) ? this : withButton(changed);
        List<Link> switches = switches();
        for (int i = 0; i < tabs.size(); i++) {
            List<Effect> effects = Branch.besides(change.apply(switches.get(i)));
            if (!effects.equals(tabs.get(i).effects())) {
                with = with.withTab(tabs.get(i).id(), t -> t.withEffects(effects));
            }
        }
        return with;
    }
}
