package pandel.core.model.frame;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Colour;

/**
 * A title, a sign at the left and actions, laid over the top of screens.
 *
 * @param words the title shown, with placeholders; empty: that of the screen
 * @param left the sign at its left
 * @param actions in order; those that do not fit are gathered behind one sign at the end
 * @param bar how it looks
 * @param on where it is attached
 * @param hiddenOn ids of screens on which it is not shown
 */
@RecordBuilder
public record Header(
        String id,
        String title,
        String words,
        Left left,
        List<Action> actions,
        Bar bar,
        Attached on,
        Set<String> hiddenOn,
        Rest rest)
        implements HeaderBuilder.With {

    /** What the sign at the left does. */
    public enum Kind {
        /** There is none. */
        NONE,
        /** It returns, and is there where returning does something. */
        BACK,
        /** It opens a drawer, and is there where that is attached and does not stay. */
        DRAWER;

        /** The word in the file. */
        public String word() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /**
     * The sign at the left.
     *
     * @param labelled whether the title of the place that back leads to stands beside its sign
     * @param drawer id of the drawer it opens; empty unless it opens one
     */
    @RecordBuilder
    public record Left(Kind kind, boolean labelled, String drawer) {
        public static final Left NONE = new Left(Kind.NONE, false, "");
        public static final Left BACK = new Left(Kind.BACK, false, "");

        public Left {
            drawer = kind == Kind.DRAWER ? drawer : "";
            labelled = kind == Kind.BACK && labelled;
        }

        /** One that opens a drawer. */
        public static Left drawer(String drawer) {
            return new Left(Kind.DRAWER, false, drawer);
        }
    }

    /**
     * One thing to do.
     *
     * @param label may be empty
     * @param sign the name of its sign; empty: its label is shown
     * @param link what a tap on it does
     */
    @RecordBuilder
    public record Action(String label, String sign, Link link) implements HeaderActionBuilder.With {
        public String id() {
            return link.id();
        }

        public String shownLabel() {
            return label.isBlank() ? "Untitled" : label;
        }
    }

    /**
     * How it looks.
     *
     * @param large whether the title stands large, on a line of its own, until the page is scrolled
     * @param stays whether it stays when the page is scrolled; else it scrolls away with it
     * @param height px without a large title, 24 to 160
     * @param ground #RRGGBB
     * @param ink of title and signs
     */
    @RecordBuilder
    public record Bar(boolean large, boolean stays, double height, String ground, String ink)
            implements HeaderBarBuilder.With {
        public static final int LOWEST = 24;
        public static final int HIGHEST = 160;
        /** One that stays, with a small title. */
        public static final Bar USUAL = new Bar(false, true, 52, "#FFFFFF", "#1C2529");

        public Bar {
            Colour.require(ground, ink);
            if (!(height >= LOWEST && height <= HIGHEST)) {
                throw new IllegalArgumentException("A header is " + LOWEST + " to " + HIGHEST + " px high");
            }
        }
    }

    public Header {
        actions = List.copyOf(actions);
        hiddenOn = Collections.unmodifiableSet(new LinkedHashSet<>(hiddenOn));
    }

    /** One with the screen’s title, and back where something lies behind. */
    public static Header of(String id, String title, Attached on) {
        return new Header(id, title, "", Left.BACK, List.of(), Bar.USUAL, on, Set.of(), Rest.NONE);
    }

    public String shownTitle() {
        return title.isBlank() ? "Untitled" : title;
    }

    public Optional<Action> action(String actionId) {
        return actions.stream().filter(a -> a.id().equals(actionId)).findFirst();
    }

    /** The id of the link that its left sign is. */
    public String leftId() {
        return id + "_left";
    }

    /** The link that its left sign is; it is not in the file. */
    public Optional<Link> leftLink() {
        return switch (left.kind()) {
            case NONE -> Optional.empty();
            case BACK -> Optional.of(Link.of(leftId(), new Cause.Sign(), new Effect.Return()));
            case DRAWER ->
                Optional.of(Link.of(leftId(), new Cause.Sign(), new Effect.MoveDrawer(left.drawer(), Effect.How.OPEN)));
        };
    }

    /** Its links: the left sign, then the actions. */
    public List<Link> links() {
        List<Link> links = new ArrayList<>();
        leftLink().ifPresent(links::add);
        actions.forEach(a -> links.add(a.link()));
        return links;
    }

    /** The same with one action changed. */
    public Header withAction(String actionId, UnaryOperator<Action> change) {
        return withActions(actions.stream()
                .map(a -> a.id().equals(actionId) ? change.apply(a) : a)
                .toList());
    }

    /**
     * The same with each of its links changed: an action whose link goes does nothing any more; a left sign whose link
     * goes is none.
     */
    public Header withEachLink(Function<Link, Optional<Link>> change) {
        List<Action> changed = actions.stream()
                .map(a -> a.withLink(change.apply(a.link()).orElse(a.link().withBranches(List.of()))))
                .toList();
        Header with = changed.equals(actions) ? this : withActions(changed);
        return leftLink().filter(l -> change.apply(l).isEmpty()).isPresent() ? with.withLeft(Left.NONE) : with;
    }

    /** Without screens and tab sets that are gone. */
    public Header without(Set<String> gone) {
        Attached less = on.without(gone);
        Set<String> hidden = new LinkedHashSet<>(hiddenOn);
        boolean lost = hidden.removeAll(gone);
        return less.equals(on) && !lost ? this : withOn(less).withHiddenOn(hidden);
    }
}
