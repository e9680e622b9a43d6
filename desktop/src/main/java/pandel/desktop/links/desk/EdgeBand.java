package pandel.desktop.links.desk;

import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import pandel.core.model.Prototype;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Screen;
import pandel.core.play.EventWords;
import pandel.core.play.words.LinkWords;
import pandel.desktop.sign.CauseSign;

/** The links of the whole screen, as signs along the mock’s edge. */
final class EdgeBand extends VBox {

    static final double WIDE = 26;
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    EdgeBand() {
        super(4);
        setManaged(false);
        setPickOnBounds(false);
        getStyleClass().add("edge-band");
    }

    /**
     * @param chosen id of the chosen link
     * @param choose takes the id of another
     */
    void show(Prototype prototype, Screen screen, String chosen, Consumer<String> choose) {
        getChildren().clear();
        for (Link link : screen.links()) {
            Button sign = new Button("", new CauseSign(link.cause()));
            sign.getStyleClass().add("edge-sign");
            sign.setId("edge-" + link.id());
            sign.setFocusTraversable(false);
            String words = EventWords.capital(LinkWords.cause(link)) + ": " + LinkWords.effect(prototype, link);
            sign.setAccessibleText(words);
            sign.setTooltip(new Tooltip(words));
            sign.pseudoClassStateChanged(CHOSEN, link.id().equals(chosen));
            sign.setOnAction(e -> choose.accept(link.id()));
            getChildren().add(sign);
        }
    }
}
