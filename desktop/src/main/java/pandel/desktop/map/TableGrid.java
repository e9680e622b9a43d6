package pandel.desktop.map;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Orientation;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.transform.Rotate;
import pandel.core.edit.bulk.Filling.Pair;
import pandel.core.model.Index.Way;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Screen;
import pandel.desktop.sign.VerbSign;

/** The cells of the table from × to: only those in sight are made. A block of cells can be chosen. */
final class TableGrid extends Pane {

    private static final double CELL = 26;
    private static final double WIDEST = 56;
    private static final double HIGHEST = 36;
    private static final double SIDE = 190;
    private static final double HEAD = 128;
    private static final double BAR = 10;

    private final Consumer<List<Pair>> told;
    private final ScrollBar down = new ScrollBar();
    private final ScrollBar along = new ScrollBar();
    private List<Screen> screens = List.of();
    private Map<Pair, List<Way>> ways = Map.of();
    private int row;
    private int column;
    private int anchorRow;
    private int anchorColumn;

    TableGrid(Consumer<List<Pair>> told, Consumer<Pair> opened) {
        this.told = told;
        getStyleClass().add("table-grid");
        setId("table-grid");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TABLE_VIEW);
        setMinSize(0, 0);
        down.setOrientation(Orientation.VERTICAL);
        down.valueProperty().addListener((o, a, b) -> draw());
        along.valueProperty().addListener((o, a, b) -> draw());
        widthProperty().addListener((o, a, b) -> draw());
        heightProperty().addListener((o, a, b) -> draw());
        focusedProperty().addListener((o, a, b) -> draw());
        addEventHandler(
                MouseEvent.MOUSE_PRESSED,
                e -> at(e).ifPresent(cell -> {
                    requestFocus();
                    choose(cell[0], cell[1], e.isShiftDown());
                    if (e.getClickCount() == 2) {
                        chosen().stream().findFirst().ifPresent(opened);
                    }
                }));
        addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> at(e).ifPresent(cell -> choose(cell[0], cell[1], true)));
        addEventHandler(ScrollEvent.SCROLL, e -> {
            down.setValue(Math.clamp(down.getValue() - Math.signum(e.getDeltaY()) * 2, 0, Math.max(0, down.getMax())));
            along.setValue(
                    Math.clamp(along.getValue() - Math.signum(e.getDeltaX()) * 2, 0, Math.max(0, along.getMax())));
        });
    }

    void show(List<Screen> newScreens, Map<Pair, List<Way>> newWays) {
        boolean fresh = screens.isEmpty();
        int last = Math.max(0, newScreens.size() - 1);
        screens = List.copyOf(newScreens);
        ways = newWays;
        row = Math.min(row, last);
        column = fresh ? Math.min(1, last) : Math.min(column, last);
        anchorRow = Math.min(anchorRow, last);
        anchorColumn = fresh ? column : Math.min(anchorColumn, last);
        draw();
        told.accept(chosen());
    }

    /**
     * Moves the cursor.
     *
     * @param more whether the block of chosen cells grows with it
     */
    void go(int rows, int columns, boolean more) {
        choose(
                Math.clamp(row + rows, 0, screens.size() - 1),
                Math.clamp(column + columns, 0, screens.size() - 1),
                more);
        keepInSight();
    }

    private void choose(int newRow, int newColumn, boolean more) {
        row = newRow;
        column = newColumn;
        if (!more) {
            anchorRow = row;
            anchorColumn = column;
        }
        draw();
        told.accept(chosen());
    }

    /** The chosen cells, row by row. */
    List<Pair> chosen() {
        List<Pair> pairs = new ArrayList<>();
        if (!screens.isEmpty()) {
            for (int r = Math.min(row, anchorRow); r <= Math.max(row, anchorRow); r++) {
                for (int c = Math.min(column, anchorColumn); c <= Math.max(column, anchorColumn); c++) {
                    pairs.add(new Pair(screens.get(r).id(), screens.get(c).id()));
                }
            }
        }
        return pairs;
    }

    private int rowsInSight() {
        return (int) Math.max(1, Math.floor((getHeight() - HEAD - BAR) / high()));
    }

    private int columnsInSight() {
        return (int) Math.max(1, Math.floor((getWidth() - SIDE - BAR) / wide()));
    }

    /** Cells grow where there is room for all of them. */
    private double wide() {
        return Math.clamp(Math.floor((getWidth() - SIDE - BAR) / Math.max(1, screens.size())), CELL, WIDEST);
    }

    private double high() {
        return Math.clamp(Math.floor((getHeight() - HEAD - BAR) / Math.max(1, screens.size())), CELL, HIGHEST);
    }

    private Optional<int[]> at(MouseEvent e) {
        int r = firstRow() + (int) Math.floor((e.getY() - HEAD) / high());
        int c = firstColumn() + (int) Math.floor((e.getX() - SIDE) / wide());
        boolean inside = e.getY() >= HEAD
                && e.getX() >= SIDE
                && r < screens.size()
                && c < screens.size()
                && r < firstRow() + rowsInSight()
                && c < firstColumn() + columnsInSight();
        return inside ? Optional.of(new int[] {r, c}) : Optional.empty();
    }

    private int firstRow() {
        return (int) Math.round(down.getValue());
    }

    private int firstColumn() {
        return (int) Math.round(along.getValue());
    }

    private void keepInSight() {
        down.setValue(Math.clamp(
                down.getValue(),
                Math.max(0, row - rowsInSight() + 1.0),
                Math.max(row, Math.max(0, row - rowsInSight() + 1.0))));
        along.setValue(Math.clamp(
                along.getValue(),
                Math.max(0, column - columnsInSight() + 1.0),
                Math.max(column, Math.max(0, column - columnsInSight() + 1.0))));
    }

    private void draw() {
        if (getWidth() <= SIDE || getHeight() <= HEAD || screens.isEmpty()) {
            getChildren().clear();
            return;
        }
        int rows = Math.min(rowsInSight(), screens.size());
        int columns = Math.min(columnsInSight(), screens.size());
        bar(down, screens.size() - rows, rows);
        bar(along, screens.size() - columns, columns);
        List<Node> nodes = new ArrayList<>();
        for (int r = 0; r < rows; r++) {
            int at = firstRow() + r;
            if (at % 2 == 0) {
                nodes.add(box("table-stripe", 0, HEAD + r * high(), SIDE + columns * wide(), high()));
            }
            nodes.add(title(screens.get(at), at == row, 20, HEAD + r * high(), high()));
        }
        for (int c = 0; c < columns; c++) {
            int at = firstColumn() + c;
            Label title = title(screens.get(at), at == column, SIDE + c * wide(), HEAD - 8, wide());
            title.resize(HEAD - 16, wide());
            title.getTransforms().add(new Rotate(-90));
            nodes.add(title);
        }
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                nodes.addAll(cell(firstRow() + r, firstColumn() + c, SIDE + c * wide(), HEAD + r * high()));
            }
        }
        nodes.addAll(cursor(rows, columns));
        down.resizeRelocate(getWidth() - BAR, HEAD, BAR, getHeight() - HEAD);
        along.resizeRelocate(SIDE, getHeight() - BAR, getWidth() - SIDE - BAR, BAR);
        down.setManaged(false);
        along.setManaged(false);
        nodes.add(down);
        nodes.add(along);
        getChildren().setAll(nodes);
        setAccessibleText("From " + screens.get(row).shownTitle() + " to "
                + screens.get(column).shownTitle());
    }

    private static void bar(ScrollBar bar, int most, int shown) {
        bar.setMax(Math.max(0, most));
        bar.setVisibleAmount(Math.max(1, (double) shown * most / Math.max(1, most + shown)));
        bar.setVisible(most > 0);
        bar.setValue(Math.clamp(bar.getValue(), 0, Math.max(0, most)));
    }

    private static Label title(Screen screen, boolean chosen, double x, double y, double high) {
        Label title = new Label(screen.shownTitle());
        title.setManaged(false);
        title.getStyleClass().addAll("small", chosen ? "strong" : "table-title");
        title.resizeRelocate(x, y, SIDE - 28, high);
        return title;
    }

    private List<Node> cell(int r, int c, double x, double y) {
        if (r == c) {
            return List.of(box("table-self", x + (wide() - 8) / 2, y + (high() - 8) / 2, 8, 8));
        }
        List<Way> there =
                ways.getOrDefault(new Pair(screens.get(r).id(), screens.get(c).id()), List.of());
        if (there.isEmpty()) {
            return List.of();
        }
        HBox cell = new HBox(1, new VerbSign(there.getFirst().link().effect().map(Effect::verb)));
        cell.getStyleClass().add("table-cell");
        cell.setManaged(false);
        cell.setMouseTransparent(true);
        cell.resizeRelocate(x, y, wide(), high());
        if (there.size() > 1) {
            cell.getStyleClass().add("several");
        }
        if (there.stream().map(Way::link).map(Link::effect).anyMatch(Optional::isEmpty)) {
            cell.getStyleClass().add("unlinked");
        }
        return List.of(cell);
    }

    private List<Node> cursor(int rows, int columns) {
        int top = Math.max(0, Math.min(row, anchorRow) - firstRow());
        int left = Math.max(0, Math.min(column, anchorColumn) - firstColumn());
        int bottom = Math.min(rows - 1, Math.max(row, anchorRow) - firstRow());
        int right = Math.min(columns - 1, Math.max(column, anchorColumn) - firstColumn());
        if (bottom < top || right < left) {
            return List.of();
        }
        return List.of(box(
                "table-cursor",
                SIDE + left * wide(),
                HEAD + top * high(),
                (right - left + 1) * wide(),
                (bottom - top + 1) * high()));
    }

    private static Region box(String style, double x, double y, double w, double h) {
        Region box = new Region();
        box.getStyleClass().add(style);
        box.setManaged(false);
        box.setMouseTransparent(true);
        box.resizeRelocate(x, y, w, h);
        return box;
    }
}
