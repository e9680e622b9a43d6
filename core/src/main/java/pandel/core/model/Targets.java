package pandel.core.model;

import java.util.List;
import java.util.Optional;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Screen;

/** What targets lead to in a prototype. */
public final class Targets {

    private Targets() {}

    /** Whether the screen, sequence or tab set itself is there, whatever of it is missing. */
    public static boolean isThere(Contents contents, Target target) {
        return switch (target) {
            case Target.ToScreen to -> contents.screen(to.id()).isPresent();
            case Target.ToSequence to -> contents.sequence(to.id()).isPresent();
            case Target.ToTabs to -> contents.tabSet(to.id()).isPresent();
        };
    }

    /** The tab of a set that is shown first; empty when it is not there. */
    public static Optional<TabSet.Tab> firstTab(Contents contents, Target.ToTabs to) {
        return contents.tabSet(to.id())
                .flatMap(s -> to.tab().isPresent() ? s.tab(to.tab().get()) : s.firstTab());
    }

    /** The screen that is shown first there; empty when something of it is missing. */
    public static Optional<Screen> shown(Contents contents, Target target) {
        return contents.screen(shownId(contents, target));
    }

    /** Id of the screen that is shown first there, or of what is missing. */
    public static String shownId(Contents contents, Target target) {
        return shownId(contents, target, Target.DEEPEST);
    }

    private static String shownId(Contents contents, Target target, int deep) {
        return switch (target) {
            case Target.ToTabs to ->
                deep == 0
                        ? to.id()
                        : firstTab(contents, to)
                                .map(t -> shownId(contents, t.root(), deep - 1))
                                .orElse(to.id());
            case Target.ToScreen to -> to.id();
            case Target.ToSequence to ->
                contents.sequence(to.id())
                        .filter(s -> to.first() >= 1 && to.first() <= s.pages().size())
                        .map(s -> s.pages().get(to.first() - 1))
                        .orElse(to.id());
        };
    }

    /**
     * All screens that what is carried there may be given to: the screen, the pages of a sequence, the roots of a tab
     * set; what is missing is left out.
     */
    public static List<Screen> takers(Contents contents, Target target) {
        return takerIds(contents, target).stream()
                .flatMap(id -> contents.screen(id).stream())
                .toList();
    }

    /** Ids of all screens that what is carried there may be given to, missing ones too. */
    public static List<String> takerIds(Contents contents, Target target) {
        return takerIds(contents, target, Target.DEEPEST);
    }

    private static List<String> takerIds(Contents contents, Target target, int deep) {
        return switch (target) {
            case Target.ToTabs to ->
                deep == 0
                        ? List.of()
                        : contents.tabSet(to.id()).stream()
                                .flatMap(s -> s.tabs().stream())
                                .flatMap(t -> takerIds(contents, t.root(), deep - 1).stream())
                                .toList();
            case Target.ToScreen to -> List.of(to.id());
            case Target.ToSequence to ->
                contents.sequence(to.id()).stream()
                        .flatMap(s -> s.pages().stream())
                        .toList();
        };
    }
}
