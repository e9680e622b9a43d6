package pandel.desktop.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.model.Cause;
import pandel.core.model.Event;
import pandel.core.model.Gesture;
import pandel.core.model.Hotspot;
import pandel.core.model.Link;
import pandel.core.model.Prototype;
import pandel.core.play.LinkWords;
import pandel.core.play.Rules;
import pandel.core.play.Ruling;
import pandel.core.play.Situation;
import pandel.core.play.TrailAction;
import pandel.core.play.Waits;
import pandel.desktop.theme.Press;
import pandel.desktop.theme.WrappedLabel;

/** What can be done here, with why anything cannot; and the waits that run. */
final class PossiblePane extends VBox {

    private final Consumer<Event> doIt;
    private final VBox waits = new VBox(8);
    private List<Event> numbered = List.of();

    PossiblePane(Consumer<Event> doIt) {
        this.doIt = doIt;
        getStyleClass().add("side");
        setPrefWidth(260);
        setMinWidth(260);
    }

    void show(Prototype prototype, Situation now) {
        Label heading = new Label("Possible here");
        heading.getStyleClass().add("heading");
        getChildren().setAll(heading);
        Rules rules = new Rules(prototype);
        List<Event> events = new ArrayList<>();
        if (now.left()) {
            getChildren().add(quiet("The prototype was left."));
            numbered = List.of();
            return;
        }
        int number = 0;
        for (Hotspot hotspot : prototype.index().hotspotsOn(now.screen())) {
            number++;
            Optional<Link> link = hotspot.linkFor(Gesture.TAP);
            Event event = Event.tap(hotspot.id());
            if (link.isEmpty()) {
                getChildren().add(row(number, LinkWords.name(hotspot, number), "no link yet", false, event));
            } else {
                Ruling ruling = rules.link(now.head(), link.get());
                getChildren().add(row(number, "Tap " + LinkWords.name(hotspot, number), told(ruling, LinkWords.effect(prototype, link.get())),
                        ruling instanceof Ruling.Acts, event));
            }
            events.add(event);
        }
        if (!now.top().kind().base() && rules.outside(now.head()) instanceof Ruling.Acts) {
            getChildren().add(row(0, "Tap beside it", "close", true, new Event.Touched(Gesture.TAP, new Event.On.Outside())));
        }
        Ruling back = rules.deviceBack(now.head());
        if (now.device().goesBack()) {
            String does = back instanceof Ruling.Acts acts ? switch (acts.actions().getFirst()) {
                case TrailAction.Leave l -> "leave the prototype";
                case TrailAction.CloseLevel c -> "close";
                default -> "return";
            } : "";
            getChildren().add(row(0, "Device back", told(back, does), back instanceof Ruling.Acts, new Event.DeviceBack()));
        }
        if (getChildren().size() == 1) {
            getChildren().add(quiet("Nothing can be done on this screen."));
        }
        numbered = List.copyOf(events);
        waits.getChildren().clear();
        waits.setStyle("-fx-padding: 12 8 0 8;");
        getChildren().add(waits);
        showWaits(prototype, now);
    }

    /** The event of the hotspot with a number. */
    Optional<Event> numbered(int number) {
        return number >= 1 && number <= numbered.size() ? Optional.of(numbered.get(number - 1)) : Optional.empty();
    }

    /** Renews the bars of the waits that run. */
    void showWaits(Prototype prototype, Situation now) {
        waits.getChildren().clear();
        for (Waits.Left left : now.waits().left()) {
            prototype.index().way(left.link()).ifPresent(way -> {
                int whole = way.link().cause() instanceof Cause.Wait w ? w.ms() : Math.max(1, left.ms());
                Label words = quiet("In " + LinkWords.seconds(left.ms()) + ": " + LinkWords.effect(prototype, way.link()));
                Region track = new Region();
                track.getStyleClass().add("wait-track");
                Region bar = new Region();
                bar.getStyleClass().add("wait-bar");
                bar.setMaxWidth(236.0 * (whole - left.ms()) / whole);
                StackPane both = new StackPane(track, bar);
                both.setAlignment(Pos.CENTER_LEFT);
                both.setMinHeight(3);
                both.setMaxHeight(3);
                waits.getChildren().addAll(words, both);
            });
        }
    }

    private static String told(Ruling ruling, String effect) {
        return switch (ruling) {
            case Ruling.Acts acts -> effect;
            case Ruling.NothingToDo nothing -> nothing.why();
            case Ruling.Refused refused -> refused.why();
            case Ruling.Depends depends -> effect;
        };
    }

    private HBox row(int number, String what, String then, boolean possible, Event event) {
        Label bond = new Label(number == 0 ? "" : String.valueOf(number));
        bond.getStyleClass().add("bond");
        bond.setVisible(number > 0);
        Label title = new Label(what);
        title.getStyleClass().add(possible ? "strong" : "quiet");
        Label effect = new WrappedLabel(then);
        effect.getStyleClass().addAll("quiet", "small");
        effect.setMinHeight(Region.USE_PREF_SIZE);
        VBox words = new VBox(title, effect);
        words.setMinWidth(0);
        words.setStyle("-fx-padding: 6 0 6 0;");
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(bond, words);
        row.getStyleClass().add("row");
        row.setMinHeight(44);
        row.setPrefHeight(Region.USE_COMPUTED_SIZE);
        row.setAccessibleRole(AccessibleRole.BUTTON);
        row.setAccessibleText(what + ": " + then);
        Press.onPress(row, () -> doIt.accept(event));
        return row;
    }

    private static Label quiet(String text) {
        Label label = new WrappedLabel(text);
        label.getStyleClass().addAll("quiet", "small");
        return label;
    }
}
