package pandel.desktop.shell.page;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.whole.StartEdits;
import pandel.core.model.Opening;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;
import pandel.core.model.start.Start;
import pandel.core.model.start.StartPoint;
import pandel.core.play.situation.Situation;
import pandel.core.play.words.LinkWords;
import pandel.desktop.shell.notice.Toast;
import pandel.desktop.stage.PageBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** Where play can begin: the main entry, entries with addresses, start points. Each can be tried from here. */
final class StartsPage extends PageBox {

    private final Work work;
    private final Toast said;
    private final Consumer<Start> play;

    StartsPage(Work work, Toast said, Consumer<Start> play, Runnable leave) {
        super(
                "Entries and start points",
                "The main entry is where everybody starts. An address opens a screen from outside: a message "
                        + "tapped, a code read. "
                        + "A start point is a moment of play kept under a name.",
                leave);
        this.work = work;
        this.said = said;
        this.play = play;
        offer(Buttons.plain("New address", "new-address", this::add));
        TextField tried = new TextField();
        tried.setId("try-address");
        tried.setPromptText(work.prototype().entries().stream()
                .flatMap(e -> e.filledAddress().stream())
                .findFirst()
                .map(a -> "try an address: " + a)
                .orElse("try an address"));
        tried.setAccessibleText("Try an address");
        tried.setPrefColumnCount(16);
        tried.setOnAction(e -> tryAddress(tried.getText()));
        offer(tried);
        fill();
    }

    private void tryAddress(String typed) {
        Optional<Opening> opening = Opening.of(work.prototype(), typed);
        if (opening.isEmpty()) {
            said.say("No entry has an address like “" + typed.strip()
                    + "”, with all that it needs and of the right type.");
            return;
        }
        play.accept(opening.get().entry());
        if (!opening.get().dropped().isEmpty()) {
            said.say("Dropped, since nothing there expects it: "
                    + String.join(", ", opening.get().dropped()) + ".");
        }
    }

    private void fill() {
        clear();
        heading("Entries");
        Optional<Entry> main = work.prototype().mainEntry();
        if (main.isEmpty()) {
            sentence("There is no main entry: in Mocks, choose a page and “Start play here”.");
        }
        main.ifPresent(entry -> row(
                label("main entry", 170, "strong"),
                target(entry),
                why(entry),
                spring(),
                Buttons.smallWord("Play from here", "play-" + entry.id(), () -> play.accept(entry))));
        for (Entry entry : work.prototype().entries()) {
            if (entry.address().isPresent()) {
                row(
                        address(entry),
                        target(entry),
                        why(entry),
                        spring(),
                        Buttons.smallWord("Play from here", "play-" + entry.id(), () -> play.accept(entry)),
                        Buttons.smallWord(
                                "Remove",
                                "remove-" + entry.id(),
                                () -> change(() -> work.edit(StartEdits.removeEntry(entry)))));
            }
        }
        heading("Start points");
        if (work.prototype().startPoints().isEmpty()) {
            sentence("None yet. In Play, go to the moment that others shall begin from, and choose “Keep this "
                    + "moment…”.");
        }
        for (StartPoint point : work.prototype().startPoints()) {
            TextField name = field(
                    "point-" + point.id(),
                    "Name of the start point",
                    point.title(),
                    250,
                    typed -> change(() -> work.edit(StartEdits.keep(
                            new StartPoint(point.id(), typed, point.levels(), point.facts(), point.rest())))));
            row(
                    name,
                    label("on " + title(point.levels().getLast().getLast().screen()), 150),
                    why(point),
                    spring(),
                    Buttons.smallWord("Play from here", "play-" + point.id(), () -> play.accept(point)),
                    Buttons.smallWord(
                            "Remove", "remove-" + point.id(), () -> change(() -> work.edit(StartEdits.remove(point)))));
        }
    }

    private void change(Runnable edit) {
        edit.run();
        fill();
    }

    private TextField address(Entry entry) {
        return field(
                "address-" + entry.id(),
                "Address",
                entry.address().orElse(""),
                170,
                typed -> StartEdits.whyNot(work.prototype(), entry.id(), typed)
                        .ifPresentOrElse(
                                why -> {
                                    said.say(why);
                                    fill();
                                },
                                () -> change(() -> work.edit(StartEdits.entry(
                                        new Entry(entry.id(), entry.target(), Optional.of(typed), entry.rest()))))));
    }

    private Button target(Entry entry) {
        Button button = new Button("leads to " + LinkWords.target(work.prototype(), entry.target()));
        button.getStyleClass().add("choice");
        button.setId("target-" + entry.id());
        button.setMaxWidth(260);
        button.setOnAction(e -> {
            ContextMenu menu = new ContextMenu();
            work.prototype().screens().stream()
                    .filter(s -> s.form() == Form.PAGE)
                    .forEach(s -> {
                        menu.getItems()
                                .add(Buttons.item(
                                        s.shownTitle(),
                                        () -> change(() -> work.edit(
                                                entry.address().isEmpty()
                                                        ? ScreenEdits.entry(s)
                                                        : StartEdits.entry(
                                                                entry.leadingTo(new Target.ToScreen(s.id())))))));
                    });
            menu.show(button, Side.BOTTOM, 0, 0);
        });
        return button;
    }

    private String title(String screen) {
        return work.prototype().screen(screen).map(Screen::shownTitle).orElse(screen + " (removed)");
    }

    private Label why(Start start) {
        Optional<String> why = Situation.whyNoStart(work.prototype(), start);
        Label label = new Label(why.isPresent() ? "cannot begin" : "");
        label.getStyleClass().add("trouble");
        why.ifPresent(w -> label.setTooltip(new Tooltip(w)));
        return label;
    }

    private void add() {
        Optional<Screen> to = work.screen()
                .filter(s -> s.form() == Form.PAGE)
                .or(() -> work.prototype().screens().stream()
                        .filter(s -> s.form() == Form.PAGE)
                        .findFirst());
        if (to.isEmpty()) {
            said.say("An address leads to a page, and there is none yet.");
            return;
        }
        String words = to.get()
                .shownTitle()
                .toLowerCase(java.util.Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-+|-+$", "");
        String base = "/" + (words.isEmpty() ? "screen" : words);
        String address = base;
        for (int i = 2; StartEdits.whyNot(work.prototype(), "", address).isPresent(); i++) {
            address = base + "-" + i;
        }
        String free = address;
        Screen screen = to.get();
        change(() -> work.edit(StartEdits.entry(
                new Entry(work.freshId("entry"), new Target.ToScreen(screen.id()), Optional.of(free), Rest.NONE))));
    }
}
