package pandel.desktop.frames;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Subscription;
import pandel.core.edit.Edit;
import pandel.core.model.device.Device;
import pandel.core.model.screen.Screen;
import pandel.desktop.links.sentence.Choice;
import pandel.desktop.picture.PictureColours;
import pandel.desktop.stage.Command;
import pandel.desktop.stage.PageHost;
import pandel.desktop.stage.StageView;
import pandel.desktop.stage.WhileShown;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Scroll;
import pandel.desktop.work.Work;

/**
 * A frame on the desk: it stands in the middle as a person sees it, where its edges are dragged and its words typed;
 * its parts are at the left, what else can be said of it is at the right in sentences. Filled anew after each edit.
 */
abstract class FrameDesk extends BorderPane implements StageView {

    private static final double PARTS = 216;
    private static final double SENTENCES = 416;
    private static final double ROOM = 24;

    final Work work;
    final PageHost around;
    final String id;
    private final String about;
    private final HBox head = new HBox(10);
    private final VBox parts = new VBox(6);
    private final VBox says = new VBox(4);
    private final ScrollPane left;
    private final ScrollPane right;
    private final StackPane middle = new StackPane();
    private final WhileShown shown;
    private final PictureColours colours;
    private String focused = "";

    /**
     * @param node its id in the window
     * @param about what it is, and what can be done to it by hand, for who has not been here before
     */
    FrameDesk(String node, String about, Work work, PageHost around, String id) {
        this.work = work;
        this.around = around;
        this.id = id;
        this.about = about;
        this.colours = new PictureColours(around.pictures());
        setId(node);
        getStyleClass().add("frame-desk");
        head.getStyleClass().add("frame-head");
        parts.getStyleClass().add("frame-parts");
        says.getStyleClass().add("frame-says");
        middle.setMinSize(0, 0);
        left = Scroll.column(parts, PARTS);
        left.setFocusTraversable(false);
        right = Scroll.column(says, SENTENCES);
        right.setFocusTraversable(false);
        right.setId("frame-says");
        setTop(head);
        setCenter(middle);
        setRight(right);
        middle.layoutBoundsProperty().addListener((o, was, is) -> {
            if (was.getWidth() != is.getWidth() || was.getHeight() != is.getHeight()) {
                draw();
            }
        });
        this.shown = new WhileShown(() -> work.prototypeProperty()
                .subscribe(this::refresh)
                .and(work.deviceProperty().subscribe(this::refresh))
                .and(sceneFocus()));
    }

    /** What has the focus is known by its id, so that what takes its place after an edit gets it. */
    private Subscription sceneFocus() {
        return getScene().focusOwnerProperty().subscribe(owner -> {
            // A field typed in stands in the place of a word, which has the focus again afterwards.
            if (owner != null && owner.getId() != null && !(owner instanceof TextField) && isWithin(owner)) {
                focused = owner.getId();
            }
        });
    }

    private boolean isWithin(Node node) {
        return Stream.<Node>iterate(node, java.util.Objects::nonNull, Node::getParent)
                .anyMatch(n -> n == this);
    }

    /** Whether it is still there; an undone edit may have made it. */
    abstract boolean isThere();

    /** Says everything there is to say. */
    abstract void fill();

    /**
     * It as a person sees it.
     *
     * @param wide px there are for it
     * @param high px there are for it
     */
    abstract Node seen(double wide, double high);

    /** What has the focus where nothing had it yet. */
    abstract String first();

    @Override
    public final Node node() {
        return this;
    }

    @Override
    public void shown() {
        shown.begin();
        refresh();
    }

    @Override
    public void hidden() {
        shown.end();
    }

    @Override
    public List<Command> commands() {
        return List.of(Command.here("Done with this frame", around::leave, "Esc"));
    }

    /** Fills it anew unless an edit did: then what was typed in stands on it no more. */
    final void refreshAfter(Node typed) {
        if (typed.getScene() != null) {
            refresh();
        }
    }

