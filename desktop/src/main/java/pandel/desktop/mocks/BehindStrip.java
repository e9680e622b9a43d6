package pandel.desktop.mocks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import pandel.core.areas.Recurring;
import pandel.core.areas.Things;
import pandel.core.edit.Edit;
import pandel.core.edit.frame.DrawnStrip;
import pandel.core.edit.frame.TabSetEdits;
import pandel.core.model.device.Width;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.desktop.frames.TabSetDesk;
import pandel.desktop.stage.PageHost;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;

/**
 * Puts screens behind a strip: the one that is linked on them already, else the one that is drawn on their pictures,
 * else one laid over them.
 */
final class BehindStrip {

    private final Work work;
    private final PageHost around;

    BehindStrip(Work work, PageHost around) {
        this.work = work;
        this.around = around;
    }

    void put(List<Screen> screens) {
        Optional<String> why = TabSetEdits.whyNot(work.prototype(), screens);
        if (why.isPresent()) {
            around.say(why.get());
            return;
        }
        if (TabSetEdits.isDrawn(work.prototype(), screens)) {
            TabSet set = set(screens);
            made(
                    TabSetEdits.make(set.withStrip(set.strip().withEdge(TabSet.Edge.DRAWN))),
                    set,
                    ", the one drawn on them");
            return;
        }
        List<Picture> pictures = screens.stream()
                .flatMap(s -> s.mocks().stream())
                .filter(Picture.class::isInstance)
                .map(Picture.class::cast)
                .toList();
        Document document = work.document();
        around.things().onAll(pictures, things -> {
            // The screens may be gone by then, or another prototype open.
            if (document == work.document()
                    && TabSetEdits.whyNot(work.prototype(), screens).isEmpty()
                    && screens.stream()
                            .allMatch(s -> work.prototype().screen(s.id()).isPresent())) {
                put(screens, pictures, things);
            }
        });
    }

    private void put(List<Screen> screens, List<Picture> pictures, List<Things> things) {
        Map<Width, Recurring.DrawnTabs> drawn = new EnumMap<>(Width.class);
        for (Width width : Width.values()) {
            List<Things> some = IntStream.range(0, pictures.size())
                    .filter(i -> pictures.get(i).on() == width)
                    .mapToObj(things::get)
                    .toList();
            if (some.size() == screens.size()) {
                Recurring.tabs(some)
                        .filter(t -> t.areas().size() == screens.size())
                        .ifPresent(t -> drawn.put(width, t));
            }
        }
        List<Screen> ordered = drawn.values().stream()
                .findFirst()
                .map(t -> asDrawn(screens, t.chosen()))
                .orElse(screens);
        TabSet set = set(ordered);
        Map<Width, List<Area>> areas = new EnumMap<>(Width.class);
        drawn.forEach((width, t) -> areas.put(width, t.areas()));
        List<String> roots = ordered.stream().map(Screen::id).toList();
        if (areas.isEmpty() || DrawnStrip.isMarked(work.prototype(), roots, areas)) {
            made(TabSetEdits.make(set), set, "");
        } else {
            made(
                    DrawnStrip.make(set, areas, work.naming()),
                    set,
                    ", the one drawn on them; each tab has its area, which can be moved on the desk");
        }
    }

    /** In the order of the tabs that are chosen on them, where each is on another; else as they were chosen. */
    private static List<Screen> asDrawn(List<Screen> screens, List<Integer> chosen) {
        if (chosen.contains(-1) || Set.copyOf(chosen).size() < screens.size()) {
            return screens;
        }
        List<Integer> order =
                new ArrayList<>(IntStream.range(0, screens.size()).boxed().toList());
        order.sort(Comparator.comparing(chosen::get));
        return order.stream().map(screens::get).toList();
    }

    private TabSet set(List<Screen> screens) {
        List<TabSet.Tab> tabs = screens.stream()
                .map(s -> new TabSet.Tab(
                        work.freshId(s.shownTitle() + " tab"), s.shownTitle(), "", new Target.ToScreen(s.id())))
                .toList();
        String title = screens.getFirst().shownTitle() + " and beside";
        return TabSet.of(work.freshId(title), title, tabs).withStrip(TabSet.Strip.USUAL);
    }

    private void made(Edit edit, TabSet set, String which) {
        int switching = TabSetEdits.switching(work.prototype(), set).size();
        work.edit(edit);
        int size = set.tabs().size();
        around.say((size == 1 ? "One screen stands" : size + " screens stand") + " behind a strip" + which
                + (switching == 0
                        ? "."
                        : switching == 1
                                ? "; one link switches its tabs now."
                                : "; " + switching + " links switch its tabs now."));
        TabSetDesk.open(work, around, set.id());
    }
}
