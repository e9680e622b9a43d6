package pandel.core.model;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import pandel.core.model.frame.Attached;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;

/** Where the drawers and headers of a prototype are attached. */
public final class Attachments {

    private Attachments() {}

    /**
     * Whether something is attached to a place.
     *
     * @param inside whether the place is inside a tab set of an id
     */
    public static boolean isAttached(Contents contents, Attached on, String screen, Predicate<String> inside) {
        return on.screens().contains(screen)
                || on.tabSets().stream().anyMatch(inside)
                || on.all()
                        && contents.screen(screen)
                                .filter(s -> s.form() == Form.PAGE)
                                .isPresent();
    }

    /** Whether something stands on a screen, or may: inside a tab set that can be anywhere. */
    public static boolean mayStandOn(Contents contents, Attached on, String screen) {
        return !on.tabSets().isEmpty() || isAttached(contents, on, screen, set -> false);
    }

    /**
     * The screens something stands on as far as that can be told without playing: inside tab sets the roots of their
     * tabs.
     */
    public static List<Screen> screens(Contents contents, Attached on) {
        return screenIds(contents, on).stream()
                .flatMap(id -> contents.screen(id).stream())
                .toList();
    }

    /** Their ids, missing ones too. */
    static Set<String> screenIds(Contents contents, Attached on) {
        Set<String> found = new LinkedHashSet<>();
        if (on.all()) {
            contents.screens().stream().filter(s -> s.form() == Form.PAGE).forEach(s -> found.add(s.id()));
        }
        found.addAll(on.screens());
        on.tabSets().forEach(id -> found.addAll(Targets.takerIds(contents, new Target.ToTabs(id))));
        return found;
    }
}
