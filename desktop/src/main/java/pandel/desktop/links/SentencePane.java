package pandel.desktop.links;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.edit.FactWords;
import pandel.core.edit.Fitting;
import pandel.core.edit.HotspotEdits;
import pandel.core.edit.LinkEdits;
import pandel.core.edit.Said;
import pandel.core.edit.StateEdits;
import pandel.core.model.Cause;
import pandel.core.model.Effect;
import pandel.core.model.Fact;
import pandel.core.model.Hotspot;
import pandel.core.model.Link;
import pandel.core.model.Motion;
import pandel.core.model.Screen;
import pandel.core.model.Verb;
import pandel.core.play.LinkWords;
import pandel.desktop.mocks.VerbSign;
import pandel.desktop.theme.Press;
import pandel.desktop.work.Work;

/** The chosen link as a sentence whose words are choices; without one, what is left to do on the screen. */
final class SentencePane extends VBox {

    /** What the sentence asks of the desk. */
    interface Desk {
        void find();

        void share(Hotspot hotspot);

        void addWait();

        void walkOn();

        void say(String sentence);
    }

    private final Work work;
    private final DeskActions actions;
    private final Desk desk;
    private final HBox line = new HBox();
    private final HBox below = new HBox(4);

    SentencePane(Work work, DeskActions actions, Desk desk) {
        this.work = work;
        this.actions = actions;
        this.desk = desk;
        getStyleClass().add("sentence-pane");
        line.getStyleClass().add("sentence");
        line.setId("sentence");
        below.setAlignment(Pos.CENTER_LEFT);
        setSpacing(6);
        setMinHeight(88);
        setPrefHeight(88);
        getChildren().addAll(line, below);
    }

    void refresh() {
        line.getChildren().clear();
        below.getChildren().clear();
        if (work.screen().isEmpty()) {
            return;
        }
        Optional<Link> link = actions.link();
        List<Hotspot> chosen = actions.chosen();
        if (chosen.size() > 1) {
            line.getChildren().add(words(chosen.size() + " hotspots are chosen. Arrows move them."));
            below.getChildren().addAll(Press.word("Copy", "copy", this::copy), Press.word("Remove", "remove-hotspot", actions::remove));
        } else if (chosen.size() == 1) {
            hotspot(chosen.getFirst(), link);
        } else if (link.isPresent()) {
            wait(link.get());
        } else {
            nothing();
        }
    }

    private void nothing() {
        long bare = actions.hotspots().stream().filter(h -> h.links().isEmpty()).count();
        line.getChildren().add(words(actions.hotspots().isEmpty() ? "Drag over the mock where it is touched; then type where that leads."
                : bare == 0 ? "Choose a hotspot to read its link, or drag over the mock to mark another."
                : bare == 1 ? "One hotspot here has no link yet." : bare + " hotspots here have no link yet."));
        below.getChildren().add(Press.word("Go on by itself after a time…", "add-wait", desk::addWait));
        if (actions.copied() > 0) {
            below.getChildren().add(Press.word(actions.copied() == 1 ? "Put the copy here" : "Put " + actions.copied() + " copies here", "paste", actions::paste));
        }
    }

    private void hotspot(Hotspot hotspot, Optional<Link> link) {
        line.getChildren().addAll(words("Tap"), nameChoice(hotspot), words(":"));
        link.ifPresentOrElse(this::effect, () -> {
            line.getChildren().add(choice("choose where it leads", "missing", desk::find, "choice-target"));
            line.getChildren().add(more());
        });
        actions.state().ifPresent(state -> {
            boolean hidden = state.hides().contains(hotspot.id());
            below.getChildren().add(Press.word(hidden ? "Show it in this look" : "Hide it in this look", "hide-in-look",
                    () -> work.edit(StateEdits.hide(actions.screen(), state, hotspot, !hidden))));
            if (state.moves().containsKey(hotspot.id())) {
                below.getChildren().add(Press.word("Where it stands in the plain look", "as-plain", () -> work.edit(StateEdits.asPlain(actions.screen(), state, hotspot))));
            }
        });
        Optional<Integer> shared = work.prototype().index().shared(hotspot.id()).map(s -> s.screens().size());
        below.getChildren().addAll(
                Press.word(shared.map(n -> "Shared by " + n + (n == 1 ? " screen…" : " screens…")).orElse("Share with other screens…"), "share", () -> desk.share(hotspot)),
                Press.word("Copy", "copy", this::copy),
                Press.word(shared.isPresent() ? "Remove from all" : "Remove", "remove-hotspot", actions::remove));
        link.flatMap(Link::effect).flatMap(Effect::target).ifPresent(t -> below.getChildren().add(1, Press.word("Walk there", "walk", desk::walkOn)));
        if (shared.isPresent() && work.screen().isPresent()) {
            below.getChildren().add(Press.word("Make it this screen’s own", "unshare", () -> work.edit(HotspotEdits.unshare(
                    work.prototype().index().shared(hotspot.id()).orElseThrow(), work.screen().orElseThrow()))));
        }
    }

