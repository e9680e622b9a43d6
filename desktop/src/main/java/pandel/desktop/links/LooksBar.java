package pandel.desktop.links;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.edit.screen.StateEdits;
import pandel.core.edit.value.FactExamples;
import pandel.core.edit.value.FactWords;
import pandel.core.edit.value.ParsedWords;
import pandel.core.model.Look;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.value.Condition;
import pandel.desktop.links.sentence.FactOffers;
import pandel.desktop.stage.Messages;
import pandel.desktop.stage.ScreenPictures;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** The looks of the screen on the desk, with what each asks for; and its pictures for narrow, medium and wide. */
final class LooksBar extends VBox {

    private final Work work;
    private final Messages messages;
    private final ScreenPictures pictures;
    private final HBox looks = new HBox(4);
    private final HBox asks = new HBox(6);

    LooksBar(Work work, Messages messages, ScreenPictures pictures) {
        this.work = work;
        this.messages = messages;
        this.pictures = pictures;
        getStyleClass().add("looks-bar");
        looks.setAlignment(Pos.CENTER_LEFT);
        asks.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(looks, asks);
    }

    void refresh() {
        looks.getChildren().clear();
        asks.getChildren().clear();
        if (work.screen().isEmpty()) {
            return;
        }
        Screen screen = work.screen().get();
        String chosen = work.selection().lookProperty().get();
        if (!screen.states().isEmpty()) {
            looks.getChildren().add(look("Plain", "", chosen, "As it looks when no other look’s conditions hold"));
            screen.states()
                    .forEach(s -> looks.getChildren()
                            .add(look(
                                    s.shownTitle(),
                                    s.id(),
                                    chosen,
                                    s.conditions().isEmpty()
                                            ? "Always, unless an earlier look holds"
                                            : "While " + FactWords.typed(work.prototype(), s.conditions()))));
        }
        looks.getChildren()
                .add(Buttons.smallWord(
                        screen.states().isEmpty() ? "Another look, while something holds…" : "Another…",
                        "add-look",
                        this::add));
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        Optional<State> state = screen.state(chosen);
        looks.getChildren().addAll(space, notPlaced(screen, state), pictures(screen, state));
        state.ifPresent(s -> asks(screen, s));
        asks.setVisible(state.isPresent());
        asks.setManaged(state.isPresent());
    }

    private ToggleButton look(String words, String id, String chosen, String tip) {
        ToggleButton button = new ToggleButton(words);
        button.getStyleClass().addAll("face", "small");
        button.setId("look-of-" + (id.isEmpty() ? "plain" : id));
        button.setSelected(id.equals(chosen));
        button.setTooltip(new Tooltip(tip));
        button.setMaxWidth(160);
        button.setOnAction(e -> {
            button.setSelected(true);
            work.selection().chooseLook(id);
        });
        return button;
    }

    private void add() {
        Screen screen = work.screen().orElseThrow();
        TextField field = new TextField();
        field.setId("look-conditions");
        field.setPromptText(FactExamples.conditions(work.prototype()));
        field.setAccessibleText("What must hold for the new look");
        field.setPrefColumnCount(24);
        Label hint = new Label("Enter adds it, Esc leaves it");
        hint.getStyleClass().addAll("quiet", "small");
        typed(field, text -> {
            if (text.isBlank()) {
                refresh();
                return;
            }
            said(text)
                    .ifPresentOrElse(
                            said -> {
                                State state = State.of(work.freshId("look"), title(text), said.what());
                                work.edit(StateEdits.add(screen, state, said.facts()));
                                work.selection().chooseLook(state.id());
                                if (!said.facts().isEmpty()) {
                                    messages.say("“" + said.facts().getFirst().title()
                                            + "” is a fact now. Let a link remember it, so that the look "
                                            + "is ever shown.");
                                }
                            },
                            this::refresh);
        });
        asks.getChildren().setAll(plain("looks otherwise while"), field, hint);
        asks.setVisible(true);
        asks.setManaged(true);
        field.requestFocus();
        FactOffers.under(field, work.prototype(), work.screen().stream().toList(), true);
    }

    private static String title(String words) {
        String clean = words.strip();
        return Character.toUpperCase(clean.charAt(0)) + clean.substring(1);
    }

    private Optional<ParsedWords<List<Condition>>> said(String text) {
        try {
            return Optional.of(FactWords.conditions(
                    work.prototype(), work.screen().stream().toList(), text, work.naming()));
        } catch (FactWords.NotUnderstood e) {
            messages.say(String.valueOf(e.getMessage()));
            return Optional.empty();
        }
    }

