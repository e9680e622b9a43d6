package pandel.desktop.map;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import javafx.geometry.Side;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.stage.Window;
import org.jspecify.annotations.Nullable;
import pandel.core.check.Checked;
import pandel.core.check.Hanging;
import pandel.core.cover.Between;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;
import pandel.desktop.stage.StageGuide;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Journal;
import pandel.desktop.work.Work;

/** The sentence below the map, and what can be done with what it tells of. */
final class MapFoot extends HBox {

    private final Work work;
    private final StageGuide around;
    private final MapBar bar;
    private final Label sentence = new Label();
    private final Button hangs = Buttons.plain("What hangs on it", "map-hangs", this::menu);
    private volatile String askedOf = "";
    private Optional<Hanging> hanging = Optional.empty();

    MapFoot(Work work, StageGuide around, MapBar bar) {
        this.work = work;
        this.around = around;
        this.bar = bar;
        getStyleClass().add("bar");
        sentence.getStyleClass().add("large");
        sentence.setMinWidth(0);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        getChildren()
                .addAll(
                        sentence,
                        space,
                        hangs,
                        Buttons.plain("Show the way there", "map-show", this::show),
                        Buttons.plain("Link it", "map-link", () -> around.go(WorkStage.LINKS)));
    }

    private void show() {
        bar.found()
                .map(Between::walk)
                .or(() -> work.checked().flatMap(c -> c.walkTo(work.selection().screen())))
                .ifPresentOrElse(around::play, () -> around.say("No way of using the prototype leads there."));
    }

    /** Lets go of what was found out of an earlier prototype. */
    void forget() {
        askedOf = "";
        hanging = Optional.empty();
    }

    void refresh(MapLight light) {
        Checked checked = work.checked().orElseThrow();
        Optional<Screen> screen = work.screen();
        if (screen.isPresent() && !screen.get().id().equals(askedOf)) {
            ask(checked, screen.get());
        }
        hangs.setDisable(screen.isEmpty() || hanging.isEmpty());
        sentence.setText(light.told()
                .orElseGet(() -> screen.map(s -> told(s, checked)).orElse("")));
    }

    /** Off the interface thread: for each link the prototype is searched again without it. */
    private void ask(Checked checked, Screen screen) {
        askedOf = screen.id();
        hanging = Optional.empty();
        // A window that was closed asks no more: its search would keep others waiting.
        Optional<Window> window = Optional.ofNullable(getScene()).map(Scene::getWindow);
        CompletableFuture<@Nullable Void> _ = CompletableFuture.supplyAsync(() -> Hanging.of(
                        checked,
                        screen,
                        () -> !askedOf.equals(screen.id())
                                || window.filter(w -> !w.isShowing()).isPresent()))
                .thenAccept(found -> Platform.runLater(() -> {
                    if (askedOf.equals(screen.id())
                            && work.checked().filter(c -> c == checked).isPresent()) {
                        hanging = found;
                        refresh(bar.light(checked));
                    }
                }))
                .exceptionally(failed -> {
                    Journal.note("What hangs on a screen could not be found", failed);
                    return null;
                });
    }

    private void menu() {
        ContextMenu menu = new ContextMenu();
        Prototype p = work.prototype();
        Hanging found = hanging.orElseThrow();
        String title = work.screen().map(Screen::shownTitle).orElse("");
        add(
                menu,
                title + " itself",
                found.onScreen(),
                "are reached through " + title + " alone",
                "is reached through " + title + " alone");
        for (Map.Entry<String, Set<String>> each : found.onLinks().entrySet()) {
            Way way = p.index().way(each.getKey()).orElseThrow();
            String described = LinkWords.described(p, way);
            add(
                    menu,
                    described,
                    each.getValue(),
                    "hang on this one link: " + described,
                    "hangs on this one link: " + described);
        }
        menu.show(hangs, Side.TOP, 0, -2);
    }

    private void add(ContextMenu menu, String what, Set<String> screens, String hang, String hangsAlone) {
        MenuItem item = new MenuItem(what + " — "
                + (screens.isEmpty() ? "nothing" : screens.size() == 1 ? "1 screen" : screens.size() + " screens"));
        item.setDisable(screens.isEmpty());
        item.setOnAction(e -> bar.showHanging(MapLight.on(
                screens,
                Map.of(),
                screens.size() == 1 ? "One screen " + hangsAlone + "." : screens.size() + " screens " + hang + ".")));
        menu.getItems().add(item);
    }

    private String told(Screen screen, Checked checked) {
        Prototype p = work.prototype();
        int in = p.index().screensLeadingTo(screen.id()).size();
        int out = p.index().waysOut(screen.id()).size();
        String ways = out + (out == 1 ? " way out, " : " ways out, ") + "in from " + in
                + (in == 1 ? " screen." : " screens.");
        if (checked.stepsTo(screen.id()).isEmpty()) {
            return screen.shownTitle() + " is never shown. " + ways;
        }
        int steps = checked.stepsTo(screen.id()).getAsInt();
        int alone = hanging.map(h -> h.onScreen().size()).orElse(0);
        return screen.shownTitle()
                + (steps == 0
                        ? " is where play starts. "
                        : ": " + steps + (steps == 1 ? " step" : " steps") + " from the entry. ")
                + ways
                + (alone == 0
                        ? ""
                        : alone == 1
                                ? " 1 screen is reached through it alone."
                                : " " + alone + " screens are reached through it alone.");
    }
}
