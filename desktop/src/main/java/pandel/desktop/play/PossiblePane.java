package pandel.desktop.play;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.model.Cause;
import pandel.core.model.Event;
import pandel.core.model.Fact;
import pandel.core.model.Gesture;
import pandel.core.model.Hotspot;
import pandel.core.model.Index.Way;
import pandel.core.model.Link;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.Width;
import pandel.core.play.LinkWords;
import pandel.core.play.Rules;
import pandel.core.play.Ruling;
import pandel.core.play.Situation;
import pandel.core.play.TrailAction;
import pandel.core.play.Waits;
import pandel.desktop.theme.WrappedLabel;

/** What can be done here, with why anything cannot; and the waits that run. */
final class PossiblePane extends VBox {

    private final Consumer<Event> doIt;
    private final VBox rows = new VBox();
    private final VBox waits = new VBox(8);
    private final VBox facts = new VBox(4);
    private final Label none = new WrappedLabel();
    private List<Event> numbered = List.of();
    private int shown;

    PossiblePane(Consumer<Event> doIt) {
        this.doIt = doIt;
        getStyleClass().add("side");
        setPrefWidth(260);
        setMinWidth(260);
        Label heading = new Label("Possible here");
        heading.getStyleClass().add("heading");
        none.getStyleClass().addAll("quiet", "small");
        rows.setSpacing(2);
        waits.setStyle("-fx-padding: 12 8 0 8;");
        facts.setStyle("-fx-padding: 16 0 0 0;");
        getChildren().addAll(heading, rows, none, waits, facts);
    }

    void show(Prototype prototype, Situation now) {
        shown = 0;
        if (!now.left()) {
            hotspots(prototype, now);
            others(prototype, now);
        }
        rows.getChildren().remove(shown, rows.getChildren().size());
        none.setText(now.left() ? "The prototype was left." : "Nothing can be done on this screen.");
        none.setVisible(shown == 0);
        none.setManaged(shown == 0);
        showWaits(prototype, now);
        showFacts(prototype, now);
    }

    /** What is remembered, and the look that shows because of it. */
    private void showFacts(Prototype prototype, Situation now) {
        facts.getChildren().clear();
        if (prototype.facts().isEmpty()) {
            return;
        }
        Label heading = new Label("Facts");
        heading.getStyleClass().add("heading");
        facts.getChildren().add(heading);
        for (Fact fact : prototype.facts()) {
            Label name = new Label(fact.title());
            name.setMinWidth(0);
            HBox.setHgrow(name, Priority.ALWAYS);
            name.setMaxWidth(Double.MAX_VALUE);
            boolean set = now.facts().set().containsKey(fact.id());
            Label value = new Label(now.facts().of(prototype, fact.id()).shown());
            value.setId("fact-now-" + fact.id());
            value.getStyleClass().add(set ? "strong" : "quiet");
            value.setMinWidth(Region.USE_PREF_SIZE);
            HBox row = new HBox(8, name, value);
            row.setStyle("-fx-padding: 0 8 0 8;");
            facts.getChildren().add(row);
        }
        now.look(prototype).flatMap(Look::state).ifPresent(state -> {
            Label look = new WrappedLabel("Look: " + state.shownTitle());
            look.getStyleClass().addAll("quiet", "small");
            look.setStyle("-fx-padding: 4 8 0 8;");
            facts.getChildren().add(look);
        });
    }

    /** Lets numbers stand for the hotspots of the screen now shown. */
    void follow(Prototype prototype, Situation now) {
        numbered = now.left() ? List.of() : there(prototype, now).stream().map(h -> Event.tap(h.id())).toList();
    }

    private static List<Hotspot> there(Prototype prototype, Situation now) {
        return now.look(prototype).map(l -> l.hotspots(prototype, Width.of(now.width()))).orElse(List.of());
    }

    private void hotspots(Prototype prototype, Situation now) {
        Rules rules = new Rules(prototype);
        int number = 0;
        for (Hotspot hotspot : there(prototype, now)) {
            number++;
            Optional<Link> link = hotspot.linkFor(Gesture.TAP);
            Event event = Event.tap(hotspot.id());
            if (link.isEmpty()) {
                row(number, LinkWords.name(hotspot, number), "no link yet", false, event);
            } else {
                Ruling ruling = rules.link(now.head(), link.get());
                row(number, "Tap " + LinkWords.name(hotspot, number), told(ruling, LinkWords.effect(prototype, link.get())), ruling instanceof Ruling.Acts, event);
            }
        }
    }

    private void others(Prototype prototype, Situation now) {
        Rules rules = new Rules(prototype);
        if (!now.top().kind().base() && rules.outside(now.head()) instanceof Ruling.Acts) {
            row(0, "Tap beside it", "close", true, new Event.Touched(Gesture.TAP, new Event.On.Outside()));
        }
        Ruling back = rules.deviceBack(now.head());
        if (now.device().goesBack()) {
            String does = back instanceof Ruling.Acts acts ? switch (acts.actions().getFirst()) {
                case TrailAction.Leave l -> "leave the prototype";
                case TrailAction.CloseLevel c -> "close";
                default -> "return";
            } : "";
            row(0, "Device back", told(back, does), back instanceof Ruling.Acts, new Event.DeviceBack());
        }
    }

    private void row(int number, String what, String then, boolean possible, Event event) {
        if (shown == rows.getChildren().size()) {
            rows.getChildren().add(new PossibleRow(doIt));
        }
        ((PossibleRow) rows.getChildren().get(shown++)).show(number, what, then, possible, event);
    }

    /** The event of the hotspot with a number. */
    Optional<Event> numbered(int number) {
        return number >= 1 && number <= numbered.size() ? Optional.of(numbered.get(number - 1)) : Optional.empty();
    }

    /** Renews the bars of the waits that run. */
    void showWaits(Prototype prototype, Situation now) {
        int bars = 0;
        for (Waits.Left left : now.waits().left()) {
            Optional<Way> way = prototype.index().way(left.link());
            if (way.isPresent()) {
                int whole = way.get().link().cause() instanceof Cause.Wait w ? w.ms() : Math.max(1, left.ms());
                if (bars == waits.getChildren().size()) {
                    waits.getChildren().add(new WaitBar());
                }
                ((WaitBar) waits.getChildren().get(bars++)).show("In " + LinkWords.seconds(left.ms()) + ": " + LinkWords.effect(prototype, way.get().link()),
                        (double) (whole - left.ms()) / whole);
            }
        }
        waits.getChildren().remove(bars, waits.getChildren().size());
    }

    private static String told(Ruling ruling, String effect) {
        return switch (ruling) {
            case Ruling.Acts acts -> effect;
            case Ruling.NothingToDo nothing -> nothing.why();
            case Ruling.Refused refused -> refused.why();
            case Ruling.Depends depends -> effect;
        };
    }
}
