package pandel.desktop.play.way;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.frame.TabSet;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Known;
import pandel.core.model.value.Placeholders;
import pandel.core.play.layout.Placement;
import pandel.core.play.situation.Level;
import pandel.core.play.situation.Situation;
import pandel.core.play.situation.Tabs;
import pandel.core.play.situation.Visit;
import pandel.desktop.picture.FramedMock;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.sign.FormSign;
import pandel.desktop.theme.Children;

/** The places one came through as one pile, the current one on top, overlays proud of it. */
public final class TrailPane extends VBox {

    private static final int MOST = 40;

    private static final double PICTURE = 24;
    private static final double PICTURE_HIGH = 48;

    private final PictureLibrary pictures;
    private final Label heading = new Label("Trail");

    public TrailPane(PictureLibrary pictures) {
        this.pictures = pictures;
        getStyleClass().add("side");
        heading.getStyleClass().add("heading");
        setPrefWidth(200);
        setMinWidth(200);
    }

    public void show(Prototype prototype, Situation now) {
        List<Node> rows = new ArrayList<>(List.of(heading));
        Set<Node> taken = new HashSet<>();
        int shown = 0;
        List<Node> others = new ArrayList<>();
        if (now.width() != now.device().width() || now.height() != now.device().height()) {
            rows.add(told(Math.round(now.width()) + " × " + Math.round(now.height()) + " px now", "trail-size"));
        }
        now.drawer()
                .flatMap(prototype::drawer)
                .ifPresent(d -> rows.add(told(d.shownTitle() + " is open", "trail-drawer")));
        for (Level level : now.levels().reversed()) {
            for (Visit visit : level.trail().places().reversed()) {
                if (shown++ == MOST) {
                    int rest = now.levels().stream()
                                    .mapToInt(l -> l.trail().depth())
                                    .sum()
                            - MOST;
                    rows.add(new Label("and " + rest + " more beneath"));
                    Children.become(getChildren(), rows);
                    return;
                }
                Screen screen = prototype.screen(visit.screen()).orElse(Screen.page(visit.screen(), visit.screen()));
                String own = Placeholders.filled(screen.shownTitle(), prototype, Known.of(now.facts(), visit.held()));
                String title = visit.at()
                        .flatMap(at -> prototype
                                .sequence(at.sequence())
                                .map(s -> own + ", " + at.page() + " of "
                                        + s.pages().size()))
                        .orElse(own);
                for (Tabs tabs : visit.tabs()) {
                    tabs.kept().forEach((tab, kept) -> others.add(kept(prototype, tab, kept)));
                }
                Look look = Look.of(prototype, screen, Known.of(now.facts(), visit.held()));
                Width width = prototype.widths().of(now.width());
                Place place = new Place(
                        look,
                        width,
                        Placement.sizeOf(look, width, now.width(), now.height()),
                        title,
                        level.kind().base(),
                        shown == 1);
                Node row = getChildren().stream()
                        .filter(n -> place.equals(n.getUserData()) && !taken.contains(n))
                        .findFirst()
                        .orElseGet(() -> row(place));
                taken.add(row);
                rows.add(row);
            }
        }
        if (!others.isEmpty()) {
            Label kept = new Label("Kept in other tabs");
            kept.getStyleClass().add("heading");
            kept.getStyleClass().add("trail-kept");
            rows.add(kept);
            rows.addAll(others);
        }
        Children.become(getChildren(), rows);
    }

    private static Label told(String words, String style) {
        Label label = new Label(words);
        label.getStyleClass().addAll(style, "quiet", "small");
        label.getStyleClass().add("trail-note");
        return label;
    }

    /** "Loans: 3 deep, on Loan". */
    private static Node kept(Prototype prototype, String tab, List<Visit> kept) {
        String label = prototype
                .tabSetOf(tab)
                .flatMap(s -> s.tab(tab))
                .map(TabSet.Tab::shownLabel)
                .orElse(tab);
        String on = prototype.titleOf(kept.getLast().screen());
        Label told = new Label(label + ": " + (kept.size() == 1 ? "" : kept.size() + " deep, ") + "on " + on);
        told.getStyleClass().addAll("quiet", "small");
        told.getStyleClass().add("trail-tab");
        return told;
    }

    /** What a row shows. */
    private record Place(Look look, Width width, Placement.Size size, String title, boolean base, boolean current) {}

    private HBox row(Place place) {
        HBox row = new HBox();
        row.setUserData(place);
        row.getStyleClass().add("trail-place");
        Label title = new Label(place.title());
        title.getStyleClass().addAll("trail-title", place.current() ? "strong" : "quiet");
        row.getChildren()
                .addAll(
                        new FramedMock(pictures)
                                .within(place.look(), place.width(), place.size(), PICTURE, PICTURE_HIGH),
                        new FormSign(place.look().screen().form()),
                        title);
        if (place.current()) {
            row.getStyleClass().add("current");
        }
        if (!place.base()) {
            row.getStyleClass().add("overlay");
        }
        return row;
    }
}
