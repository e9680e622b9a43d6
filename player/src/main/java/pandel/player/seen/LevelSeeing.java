package pandel.player.seen;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.frame.AtPage;
import pandel.core.model.link.Event;
import pandel.core.model.link.PageTurn;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.core.model.value.Known;
import pandel.core.model.value.Placeholders;
import pandel.core.model.value.Value;
import pandel.core.play.layout.ButtonPlace;
import pandel.core.play.layout.DrawerPlace;
import pandel.core.play.layout.FieldLetters;
import pandel.core.play.layout.HeaderPlace;
import pandel.core.play.layout.PageFoot;
import pandel.core.play.layout.Pairs;
import pandel.core.play.layout.Placement;
import pandel.core.play.layout.Room;
import pandel.core.play.layout.Scrolled;
import pandel.core.play.layout.StripPlace;
import pandel.core.play.layout.Under;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.situation.Level;
import pandel.core.play.situation.Situation;

/** Tells what is drawn of a level. */
final class LevelSeeing {

    private static final double WORD = 16;
    private static final double DOT = 4;

    private final Prototype prototype;
    private final Situation now;
    private final int at;
    private final Level level;

    /** @param at the level, counted from 0 */
    private LevelSeeing(Prototype prototype, Situation now, int at) {
        this.prototype = prototype;
        this.now = now;
        this.at = at;
        this.level = now.levels().get(at);
    }

    /** A level; empty where its screen is gone. */
    static Optional<LevelSeen> of(Prototype prototype, Situation now, int at, Scrolled scrolled) {
        return new LevelSeeing(prototype, now, at).seen(scrolled);
    }

    private Optional<Look> look() {
        return prototype
                .screen(level.trail().current().screen())
                .map(screen -> level.look(prototype, screen, now.facts()));
    }

    /** The same with its levels up to this one. */
    private Situation upTo() {
        return at == now.levels().size() - 1 ? now : now.withLevels(now.levels().subList(0, at + 1));
    }

    private Optional<LevelSeen> seen(Scrolled scrolled) {
        return look().map(look -> {
            Under under = Under.current(prototype, upTo());
            Optional<LevelSeen> list = Pairs.beside(prototype, now, at).flatMap(b -> {
                Situation returned = b.returned();
                return new LevelSeeing(prototype, returned, at)
                        .look()
                        .map(l -> new LevelSeeing(prototype, returned, at)
                                .page(
                                        l,
                                        b.list(),
                                        Under.list(prototype, upTo()),
                                        Optional.empty(),
                                        scrolled,
                                        List.of()));
            });
            List<Panel> staying = prototype.drawers().isEmpty()
                    ? List.of()
                    : DrawerPlace.shown(prototype, now, at).stream()
                            .filter(p -> p.drawer().staysAt(now.width()))
                            .map(DrawerMarks::staying)
                            .toList();
            return page(look, Room.of(prototype, now, at), Optional.of(under), list, scrolled, staying);
        });
    }

    private LevelSeen page(
            Look look,
            Room room,
            Optional<Under> under,
            Optional<LevelSeen> list,
            Scrolled scrolled,
            List<Panel> staying) {
        Optional<HeaderPlace> header = under.flatMap(u -> HeaderPlace.over(prototype, u));
        double below = header.map(p -> Math.max(0, p.area().bottom())).orElse(0.0);
        boolean top = at == now.levels().size() - 1;
        List<EnclosingTab> around = Situation.around(level.trail());
        Room strips = Room.ofStrips(prototype, now, at);
        boolean current = under.filter(u -> !u.isList()).isPresent();
        List<Panel> laid = new ArrayList<>();
        StringBuilder sets = new StringBuilder();
        if (current) {
            for (StripPlace p :
                    StripPlace.on(prototype, around, look.screen().id(), strips.on(), strips.width(), now.height())) {
                laid.add(StripMarks.of(scrolled.strip(p).below(below), strips.x()));
                sets.append(p.set().id()).append(' ');
            }
            ButtonPlace.on(prototype, around, look.screen().id(), strips.on(), strips.width(), now.height(), below)
                    .forEach(p -> laid.add(StripMarks.button(p, strips.x())));
        }
        Optional<AtPage> page = level.trail().current().at();
        return new LevelSeen(
                look.screen().id() + " " + look.state().map(s -> s.id()).orElse("") + " "
                        + level.trail().depth() + " "
                        + page.map(a -> a.sequence() + a.page()).orElse(""),
                at > 0,
                look.screen().overlay().shade(),
                Mark.at(room.x(), 0, room.width(), now.height()),
                seen(look, room),
                foot(look, page, room),
                laid,
                sets.toString().strip(),
                page.map(AtPage::sequence).orElse(""),
                header.map(HeaderMarks::of),
                staying,
                list,
                top ? touches(look, room) : List.of());
    }

    private PageSeen seen(Look look, Room room) {
        Placement p = Placement.of(look, room, now.height());
        double scroll = level.trail().current().scroll();
        double to = Math.min(scroll, p.maxScroll());
        double inner = to - p.raised(scroll);
        Optional<Mock> mock = look.mockFor(room.on());
        Known known = level.known(now.facts());
        List<Mark> marks = new ArrayList<>();
        mock.ifPresent(m -> m.patches().forEach(patch -> marks.addAll(patch(patch.grown(p.factor()), known))));
        prototype.index().hotspotsOn(look.screen().id()).stream()
                .filter(Hotspot::isField)
                .forEach(field -> typed(look, room, field, p.factor(), known).ifPresent(marks::add));
        return new PageSeen(
                Mark.at(room.x() + p.x(), p.y() - to, p.width(), p.height()),
                mock.filter(Picture.class::isInstance)
                        .map(m -> ((Picture) m).content())
                        .orElse(""),
                look.title(),
                marks,
                p.fixedTop(),
                p.fixedBottom(),
                p.y() - p.raised(scroll),
                p.y() - p.maxScroll(),
                at > 0 && p.y() > 0 && inner > 0 ? inner : 0);
    }

