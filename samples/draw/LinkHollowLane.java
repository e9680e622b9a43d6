import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.edit.Naming;
import pandel.core.edit.link.BranchEdits;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.value.FactWords;
import pandel.core.edit.whole.JourneyEdits;
import pandel.core.edit.whole.VersionEdits;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Event;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;
import pandel.core.model.screen.Status;

/** Links the pictures of Hollow Lane. On purpose "Receipt" is a dead end, and nothing leads to "Report damage". */
final class LinkHollowLane extends Making {

    private LinkHollowLane(Naming naming) {
        super(
                Prototype.empty("Hollow Lane")
                        .withDevices(List.of(DevicesOfHollowLane.PHONE, DevicesOfHollowLane.SMALL_PHONE)),
                naming);
    }

    static Prototype link(List<Screen> screens, Map<String, Picture> looks, Map<String, Picture> tablet, Naming naming)
            throws FactWords.NotUnderstood {
        LinkHollowLane maker = new LinkHollowLane(naming);
        maker.make(screens);
        maker.edit(VersionEdits.keep("First sketch, shown to the board", "2026-05-12", naming));
        maker.p = LooksOfHollowLane.put(maker.p, looks, tablet, naming);
        maker.outcomes();
        maker.gestures();
        maker.p = ValuesOfHollowLane.put(maker.p, naming);
        maker.journeys();
        maker.edit(VersionEdits.keep("Sent to the neighbours", "2026-06-02", naming));
        maker.edit(ScreenEdits.rename(maker.screen("Care and cost"), "Care and late days"));
        maker.edit(ScreenEdits.status(List.of(maker.screen("Sign in"), maker.screen("Tools")), Status.READY));
        return maker.p;
    }

