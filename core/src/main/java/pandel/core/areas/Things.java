package pandel.core.areas;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pandel.core.model.screen.Area;

/** What a press on a picture may mean. Found once for a picture; a press then only looks it up. */
public final class Things {

    /** A thing larger than this share of the picture is no first choice. */
    private static final double LARGE = 0.25;

    /** What is offered twice: things that are alike to more than this. */
    private static final double SAME = 0.85;

    /** So many things of one size are a grid. */
    private static final int TOGETHER = 3;

    private final List<Thing> all;
    private final List<Marked> marks;
    private final Optional<Strip> strip;
    private final Box page;
    private final double pixel;

    private Things(List<Thing> all, List<Marked> marks, Optional<Strip> strip, Box page, double pixel) {
        this.all = List.copyOf(all);
        this.marks = List.copyOf(marks);
        this.strip = strip;
        this.page = page;
        this.pixel = pixel;
    }

    /**
     * Looks at a picture.
     *
     * @param scale picture pixels for each px, more than 0
     */
    public static Things on(Pixels picture, double scale) {
        Pixels pixels = picture.shrunk(scale);
        Finding finding = new Finding(pixels);
        return new Things(
                finding.things(),
                finding.marks(),
                finding.strip(),
                new Box(0, 0, pixels.width(), pixels.height()),
                picture.width() / scale / pixels.width());
    }

    /** The same, where a press on what recurs on other pictures offers the place that it has on all of them. */
    public Things knowing(List<Recurring> recurring) {
        List<Thing> more = new ArrayList<>();
        for (Recurring known : recurring) {
            if (known.kind() == Recurring.Kind.SIGN) {
                more.add(Thing.alone(box(known.areas().getFirst()), Thing.Kind.SIGN));
            }
        }
        more.addAll(all);
        return new Things(more, marks, strip, page, pixel);
    }

    /**
     * The same, where a press on what is laid on the picture takes it.
     *
     * @param laid areas of words laid on it, in px of the mock
     */
    public Things under(List<Area> laid) {
        List<Thing> more = new ArrayList<>(all);
        laid.forEach(area -> more.add(Thing.alone(box(area), Thing.Kind.BOX)));
        return new Things(more, marks, strip, page, pixel);
    }

    private Box box(Area area) {
        return new Box(
                (int) Math.round(area.x() / pixel),
                (int) Math.round(area.y() / pixel),
                (int) Math.round(area.right() / pixel),
                (int) Math.round(area.bottom() / pixel));
    }

    /** The areas of a strip of tabs drawn at the foot, from the left; none where there is none. */
    public List<Area> tabs() {
        return strip.stream()
                .flatMap(s -> s.cells().stream())
                .map(c -> c.area(pixel))
                .toList();
    }

    /** Whether a sign stands there that could recur on other pictures. */
    public boolean isSign(double x, double y) {
        int px = (int) Math.floor(x / pixel);
        int py = (int) Math.floor(y / pixel);
        return marks.stream().anyMatch(m -> m.area().contains(px, py));
    }

    List<Marked> marks() {
        return marks;
    }

    Optional<Strip> strip() {
        return strip;
    }

    /** px of the mock for each pixel that was looked at. */
    double pixel() {
        return pixel;
    }

    /** What something is to the hand that presses it. */
    public enum Kind {
        /** One of a list. */
        ROW,
        /** One of a strip of tabs. */
        TAB,
        /** A sign that stands at the same place on other pictures. */
        SIGN,
        /** Anything else. */
        THING
    }

    /**
     * What a press offers.
     *
     * @param area in px of the mock
     * @param alike the areas of its list or grid, itself with them, from the top and the left; itself alone where there
     *     are no others, or two, which are seldom meant together
     */
    public record Offer(Area area, Kind kind, List<Area> alike) {

        public Offer {
            alike = List.copyOf(alike);
        }
    }

    /**
     * What a press at a point offers, the likeliest first, then the larger, then the smaller; nothing where the picture
     * is even.
     *
     * @param x px of the mock
     * @param y px of the mock
     */
    public List<Offer> at(double x, double y) {
        int px = (int) Math.floor(x / pixel);
        int py = (int) Math.floor(y / pixel);
        List<Thing> under = all.stream()
                .filter(t -> t.box().contains(px, py))
                .sorted(Comparator.comparingLong(t -> t.box().size()))
                .toList();
        if (under.isEmpty()) {
            return List.of();
        }
        Thing first = first(under);
        List<Thing> order = new ArrayList<>(List.of(first));
        under.stream().filter(t -> t.box().size() > first.box().size()).forEach(t -> add(order, t));
        under.reversed().stream()
                .filter(t -> t.box().size() <= first.box().size())
                .forEach(t -> add(order, t));
        return order.stream().map(this::offer).toList();
    }

    private Offer offer(Thing thing) {
        Kind kind = switch (thing.kind()) {
            case ROW -> Kind.ROW;
            case CELL -> Kind.TAB;
            case SIGN -> Kind.SIGN;
            default -> Kind.THING;
        };
        boolean together = kind == Kind.ROW && thing.alike().size() > 1
                || kind == Kind.THING && thing.alike().size() >= TOGETHER;
        return new Offer(
                thing.box().area(pixel),
                kind,
                (together ? thing.alike() : List.of(thing.box()))
                        .stream().map(b -> b.area(pixel)).toList());
    }

    private static void add(List<Thing> order, Thing thing) {
        if (order.stream().noneMatch(t -> t.box().likeness(thing.box()) > SAME)) {
            order.add(thing);
        }
    }

    private Thing first(List<Thing> under) {
        Optional<Thing> cell = under.stream()
                .filter(t -> t.kind() == Thing.Kind.CELL || t.kind() == Thing.Kind.SIGN)
                .findFirst();
        if (cell.isPresent()) {
            return cell.get();
        }
        Optional<Thing> row = under.stream()
                .filter(t -> t.kind() == Thing.Kind.ROW && isHandy(t))
                .findFirst();
        Optional<Thing> box = under.stream()
                .filter(t -> t.kind() == Thing.Kind.BOX && isHandy(t) && !isBand(t))
                .findFirst();
        if (row.isPresent() && box.isPresent()) {
            Box whole = row.get().box();
            Box part = box.get().box();
            // What leads a row is its picture; what stands at its end is a button.
            boolean picture = part.middleX() < whole.left() + whole.width() / 2 && part.width() < whole.width() / 2;
            return picture || part.contains(whole) ? row.get() : box.get();
        }
        return row.or(() -> box)
                .or(() ->
                        under.stream().filter(t -> t.kind() == Thing.Kind.WORDS).findFirst())
                .orElse(under.getFirst());
    }

    /** Reaches from edge to edge and is like nothing else: a part of the page rather than something on it. */
    private boolean isBand(Thing thing) {
        return thing.box().left() <= page.left()
                && thing.box().right() >= page.right()
                && thing.alike().size() < 2;
    }

    private boolean isHandy(Thing thing) {
        return thing.box().size() <= LARGE * page.size();
    }
}
