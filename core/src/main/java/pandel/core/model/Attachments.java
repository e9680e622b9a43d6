package pandel.core.model;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;

/** Where the drawers of a prototype are attached. */
public final class Attachments {

    private Attachments() {}

    /**
     * Whether a drawer is attached to a place.
     *
     * @param inside whether the place is inside a tab set of an id
     */
    public static boolean isAttached(Contents contents, Drawer drawer, String screen, Predicate<String> inside) {
        return drawer.on().screens().contains(screen)
                || drawer.on().tabSets().stream().anyMatch(inside)
                || drawer.on().all()
                        && contents.screen(screen)
                                .filter(s -> s.form() == Form.PAGE)
                                .isPresent();
    }

    /** Whether a drawer stands on a screen, or may: inside a tab set that can be anywhere. */
    public static boolean mayStandOn(Contents contents, Drawer drawer, String screen) {
        return !drawer.on().tabSets().isEmpty() || isAttached(contents, drawer, screen, set -> false);
    }

    /**
     * The screens a drawer stands on as far as that can be told without playing: inside tab sets the roots of their
     * tabs.
     */
    public static List<Screen> screens(Contents contents, Drawer drawer) {
        return screenIds(contents, drawer).stream()
                .flatMap(id -> contents.screen(id).stream())
                .toList();
    }

    /** Their ids, missing ones too. */
    static Set<String> screenIds(Contents contents, Drawer drawer) {
        Set<String> found = new LinkedHashSet<>();
        if (drawer.on().all()) {
            contents.screens().stream().filter(s -> s.form() == Form.PAGE).forEach(s -> found.add(s.id()));
        }
        found.addAll(drawer.on().screens());
        drawer.on().tabSets().forEach(id -> found.addAll(Targets.takerIds(contents, new Target.ToTabs(id))));
        return found;
    }
}