    private void make(List<Screen> screens) {
        edit(ScreenEdits.add(screens));
        section("Arriving", "Splash", "Sign in");
        section("Tools", "Tools", "Tool", "How to use it", "Opening hours", "Choose dates", "Confirm", "Reserved");
        section("Loans", "Loans", "Loan", "Extend the loan", "Bring it back", "Receipt", "Report damage");
        section("Tools", "Search", "Care and cost", "Waiting list", "Pick it up");
        section(
                "Notices and me",
                "Notices",
                "Notice",
                "Courses",
                "Course",
                "Your place",
                "Me",
                "What we tell you about",
                "My card",
                "House rules",
                "Invite a neighbour",
                "Ask for help");
        edit(ScreenEdits.form(screen("Your place"), Form.DIALOG));
        edit(ScreenEdits.form(screen("Choose dates"), Form.SHEET));
        edit(ScreenEdits.form(screen("Extend the loan"), Form.DIALOG));
        edit(LinkEdits.linkScreen(
                screen("Splash"), Link.of(id("wait"), new Cause.Wait(1800), to(Verb.REPLACE, "Sign in"))));
        tap("Sign in", "Sign in", 20, 556, 350, 52, Verb.REPLACE, "Tools");
        tap("Sign in", "Look around first", 105, 620, 180, 52, Verb.ADVANCE, "Tools");
        for (int i = 0; i < 6; i++) {
            String[] names = {
                "Orchard ladder", "Hand drill", "Pruning saw", "Wheelbarrow", "Hedge shears", "Four-person tent"
            };
            tap("Tools", names[i], 12, 226 + i * 84, 366, 76, Verb.ADVANCE, "Tool");
        }
        tap("Tool", "How to use it", 20, 452, 166, 52, Verb.ADVANCE, "How to use it");
        tap("Tool", "Opening hours", 204, 452, 166, 52, Verb.ADVANCE, "Opening hours");
        tap("Tool", "Reserve", 20, 664, 350, 52, Verb.OPEN_ABOVE, "Choose dates");
        tap("Choose dates", "Close", 328, 22, 50, 50, Verb.CLOSE, "");
        tap("Choose dates", "Take 16 to 18", 20, 462, 350, 52, Verb.ADVANCE, "Confirm");
        tap("Confirm", "Reserve it", 20, 664, 350, 52, Verb.REPLACE, "Reserved");
        tap("Confirm", "Other dates", 20, 730, 350, 52, Verb.OPEN_ABOVE, "Choose dates");
        tap("Reserved", "See my loans", 20, 664, 350, 52, Verb.REPLACE, "Loans");
        tap("Reserved", "Back to the tools", 105, 726, 180, 52, Verb.RESTART, "Tools");
        tap("Loans", "Four-person tent", 12, 150, 366, 76, Verb.ADVANCE, "Loan");
        tap("Loans", "Hand drill", 12, 234, 366, 76, Verb.ADVANCE, "Loan");
        tap("Loans", "Orchard ladder", 12, 362, 366, 76, Verb.ADVANCE, "Tool");
        tap("Loan", "Bring it back", 20, 540, 350, 52, Verb.ADVANCE, "Bring it back");
        tap("Loan", "Keep it longer", 20, 608, 350, 52, Verb.OPEN_ABOVE, "Extend the loan");
        mark("Loan", "Something is broken", 105, 674, 180, 52);
        tap("Extend the loan", "Keep it until Thursday", 24, 144, 282, 50, Verb.CLOSE, "");
        tap("Extend the loan", "Leave it as it is", 80, 196, 170, 50, Verb.CLOSE, "");
        tap("Bring it back", "It was taken back", 20, 664, 350, 52, Verb.OPEN_ABOVE, "Receipt");
        p = p.withScreen(screen("Receipt").id(), Screen::withClosers);
        tap("Notices", "Your ladder is ready", 12, 126, 366, 76, Verb.ADVANCE, "Notice");
        tap("Notices", "Closed on Tuesday", 12, 378, 366, 76, Verb.ADVANCE, "Opening hours");
        tap("Notice", "See the reservation", 20, 290, 350, 52, Verb.ADVANCE, "Loan");
        tap("Me", "Opening hours", 12, 226, 366, 76, Verb.ADVANCE, "Opening hours");
        tap("Me", "Sign out", 20, 664, 350, 52, Verb.RESTART, "Sign in");
        tap("Tools", "Search", 20, 112, 350, 44, Verb.ADVANCE, "Search");
        String[] found = {"Pruning saw", "Fret saw", "Bow saw"};
        for (int i = 0; i < 3; i++) {
            tap("Search", found[i], 12, 144 + i * 84, 366, 76, Verb.ADVANCE, "Tool");
        }
        tap("Tool", "Care and cost", 20, 594, 166, 46, Verb.ADVANCE, "Care and cost");
        tap("Tool", "Waiting list", 204, 594, 166, 46, Verb.ADVANCE, "Waiting list");
        tap("Reserved", "Where is the counter?", 85, 534, 220, 48, Verb.ADVANCE, "Pick it up");
        tap("Opening hours", "Ask for help", 105, 614, 180, 48, Verb.ADVANCE, "Ask for help");
        tap("Notices", "Courses", 12, 462, 366, 76, Verb.ADVANCE, "Courses");
        tap("Courses", "Drilling without fear", 12, 144, 366, 76, Verb.ADVANCE, "Course");
        tap("Courses", "Sharpening", 12, 228, 366, 76, Verb.ADVANCE, "Course");
        tap("Course", "Take a place", 20, 664, 350, 52, Verb.OPEN_ABOVE, "Your place");
        tap("Your place", "Good", 24, 138, 282, 50, Verb.CLOSE, "");
        tap("Me", "What we tell you about", 12, 310, 366, 76, Verb.ADVANCE, "What we tell you about");
        tap("Me", "My card", 12, 394, 366, 76, Verb.ADVANCE, "My card");
        tap("Me", "House rules", 12, 478, 366, 76, Verb.ADVANCE, "House rules");
        tap("Me", "Invite a neighbour", 12, 562, 366, 76, Verb.ADVANCE, "Invite a neighbour");
        tap("Report damage", "Send it", 20, 664, 350, 52, Verb.RETURN_TO, "Loan");
        edit(LinkEdits.linkScreen(
                screen("Reserved"), Link.of(id("wait"), new Cause.Wait(8000), to(Verb.REPLACE, "Loans"))));
        shared(
                "Back",
                new Area(10, 46, 180, 52),
                new Effect.Return(),
                List.of(
                        "Tool",
                        "How to use it",
                        "Confirm",
                        "Loan",
                        "Bring it back",
                        "Notice",
                        "Opening hours",
                        "Report damage",
                        "Search",
                        "Care and cost",
                        "Waiting list",
                        "Pick it up",
                        "What we tell you about",
                        "My card",
                        "House rules",
                        "Invite a neighbour",
                        "Ask for help",
                        "Courses",
                        "Course"));
        String[] tabs = {"Tools", "Loans", "Notices", "Me"};
        for (int i = 0; i < tabs.length; i++) {
            shared(
                    tabs[i] + " in the strip",
                    new Area(Math.rint(97.5 * i), 767, 97, 77),
                    to(Verb.REPLACE, tabs[i]),
                    List.of(tabs));
        }
    }

    /** How things turn out that the person does not decide; play takes the good one unasked, the checks try each. */
    private void outcomes() {
        turnsOut(
                "Sign in",
                "Sign in",
                "number known",
                "number not known",
                "This number is not known. Look at your card again.");
        turnsOut(
                "Extend the loan",
                "Keep it until Thursday",
                "nobody waits",
                "somebody waits",
                "A neighbour waits for it. Please bring it back on Tuesday.");
        turnsOut(
                "Bring it back",
                "It was taken back",
                "written down",
                "no network",
                "There is no network. It is written down as soon as there is.");
        turnsOut("Course", "Take a place", "a place is free", "full", "The course has just been filled.");
    }

    private void turnsOut(String on, String words, String good, String bad, String told) {
        edit(BranchEdits.another(tapOf(on, words), bad));
        edit(BranchEdits.outcome(tapOf(on, words), 0, good));
        edit(BranchEdits.asides(tapOf(on, words), 1, List.of(new Effect.Notice(told, Effect.Notice.USUAL_MS))));
        edit(LinkEdits.change("", tapOf(on, words).withAlways(Optional.of(good))));
    }

