package pandel.player;

import java.util.Locale;
import pandel.core.model.screen.Area;
import pandel.core.play.layout.Aim;
import pandel.core.play.layout.AnswerPlace;
import pandel.core.play.touch.Follows;
import pandel.player.seen.DrawerSeen;
import pandel.player.seen.LevelSeen;
import pandel.player.seen.Mark;
import pandel.player.seen.PageSeen;
import pandel.player.seen.Panel;
import pandel.player.seen.Seen;
import pandel.player.seen.Touchable;

/** What is seen and what something came to, as the script that draws it reads it. */
final class SeenJson {

    private SeenJson() {}

    static String of(Answered it) {
        Json out = new Json();
        return out.object(() -> out.field("told", it.told())
                        .field("ring", it.ring())
                        .field("motion", it.motion(), SeenJson::move)
                        .field("asks", it.asks(), SeenJson::asked)
                        .field("types", it.types(), SeenJson::types)
                        .field("typed", it.typed())
                        .name("seen")
                        .object(() -> seen(out, it.seen())))
                .toString();
    }

    static void move(Json out, Answered.Move it) {
        out.object(() -> out.field("kind", it.kind())
                .field("direction", it.direction())
                .field("ms", it.ms())
                .field("easing", it.easing())
                .field("backward", it.backward()));
    }

    private static void asked(Json out, Answered.Asked it) {
        out.object(() -> out.field("what", it.what()).field("outcomes", it.outcomes(), Json::text));
    }

    private static void types(Json out, Aim.FieldAt it) {
        out.object(() -> out.field("id", it.id()).part("at", it.area(), SeenJson::area));
    }

    private static void seen(Json out, Seen it) {
        out.field("title", it.title())
                .field("width", it.width())
                .field("height", it.height())
                .field("left", it.left())
                .field("back", it.back())
                .field("levels", it.levels(), SeenJson::level)
                .field("drawer", it.drawer(), SeenJson::drawer)
                .field("listed", it.listed(), SeenJson::panel)
                .field("notice", it.notice(), SeenJson::notice)
                .field("busy", it.busy(), SeenJson::area);
    }

    private static void notice(Json out, Seen.NoticeSeen it) {
        out.object(
                () -> out.field("words", it.words()).field("touch", it.touch()).field("action", it.action()));
    }

    static void level(Json out, LevelSeen it) {
        out.object(() -> out.field("key", it.key())
                .field("overlay", it.overlay())
                .field("shade", it.shade())
                .part("room", it.room(), SeenJson::area)
                .part("page", it.page(), SeenJson::page)
                .part("foot", it.foot(), SeenJson::panel)
                .field("strips", it.strips(), SeenJson::panel)
                .field("sets", it.sets())
                .field("sequence", it.sequence())
                .field("header", it.header(), SeenJson::panel)
                .field("staying", it.staying(), SeenJson::panel)
                .field("list", it.list(), SeenJson::level)
                .field("touches", it.touches(), SeenJson::touch));
    }

    private static void page(Json out, PageSeen it) {
        out.object(() -> out.part("at", it.at(), SeenJson::area)
                .field("picture", it.picture())
                .field("title", it.title())
                .field("marks", it.marks(), SeenJson::mark)
                .field("top", it.top())
                .field("foot", it.foot())
                .field("topAt", it.topAt())
                .field("footAt", it.footAt())
                .field("hidden", it.hidden()));
    }

    static void drawer(Json out, DrawerSeen it) {
        out.object(() -> out.field("id", it.id())
                .field("right", it.right())
                .field("wide", it.wide())
                .part("held", it.held(), SeenJson::panel)
                .part("rows", it.rows(), SeenJson::panel)
                .field("seen", it.seen())
                .field("rolled", it.rolled())
                .field("moves", it.moves())
                .field("rests", it.rests())
                .field("shrinks", it.shrinks())
                .field("shade", it.shade())
                .field("shadow", it.shadow())
                .field("round", it.round())
                .field("ground", it.ground())
                .field("ms", it.ms())
                .field("easing", it.easing()));
    }

    private static void panel(Json out, Panel it) {
        out.object(() -> out.field("name", it.name())
                .part("at", it.at(), SeenJson::area)
                .field("marks", it.marks(), SeenJson::mark)
                .field("touches", it.touches(), SeenJson::touch));
    }

    private static void mark(Json out, Mark it) {
        out.object(() -> out.field("kind", it.kind().name().toLowerCase(Locale.ROOT))
                .part("at", it.at(), SeenJson::area)
                .field("ink", it.ink())
                .field("opacity", it.opacity())
                .field("round", it.round())
                .field("words", it.words())
                .field("px", it.px())
                .field("align", it.align().name().toLowerCase(Locale.ROOT))
                .field("strong", it.strong())
                .field("wraps", it.wraps()));
    }

    private static void touch(Json out, Touchable it) {
        out.object(() -> out.part("at", it.at(), SeenJson::area)
                .field("touch", it.touch())
                .field("role", it.role())
                .field("label", it.label())
                .field("chosen", it.chosen()));
    }

    private static void area(Json out, Area it) {
        out.object(() ->
                out.field("x", it.x()).field("y", it.y()).field("w", it.width()).field("h", it.height()));
    }

    static String answering(AnswerPlace it) {
        Json out = new Json();
        return out.object(() -> out.part("at", it.area(), SeenJson::area)
                        .field("how", it.answer().word()))
                .toString();
    }

    /** The sheet that follows a finger. */
    static String sheet(Follows.Sheet it) {
        Json out = new Json();
        return out.object(() -> out.field("from", it.from())
                        .field("rise", it.placement().rise())
                        .field("most", it.placement().maxScroll())
                        .field("away", it.away().isPresent()))
                .toString();
    }
}
