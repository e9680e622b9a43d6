package pandel.desktop.links;

import java.util.List;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/** Walks from screen to screen along links, and from hotspot to hotspot. */
final class LinksWalk {

    private final LinksView view;

    LinksWalk(LinksView view) {
        this.view = view;
    }

    void walkTo(String id) {
        if (!id.equals(view.work.selection().screen())) {
            view.walked.push(view.work.selection().screen());
            view.work.selection().choose(id);
            view.desk.requestFocus();
        }
    }

    void walkOn() {
        view.actions
                .leadsTo()
                .filter(id -> view.work.prototype().screen(id).isPresent())
                .ifPresentOrElse(this::walkTo, () -> view.around.say("The chosen link leads to no screen to walk to."));
    }

    void walkBack() {
        while (!view.walked.isEmpty()) {
            String id = view.walked.pop();
            if (view.work.prototype().screen(id).isPresent()
                    && !id.equals(view.work.selection().screen())) {
                view.work.selection().choose(id);
                view.desk.requestFocus();
                return;
            }
        }
    }

    void nextHotspot(int by) {
        List<Hotspot> waiting =
                view.actions.hotspots().stream().filter(h -> h.waitsForLink()).toList();
        // What waits for a link comes first.
        List<Hotspot> all = by > 0 && !waiting.isEmpty() ? waiting : view.actions.hotspots();
        if (all.isEmpty()) {
            return;
        }
        int at = view.actions.chosen().isEmpty()
                ? (by > 0 ? -1 : 0)
                : all.stream()
                        .map(Hotspot::id)
                        .toList()
                        .indexOf(view.actions.chosen().getLast().id());
        view.work
                .selection()
                .chooseHotspot(all.get(Math.floorMod(at + by, all.size())).id());
        view.desk.requestFocus();
    }

    void nextScreen(int by) {
        List<Screen> screens = view.work.prototype().screens();
        walkTo(screens.get(Math.floorMod(screens.indexOf(view.work.screen().orElse(null)) + by, screens.size()))
                .id());
    }
}
