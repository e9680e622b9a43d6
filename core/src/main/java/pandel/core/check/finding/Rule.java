package pandel.core.check.finding;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What checks look for. */
public enum Rule {
    NO_ENTRY(
            "Nowhere to start",
            "problem",
            "no screen is marked as the entry, or it is no page, missing or parked",
            "Without a place to start, nothing can be played or checked."),
    MISSING_TARGET(
            "Leads to what is not there",
            "problem",
            "links lead to what is not there; one finding for each thing that is missing",
            "Whoever taps it finds that nothing happens, and nobody told them why."),
    DEAD_END(
            "Dead end",
            "problem",
            "a reached screen, not marked as an end, from which nothing ever changes what is shown; leaving by "
                    + "device back is no way on",
            "A person who comes here can go nowhere else; they can only put the device away."),
    ONLY_DEVICE_BACK(
            "Only device back leads on",
            "warning, problem where a device has no back",
            "nothing but the device's own back leads on",
            "The only way on is the device’s own back. Some people do not know it, and some devices have none."),
    UNREACHED_SCREEN(
            "Never shown",
            "warning; problem when links lead there and none ever works; note when only a start point comes there",
            "a screen that no way of using the prototype shows: nothing leads here yet, only screens that are "
                    + "never shown do, its links never work, or only play from a start point shows it",
            "A screen that no way of using the prototype shows was drawn for nobody, or its link was forgotten."),
    CLOSED_CIRCLE(
            "Closed circle",
            "warning",
            "two or more screens lead only to one another, no end among them, and they are not the largest such "
                    + "set, which is taken for home",
            "Whoever comes in goes round and round and never gets to the rest of the app again."),
    LINK_NEVER_FIRES(
            "Link that never does anything",
            "warning",
            "a link on a shown screen that never does anything: refused by its target's form, nothing to close, "
                    + "or something else always comes first",
            "It looks as if it did something, and it never does."),
    RETURN_TO_NOWHERE(
            "Return with nothing behind",
            "warning; problem when the link never does anything else",
            "a return that can be reached with nothing behind",
            "Return with nothing behind does nothing: the person presses it and believes it is broken."),
    RETURN_TO_ABSENT(
            "Return to what is not behind",
            "warning; problem when the link never does anything else",
            "a return to a screen that does not lie behind",
            "It goes back only to what the person came through; where that does not lie behind, nothing happens."),
    ROW_ABSENT(
            "No row beside",
            "warning; problem when the link never does anything else",
            "a link to the next or previous row on a screen that came from no row of a list",
            "Without a row there is none beside it: the person presses it and nothing happens."),
    TRAIL_GROWS(
            "Trail that grows",
            "warning",
            "going round by links that all advance piles screens up; one item after another on one screen is no round",
            "Each round puts the same screens on the trail once more; whoever goes back then comes through all of them, "
                    + "one by one."),
    WAIT_IN_TRAIL(
            "Wait met when going back",
            "warning",
            "going back shows a screen whose wait moves on by itself",
            "Going back shows a screen that at once throws the person forward again; they cannot get past it."),
    ENDLESS_WAITS(
            "Waits without end",
            "problem",
            "screens that follow one another by waits for ever, on which nothing but device back does anything",
            "The screens go round by themselves and the person can only watch."),
    CANNOT_CLOSE(
            "Cannot be closed",
            "problem",
            "a reached overlay that no list of events ever closes (unless it is a dead end, which says more)",
            "What was opened above stays for ever; the rest of the app is lost behind it."),
    DEEP_OVERLAYS(
            "Three open at once",
            "warning",
            "three or more open at once",
            "With three things open above one another nobody remembers what closing one of them shows."),
    DRAWER_NO_HANDLE(
            "Drawer without a handle",
            "warning; problem when nothing at all opens it",
            "a drawer that nothing on the screens opens: only a swipe from the edge does, or on some device nothing",
            "Nothing on the screen says that there is a drawer; many people never find it, and a mouse makes no "
                    + "swipes."),
    DRAWER_CROWDED(
            "Crowded drawer",
            "note",
            "a drawer of more than nine items",
            "A drawer that became the place for everything is searched, not glanced at."),
    DRAWER_FEW(
            "Few items in a drawer",
            "note",
            "a drawer of three items or fewer",
            "For a few choices tabs are plainer: always in sight, and one tap less."),
    TAB_COUNT(
            "Too few or too many tabs",
            "warning",
            "a tab set with fewer than two or more than five tabs",
            "One tab is no choice; more than five are hard to tell apart and to hit."),
    TAB_LABEL_TWICE(
            "Two tabs of one label",
            "warning",
            "two tabs of one set with one label",
            "Nobody can tell which is which before tapping it."),
    TAB_SCREEN_TWICE(
            "One screen behind two tabs",
            "warning",
            "two tabs of one set that lead to the same place",
            "The same place behind two tabs has two trails; people lose where they were."),
    TAB_WITHOUT_TARGET(
            "Tab that leads nowhere",
            "problem",
            "a tab that leads to nothing that is there, or to what is no page",
            "It is tapped, and nothing happens."),
    TAB_ADVANCED_TO(
            "Tab advanced to",
            "warning",
            "a link within a tab set that advances to the root of one of its tabs",
            "It makes a second copy of that place, on the wrong trail: the strip says one tab, and the screen "
                    + "shows another."),
    SET_IN_ITSELF(
            "Tab set within itself",
            "warning",
            "a tab set that a link within it puts on top of itself",
            "Two strips lie on one trail, and back leads from one to the other; a tab was meant."),
    STRIP_VANISHES(
            "Strip that vanishes",
            "warning",
            "a screen in a tab set that hides the strip and has no way back on it",
            "The way back was the strip, and it is gone."),
    FINISH_MISSING(
            "Sequence without a finish",
            "warning",
            "the last page of a sequence is come to, and neither it nor the sequence leads anywhere",
            "People press next on the last page and nothing happens; they wonder whether they are done."),
    SIDEWAYS_TWICE(
            "Two answers to one swipe",
            "warning",
            "a swipe of a hotspot or of the whole screen where the same swipe turns a page, switches tabs or "
                    + "draws a drawer from its edge; a drawer at the edge from which the device goes back, or at "
                    + "that of another drawer",
            "The same movement means two things; which one happens is a matter of where the finger begins."),
    COVERED_HOTSPOT(
            "Covered hotspot",
            "problem",
            "others, or a frame, lie over all of it",
            "Another hotspot, a header, a floating button or the words that turn pages lie over all of it, so it can "
                    + "never be touched."),
    SAME_CAUSE_TWICE(
            "Two links for one cause",
            "warning",
            "two links with one cause on one hotspot; only the first counts",
            "Of two links with the same cause only the first counts; the other is never followed."),
    OUTSIDE_MOCK(
            "Hotspot outside the mock",
            "warning",
            "a hotspot that lies outside its picture, wholly or partly",
            "What lies outside the picture cannot be touched."),
    DEVICE_CANNOT(
            "Device cannot do it",
            "warning; problem when the link never does anything on any device",
            "what a named device refuses: a verb, a form opened above or one thing more above one another than it "
                    + "shows, a tab set, sequence or drawer, advancing from a sequence, a gesture",
            "On that device nothing happens, and nobody told the person why."),
    STATE_NEVER_HOLDS(
            "Look that never holds",
            "warning",
            "a look of a shown screen whose conditions never hold while that screen is current, or that an "
                    + "earlier look always comes before",
            "A look that is never shown was drawn for nobody, or what would show it was forgotten."),
    FACT_NEVER_SET(
            "Fact that is never set",
            "warning",
            "a fact that looks ask for and no link and no start point sets",
            "What asks for it always gets the same answer."),
    FACT_NEVER_READ(
            "Fact that is never read",
            "note",
            "a fact that nothing asks for",
            "What is remembered and never asked for makes no difference."),
    COPIED_WORDS(
            "Words left of a copy",
            "note",
            "a copy of a screen whose title, laid words, or labels of what now leads elsewhere are still the original's",
            "Whoever comes to it believes to be where they were: the words of a copy are easily forgotten."),
    ONE_OUTCOME(
            "Work that never fails",
            "warning",
            "a link drawn with one outcome and no other: saved was drawn, failed was not",
            "What is drawn for one outcome alone leaves open what people see when it turns out otherwise."),
    FIXED_WAIT_FOR_WORK(
            "Work of a fixed time",
            "warning",
            "a screen whose title says that something is being worked at, and that goes on after a fixed time",
            "Work takes as long as it takes and may fail; a fixed time tests neither."),
    WAIT_TOO_SHORT(
            "Wait too short to read",
            "warning",
            "a screen that goes on by itself before what can be touched there was read, at 200 words a minute, or "
                    + "touched",
            "It is gone before the person has read it or got there."),
    HIDDEN_GESTURE_ONLY(
            "Only by a hidden gesture",
            "note",
            "what only a long press, a double tap, a swipe, hovering or a secondary press on a screen leads to",
            "Nothing on the screen says that it can be done; many people never find out."),
    MOCK_MISSING(
            "No mock",
            "warning",
            "screens whose picture is less than ¾ or more than 4⁄3 as wide as a named device, so that it stands "
                    + "there at its own size",
            "On that device the screen does not look as it was meant to; a picture for its width is missing."),
    HOTSPOT_NOT_PLACED(
            "Hotspot without a place",
            "warning",
            "a hotspot with no area on a picture that a named device shows",
            "It cannot be touched on that device, since nobody said where it stands there."),
    HOTSPOT_WITHOUT_LINK(
            "Hotspot without a link",
            "warning",
            "a marked area that does nothing (on a screen where none does, that is said as one dead end)",
            "It was marked as something to touch, and nothing happens."),
    FIELD_ROWS(
            "Field with rows",
            "warning",
            "a hotspot that is called a field and has rows",
            "What is repeated is touched row by row, and nothing can be typed in it."),
    BRANCH_NEVER(
            "Way out never chosen",
            "warning",
            "a way to turn out that can never be chosen: one before it always holds, or leaves nothing to choose",
            "Somebody drew how it turns out, and nobody will ever see it."),
    TARGET_SIZE(
            "Too small for a finger",
            "warning under 24×24 px (WCAG 2.2 SC 2.5.8), note under 44×44 px (SC 2.5.5)",
            "at its true size on the device where it is smallest",
            "Fingers miss what is small. WCAG 2.2 asks for 24×24 px (2.5.8) and advises 44×44 px (2.5.5)."),
    ADDRESS_UNUSABLE(
            "Address that cannot be used",
            "warning",
            "an entry with an address that can open nothing: its screen is missing, parked or no page, or needs a "
                    + "value that the address does not hold",
            "Whoever follows a link from a message or a sign on the wall lands nowhere."),
    ADDRESS_PART(
            "Part of an address",
            "warning",
            "a part of an address that what it opens does not expect, or that may be left out and is needed; a value it is "
                    + "tried with that is of another type",
            "What the address says is dropped, or it opens nothing: whoever follows it does not find what was meant."),
    VALUE_MISSING(
            "Value that is missing",
            "problem; warning when it is there at other times",
            "a link to a screen that needs a value, and carries none, or one that can be empty",
            "The move is refused: the person taps and nothing happens."),
    VALUE_UNKNOWN(
            "Value nobody expects",
            "warning",
            "a link carries a value that its target does not expect",
            "It is dropped on the way; somebody believes that it arrives."),
    VALUE_TYPE(
            "Value of the wrong type",
            "problem where the value is needed, else warning",
            "a link carries what can never be of the type that is expected",
            "What is of the wrong type counts as missing."),
    UNKNOWN_PLACEHOLDER(
            "Unknown name in braces",
            "warning",
            "words shown with a name in braces that is neither a value the screen expects nor a fact",
            "The braces stay in the words, for everybody to see."),
    TITLE_TWICE(
            "Two screens of one title",
            "warning",
            "screens of one title",
            "Two screens of one title are taken for each other, in the finder and in talk."),
    TITLE_EMPTY(
            "No title",
            "warning",
            "a screen without a title",
            "A screen without a title cannot be found or talked about.");

    private final String title;
    private final String weights;
    private final String meaning;
    private final String why;

    Rule(String title, String weights, String meaning, String why) {
        this.title = title;
        this.weights = weights;
        this.meaning = meaning;
        this.why = why;
    }

    /** Its id in reports and files. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** What it is called in the window. */
    public String title() {
        return title;
    }

    /** What the rule of an id is called; the id itself where there is no such rule. */
    public static String titled(String id) {
        return of(id).map(Rule::title).orElse(id);
    }

    /** The rule of an id. */
    public static Optional<Rule> of(String id) {
        return Arrays.stream(values()).filter(r -> r.id().equals(id)).findFirst();
    }

    /** How much it weighs, and when, in words: "warning; problem when the link never does anything else". */
    public String weights() {
        return weights;
    }

    /** What is found, in words, without a capital and a full stop. */
    public String meaning() {
        return meaning;
    }

    /** Why it matters, in one sentence. */
    public String why() {
        return why;
    }
}
