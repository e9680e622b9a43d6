package pandel.desktop.device;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import pandel.core.model.Prototype;
import pandel.core.model.link.Event;
import pandel.core.play.layout.HeaderPlace;
import pandel.core.play.layout.Under;
import pandel.core.play.situation.Situation;
import pandel.desktop.picture.PictureLibrary;

/** The actions of a header that do not fit, while they are listed: seen by the view alone, no part of a situation. */
final class HeaderLayer {

    private final PictureLibrary pictures;
    private Optional<String> listed = Optional.empty();
    private Optional<Node> list = Optional.empty();

    HeaderLayer(PictureLibrary pictures) {
        this.pictures = pictures;
    }

    /** The same with its levels up to one of them. */
    static Situation upTo(Situation now, int level) {
        return level == now.levels().size() - 1
                ? now
                : now.withLevels(now.levels().subList(0, level + 1));
    }

    /**
     * Lists them once the sign is touched behind which they are, and no more after anything else.
     *
     * @param event what was done
     */
    void done(Prototype prototype, Event event) {
        listed = HeaderPlace.listedAfter(prototype, listed, event);
    }

    /** Id of the header whose gathered actions are listed. */
    Optional<String> listed() {
        return listed;
    }

    void show(Prototype prototype, Situation now, double scale) {
        List<Under> unders = new ArrayList<>(List.of(Under.current(prototype, now)));
        Under.list(prototype, now).ifPresent(unders::add);
        list = listed.flatMap(id -> unders.stream()
                .flatMap(u -> HeaderPlace.over(prototype, u).stream())
                .filter(p -> p.header().id().equals(id) && !p.gathered().isEmpty())
                .findFirst()
                .map(p -> HeaderView.listed(pictures, p, scale)));
        if (list.isEmpty()) {
            listed = Optional.empty();
        }
    }

    /** What is drawn over all levels. */
    Optional<Node> list() {
        return list;
    }
}
