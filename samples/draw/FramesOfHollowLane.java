import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.edit.Naming;
import pandel.core.edit.frame.DrawerEdits;
import pandel.core.edit.frame.HeaderEdits;
import pandel.core.edit.frame.PairEdits;
import pandel.core.edit.frame.TabSetEdits;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.Pair;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Overlay;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.play.Step;
import pandel.core.play.Stepped;
import pandel.core.play.situation.Situation;

/**
 * The frames of Hollow Lane: a welcome of three pages, four tabs behind the drawn strip, a drawer, a header over the
 * courses, a dates sheet with two stops, tools beside tool.
 */
final class FramesOfHollowLane extends Making {

    private static final List<String> ROOTS = List.of("Tools", "Loans", "Notices", "Me");

    private FramesOfHollowLane(Prototype plain, Naming naming) {
        super(plain, naming);
    }

    /** The pages of the welcome as a phone shows them, by their titles. */
    static Map<String, Sketch> welcome() {
        Map<String, Sketch> pages = new LinkedHashMap<>();
        pages.put(
                "Welcome",
                page(
                        "ladder",
                        "Borrow it from next door",
                        "Sixty-four tools on our shelves,",
                        "free for everybody in the lane."));
        pages.put(
                "A week at home",
                page(
                        "barrow",
                        "Yours for a week",
                        "Reserve it, pick it up, use it.",
                        "Keep it longer where nobody waits."));
        pages.put(
                "Back on the shelf",
                page(
                        "shears",
                        "Bring it back dry",
                        "The next neighbour is glad of it,",
                        "and late days cost next to nothing."));
        return pages;
    }

    private static Sketch page(String tool, String title, String... lines) {
        Sketch s = new Sketch(390, 844, "#FFFFFF");
        s.fill(0, 0, 390, 420, Sketch.LEAF);
        Tools.draw(s, tool, 195, 220, 4.6);
        s.middle(195, 500, 26, Sketch.INK, title, true);
        for (int i = 0; i < lines.length; i++) {
            s.middle(195, 540 + i * 26, 16, Sketch.GREY, lines[i], false);
        }
        return s;
    }

    /**
     * @param phone pictures of the welcome by title
     * @param tablet the same for tablets
     */
    static Prototype put(Prototype plain, Map<String, Picture> phone, Map<String, Picture> tablet, Naming naming) {
        FramesOfHollowLane maker = new FramesOfHollowLane(plain, naming);
        maker.welcome(phone, tablet);
        maker.tabs();
        maker.drawer();
        maker.header();
        maker.edit(ScreenEdits.overlay(
                maker.screen("Choose dates"), "", Overlay.USUAL.withShare(44).withStop(64)));
        List<Device> devices = new ArrayList<>(plain.devices());
        devices.add(new Device(
                "tablet-on-its-side",
                "Tablet on its side",
                1024,
                768,
                2,
                Device.Back.SWIPE,
                Device.Pointing.TOUCH,
                0,
                java.util.Set.of(),
                Rest.NONE));
        maker.edit(ScreenEdits.devices(devices));
        maker.edit(PairEdits.make(new Pair(
                maker.id("tools and tool"),
                maker.screen("Tools").id(),
                maker.screen("Tool").id(),
                40,
                Rest.NONE)));
        maker.p = MovesOfHollowLane.put(maker.p, naming);
        maker.journeys();
        return RemarksOfHollowLane.put(
                CoursesOfHollowLane.put(CounterOfHollowLane.put(maker.p, naming), naming), naming);
    }

    private static Picture onMedium(Picture of) {
        return of.withOn(Width.MEDIUM);
    }

    /** Laid over the courses, whose pictures leave room for it: back, what is open when, and the rules of the house. */
    private void header() {
        java.util.Set<String> on = new java.util.LinkedHashSet<>(
                List.of(screen("Courses").id(), screen("Course").id()));
        p = p.withShared(p.shared().stream()
                .map(s -> s.hotspot().title().equals("Back")
                        ? s.on(s.screens().stream()
                                .filter(id -> !on.contains(id))
                                .toList())
                        : s)
                .toList());
        Header header = Header.of(id("courses header"), "Over the courses", Attached.to(List.copyOf(on)))
                .withLeft(new Header.Left(Header.Kind.BACK, true, ""))
                .withActions(List.of(action("Opening hours", "bx-time"), action("House rules", "bx-book-open")));
        edit(HeaderEdits.make(header.withBar(header.bar().withLarge(true).withInk("#24483A"))));
    }

    private Header.Action action(String title, String sign) {
        return new Header.Action(
                title,
                sign,
                Link.of(
                        id(title + " action"),
                        new Cause.Touch(Gesture.TAP),
                        new Effect.Advance(new Target.ToScreen(screen(title).id()))));
    }

