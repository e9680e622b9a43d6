package pandel.desktop.links;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.desktop.links.action.DeskActions;
import pandel.desktop.stage.Messages;
import pandel.desktop.work.Work;

/** Walks from screen to screen along links, and from hotspot to hotspot. */
final class LinksWalk {

    private final Work work;
    private final DeskActions actions;
    private final Messages messages;
    private final Runnable focus;
    private final Deque<String> walked = new ArrayDeque<>();

    /**
     * Walks about a prototype.
     *
     * @param focus gives the desk the keys
     */
    LinksWalk(Work work, DeskActions actions, Messages messages, Runnable focus) {
        this.work = work;
        this.actions = actions;
        this.messages = messages;
        this.focus = focus;
    }

    /** Id of the screen that one came from last. */
    Optional<String> cameFrom() {
        return Optional.ofNullable(walked.peek());
    }

    void walkTo(String id) {
        if (!id.equals(work.selection().screen())) {
            walked.push(work.selection().screen());
            work.selection().choose(id);
            focus.run();
        }
    }

    void walkOn() {
        actions.leadsTo()
                .filter(id -> work.prototype().screen(id).isPresent())
                .ifPresentOrElse(this::walkTo, () -> messages.say("The chosen link leads to no screen to walk to."));
    }

    void walkBack() {
        while (!walked.isEmpty()) {
            String id = walked.pop();
            if (work.prototype().screen(id).isPresent()
                    && !id.equals(work.selection().screen())) {
                work.selection().choose(id);
                focus.run();
                return;
            }
        }
    }

    void nextHotspot(int by) {
        List<Hotspot> waiting =
                actions.hotspots().stream().filter(h -> h.waitsForLink()).toList();
        // What waits for a link comes first.
        List<Hotspot> all = by > 0 && !waiting.isEmpty() ? waiting : actions.hotspots();
        if (all.isEmpty()) {
            return;
        }
        int at = actions.chosen().isEmpty()
                ? (by > 0 ? -1 : 0)
                : all.stream()
                        .map(Hotspot::id)
                        .toList()
                        .indexOf(actions.chosen().getLast().id());
        work.selection()
                .chooseHotspot(all.get(Math.floorMod(at + by, all.size())).id());
        focus.run();
    }

    void nextScreen(int by) {
        List<Screen> screens = work.prototype().screens();
        walkTo(screens.get(Math.floorMod(screens.indexOf(work.screen().orElse(null)) + by, screens.size()))
                .id());
    }
}
