import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import pandel.core.edit.Naming;
import pandel.core.edit.frame.TabSetEdits;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.StateEdits;
import pandel.core.edit.value.Carrying;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Takes;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/** The courses of Hollow Lane, one beside another, with work to wait for, and what is told. */
final class CoursesOfHollowLane extends Making {

    private static final String[][] COURSES = {
        {"Drilling without fear", "Saturday, 10:00, in the yard"},
        {"Sharpening", "Next Thursday, 17:00, in the yard"},
        {"Safe on ladders", "Full; ask at the counter"}
    };

    private static final Area BEFORE = new Area(20, 590, 150, 48);
    private static final Area NEXT = new Area(230, 590, 140, 48);

    private CoursesOfHollowLane(Prototype p, Naming naming) {
        super(p, naming);
    }

    static Prototype put(Prototype framed, Naming naming) {
        CoursesOfHollowLane maker = new CoursesOfHollowLane(framed, naming);
        maker.rows();
        maker.words();
        maker.sideways();
        maker.link(
                "Course", "Take a place", l -> l.withTakes(Optional.of(Takes.UNTIL_DONE.withSign(Takes.Sign.TOUCHED))));
        maker.told();
        return maker.p;
    }

    /** The three courses are one list. */
    private void rows() {
        Hotspot first = hotspot("Courses", "Drilling without fear");
        edit(HotspotEdits.remove(List.of(hotspot("Courses", "Sharpening"))));
        edit(HotspotEdits.rename(first, "Courses"));
        Map<Width, Area> areas = new EnumMap<>(Width.class);
        first.areas().forEach((width, a) -> areas.put(width, new Area(a.x(), a.y() - 4, a.width(), 3 * 84)));
        areas.forEach((width, area) -> edit(HotspotEdits.place(hotspot("Courses", "Courses"), width, area)));
        edit(HotspotEdits.nature(
                hotspot("Courses", "Courses"),
                new Hotspot.Nature.Rows(List.of(COURSES).stream()
                        .map(c -> Map.<String, Value>of("course", new Value.Text(c[0]), "when", new Value.Text(c[1])))
                        .toList())));
        for (int i = 0; i < 2; i++) {
            String name = i == 0 ? "course" : "when";
            edit(Carrying.expect(
                    screen("Course"),
                    Expected.text(name).withRequired(false).withFallback(Optional.of(new Value.Text(COURSES[0][i])))));
            Link link = tapOf("Courses", "Courses");
            Target target = link.effect().flatMap(Effect::target).orElseThrow();
            edit(Carrying.carry(link, target, name, Optional.of(new Source.OfRow(name))));
        }
    }

    /** Which course, and when, laid over its picture. */
    private void words() {
        Patch course = new Patch(new Area(16, 116, 358, 32), "#ffffff", "#1f2b26", "{course}", 20);
        Patch when = new Patch(new Area(16, 152, 358, 28), "#ffffff", "#1f2b26", "{when}", 17);
        Patch before = new Patch(BEFORE, "#ffffff", "#2f5f4a", "‹ Course before", 16);
        Patch next = new Patch(NEXT, "#ffffff", "#2f5f4a", "Next course ›", 16, true);
        for (Width width : List.of(Width.NARROW, Width.MEDIUM)) {
            double aside = width == Width.NARROW ? 0 : MoreOfHollowLane.ASIDE;
            Picture picture = (Picture) screen("Course").mockFor(width).orElseThrow();
            edit(StateEdits.mock(
                    screen("Course"),
                    Optional.empty(),
                    picture.withPatches(List.of(course, when, before, next).stream()
                            .map(x -> x.withArea(x.area().moved(aside, 0)))
                            .toList())));
        }
    }

    /** The next course, or the one before, without going back to the list. */
    private void sideways() {
        Screen course = screen("Course");
        course.links().forEach(l -> edit(LinkEdits.remove(l)));
        edit(LinkEdits.linkScreen(
                screen("Course"),
                Link.of(id("next"), new Cause.Touch(Gesture.SWIPE_LEFT), new Effect.StepRow(true, false))));
        edit(LinkEdits.linkScreen(
                screen("Course"),
                Link.of(id("before"), new Cause.Touch(Gesture.SWIPE_RIGHT), new Effect.StepRow(false, false))));
        mark("Course before", BEFORE, new Effect.StepRow(false, false));
        mark("Next course", NEXT, new Effect.StepRow(true, false));
    }

    private void mark(String words, Area area, Effect effect) {
        Map<Width, Area> areas = new EnumMap<>(Width.class);
        areas.put(Width.NARROW, area);
        areas.put(Width.MEDIUM, area.moved(MoreOfHollowLane.ASIDE, 0));
        edit(HotspotEdits.mark(
                screen("Course"),
                new Hotspot(
                        id(words),
                        words,
                        areas,
                        List.of(Link.of(id("tap"), new Cause.Touch(Gesture.TAP), effect)),
                        Rest.NONE)));
    }

    /** Who looks at the loans is told what is due. */
    private void told() {
        TabSet set = p.tabSets().getFirst();
        edit(TabSetEdits.change(
                "say what is due",
                set.withTabs(set.tabs().stream()
                        .map(t -> t.label().equals("Loans")
                                ? t.withEffects(List.of(new Effect.Notice("The hand drill is due today.", 2500)))
                                : t)
                        .toList())));
    }

    private void link(String on, String words, UnaryOperator<Link> change) {
        edit(LinkEdits.change("", change.apply(tapOf(on, words))));
    }

    private Link tapOf(String on, String words) {
        return hotspot(on, words).linkFor(Gesture.TAP).orElseThrow();
    }

    private Hotspot hotspot(String on, String words) {
        return p.index().hotspotsOn(screen(on).id()).stream()
                .filter(h -> h.title().equals(words))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(words + " on " + on));
    }
}
