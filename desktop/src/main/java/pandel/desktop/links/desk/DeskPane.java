package pandel.desktop.links.desk;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.geometry.Point2D;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Line;
import pandel.core.edit.screen.AreaDrag;
import pandel.core.model.Targets;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Placement;
import pandel.desktop.links.action.DeskActions;
import pandel.desktop.links.action.Finder;
import pandel.desktop.picture.MockView;
import pandel.desktop.stage.PageHost;
import pandel.desktop.work.Work;

/** The one screen in the middle of the desk: its mock, its hotspots, and the neighbours one came from or walks to. */
public final class DeskPane extends Pane implements Finder.Marked {

    private static final double MARGIN = 20;
    private static final double FAR_ENOUGH = 4;
    private static final double SMALLEST = 0.05;
    private static final double LARGEST = 2;
    private static final double CAPTION = 20;

    private final Work work;
    private final DeskActions actions;
    private final MockView mock;
    private final Pane paper = new Pane();
    private final Map<String, HotspotView> views = new LinkedHashMap<>();
    private final EdgeBand edge = new EdgeBand();
    private final Neighbour before;
    private final Neighbour next;
    private final Line bond = new Line();
    private final BiConsumer<DeskPane, Marking> marked;
    private final Proposals proposals;
    private final Proposing proposing;
    private final Taken taken;
    private boolean wasFinding;
    private Optional<Node> finder = Optional.empty();
    private Optional<Area> finderAt = Optional.empty();
    private Optional<AreaDrag> drag = Optional.empty();
    private Optional<Screen> cameFrom = Optional.empty();
    private final Label caption = new Label();
    private boolean neighbours = true;
    private boolean trueSize;
    private double scale = 1;
    private Point2D pressed = Point2D.ZERO;
    private boolean dragged;

    public DeskPane(
            Work work,
            DeskActions actions,
            PageHost around,
            BiConsumer<DeskPane, Marking> marked,
            Runnable walkBack,
            Runnable walkOn) {
        this.work = work;
        this.actions = actions;
        this.marked = marked;
        this.mock = new MockView(around.pictures());
        this.proposals = new Proposals(work, actions, around.things());
        this.proposing = new Proposing(paper, proposals);
        this.taken = new Taken(paper, proposing);
        this.before = new Neighbour(around.pictures(), walkBack, "walk-back");
        this.next = new Neighbour(around.pictures(), walkOn, "walk-on");
        paper.setId("desk-paper");
        paper.getChildren().add(mock);
        paper.setCursor(Cursor.CROSSHAIR);
        bond.getStyleClass().add("bond-line");
        caption.getStyleClass().addAll("quiet", "small");
        caption.setMouseTransparent(true);
        caption.setManaged(false);
        getChildren().addAll(bond, before, next, caption, paper, edge);
        paper.addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        paper.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        paper.addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
        paper.addEventHandler(MouseEvent.MOUSE_MOVED, this::hovered);
        paper.addEventHandler(MouseEvent.MOUSE_EXITED, e -> taken.leave());
        // What comes to be known while the desk is not in sight is asked for when it is.
        around.things().whenKnown(() -> Optional.ofNullable(getScene()).ifPresent(s -> proposals.refresh()));
    }

    /**
     * Shows the chosen screen.
     *
     * @param from the screen one walked here from
     */
    public void show(Optional<Screen> from) {
        cameFrom = from.filter(f -> !f.id().equals(work.selection().screen()));
        setAccessibleText("Desk: " + work.screen().map(Screen::shownTitle).orElse("no screen"));
        views.clear();
        paper.getChildren().setAll(mock);
        proposals.refresh();
        paper.setVisible(work.screen().isPresent());
        List<Hotspot> hotspots = actions.hotspots();
        for (int i = 0; i < hotspots.size(); i++) {
            Hotspot hotspot = hotspots.get(i);
            if (actions.area(hotspot).isPresent()) {
                HotspotView view = new HotspotView(
                        hotspot,
                        i + 1,
                        actions.isRemarked(hotspot),
                        work.selection().hotspots().contains(hotspot.id()));
                view.hide(actions.isHidden(hotspot));
                views.put(hotspot.id(), view);
                paper.getChildren().add(view);
            }
        }
        // Chosen ones lie on top, so that their corners can be held.
        views.values().stream()
                .filter(v -> work.selection().hotspots().contains(v.hotspot().id()))
                .forEach(Node::toFront);
        views.values().forEach(view -> paper.getChildren().addAll(view.signs(), view.number()));
        work.screen()
                .ifPresent(s -> edge.show(
                        work.prototype(), s, work.selection().linkProperty().get(), work.selection()::chooseLink));
        setNeedsLayout(true);
        requestLayout();
    }

    /** The picture's colour a little inside an area, half way down, where corners are not round. */
    public Optional<Color> ground(Area area) {
        Placement.Size size = actions.size();
        return mock.colourAt((area.x() + 6) / size.width(), (area.y() + area.height() / 2) / size.height());
    }

