package pandel.desktop.work;

import java.util.List;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;

/** What is chosen, by id; it stays chosen from stage to stage. An empty text stands for nothing. */
public final class Selection {

    private final ReadOnlyStringWrapper screen = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper look = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper link = new ReadOnlyStringWrapper("");
    private final ObservableList<String> together = FXCollections.observableArrayList();
    private final ObservableList<String> hotspots = FXCollections.observableArrayList();
    private final Settling settling;

    Selection(Settling settling) {
        this.settling = settling;
        screen.subscribe((was, is) -> settling.changed());
        look.subscribe((was, is) -> settling.changed());
        link.subscribe((was, is) -> settling.changed());
        hotspots.subscribe(settling::changed);
    }

    /** Id of the chosen screen. */
    public ReadOnlyStringProperty screenProperty() {
        return screen.getReadOnlyProperty();
    }

    public String screen() {
        return screen.get();
    }

    /** Id of the state whose look of the chosen screen is seen on the desk; empty: the plain look. */
    public ReadOnlyStringProperty lookProperty() {
        return look.getReadOnlyProperty();
    }

    public void chooseLook(String stateId) {
        look.set(stateId);
    }

    /** Ids of screens chosen together, two or more, the latest last; else empty. */
    public ObservableList<String> together() {
        return together;
    }

    /** Chooses several screens; the last of them is the one other stages show. */
    public void chooseTogether(List<String> screenIds) {
        if (screenIds.size() < 2) {
            choose(screenIds.isEmpty() ? screen() : screenIds.getFirst());
            return;
        }
        together.setAll(screenIds);
        set(screenIds.getLast());
    }

    /** Ids of the chosen hotspots on the chosen screen, the latest last. */
    public ObservableList<String> hotspots() {
        return hotspots;
    }

    /** Id of the chosen link of the whole screen, or of one among several of the chosen hotspot. */
    public ReadOnlyStringProperty linkProperty() {
        return link.getReadOnlyProperty();
    }

    /** Chooses a screen and nothing on it. */
    public void choose(String screenId) {
        together.clear();
        set(screenId);
    }

    private void set(String screenId) {
        settling.during(() -> {
            if (!screenId.equals(screen.get())) {
                hotspots.clear();
                link.set("");
                look.set("");
                screen.set(screenId);
            }
        });
    }

    public void chooseHotspot(String id) {
        settling.during(() -> {
            link.set("");
            hotspots.setAll(id);
        });
    }

    /** Chooses these hotspots and no others. */
    public void chooseHotspots(List<String> ids) {
        settling.during(() -> {
            link.set("");
            hotspots.setAll(ids);
        });
    }

    /** Adds a hotspot to those chosen, or takes it out. */
    public void toggleHotspot(String id) {
        settling.during(() -> {
            link.set("");
            if (!hotspots.remove(id)) {
                hotspots.add(id);
            }
        });
    }

    /** Chooses one of a hotspot's links. */
    public void chooseLinkOf(String hotspot, String id) {
        settling.during(() -> {
            hotspots.setAll(hotspot);
            link.set(id);
        });
    }

    public void chooseLink(String id) {
        settling.during(() -> {
            hotspots.clear();
            link.set(id);
        });
    }

    /** Chooses nothing on the screen. */
    public void clearOnScreen() {
        settling.during(() -> {
            hotspots.clear();
            link.set("");
        });
    }

    /** Lets go of what is not there any more, and takes the entry or first screen where none is chosen. */
    void follow(Prototype prototype) {
        settling.during(() -> {
            hotspots.removeIf(id -> prototype.index().hotspot(id).isEmpty());
            if (prototype.index().way(link.get()).isEmpty()) {
                link.set("");
            }
            if (prototype.screen(screen.get()).flatMap(s -> s.state(look.get())).isEmpty()) {
                look.set("");
            }
            together.removeIf(id -> prototype.screen(id).isEmpty());
            if (together.size() < 2) {
                together.clear();
            }
            if (prototype.screen(screen.get()).isEmpty()) {
                choose(prototype
                        .mainEntry()
                        .map(e -> Targets.shownId(prototype, e.target()))
                        .filter(id -> prototype.screen(id).isPresent())
                        .orElse(
                                prototype.screens().isEmpty()
                                        ? ""
                                        : prototype.screens().getFirst().id()));
            }
        });
    }
}
