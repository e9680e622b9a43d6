package pandel.core.play.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Header;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Known;
import pandel.core.model.value.Placeholders;
import pandel.core.play.rule.HeaderRules;
import pandel.core.play.rule.RuleOutcome;
import pandel.core.play.rule.Rules;
import pandel.core.play.rule.TrailAction;
import pandel.core.play.situation.Situation;

/**
 * Where a header stands over the top of what it belongs to, in px of the device.
 *
 * @param area all of it; its top is above the device's where it scrolled away
 * @param words the title as it is shown
 * @param title where that stands
 * @param large whether the title stands large, on a line of its own
 * @param left the sign at the left; empty: there is none
 * @param actions those that fit, in order
 * @param more the sign behind which the others are; empty where all fit
 * @param gathered the others, where they stand while they are listed
 */
public record HeaderPlace(
        Header header,
        Area area,
        String words,
        Area title,
        boolean large,
        Optional<Sign> left,
        List<Sign> actions,
        Optional<Area> more,
        List<Sign> gathered) {

    /** px that a sign is wide. */
    private static final double SIGN = 44;

    private static final double EDGE = 4;
    /** px between the edge and a title that stands first. */
    private static final double INDENT = 16;
    /** px that a large title takes besides. */
    public static final double LARGE = 46;
    /** Least px that actions leave to the title. */
    private static final double TITLE = 88;

    private static final double LETTER = 8;
    private static final double WIDEST_LABEL = 150;
    private static final double LISTED_WIDE = 208;
    private static final double LISTED_HIGH = 44;

    /**
     * A sign that can be tapped.
     *
     * @param id of the link that it is
     * @param label stands beside the sign of back, and in place of an action's sign that has none; may be empty
     * @param sign its name; empty: none
     */
    public record Sign(String id, String label, String sign, Area area) {}

    /** The header over a place; empty where there is none. */
    public static Optional<HeaderPlace> over(Prototype prototype, Under under) {
        Situation now = under.now();
        if (prototype.headers().isEmpty()) {
            return Optional.empty();
        }
        return HeaderRules.shown(
                        prototype,
                        now.device(),
                        now.screen(),
                        Situation.around(now.top().trail()))
                .flatMap(header -> bounds(prototype, header, under).map(area -> of(prototype, header, under, area)));
    }

    /** Id of the header whose actions that do not fit an event lists, or lists no more; empty where it does neither. */
    public static Optional<String> listing(Prototype prototype, Event event) {
        Event plain = event.plain() instanceof Event.OnList on ? on.event() : event.plain();
        return plain instanceof Event.Touched t && t.on() instanceof Event.On.OnSign sign
                ? prototype.header(sign.id()).map(Header::id)
                : Optional.empty();
    }

    /**
     * Id of the header whose actions that do not fit are listed after an event: once their sign is touched, until
     * something else is done than that time passes.
     *
     * @param before the one whose were listed before it
     */
    public static Optional<String> listedAfter(Prototype prototype, Optional<String> before, Event event) {
        Optional<String> touched = listing(prototype, event);
        if (touched.isEmpty() && event.plain() instanceof Event.Elapse) {
            return before;
        }
        return before.isEmpty() ? touched : Optional.empty();
    }

    /** px from the device's top that strips at the top stand lower for the header over a place. */
    public static double below(Prototype prototype, Under under) {
        return over(prototype, under).map(p -> Math.max(0, p.area().bottom())).orElse(0.0);
    }

    /** The px of a page's top that it lies over, whatever is scrolled. */
    public static double high(Header header) {
        return header.bar().height() + (header.bar().large() ? LARGE : 0);
    }

    private static Optional<Area> bounds(Prototype prototype, Header header, Under under) {
        return under.placement(prototype).map(p -> {
            double scroll = Math.min(under.scroll(), p.maxScroll());
            double inner = scroll - p.raised(scroll);
            double full = high(header);
            Header.Bar bar = header.bar();
            double high = bar.stays() ? Math.max(bar.height(), full - inner) : full;
            double up = bar.stays() ? 0 : Math.min(inner, full);
            boolean page = under.now()
                    .look(prototype)
                    .filter(l -> l.screen().form() == Form.PAGE)
                    .isPresent();
            return page
                    ? new Area(under.room().x(), -up, under.room().width(), high)
                    : new Area(under.room().x() + p.x(), p.y() - p.raised(scroll) - up, p.width(), high);
        });
    }

    private static HeaderPlace of(Prototype prototype, Header header, Under under, Area area) {
        Situation now = under.now();
        double row = header.bar().height();
        boolean large = area.height() > row;
        Optional<Sign> left = left(prototype, header, now, area);
        double from = left.map(s -> s.area().right()).orElse(area.x() + INDENT);
        double room = area.right() - EDGE - from - TITLE;
        List<Header.Action> shown = new ArrayList<>();
        double wide = 0;
        double all = header.actions().stream().mapToDouble(HeaderPlace::wide).sum();
        for (Header.Action action : header.actions()) {
            double then = wide + wide(action);
            if (all > room && then + SIGN > room) {
                break;
            }
            shown.add(action);
            wide = then;
        }
        boolean fits = shown.size() == header.actions().size();
        double x = area.right() - EDGE - wide - (fits ? 0 : SIGN);
        double end = x;
        List<Sign> actions = new ArrayList<>();
        for (Header.Action action : shown) {
            actions.add(sign(action, new Area(x, area.y(), wide(action), row)));
            x += wide(action);
        }
        Optional<Area> more = fits ? Optional.empty() : Optional.of(new Area(x, area.y(), SIGN, row));
        return new HeaderPlace(
                header,
                area,
                words(prototype, header, now),
                large
                        ? new Area(
                                area.x() + INDENT, area.bottom() - LARGE, Math.max(1, area.width() - 2 * INDENT), LARGE)
                        : new Area(from, area.y(), Math.max(1, end - from), row),
                large,
                left,
                actions,
                more,
                listed(header, shown.size(), area, row));
    }

    private static double wide(Header.Action action) {
        return action.sign().isEmpty()
                ? Math.min(WIDEST_LABEL, INDENT + LETTER * action.shownLabel().length())
                : SIGN;
    }

    private static Sign sign(Header.Action action, Area area) {
        return new Sign(action.id(), action.shownLabel(), action.sign(), area);
    }

    private static List<Sign> listed(Header header, int from, Area area, double row) {
        List<Sign> listed = new ArrayList<>();
        double wide = Math.min(LISTED_WIDE, area.width() - 2 * EDGE);
        for (int i = from; i < header.actions().size(); i++) {
            listed.add(sign(
                    header.actions().get(i),
                    new Area(
                            area.right() - EDGE - wide,
                            Math.max(0, area.y()) + row + (i - from) * LISTED_HIGH,
                            wide,
                            LISTED_HIGH)));
        }
        return listed;
    }

    /** The left sign where it is there, with the title of where back leads. */
    private static Optional<Sign> left(Prototype prototype, Header header, Situation now, Area area) {
        Optional<Link> left = new Rules(prototype)
                .headerLinks(now.head()).stream()
                        .filter(l -> l.id().equals(header.leftId()))
                        .findFirst();
        return left.map(link -> {
            String label = header.left().labelled() ? behind(prototype, now, link) : "";
            double wide = label.isEmpty() ? SIGN : Math.min(area.width() / 3, SIGN + 4 + LETTER * label.length());
            return new Sign(
                    link.id(),
                    label,
                    header.left().kind() == Header.Kind.BACK ? "back" : "list",
                    new Area(area.x() + EDGE, area.y(), wide, header.bar().height()));
        });
    }

    /** The title of the place that a link goes back to; empty where it is not known from here. */
    private static String behind(Prototype prototype, Situation now, Link link) {
        Situation at = now.drawn(Optional.empty());
        RuleOutcome outcome =
                new Rules(prototype).branch(at.head(), link.branches().getFirst());
        if (!(outcome instanceof RuleOutcome.Acts acts)) {
            return "";
        }
        return switch (acts.actions().getLast()) {
            case TrailAction.Drop drop ->
                at.top()
                        .trail()
                        .behind()
                        .map(t -> title(prototype, at.withTop(at.top().with(t))))
                        .orElse("");
            case TrailAction.CloseLevel close ->
                title(
                        prototype,
                        at.withLevels(at.levels().subList(0, at.levels().size() - 1)));
            case TrailAction.ShowTab show -> show.screen().shownTitle();
            default -> "";
        };
    }

    private static String words(Prototype prototype, Header header, Situation now) {
        return header.words().isBlank()
                ? title(prototype, now)
                : Placeholders.filled(header.words(), prototype, now.known());
    }

    private static String title(Prototype prototype, Situation now) {
        Known known = now.known();
        return Placeholders.filled(
                prototype.screen(now.screen()).map(Screen::shownTitle).orElse(""), prototype, known);
    }

    /**
     * What a tap at a point of it is on: a sign, or the sign behind which others are; while those are listed one of
     * them, and everywhere else what lists them no more. Empty where it answers nothing.
     */
    Optional<Event.On> on(double x, double y, boolean isListed) {
        if (isListed) {
            return Optional.of(new Event.On.OnSign(gathered.stream()
                    .filter(s -> s.area().contains(x, y))
                    .map(Sign::id)
                    .findFirst()
                    .orElse(header.id())));
        }
        return sign(x, y)
                .or(() -> more.filter(a -> a.contains(x, y)).map(a -> header.id()))
                .map(Event.On.OnSign::new);
    }

    private Optional<String> sign(double x, double y) {
        return left.filter(s -> s.area().contains(x, y))
                .map(Sign::id)
                .or(() -> actions.stream()
                        .filter(s -> s.area().contains(x, y))
                        .map(Sign::id)
                        .findFirst());
    }

    /** Where a sign stands by the id of its link, or by the header’s that behind which others are. */
    Optional<Area> areaOf(String id) {
        List<Sign> all = new ArrayList<>(actions);
        left.ifPresent(all::add);
        all.addAll(gathered);
        return header.id().equals(id)
                ? more
                : all.stream().filter(s -> s.id().equals(id)).map(Sign::area).findFirst();
    }
}
