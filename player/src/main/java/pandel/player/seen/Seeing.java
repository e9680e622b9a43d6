package pandel.player.seen;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.link.Effect;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.BusyPlace;
import pandel.core.play.layout.DrawerPlace;
import pandel.core.play.layout.HeaderPlace;
import pandel.core.play.layout.Scrolled;
import pandel.core.play.layout.Under;
import pandel.core.play.situation.Situation;

/** Tells what is to be drawn of a situation. */
public final class Seeing {

    private Seeing() {}

    /** All that is to be drawn. */
    public static Seen of(Prototype prototype, Situation now, Scrolled scrolled) {
        return new Seen(
                prototype.screen(now.screen()).map(Screen::shownTitle).orElse(""),
                now.width(),
                now.height(),
                now.left(),
                IntStream.range(0, now.levels().size())
                        .boxed()
                        .flatMap(i -> LevelSeeing.of(prototype, now, i, scrolled).stream())
                        .toList(),
                now.drawer()
                        .flatMap(prototype::drawer)
                        .map(d -> DrawerMarks.out(
                                DrawerPlace.of(prototype, now, now.levels().size() - 1, d),
                                now.width(),
                                scrolled.drawer(),
                                prototype.feel().drawers())),
                listed(prototype, now, scrolled),
                now.notice().map(n -> {
                    Optional<Effect.Action> action =
                            n.action().flatMap(prototype.index()::way).flatMap(w -> w.action());
                    return new Seen.NoticeSeen(
                            n.words(),
                            n.action().map(id -> "action " + id).orElse(""),
                            action.map(Effect.Action::shownLabel).orElse(""));
                }),
                BusyPlace.of(prototype, now).map(b -> Mark.at(b.x(), b.y(), 1, 1)),
                now.device().back() != Device.Back.NONE);
    }

    /** A drawer that is not out yet, on its way there. */
    public static DrawerSeen drawer(Prototype prototype, Situation now, String id) {
        return DrawerMarks.out(
                DrawerPlace.of(
                        prototype,
                        now,
                        now.levels().size() - 1,
                        prototype.drawer(id).orElseThrow()),
                now.width(),
                0,
                prototype.feel().drawers());
    }

    /** The top level, of a page that is about to be turned to. */
    public static Optional<LevelSeen> top(Prototype prototype, Situation now) {
        return LevelSeeing.of(prototype, now, now.levels().size() - 1, Scrolled.NONE);
    }

    /** The actions of a header that do not fit, while they are listed. */
    private static Optional<Panel> listed(Prototype prototype, Situation now, Scrolled scrolled) {
        List<Under> unders = new ArrayList<>(List.of(Under.current(prototype, now)));
        Under.list(prototype, now).ifPresent(unders::add);
        return scrolled.listed()
                .flatMap(id -> unders.stream()
                        .flatMap(u -> HeaderPlace.over(prototype, u).stream())
                        .filter(p -> p.header().id().equals(id) && !p.gathered().isEmpty())
                        .findFirst()
                        .map(HeaderMarks::listed));
    }
}
