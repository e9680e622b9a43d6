package pandel.desktop.mocks;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import pandel.core.model.Look;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.play.layout.Placement;
import pandel.desktop.picture.MockView;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.work.Work;

/** The mocks of a screen on its card: looks and widths stand behind one another, and can be turned to the front. */
final class CardPile extends StackPane {

    private static final int MOST_BEHIND = 2;
    private static final double OUT = 7;
    private static final double DOWN = 5;

    /** A mock of a screen: in a look, on a width. */
    private record Face(Look look, Width width) {}

    private final Work work;
    private final MockView front;
    private final List<Region> behind = new ArrayList<>();
    private List<Face> faces = List.of();
    private int turned;

    CardPile(Work work, PictureLibrary pictures) {
        this.work = work;
        this.front = new MockView(pictures);
        StackPane frame = new StackPane(front);
        frame.getStyleClass().add("mock-frame");
        frame.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        setAlignment(Pos.BOTTOM_LEFT);
        getChildren().add(frame);
    }

    /** Shows a screen, its plain look on the device's width in front. */
    void show(Screen screen, GalleryLayout.Cell cell) {
        faces = faces(screen);
        turned = 0;
        fit(cell);
    }

    /** Shows the same in another size. */
    void fit(GalleryLayout.Cell cell) {
        setMinHeight(cell.mockHigh() + 4);
        setPrefHeight(cell.mockHigh() + 4);
        int more = Math.min(MOST_BEHIND, faces.size() - 1);
        // Of what stands behind only an edge is seen: a sheet without a picture. One that is not needed is hidden, as a
        // card serves for one screen after another.
        while (behind.size() < more) {
            Region sheet = new Region();
            sheet.getStyleClass().addAll("mock-frame", "behind");
            sheet.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
            behind.add(sheet);
            getChildren().addFirst(sheet);
        }
        double wide = cell.mockWide() - more * OUT;
        double high = cell.mockHigh() - (more > 0 ? DOWN : 0);
        Face inFront = face(0);
        front.within(inFront.look(), inFront.width(), size(inFront), wide, high);
        for (int i = 0; i < behind.size(); i++) {
            behind.get(i).setVisible(i < more);
            if (i < more) {
                sheet(behind.get(i), i, wide, high - (i + 1) * 2 * DOWN);
            }
        }
    }

    /** Lays out what is seen of the sheet behind so many others. */
    private void sheet(Region sheet, int after, double wide, double high) {
        Placement.Size size = size(face(after + 1));
        double factor = Math.min(wide / size.width(), high / size.height());
        double across = Math.rint(size.width() * factor);
        sheet.setPrefSize(across + 2, Math.rint(size.height() * factor) + 2);
        StackPane.setMargin(
                sheet, new Insets(0, 0, (after + 1) * DOWN, front.getPrefWidth() + (after + 1) * OUT - across));
    }

    private Face face(int after) {
        return faces.get((turned + after) % faces.size());
    }

    private Placement.Size size(Face face) {
        return Placement.sizeOf(
                face.look(), face.width(), work.device().width(), work.device().height());
    }

    /** Looks first, each as the device shows it; then the plain look on widths it has mocks of its own for. */
    private List<Face> faces(Screen screen) {
        List<Face> all = new ArrayList<>();
        Look.all(screen)
                .filter(l -> l.state().filter(s -> s.mocks().isEmpty()).isEmpty())
                .forEach(l -> all.add(new Face(l, work.width())));
        Width shown = Look.plain(screen).areasOn(work.width());
        screen.mocks().stream()
                .map(Mock::on)
                .filter(on -> on != shown)
                .forEach(on -> all.add(new Face(Look.plain(screen), on)));
        return all;
    }

    /** Whether there is anything behind the front. */
    boolean isPile() {
        return faces.size() > 1;
    }

    /** Brings what is next behind to the front. */
    void turn(GalleryLayout.Cell cell) {
        turned = (turned + 1) % faces.size();
        fit(cell);
    }

    /** What is in front, in words; empty for the plain look as the device shows it. */
    String words() {
        return turned == 0 ? "" : words(face(0));
    }

    private static String words(Face face) {
        return face.look()
                .state()
                .map(State::shownTitle)
                .orElse("plain, " + face.width().word());
    }

    /** How many there are, in words. */
    String count() {
        boolean looks = faces.stream().anyMatch(f -> f.look().state().isPresent());
        boolean widths = faces.stream().anyMatch(f -> f.width() != work.width());
        return faces.size() + (looks && widths ? " mocks" : looks ? " looks" : " widths");
    }

    /** What each of them is, a line each. */
    String all() {
        return String.join("\n", faces.stream().map(CardPile::words).toList());
    }

    /** Out of sight: no picture is made ready meanwhile. */
    void rest() {
        front.rest();
    }
}