    private void copy() {
        actions.copy();
        desk.say(actions.copied() == 1 ? "Copied; on another screen, “Put the copy here” or Ctrl+V." : actions.copied() + " copied; on another screen, Ctrl+V puts them there.");
    }

    private void wait(Link link) {
        int ms = link.cause() instanceof Cause.Wait w ? w.ms() : 0;
        line.getChildren().addAll(words("After"), number(link, ms), words("ms:"));
        effect(link);
        below.getChildren().add(Press.word("Remove", "remove-wait", actions::remove));
    }

    private void effect(Link link) {
        Optional<Effect> effect = link.effect();
        remembered(link);
        if (effect.isEmpty()) {
            line.getChildren().add(choice("choose where it leads", "missing", desk::find, "choice-target"));
            line.getChildren().add(more());
            return;
        }
        if (!effect.get().isMove()) {
            line.getChildren().addAll(choice("and lead somewhere", "soft", desk::find, "choice-target"), more());
            return;
        }
        Button verb = choice(verbWords(effect.get().verb()), "", () -> { }, "choice-verb");
        verb.setOnAction(e -> verbs(effect.get()).show(verb, Side.TOP, 0, -2));
        line.getChildren().add(verb);
        effect.get().target().ifPresent(t -> {
            boolean there = work.prototype().screen(t.id()).isPresent();
            line.getChildren().add(choice(LinkWords.target(work.prototype(), t), there ? "" : "missing", desk::find, "choice-target"));
            if (!there) {
                line.getChildren().add(aside("is not there"));
            }
        });
        if (effect.get().target().isPresent()) {
            line.getChildren().add(motion(link, effect.get().verb()));
        } else {
            line.getChildren().add(aside(effect.get().verb() == Verb.RETURN ? backTo() : "plays what opened it in reverse"));
        }
        line.getChildren().add(more());
    }

    /** What the link remembers, each part to be typed anew. */
    private void remembered(Link link) {
        List<Effect.Remember> all = link.remembers();
        for (int i = 0; i < all.size(); i++) {
            int at = i;
            line.getChildren().add(words(i == 0 ? "remember" : "and"));
            Button button = choice(LinkWords.remembered(work.prototype(), all.get(i)), work.prototype().fact(all.get(i).fact()).isPresent() ? "" : "missing", () -> { }, "choice-remember-" + i);
            button.setOnAction(e -> factField(button, LinkWords.remembered(work.prototype(), all.get(at)), typed -> {
                List<Effect.Remember> changed = new ArrayList<>(all);
                changed.remove(at);
                remember(changed, at, typed);
            }));
            line.getChildren().add(button);
        }
        if (!all.isEmpty()) {
            line.getChildren().add(words(","));
        }
    }

    private Button more() {
        Button button = choice("remember…", "soft", () -> { }, "choice-remember");
        button.setTooltip(new Tooltip("Something to be remembered while the prototype is played: signed in, basket + 1"));
        button.setOnAction(e -> factField(button, "", typed -> {
            List<Effect.Remember> all = new ArrayList<>(actions.link().map(Link::remembers).orElse(List.of()));
            remember(all, all.size(), typed);
        }));
        return button;
    }

    private void remember(List<Effect.Remember> others, int at, String typed) {
        try {
            List<Fact> facts = List.of();
            if (!typed.isBlank()) {
                Said<Effect.Remember> said = FactWords.remember(work.prototype(), typed, work.naming());
                others.add(at, said.what());
                facts = said.facts();
            }
            if (!others.equals(actions.link().map(Link::remembers).orElse(List.of()))) {
                actions.remember(others, facts);
            }
            if (!facts.isEmpty()) {
                desk.say("“" + facts.getLast().title() + "” is remembered from now on; a look can ask for it.");
            }
        } catch (FactWords.NotUnderstood e) {
            desk.say(e.getMessage());
        }
    }

    private void factField(Button button, String now, Consumer<String> then) {
        edit(button, now, "What to remember", then);
        line.getChildren().stream().filter(TextField.class::isInstance).map(TextField.class::cast).findFirst().ifPresent(field -> {
            field.setPromptText("signed in, basket + 1");
            field.setPrefColumnCount(16);
            FactOffers.under(field, work.prototype(), false);
        });
    }

    private String backTo() {
        int n = work.screen().map(s -> work.prototype().index().screensLeadingTo(s.id()).size()).orElse(0);
        return n == 0 ? "nothing leads here yet" : n == 1 ? "back to the one screen that leads here" : "back to any of " + n;
    }

    private static String verbWords(Verb verb) {
        return switch (verb) {
            case ADVANCE -> "advance to";
            case REPLACE -> "replace with";
            case RESTART -> "restart at";
            case OPEN_ABOVE -> "open above";
            case RETURN -> "return";
            case RETURN_TO -> "return to";
            case CLOSE -> "close";
            case REMEMBER -> "remember";
        };
    }