    private List<Mark> patch(Patch patch, Known known) {
        List<Mark> marks = new ArrayList<>();
        if (!patch.ground().isEmpty()) {
            marks.add(Mark.box(patch.area(), patch.ground()));
        }
        Mark words = Mark.words(
                patch.area(),
                Placeholders.filled(patch.words(), prototype, known),
                patch.size(),
                patch.centred() ? Mark.Align.CENTRE : Mark.Align.LEFT,
                patch.ink(),
                false);
        marks.add(patch.area().height() > 2.4 * patch.size() ? words.wrapping() : words);
        return marks;
    }

    private static Optional<Mark> typed(Look look, Room room, Hotspot field, double factor, Known known) {
        Value typed = known.held().typed().get(field.id());
        return typed == null
                ? Optional.empty()
                : look.areaOf(field, room.on())
                        .map(a -> Mark.words(
                                Mark.at(
                                        a.x() * factor + 6,
                                        a.y() * factor,
                                        a.width() * factor - 12,
                                        a.height() * factor),
                                typed.shown(),
                                FieldLetters.px(a.height()) * factor,
                                Mark.Align.LEFT,
                                "#1C2529",
                                false));
    }

    private Panel foot(Look look, Optional<AtPage> page, Room room) {
        List<Mark> marks = new ArrayList<>();
        List<Touchable> touches = new ArrayList<>();
        String ink = page.flatMap(a -> prototype.sequence(a.sequence()))
                .map(s -> s.laid().ink())
                .orElse("");
        for (PageFoot.Sign sign : PageFoot.on(prototype, look, page, room, now.height())) {
            Area a = Mark.at(
                    sign.area().x() + room.x(),
                    sign.area().y(),
                    sign.area().width(),
                    sign.area().height());
            double x = a.x() + a.width() / 2;
            double y = a.y() + a.height() / 2;
            Area dot = Mark.at(x - DOT, y - DOT, 2 * DOT, 2 * DOT);
            if (!sign.words().isEmpty()) {
                marks.add(Mark.words(a, sign.words(), WORD, align(sign), ink, false));
            } else if (sign.here()) {
                marks.add(Mark.box(dot, ink, 1, DOT));
            } else {
                marks.add(Mark.ring(dot, ink));
            }
            sign.on()
                    .flatMap(LevelSeeing::turn)
                    .ifPresent(turn -> touches.add(new Touchable(
                            a,
                            turn,
                            "button",
                            sign.words().isEmpty() ? "Page " + turn.substring(turn.lastIndexOf(' ') + 1) : sign.words(),
                            sign.here())));
        }
        return new Panel("Pages", Mark.at(0, 0, now.width(), now.height()), marks, touches);
    }

    private static Mark.Align align(PageFoot.Sign sign) {
        boolean left = sign.on()
                .filter(on -> on instanceof Event.On.OnTurn t && t.turn() instanceof PageTurn.Previous)
                .isPresent();
        return sign.on().isEmpty() ? Mark.Align.CENTRE : left ? Mark.Align.LEFT : Mark.Align.RIGHT;
    }

    private static Optional<String> turn(Event.On on) {
        return switch (on) {
            case Event.On.OnSkip skip -> Optional.of("skip");
            case Event.On.OnTurn t ->
                Optional.of(
                        switch (t.turn()) {
                            case PageTurn.Next n -> "turn next";
                            case PageTurn.Previous p -> "turn previous";
                            case PageTurn.To to -> "turn " + to.number();
                        });
            default -> Optional.empty();
        };
    }

    /** Hotspots that answer, and fields, where they stand now. */
    private List<Touchable> touches(Look look, Room room) {
        Placement p = Placement.of(look, room, now.height());
        double scroll = Math.min(level.trail().current().scroll(), p.maxScroll());
        List<Touchable> touches = new ArrayList<>();
        UnaryOperator<String> filled = words -> Placeholders.filled(words, prototype, level.known(now.facts()));
        for (Hotspot hotspot : look.hotspots(prototype, room.on())) {
            Optional<Area> area = look.areaOf(hotspot, room.on());
            if (area.isEmpty() || hotspot.waitsForLink()) {
                continue;
            }
            int rows = Math.max(1, hotspot.rows().size());
            double high = area.get().height() / rows;
            for (int row = 0; row < rows; row++) {
                double y = (area.get().y() + row * high) * p.factor();
                boolean still = y < p.fixedTop();
                boolean low = y >= p.height() - p.fixedBottom();
                double up = still ? p.raised(scroll) : low ? p.maxScroll() : scroll;
                touches.add(new Touchable(
                        Mark.at(
                                room.x() + p.x() + area.get().x() * p.factor(),
                                p.y() + y - up,
                                area.get().width() * p.factor(),
                                high * p.factor()),
                        (hotspot.isField() ? "field " : "hotspot ")
                                + (hotspot.rows().isEmpty() ? 0 : row + 1) + " " + hotspot.id(),
                        hotspot.isField() ? "textbox" : "button",
                        filled.apply(hotspot.title()) + (rows > 1 ? ", row " + (row + 1) : ""),
                        false));
            }
        }
        return touches;
    }
}
