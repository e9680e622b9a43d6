package pandel.core.check;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What checks look for. */
public enum Rule {
    NO_ENTRY("Without a place to start, nothing can be played or checked."),
    MISSING_TARGET("Whoever taps it finds that nothing happens, and nobody told them why."),
    DEAD_END("A person who comes here can go nowhere else; they can only put the device away."),
    ONLY_DEVICE_BACK("The only way on is the device’s own back. Some people do not know it, and some devices have none."),
    UNREACHED_SCREEN("A screen that no way of using the prototype shows was drawn for nobody, or its link was forgotten."),
    CLOSED_CIRCLE("Whoever comes in goes round and round and never gets to the rest of the app again."),
    LINK_NEVER_FIRES("It looks as if it did something, and it never does."),
    RETURN_TO_NOWHERE("Return with nothing behind does nothing: the person presses it and believes it is broken."),
    RETURN_TO_ABSENT("It goes back only to what the person came through; where that does not lie behind, nothing happens."),
    WAIT_IN_TRAIL("Going back shows a screen that at once throws the person forward again; they cannot get past it."),
    ENDLESS_WAITS("The screens go round by themselves and the person can only watch."),
    CANNOT_CLOSE("What was opened above stays for ever; the rest of the app is lost behind it."),
    DEEP_OVERLAYS("With three things open above one another nobody remembers what closing one of them shows."),
    COVERED_HOTSPOT("Another hotspot lies over all of it, so it can never be touched."),
    SAME_CAUSE_TWICE("Of two links with the same cause only the first counts; the other is never followed."),
    OUTSIDE_MOCK("What lies outside the picture cannot be touched."),
    HOTSPOT_WITHOUT_LINK("It was marked as something to touch, and nothing happens."),
    TARGET_SIZE("Fingers miss what is small. WCAG 2.2 asks for 24×24 px (2.5.8) and advises 44×44 px (2.5.5)."),
    TITLE_TWICE("Two screens of one title are taken for each other, in the finder and in talk."),
    TITLE_EMPTY("A screen without a title cannot be found or talked about.");

    private final String why;

    Rule(String why) {
        this.why = why;
    }

    /** Its id in reports and files. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The rule of an id. */
    public static Optional<Rule> of(String id) {
        return Arrays.stream(values()).filter(r -> r.id().equals(id)).findFirst();
    }

    /** Why it matters, in one sentence. */
    public String why() {
        return why;
    }
}