    /** Tells the mock's paper from that of another desk. */
    public void paperId(String id) {
        paper.setId(id);
    }

    /** With another device beside it, it says which it is, and leaves the neighbours out. */
    public void beside(boolean another) {
        neighbours = !another;
        requestLayout();
    }

    /** Whether it has one px of the interface for each of its own. */
    public boolean isTrueSize() {
        return trueSize;
    }

    public void trueSize(boolean is) {
        trueSize = is;
        requestParentLayout();
        requestLayout();
    }

    @Override
    protected double computePrefHeight(double width) {
        return trueSize && work.screen().isPresent() ? actions.size().height() + 2 * MARGIN : 100;
    }

    @Override
    protected void layoutChildren() {
        if (work.screen().isEmpty()) {
            return;
        }
        Placement.Size size = actions.size();
        double room = getWidth() - 2 * ((neighbours ? Neighbour.WIDE : 0) + MARGIN);
        double above = neighbours ? 0 : CAPTION;
        double fits = Math.min(room / size.width(), (getHeight() - 2 * MARGIN - above) / size.height());
        scale = trueSize ? 1 : Math.clamp(fits, SMALLEST, LARGEST);
        double w = Math.rint(size.width() * scale);
        double h = Math.rint(size.height() * scale);
        double x = Math.rint((getWidth() - w) / 2);
        double y = Math.rint(Math.max(MARGIN + above, (getHeight() + above - h) / 2));
        caption.setVisible(!neighbours);
        if (!neighbours) {
            caption.setText(actions.device().title() + ", "
                    + Math.round(actions.device().width()) + " px");
            caption.autosize();
            caption.relocate(Math.rint((getWidth() - caption.getWidth()) / 2), Math.rint(Math.max(6, y - 24)));
        }
        paper.resizeRelocate(x, y, w, h);
        edge.autosize();
        edge.relocate(Math.max(0, x - EdgeBand.WIDE - 2), y);
        mock.show(actions.look(), actions.deviceWidth(), w, h);
        mock.resizeRelocate(0, 0, w, h);
        views.forEach((id, view) -> actions.area(view.hotspot()).ifPresent(a -> view.place(a, scale)));
        if (neighbours) {
            layoutNeighbours(x, w);
        } else {
            before.hide();
            next.hide();
            bond.setVisible(false);
        }
        finder.ifPresent(f -> placeFinder(f, x, y));
    }

    private void layoutNeighbours(double x, double w) {
        double gapMiddle = (x - Neighbour.WIDE) / 2;
        cameFrom.ifPresentOrElse(s -> before.show(s, s.shownTitle() + ", where you came from", work), before::hide);
        double beforeHigh = before.high();
        before.resizeRelocate(
                Math.rint(Math.max(4, gapMiddle)),
                Math.rint(Math.max(8, (getHeight() - beforeHigh) / 2)),
                Neighbour.WIDE,
                beforeHigh);
        Optional<Screen> target = actions.link()
                .flatMap(l -> l.effect())
                .flatMap(e -> e.target())
                .flatMap(t -> Targets.shown(work.prototype(), t));
        target.ifPresentOrElse(
                s -> next.show(
                        s,
                        s.shownTitle()
                                + (s.form() == Form.PAGE
                                        ? ""
                                        : ", a " + s.form().word()),
                        work),
                next::hide);
        double nextHigh = next.high();
        double nextX = Math.rint(x + w + Math.max(4, gapMiddle));
        double middle = spotMiddle().orElse(getHeight() / 2);
        double nextY = Math.rint(Math.clamp(middle - nextHigh / 2, 8, Math.max(8, getHeight() - nextHigh - 8)));
        next.resizeRelocate(nextX, nextY, Neighbour.WIDE, nextHigh);
        layoutBond(nextX, middle, target.isPresent());
    }

    /** The hairline from the chosen hotspot to the neighbour it leads to. */
    private void layoutBond(double nextX, double middle, boolean target) {
        Optional<HotspotView> chosen = chosenView();
        bond.setVisible(chosen.isPresent() && target);
        chosen.ifPresent(view -> {
            double from = paper.getLayoutX() + view.getLayoutX() + view.getWidth() + 2;
            bond.setStartX(from);
            bond.setEndX(Math.max(from, nextX));
            bond.setStartY(Math.rint(middle) + 0.5);
            bond.setEndY(Math.rint(middle) + 0.5);
        });
    }

    private Optional<HotspotView> chosenView() {
        return work.selection().hotspots().size() == 1
                ? Optional.ofNullable(views.get(work.selection().hotspots().getLast()))
                : Optional.empty();
    }

    private Optional<Double> spotMiddle() {
        return chosenView().map(v -> paper.getLayoutY() + v.getLayoutY() + v.getHeight() / 2);
    }

