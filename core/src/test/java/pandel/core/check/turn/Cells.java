package pandel.core.check.turn;

import java.util.List;
import java.util.Optional;
import pandel.core.Made;
import pandel.core.check.relevance.FollowedScreens;
import pandel.core.check.relevance.Relevance;
import pandel.core.model.Prototype;
import pandel.core.model.value.Facts;
import pandel.core.model.value.PlaceMemory;

/** Cells of made prototypes, and where their turns lead. */
public final class Cells {

    /** A few screens that go on, open, swap, begin again and return. */
    public static final Prototype APP = Made.of(
            "home page: list advance list; ask open above ask; swap replace list; same restart home",
            "list page: item advance item; back return; far return to home",
            "item page: back return; home return to home",
            "ask dialog: shut close; on advance sure",
            "sure dialog: back return",
            "parked page parked: x return");

    private Cells() {}

    public static Turns turns(Prototype p) {
        return new Turns(p, p.devices().getFirst(), FollowedScreens.in(p, FollowedScreens.MOST), Relevance.in(p));
    }

    public static Successors successors(Prototype p) {
        Turns turns = turns(p);
        return new Successors(
                p.devices().getFirst(), FollowedScreens.in(p, FollowedScreens.MOST), Relevance.in(p), turns.rules());
    }

    public static Cell start(String screen) {
        return Cell.start(screen, 0, Facts.NONE, PlaceMemory.NONE, Optional.empty(), List.of());
    }

    public static Turn turn(Prototype p, Cell cell, String link) {
        return turns(p).at(cell)
                .turns()
                .filter(t -> t.link().equals(Optional.of(link)))
                .findFirst()
                .orElseThrow();
    }

    public static Cell after(Prototype p, Cell cell, String... links) {
        Cell now = cell;
        for (String link : links) {
            now = successors(p).uncovered(now, turn(p, now, link)).orElseThrow();
        }
        return now;
    }
}
