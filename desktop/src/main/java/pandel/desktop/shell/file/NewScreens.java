package pandel.desktop.shell.file;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import pandel.core.areas.Recurring;
import pandel.core.areas.Things;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.SmallScreens;
import pandel.core.model.Look;
import pandel.core.model.device.Width;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.desktop.picture.PictureThings;
import pandel.desktop.shell.notice.Telling;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;

/** What can be said of screens just made from pictures, each with what one press does about it. */
public final class NewScreens {

    private static final int FEWEST = 3;

    private final Work work;
    private final PictureThings things;
    private final Telling telling;
    private final Runnable toDesk;

    /** @param toDesk shows the desk */
    public NewScreens(Work work, PictureThings things, Telling telling, Runnable toDesk) {
        this.work = work;
        this.things = things;
        this.telling = telling;
        this.toDesk = toDesk;
    }

    /**
     * Looks at screens just taken in, and offers what suits them.
     *
     * @param told what was said of them
     */
    public void look(String told, List<String> ids) {
        offerForms(told, now(ids));
        Document document = work.document();
        for (Width width : Width.values()) {
            List<Screen> drawn = now(ids).stream()
                    .filter(s -> picture(s, width).isPresent())
                    .limit(PictureThings.MOST)
                    .toList();
            if (drawn.size() >= FEWEST) {
                things.onAll(
                        drawn.stream().flatMap(s -> picture(s, width).stream()).toList(), found -> {
                            if (work.document() == document) {
                                offerSign(width, drawn, found);
                            }
                        });
            }
        }
    }

    /** Those that are there still. */
    private List<Screen> now(List<String> ids) {
        Set<String> wanted = Set.copyOf(ids);
        return work.prototype().screens().stream()
                .filter(s -> wanted.contains(s.id()))
                .toList();
    }

    private static Optional<Picture> picture(Screen screen, Width width) {
        Optional<Mock> own =
                screen.mocks().stream().filter(m -> m.on() == width).findFirst();
        return own.filter(Picture.class::isInstance).map(Picture.class::cast);
    }

    private void offerForms(String told, List<Screen> screens) {
        Map<String, Form> forms = SmallScreens.among(work.prototype(), screens);
        if (forms.isEmpty()) {
            return;
        }
        Document document = work.document();
        telling.offer(
                told + " "
                        + (forms.size() == 1
                                ? "“" + title(forms.keySet().iterator().next())
                                        + "” is smaller than the device, as what stands above a page is."
                                : forms.size()
                                        + " of these are smaller than the device, as what stands above a page is."),
                "Make " + (forms.size() == 1 ? "it a " : "them ") + words(forms),
                () -> {
                    if (work.document() == document) {
                        work.edit(SmallScreens.of(forms));
                    }
                });
    }

    private String title(String id) {
        return work.prototype().screen(id).map(Screen::shownTitle).orElse("");
    }

    private static String words(Map<String, Form> forms) {
        return forms.size() == 1
                ? forms.values().iterator().next().word()
                : forms.values().stream()
                        .distinct()
                        .sorted()
                        .map(f -> f.word() + "s")
                        .collect(Collectors.joining(" and "));
    }

    /** The sign that most of them have, where nothing is marked yet. */
    private void offerSign(Width width, List<Screen> drawn, List<Things> found) {
        record Sign(Area area, Set<String> on) {}
        List<Sign> signs = new ArrayList<>();
        for (Recurring each : Recurring.among(found, FEWEST)) {
            if (each.kind() == Recurring.Kind.SIGN) {
                Area area = each.areas().getFirst();
                Set<String> on = each.pictures().stream()
                        .flatMap(i -> work.prototype().screen(drawn.get(i).id()).stream())
                        .filter(s -> isFree(s, width, area))
                        .map(Screen::id)
                        .collect(Collectors.toCollection(LinkedHashSet::new));
                signs.add(new Sign(area, on));
            }
        }
        Document document = work.document();
        signs.stream()
                .filter(s -> s.on().size() >= FEWEST)
                .max(Comparator.comparingInt(s -> s.on().size()))
                .ifPresent(sign -> telling.offer(
                        sign.on().size() + " of these have a sign at the same place.",
                        "Mark it on all " + sign.on().size(),
                        () -> {
                            if (work.document() == document) {
                                mark(width, sign.area(), sign.on());
                            }
                        }));
    }

    private boolean isFree(Screen screen, Width width, Area area) {
        return Look.plain(screen).isFree(area, width, work.prototype().index().hotspotsOn(screen.id()));
    }

    /** One shared hotspot, chosen on the desk: what it leads to is said there. */
    private void mark(Width width, Area area, Set<String> on) {
        List<String> there = now(List.copyOf(on)).stream().map(Screen::id).toList();
        if (there.isEmpty()) {
            return;
        }
        Hotspot sign = new Hotspot(work.freshId("hotspot"), "", Map.of(width, area.rounded()), List.of(), Rest.NONE);
        work.edit(HotspotEdits.addShared(sign, there));
        work.selection().choose(there.getFirst());
        toDesk.run();
        work.selection().chooseHotspot(sign.id());
    }
}