    private ContextMenu verbs(Effect now) {
        ContextMenu menu = new ContextMenu();
        Optional<Screen> target = now.target().flatMap(t -> work.prototype().screen(t.id()));
        for (Verb verb : Verb.MOVES) {
            Optional<String> whyNot = target.flatMap(t -> Fitting.whyNot(verb, actions.screen(), t));
            MenuItem item = new MenuItem(verbWords(verb) + "  " + meaning(verb) + whyNot.map(w -> " — " + w).orElse(""), new VerbSign(Optional.of(verb)));
            item.setId("verb-" + verb.word().replace(' ', '-'));
            item.setDisable(whyNot.isPresent());
            item.setOnAction(e -> chooseVerb(verb));
            menu.getItems().add(item);
        }
        return menu;
    }

    /** Sets the verb, asking for a target where one is needed. */
    void chooseVerb(Verb verb) {
        actions.verb(verb).ifPresent(why -> {
            if (why.isEmpty()) {
                desk.find();
                actions.want(Optional.of(verb));
            } else {
                desk.say(why);
            }
        });
    }

    private static String meaning(Verb verb) {
        return switch (verb) {
            case ADVANCE -> "· after this one, return comes back";
            case REPLACE -> "· in place of this one";
            case RESTART -> "· nothing stays behind";
            case OPEN_ABOVE -> "· above this one";
            case RETURN -> "· to where one came from";
            case RETURN_TO -> "· where that was passed on the way";
            case CLOSE -> "· what is open above";
            case REMEMBER -> "";
        };
    }

    private Button motion(Link link, Verb verb) {
        Optional<Motion> own = link.branches().getFirst().motion();
        Motion usual = work.prototype().usualMotion(verb);
        String text = own.map(SentencePane::told).orElse("as usual: " + told(usual));
        Button button = choice(text, "soft", () -> { }, "choice-motion");
        button.setOnAction(e -> {
            ContextMenu menu = new ContextMenu();
            MenuItem asUsual = new MenuItem("as usual: " + told(usual));
            asUsual.setOnAction(x -> work.edit(LinkEdits.motion(link, Optional.empty())));
            menu.getItems().add(asUsual);
            for (Verb like : List.of(Verb.ADVANCE, Verb.OPEN_ABOVE, Verb.REPLACE)) {
                Motion motion = Motion.usualFor(like);
                MenuItem item = new MenuItem(told(motion));
                item.setOnAction(x -> work.edit(LinkEdits.motion(link, Optional.of(motion))));
                menu.getItems().add(item);
            }
            MenuItem none = new MenuItem("at once");
            none.setOnAction(x -> work.edit(LinkEdits.motion(link, Optional.of(Motion.NONE))));
            menu.getItems().add(none);
            menu.show(button, Side.TOP, 0, -2);
        });
        return button;
    }

    private static String told(Motion motion) {
        return motion.kind() == Motion.Kind.NONE ? "at once" : switch (motion.kind()) {
            case FADE -> "fades in";
            case SLIDE_ACROSS -> "slides across";
            case SLIDE_ALONG -> "slides along";
            case RISE -> "rises";
            case GROW -> "grows";
            case NONE -> "";
        } + ", " + motion.ms() + " ms";
    }

    private Node nameChoice(Hotspot hotspot) {
        int number = actions.number(hotspot);
        Button button = choice(LinkWords.name(hotspot, number), "live", () -> { }, "choice-hotspot");
        button.setOnAction(e -> edit(button, hotspot.title(), "Words on the hotspot", text -> work.edit(HotspotEdits.rename(hotspot, text))));
        return button;
    }

    private Node number(Link link, int ms) {
        Button button = choice(String.valueOf(ms), "live", () -> { }, "choice-ms");
        button.setOnAction(e -> edit(button, String.valueOf(ms), "Milliseconds", text -> {
            if (!text.strip().matches("\\d{1,8}") || Integer.parseInt(text.strip()) < 1) {
                desk.say("A wait is a whole number of milliseconds, 1 or more; “" + text + "” is not.");
                refresh();
            } else {
                work.edit(LinkEdits.change("change a wait", link.withCause(new Cause.Wait(Integer.parseInt(text.strip())))));
            }
        }));
        return button;
    }

    /** Lets a choice be typed in its place; Enter keeps it, Escape leaves it. */
    private void edit(Button choice, String now, String what, Consumer<String> then) {
        TextField field = new TextField(now);
        field.setId("choice-field");
        field.setAccessibleText(what);
        field.setPrefColumnCount(12);
        int at = line.getChildren().indexOf(choice);
        line.getChildren().set(at, field);
        field.requestFocus();
        field.selectAll();
        boolean[] ended = new boolean[1];
        Runnable keep = () -> {
            if (!ended[0]) {
                ended[0] = true;
                then.accept(field.getText());
                refresh();
            }
        };
        field.setOnAction(e -> keep.run());
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                keep.run();
            }
        });
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                ended[0] = true;
                refresh();
            }
        });
    }

    private static Button choice(String text, String style, Runnable action, String id) {
        Button button = new Button(text);
        button.getStyleClass().add("choice");
        if (!style.isEmpty()) {
            button.getStyleClass().add(style);
        }
        button.setId(id);
        button.setMaxWidth(340);
        button.setOnAction(e -> action.run());
        return button;
    }

    private static Label words(String text) {
        Label label = new Label(text);
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private static Label aside(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("aside");
        return label;
    }
}
