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
     */
    @RecordBuilder
    public record Strip(Edge edge, Labels labels, Map<Width, Side> looks, String ground, String ink, String chosen)
            implements TabSetStripBuilder.With {
        /** At the foot, with all labels. */
        public static final Strip USUAL = new Strip(Edge.BOTTOM, Labels.ALL, Map.of(), "#FFFFFF", "#5B6670", "#0E5668");

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
            return new Strip(edge, labels, all, ground, ink, chosen);
        }
    }

    /**
     * A button that floats over the places of a set.
     *
     * @param link what a tap on it does
     * @param absent the looks of the strip with which it is not there
     */
    @RecordBuilder
    public record Floating(Link link, String sign, Set<Side> absent) implements TabSetFloatingBuilder.With {
        public Floating {
            absent = Collections.unmodifiableSet(new LinkedHashSet<>(absent));
        }

        /** There with a look of the strip, or not. */
        public Floating on(Side look, boolean there) {
            Set<Side> all = new LinkedHashSet<>(absent);
            if (there) {
                all.remove(look);
            } else {
                all.add(look);
            }
            return new Floating(link, sign, all);
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
        return button.filter(b -> !b.absent().contains(strip.on(width)));
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
