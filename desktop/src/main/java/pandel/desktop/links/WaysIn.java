package pandel.desktop.links;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;

/** The screens that lead here; choosing one walks to it. */
final class WaysIn extends WaysColumn {

    private static final int MOST = 30;

    private final BiConsumer<Screen, Optional<Hotspot>> walkTo;

    WaysIn(BiConsumer<Screen, Optional<Hotspot>> walkTo) {
        super(176);
        this.walkTo = walkTo;
    }

    void show(Prototype prototype, Screen screen) {
        getChildren().setAll(heading("Ways in"));
        Map<Screen, List<Way>> from = new LinkedHashMap<>();
        for (Way way : prototype.index().waysIn(screen.id())) {
            way.from()
                    .forEach(
                            s -> from.computeIfAbsent(s, k -> new ArrayList<>()).add(way));
        }
        boolean entry = prototype
                .mainEntry()
                .filter(e -> Targets.shownId(prototype, e.target()).equals(screen.id()))
                .isPresent();
        if (entry) {
            getChildren().add(hint("Play starts here."));
        }
        int shown = 0;
        for (Map.Entry<Screen, List<Way>> one : from.entrySet()) {
            if (shown++ == MOST) {
                getChildren().add(hint("and " + (from.size() - MOST) + " more screens"));
                break;
            }
            Screen other = one.getKey();
            Way way = one.getValue().getFirst();
            int number = way.hotspot()
                    .map(h -> 1 + prototype.index().hotspotsOn(other.id()).indexOf(h))
                    .orElse(0);
            String how = one.getValue().size() > 1
                    ? one.getValue().size() + " links"
                    : way.hotspot()
                            .map(h -> LinkWords.name(h, number))
                            .orElseGet(() ->
                                    way.notice().isPresent() ? LinkWords.inNotice(way) : LinkWords.cause(way.link()));
            getChildren()
                    .add(row(
                            "Walk to " + other.shownTitle() + ", by " + how,
                            () -> walkTo.accept(other, way.hotspot()),
                            lines(title(other.equals(screen) ? "this screen" : other.shownTitle()), how)));
        }
        if (from.isEmpty() && !entry) {
            getChildren().add(hint("Nothing leads here yet."));
        }
    }
}