    private void welcome(Map<String, Picture> phone, Map<String, Picture> tablet) {
        List<Screen> pages = phone.entrySet().stream()
                .map(e -> Screen.page(id(e.getKey()), e.getKey())
                        .withSection("Arriving")
                        .withMocks(List.of(e.getValue(), onMedium(tablet.get(e.getKey())))))
                .toList();
        List<Screen> all = new ArrayList<>(p.screens());
        all.addAll(1, pages);
        p = p.withScreens(all);
        Target signIn = new Target.ToScreen(screen("Sign in").id());
        String made = id("first visit");
        Sequence visit =
                Sequence.of(made, "First visit", pages.stream().map(Screen::id).toList());
        visit = visit.withLaid(visit.laid().withSkip("Skip").withLast("Start").withInk("#2F5D4A"))
                .withFinish(Optional.of(Link.of(id("start"), new Cause.Finish(), new Effect.Replace(signIn))))
                .withSkip(Optional.of(Link.of(id("skip"), new Cause.Skip(), new Effect.Replace(signIn))));
        p = p.withSequences(List.of(visit));
        Link wait = screen("Splash").links().getFirst();
        edit(LinkEdits.change("", wait.doing(new Effect.Replace(new Target.ToSequence(made)))));
    }

    private void tabs() {
        String[] signs = {"box", "list", "bell", "person"};
        List<TabSet.Tab> tabs = new ArrayList<>();
        for (int i = 0; i < ROOTS.size(); i++) {
            tabs.add(new TabSet.Tab(
                    id(ROOTS.get(i) + " tab " + i),
                    ROOTS.get(i),
                    signs[i],
                    new Target.ToScreen(screen(ROOTS.get(i)).id())));
        }
        TabSet set = TabSet.of(id("the lane"), "The lane", tabs);
        edit(TabSetEdits.make(set.withStrip(set.strip().withEdge(TabSet.Edge.DRAWN))));
    }

    private void drawer() {
        Link signOut = p.index().hotspotsOn(screen("Me").id()).stream()
                .filter(h -> h.title().equals("Sign out"))
                .findFirst()
                .flatMap(h -> h.linkFor(Gesture.TAP))
                .orElseThrow();
        List<Drawer.Item> items = Stream.of(
                        item("Opening hours", "gauge", "At the counter"),
                        item("Courses", "calendar", "At the counter"),
                        item("House rules", "house", "At the counter"),
                        item("Care and late days", "heart", "At the counter"),
                        item("My card", "person", "About me"),
                        item("What we tell you about", "bell", "About me"),
                        item("Invite a neighbour", "cross", "About me"))
                .collect(java.util.stream.Collectors.toCollection(ArrayList::new));
        items.add(new Drawer.Item(
                id("sign out item"),
                "Sign out",
                "",
                "",
                true,
                signOut.branches().getFirst()));
        Drawer.Panel panel = Drawer.Panel.USUAL
                .withSide(PanelSide.RIGHT)
                .withWidth(284)
                .withShade(36)
                .withGap(8)
                .withShadow(20)
                .withGround("#F6F4EE")
                .withInk("#33414A")
                .withChosen("#2F5D4A");
        Drawer drawer = Drawer.of(
                        id("house drawer"),
                        "The house",
                        items,
                        Attached.to(ROOTS.stream().map(t -> screen(t).id()).toList()))
                .withHead("Hollow Lane 12")
                .withPanel(panel);
        edit(DrawerEdits.make(drawer));
        edit(DrawerEdits.sign(drawer, id("the house sign"), true));
    }

    private Drawer.Item item(String title, String sign, String section) {
        return new Drawer.Item(
                id(title + " item"),
                title,
                sign,
                section,
                false,
                Branch.of(new Effect.Advance(new Target.ToScreen(screen(title).id()))));
    }

    /** The journeys again, each past the welcome. */
    private void journeys() {
        p = p.withJourneys(p.journeys().stream()
                .map(j -> {
                    List<Event> events = pastWelcome(
                            j.legs().stream().map(Journey.Leg::event).toList());
                    List<Situation> after = played(p, events);
                    List<Journey.Leg> legs = new ArrayList<>();
                    for (int i = 0; i < events.size(); i++) {
                        legs.add(new Journey.Leg(events.get(i), after.get(i).screen()));
                    }
                    return new Journey(
                            j.id(),
                            j.title(),
                            j.purpose(),
                            j.device(),
                            j.entry(),
                            legs,
                            Optional.of(after.getLast().screen()),
                            j.rest());
                })
                .toList());
    }

    /** Events with the welcome skipped, which comes first after the splash. */
    static List<Event> pastWelcome(List<Event> events) {
        List<Event> all = new ArrayList<>(events);
        all.add(1, new Event.Touched(Gesture.TAP, new Event.On.OnSkip()));
        return all;
    }

    private static List<Situation> played(Prototype p, List<Event> events) {
        Step step = new Step(p);
        Situation now = Situation.at(p, p.mainEntry().orElseThrow(), p.devices().getFirst())
                .orElseThrow();
        List<Situation> after = new ArrayList<>();
        for (Event event : events) {
            Stepped stepped = step.step(now, event);
            if (!stepped.happening().isDone()) {
                throw new IllegalStateException(event + ": " + stepped.happening());
            }
            now = stepped.situation();
            after.add(now);
        }
        return after;
    }
}