    private Link tapOf(String on, String words) {
        return p.index().hotspotsOn(screen(on).id()).stream()
                .filter(h -> h.title().equals(words))
                .findFirst()
                .flatMap(h -> h.linkFor(Gesture.TAP))
                .orElseThrow();
    }

    /** What hands that know the app do besides tapping. */
    private void gestures() {
        Hotspot tent = p.index().hotspotsOn(screen("Loans").id()).stream()
                .filter(h -> h.title().equals("Four-person tent"))
                .findFirst()
                .orElseThrow();
        edit(LinkEdits.link(
                tent,
                Link.of(id("long press"), new Cause.Touch(Gesture.LONG_PRESS), to(Verb.OPEN_ABOVE, "Extend the loan")),
                ""));
        for (String on : List.of("Notice", "Course")) {
            edit(LinkEdits.linkScreen(
                    screen(on), Link.of(id("swipe right"), new Cause.Touch(Gesture.SWIPE_RIGHT), new Effect.Return())));
        }
    }

    /** Four journeys; an event in words, as {@link Played} reads it. */
    private void journeys() {
        journey(
                "Reserve a ladder",
                "The usual way to a tool",
                "wait 1800",
                "Sign in",
                "Orchard ladder",
                "Reserve",
                "Take 16 to 18",
                "Reserve it",
                "See my loans");
        journey(
                "Look before signing in",
                "Everything one can read about a tool",
                "wait 1800",
                "Look around first",
                "Pruning saw",
                "How to use it",
                "Back",
                "Opening hours",
                "Back",
                "Reserve",
                "Close",
                "Back",
                "Hand drill",
                "Back",
                "Wheelbarrow");
        journey(
                "Bring the tent back",
                "Ends at the receipt",
                "wait 1800",
                "Sign in",
                "Loans in the strip",
                "Four-person tent",
                "Keep it longer",
                "Keep it until Thursday",
                "Bring it back",
                "It was taken back");
        journey(
                "What is new",
                "Notices and one’s own page",
                "wait 1800",
                "Sign in",
                "Notices in the strip",
                "Your ladder is ready",
                "See the reservation",
                "Back",
                "back",
                "Me in the strip",
                "Opening hours",
                "Back",
                "Sign out");
    }

    private void journey(String title, String purpose, String... words) {
        Played played = Played.of(p, List.of(words));
        List<Journey.Leg> legs = new ArrayList<>();
        for (int i = 0; i < words.length; i++) {
            legs.add(new Journey.Leg(
                    played.events().get(i), played.after().get(i).screen()));
        }
        edit(JourneyEdits.keep(new Journey(
                id(title),
                title,
                purpose,
                "phone",
                p.mainEntry().orElseThrow().id(),
                legs,
                Optional.of(played.end().screen()),
                Rest.NONE)));
    }

    /** A list of events to try {@code pandel play} with: two tools looked at, one reserved, a loan kept longer. */
    static List<Event> events(Prototype p) {
        return Played.of(
                        p,
                        List.of(
                                "wait 1800",
                                "Sign in",
                                "Orchard ladder",
                                "How to use it",
                                "Back",
                                "Reserve",
                                "Close",
                                "Reserve",
                                "Take 16 to 18",
                                "Reserve it",
                                "See my loans",
                                "Four-person tent",
                                "Keep it longer",
                                "Keep it until Thursday",
                                "back",
                                "Me in the strip",
                                "Opening hours",
                                "Back"))
                .events();
    }

    private void section(String section, String... titles) {
        edit(ScreenEdits.section(Stream.of(titles).map(this::screen).toList(), section));
    }

    private Effect to(Verb verb, String title) {
        return Effect.of(
                verb, new Target.ToScreen(title.isEmpty() ? "" : screen(title).id()));
    }

    private void tap(String on, String words, double x, double y, double w, double h, Verb verb, String target) {
        Hotspot hotspot =
                new Hotspot(id(words), words, Map.of(Width.NARROW, new Area(x, y, w, h)), List.of(), Rest.NONE);
        edit(LinkEdits.markAndLink(
                screen(on),
                hotspot.withLinks(List.of(Link.of(id("tap"), new Cause.Touch(Gesture.TAP), to(verb, target)))),
                Optional.empty(),
                ""));
    }

    private void mark(String on, String words, double x, double y, double w, double h) {
        edit(HotspotEdits.mark(
                screen(on),
                new Hotspot(id(words), words, Map.of(Width.NARROW, new Area(x, y, w, h)), List.of(), Rest.NONE)));
    }

    private void shared(String words, Area area, Effect effect, List<String> on) {
        Hotspot hotspot = new Hotspot(
                id(words),
                words,
                Map.of(Width.NARROW, area),
                List.of(Link.of(id("tap"), new Cause.Touch(Gesture.TAP), effect)),
                Rest.NONE);
        List<SharedHotspot> all = new ArrayList<>(p.shared());
        all.add(new SharedHotspot(
                hotspot,
                new LinkedHashSet<>(on.stream().map(t -> screen(t).id()).toList()),
                Rest.NONE));
        p = p.withShared(all);
    }
}
