package pandel.desktop.links.desk;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.areas.Recurring;
import pandel.core.areas.Things;
import pandel.core.model.Look;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.desktop.links.action.DeskActions;
import pandel.desktop.picture.PictureThings;
import pandel.desktop.work.Work;

/** What presses on the desk's mock could mark, as far as the pictures are looked at. */
final class Proposals {

    private final Work work;
    private final DeskActions actions;
    private final PictureThings pictures;
    private Optional<Things> things = Optional.empty();
    private List<Recurring> here = List.of();
    private List<Screen> screens = List.of();
    /** Comparing many pictures takes a while: not before a hand comes near to what could recur. */
    private boolean comparing;

    Proposals(Work work, DeskActions actions, PictureThings pictures) {
        this.work = work;
        this.actions = actions;
        this.pictures = pictures;
    }

    /** Looks at the mock that is shown, and at the others of its width. */
    void refresh() {
        things = Optional.empty();
        here = List.of();
        if (work.screen().isEmpty()) {
            return;
        }
        Optional<Picture> shown = picture(actions.look());
        if (shown.isEmpty()) {
            return;
        }
        if (comparing) {
            compare(shown.get().on());
        }
        List<Area> laid = shown.get().patches().stream().map(Patch::area).toList();
        things = pictures.on(shown.get()).map(t -> t.under(laid).knowing(here));
    }

    /** Looks for what recurs here among the plain pictures of a width. */
    private void compare(Width width) {
        List<Screen> all = new ArrayList<>();
        List<Picture> plain = new ArrayList<>();
        for (Screen screen : work.prototype().screens()) {
            picture(Look.plain(screen)).filter(p -> p.on() == width).ifPresent(p -> {
                all.add(screen);
                plain.add(p);
            });
        }
        screens = all;
        int number = all.indexOf(actions.screen());
        here = pictures.among(plain).stream()
                .filter(r -> r.kind() == Recurring.Kind.SIGN && r.pictures().contains(number))
                .toList();
    }

    private Optional<Picture> picture(Look look) {
        Optional<Mock> mock = look.mockFor(actions.deviceWidth());
        return mock.filter(Picture.class::isInstance).map(Picture.class::cast);
    }

    /** What lies there, the likeliest first. */
    private List<Things.Offer> offers(double x, double y) {
        if (!comparing && things.filter(t -> t.isSign(x, y)).isPresent()) {
            comparing = true;
            refresh();
        }
        return things.map(t -> t.at(x, y)).orElse(List.of());
    }

    /**
     * What a press there would mark, without the screens that have it too: those are of no use to a hand that hovers.
     */
    Optional<Marking> hovered(double x, double y) {
        return offers(x, y).stream()
                .findFirst()
                .map(offer -> new Marking(offer.area(), offer.kind(), offer.alike(), Set.of()));
    }

    /** What a press there could mark, the likeliest first. */
    List<Marking> at(double x, double y) {
        return offers(x, y).stream()
                .map(offer -> new Marking(
                        offer.area(),
                        offer.kind(),
                        offer.alike(),
                        offer.kind() == Things.Kind.SIGN ? sharing(offer.area()) : Set.of()))
                .toList();
    }

    /** The screens with a sign at the same place on which nothing is marked there yet, this one with them. */
    private Set<String> sharing(Area area) {
        Set<String> with = new LinkedHashSet<>();
        here.stream()
                .filter(r -> r.areas().getFirst().containsMiddleOf(area))
                .findFirst()
                .ifPresent(r -> r.pictures().forEach(i -> {
                    if (i < screens.size() && isFree(screens.get(i), area)) {
                        with.add(screens.get(i).id());
                    }
                }));
        return with.size() > 1 ? with : Set.of();
    }

    private boolean isFree(Screen screen, Area area) {
        return Look.plain(screen)
                .isFree(area, actions.deviceWidth(), work.prototype().index().hotspotsOn(screen.id()));
    }
}