    private void asks(Screen screen, State state) {
        Button name = choice(state.shownTitle(), "look-name");
        name.setOnAction(e -> replace(
                name,
                state.title(),
                "Name of the look",
                false,
                text -> work.edit(StateEdits.change("name a look", screen, state.withTitle(text.strip()), List.of()))));
        boolean gone = state.conditions().stream()
                .anyMatch(c -> c.facts().anyMatch(f -> work.prototype().fact(f).isEmpty()));
        Button conditions = choice(
                state.conditions().isEmpty() ? "always" : FactWords.typed(work.prototype(), state.conditions()),
                "look-when");
        if (gone) {
            conditions.getStyleClass().add("missing");
        }
        conditions.setOnAction(e -> replace(
                conditions,
                FactWords.typed(
                        work.prototype(),
                        state.conditions().stream()
                                .filter(c -> c.facts()
                                        .allMatch(f -> work.prototype().fact(f).isPresent()))
                                .toList()),
                "What must hold",
                true,
                text -> said(text)
                        .ifPresent(said -> work.edit(StateEdits.change(
                                "change when a look holds",
                                screen,
                                state.withConditions(said.what()),
                                said.facts())))));
        asks.getChildren().setAll(plain("The look"), name, plain("while"), conditions);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        asks.getChildren().add(space);
        int at = screen.states().indexOf(state);
        if (at > 0) {
            Button earlier = Buttons.smallWord(
                    "Try it earlier", "look-earlier", () -> work.edit(StateEdits.shift(screen, state, -1)));
            earlier.setTooltip(new Tooltip("Of two looks that hold the first counts"));
            asks.getChildren().add(earlier);
        }
        asks.getChildren().add(Buttons.smallWord("Remove the look", "look-remove", () -> {
            work.edit(StateEdits.remove(screen, List.of(state)));
            messages.say("The look was removed; all hotspots and links stayed. Ctrl+Z brings it back.");
        }));
    }

    private void replace(Button button, String now, String what, boolean conditions, Consumer<String> then) {
        TextField field = new TextField(now);
        field.setId("look-field");
        field.setAccessibleText(what);
        field.setPrefColumnCount(conditions ? 24 : 12);
        typed(field, text -> {
            then.accept(text);
            refresh();
        });
        asks.getChildren().set(asks.getChildren().indexOf(button), field);
        field.requestFocus();
        field.selectAll();
        if (conditions) {
            FactOffers.under(field, work.prototype(), work.screen().stream().toList(), true);
        }
    }

    /** Enter gives what was typed, Escape leaves all as it was. */
    private void typed(TextField field, Consumer<String> then) {
        field.setOnAction(e -> then.accept(field.getText()));
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                refresh();
            }
        });
    }

    private static Button choice(String words, String id) {
        Button button = new Button(words);
        button.getStyleClass().add("choice");
        button.setId(id);
        button.setMaxWidth(320);
        return button;
    }

    private static Label plain(String words) {
        Label label = new Label(words);
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    /** Hotspots without a place on the picture seen now; placed in one press where the likeness says. */
    private Node notPlaced(Screen screen, Optional<State> state) {
        Look look = new Look(screen, state);
        List<Hotspot> missing = look.hotspots(work.prototype()).stream()
                .filter(h -> look.areaOf(h, work.width()).isEmpty())
                .toList();
        Button place = Buttons.smallWord(
                missing.size() == 1
                        ? "Place the hotspot missing here"
                        : "Place the " + missing.size() + " hotspots missing here",
                "place-missing",
                () -> pictures.placeByLikeness(
                        look, Set.copyOf(missing.stream().map(Hotspot::id).toList()), work.width()));
        place.setTooltip(
                new Tooltip("Found by likeness with the other picture; what is not found is put at the like place"));
        place.setVisible(!missing.isEmpty());
        place.setManaged(!missing.isEmpty());
        return place;
    }

    private Button pictures(Screen screen, Optional<State> state) {
        List<Mock> mocks = state.map(State::mocks).orElse(screen.mocks());
        Button button = Buttons.smallWord(
                mocks.isEmpty()
                        ? state.isPresent() ? "Pictures: as the plain look" : "No picture"
                        : "Pictures: "
                                + String.join(
                                        ", ",
                                        mocks.stream().map(m -> m.on().word()).toList()),
                "pictures",
                () -> {});
        button.setOnAction(e -> {
            ContextMenu menu = new ContextMenu();
            for (Width width : Width.values()) {
                Optional<Mock> mock =
                        mocks.stream().filter(m -> m.on() == width).findFirst();
                String what = mock.map(m -> m instanceof Picture p ? "newer than " + p.source() : "another")
                        .orElse("none yet");
                menu.getItems()
                        .add(Buttons.item(
                                "Picture for " + width.word() + " devices, " + what + "…",
                                "picture-" + width.word(),
                                () -> pictures.putPicture(screen, state, width)));
            }
            menu.getItems().add(new SeparatorMenuItem());
            mocks.forEach(m -> menu.getItems()
                    .add(Buttons.item(
                            "Take the " + m.on().word() + " picture off",
                            "no-picture-" + m.on().word(),
                            () -> work.edit(StateEdits.withoutMock(screen, state, m.on())))));
            new Look(screen, state)
                    .mockFor(work.width())
                    .filter(Picture.class::isInstance)
                    .map(Picture.class::cast)
                    .ifPresent(p -> menu.getItems()
                            .add(Buttons.item(
                                    "What stays put when it scrolls…",
                                    "fixed-parts",
                                    () -> pictures.fixParts(screen, p))));
            menu.show(button, Side.BOTTOM, 0, 0);
        });
        return button;
    }
}