    final void refresh() {
        if (!shown.isOn()) {
            return;
        }
        if (!isThere()) {
            around.leave();
            return;
        }
        String before = focused.isEmpty() ? first() : focused;
        head.getChildren().clear();
        parts.getChildren().clear();
        says.getChildren().clear();
        fill();
        head.getChildren().add(2, FrameWords.spring());
        Button done = new Button("Done");
        done.getStyleClass().add("main");
        done.setId("page-done");
        done.setMinWidth(Region.USE_PREF_SIZE);
        done.setOnAction(e -> around.leave());
        head.getChildren().add(done);
        Label told = FrameWords.told(about);
        VBox.setMargin(told, new javafx.geometry.Insets(16, 0, 0, 0));
        says.getChildren().add(told);
        setLeft(parts.getChildren().isEmpty() ? null : left);
        draw();
        if (right.getSkin() == null) {
            // What scrolls holds its parts only once it has been styled.
            applyCss();
        }
        Optional.ofNullable(lookup("#" + before))
                .or(() -> Optional.ofNullable(lookup("#" + first())))
                .orElse(done)
                .requestFocus();
    }

    private void draw() {
        if (!isThere()) {
            return;
        }
        double wide = (middle.getWidth() > 0 ? middle.getWidth() : 600) - 2 * ROOM;
        double high = (middle.getHeight() > 0 ? middle.getHeight() : 600) - ROOM;
        middle.getChildren().setAll(seen(Math.max(80, wide), Math.max(80, high)));
        // What is pressed a second time is where it is seen, without waiting for the next frame.
        middle.applyCss();
        middle.layout();
    }

    /** The colours of the prototype's own pictures. */
    final PictureColours colours() {
        return colours;
    }

    void change(Edit edit) {
        work.edit(edit);
    }

    /** Interface px that the device is wide where it is as large as fits. */
    static double fitting(Device device, double wide, double high) {
        return Math.rint(Math.min(wide, high * device.width() / device.height()));
    }

    /** The title, typed in its place, and what kind of frame it is. */
    void title(String node, String now, String kind, Consumer<String> put) {
        Choice title = new Choice(now, "", node);
        title.getStyleClass().add("frame-title");
        HBox held = new HBox(title);
        title.on(() -> title.type(
                now,
                "Title",
                typed -> {
                    if (!typed.isBlank() && !typed.strip().equals(now)) {
                        put.accept(typed.strip());
                    }
                },
                () -> refreshAfter(held)));
        held.setAlignment(Pos.CENTER_LEFT);
        titled(held, kind);
    }

    /** A title that is the titles of screens. */
    void title(String now, String kind) {
        Label title = new Label(now);
        title.getStyleClass().addAll("strong", "large");
        title.setMinWidth(0);
        titled(title, kind);
    }

    private void titled(Node title, String kind) {
        Label what = new Label(kind);
        what.getStyleClass().add("quiet");
        head.getChildren().addAll(title, what);
    }

    /** Something that can be done to the frame as a whole. */
    void offer(Button press) {
        head.getChildren().add(press);
    }

    /** A part, at the left. */
    void part(Node node) {
        parts.getChildren().add(node);
    }

    /** Words over the sentences that follow, with what can be done to those. */
    void heads(String words, Button... presses) {
        HBox line = FrameWords.heading(words, presses);
        if (!says.getChildren().isEmpty()) {
            VBox.setMargin(line, new javafx.geometry.Insets(14, 0, 0, 0));
        }
        says.getChildren().add(line);
    }

    /** A new sentence, at the right. */
    Saying say() {
        Saying saying = new Saying(this);
        says.getChildren().add(saying);
        return saying;
    }

    /** Something that is no sentence, at the right. */
    void say(Node node) {
        says.getChildren().add(node);
    }

    /**
     * A link on the desk, where its sentence is.
     *
     * @param on a screen it can be set off on
     */
    void sentence(Screen on, String link) {
        work.selection().choose(on.id());
        around.go(WorkStage.LINKS);
        work.selection().chooseLink(link);
    }

    /** Asks for a screen. */
    void pick(String what, List<Screen> among, Consumer<Screen> picked) {
        around.pick(what, among, s -> "", picked);
    }
}
