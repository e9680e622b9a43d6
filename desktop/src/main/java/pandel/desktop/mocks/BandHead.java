package pandel.desktop.mocks;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import pandel.desktop.mocks.GalleryLayout.Band;
import pandel.desktop.theme.Buttons;

/** The heading of a section in the gallery: folds it, and has a menu. */
final class BandHead extends HBox {

    private final Band band;

    /**
     * @param fold folds the band or unfolds it
     * @param rename asks for another name of the section
     */
    BandHead(Band band, Runnable fold, Runnable rename) {
        super(8);
        this.band = band;
        boolean named = !band.section().isEmpty();
        getStyleClass().add("band-head");
        setAlignment(Pos.BASELINE_LEFT);
        setManaged(false);
        String name = named ? band.section() : "No section";
        Button title = Buttons.word(name, "band-" + (named ? band.section() : "none"), fold);
        title.setMnemonicParsing(false);
        title.setMinWidth(0);
        title.getStyleClass().add("band-title");
        title.setTooltip(new Tooltip(band.folded() ? "Unfold" : "Fold away"));
        String screens = band.screens() == 1 ? "one screen" : band.screens() + " screens";
        title.setAccessibleText(name + ", " + screens + (band.folded() ? ", folded" : ""));
        Label count = new Label(band.folded() ? screens + ", folded" : String.valueOf(band.screens()));
        count.getStyleClass().addAll("quiet", "small");
        getChildren().addAll(title, count);
        if (named) {
            MenuItem item = new MenuItem("Rename the section…");
            item.setOnAction(e -> rename.run());
            ContextMenu menu = new ContextMenu(item);
            setOnContextMenuRequested(e -> {
                menu.show(this, e.getScreenX(), e.getScreenY());
                e.consume();
            });
            title.setContextMenu(menu);
        }
    }

    Band band() {
        return band;
    }
}