    private void placeFinder(Node node, double x, double y) {
        double wide = node.prefWidth(-1);
        double high = node.prefHeight(wide);
        Area at = finderAt.orElse(new Area(0, 0, actions.size().width(), 40));
        double right = x + at.right() * scale + 12;
        double fx = right + wide < getWidth() - 8 ? right : Math.max(8, x + at.x() * scale - wide - 12);
        double fy = Math.clamp(y + at.y() * scale, 8, Math.max(8, getHeight() - high - 8));
        node.resizeRelocate(Math.rint(fx), Math.rint(fy), wide, high);
    }

    /** Puts a finder beside an area. */
    public void open(Node node, Optional<Area> at) {
        Optional<Marking> marks = taken.now();
        closeFinder();
        marks.ifPresent(m -> taken.take(m, scale));
        finder = Optional.of(node);
        finderAt = at;
        getChildren().add(node);
        requestLayout();
    }

    /** What the finder is open for, as it has been moved since. */
    public Optional<Marking> taken() {
        return taken.now();
    }

    @Override
    public void together(boolean all) {
        taken.together(all, scale);
    }

    /** Nothing moves past the mock's edges. */
    @Override
    public void nudge(double dx, double dy) {
        taken.nudge(dx, dy, actions.size(), scale);
    }

    private void take(Marking marking) {
        taken.take(marking, scale);
        marked.accept(this, marking);
    }

    public void closeFinder() {
        taken.clear();
        finder.ifPresent(getChildren()::remove);
        finder = Optional.empty();
    }

    public boolean isFinding() {
        return finder.isPresent();
    }

    private Optional<HotspotView> viewAt(MouseEvent e) {
        Node node = e.getPickResult().getIntersectedNode();
        while (node != null && !(node instanceof HotspotView)) {
            node = node.getParent();
        }
        return Optional.ofNullable((HotspotView) node);
    }

    private void pressed(MouseEvent e) {
        wasFinding = finder.isPresent();
        closeFinder();
        requestFocus();
        pressed = new Point2D(e.getX(), e.getY());
        dragged = false;
        drag = Optional.empty();
        Optional<HotspotView> view = e.isShortcutDown() ? Optional.empty() : viewAt(e);
        if (view.isEmpty() || e.getButton() != MouseButton.PRIMARY) {
            view.ifPresent(v -> work.selection().chooseHotspot(v.hotspot().id()));
            return;
        }
        Hotspot hotspot = view.get().hotspot();
        AreaDrag.Handle handle = view.get().handleOf(e.getPickResult().getIntersectedNode());
        if (e.isShiftDown()) {
            work.selection().toggleHotspot(hotspot.id());
        } else if (!List.of(hotspot.id()).equals(work.selection().hotspots())) {
            work.selection().chooseHotspot(hotspot.id());
        }
        Placement.Size size = actions.size();
        drag = actions.area(hotspot).map(a -> new AreaDrag(a, handle, size.width(), size.height()));
    }

    private static boolean marks(MouseEvent e) {
        return e.getButton() == MouseButton.PRIMARY;
    }

    private void dragged(MouseEvent e) {
        if (!marks(e)) {
            return;
        }
        dragged |= pressed.distance(e.getX(), e.getY()) > FAR_ENOUGH;
        if (!dragged) {
            return;
        }
        if (drag.isPresent()) {
            Area area = drag.get().by((e.getX() - pressed.getX()) / scale, (e.getY() - pressed.getY()) / scale);
            chosenView().ifPresent(v -> v.place(area, scale));
        } else {
            proposing.rest();
            taken.draw(markedTo(e), scale);
        }
    }

    private void hovered(MouseEvent e) {
        if (finder.isPresent()) {
            return;
        }
        if (viewAt(e).isPresent()) {
            proposing.rest();
        } else {
            proposing.hover(e.getX(), e.getY(), scale);
        }
    }

    private Area markedTo(MouseEvent e) {
        Placement.Size size = actions.size();
        double x1 = Math.clamp(pressed.getX() / scale, 0, size.width());
        double y1 = Math.clamp(pressed.getY() / scale, 0, size.height());
        double x2 = Math.clamp(e.getX() / scale, 0, size.width());
        double y2 = Math.clamp(e.getY() / scale, 0, size.height());
        return Area.between(x1, y1, x2, y2).within(size.width(), size.height());
    }

    private void released(MouseEvent e) {
        if (!marks(e)) {
            return;
        }
        if (drag.isPresent()) {
            if (dragged) {
                Area area = drag.get().by((e.getX() - pressed.getX()) / scale, (e.getY() - pressed.getY()) / scale);
                chosenView().ifPresent(v -> actions.place(v.hotspot(), area));
            }
            drag = Optional.empty();
        } else if (dragged) {
            work.selection().clearOnScreen();
            take(Marking.drawn(markedTo(e)));
        } else {
            work.selection().clearOnScreen();
            proposing.press(e.getX(), e.getY(), scale, wasFinding).ifPresent(this::take);
        }
    }
}
