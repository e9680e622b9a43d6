package pandel.desktop.links.sentence;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import pandel.core.edit.Fitting;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Screen;
import pandel.desktop.sign.VerbSign;

/** The verbs that move, and motions, to choose from; what does not fit cannot be chosen and says why. */
final class VerbMenu {

    private VerbMenu() {}

    /** @param now the move there is, if any */
    static ContextMenu of(Prototype prototype, Screen from, Effect now, Consumer<Verb> chosen) {
        ContextMenu menu = new ContextMenu();
        Optional<Screen> target = now.target().flatMap(t -> Targets.shown(prototype, t));
        for (Verb verb :
                Stream.concat(Verb.MOVES.stream(), Verb.OF_DRAWERS.stream()).toList()) {
            Optional<String> whyNot = Verb.OF_DRAWERS.contains(verb)
                    ? prototype.drawers().isEmpty() ? Optional.of("there is no drawer yet") : Optional.empty()
                    : verb == Verb.SWITCH_TAB && prototype.tabSets().isEmpty()
                            ? Optional.of("there is no tab set yet")
                            : verb == Verb.TURN_PAGE
                                    ? Fitting.whyNoTurn(prototype, from)
                                    : verb == Verb.NEXT_ROW || verb == Verb.PREVIOUS_ROW
                                            ? Fitting.whyNoRow(prototype, from)
                                            : target.flatMap(t -> Fitting.whyNot(verb, from, t));
            MenuItem item = new MenuItem(
                    words(verb) + "  " + meaning(verb)
                            + whyNot.map(w -> " — " + w).orElse(""),
                    new VerbSign(Optional.of(verb)));
            item.setId("verb-" + verb.word().replace(' ', '-'));
            item.setDisable(whyNot.isPresent());
            item.setOnAction(e -> chosen.accept(verb));
            menu.getItems().add(item);
        }
        return menu;
    }

    /** As it stands in a sentence. */
    static String words(Verb verb) {
        return switch (verb) {
            case ADVANCE -> "advance to";
            case REPLACE -> "replace with";
            case RESTART -> "restart at";
            case TURN_PAGE -> "turn page:";
            case SWITCH_TAB -> "switch to";
            default -> verb.word();
        };
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
            case SWITCH_TAB -> "· another of the set one is in, or came through";
            case TURN_PAGE -> "· of the sequence this is a page of";
            case NEXT_ROW, PREVIOUS_ROW -> "· of the list one came from, without going back";
            case DRAWER_OPEN -> "· one that is attached to this screen";
            case DRAWER_CLOSE -> "· if it is open";
            case DRAWER_TOGGLE -> "· open and closed by turns";
            case REMEMBER, NOTICE, LEAVE, BEGIN_AGAIN -> "";
        };
    }

    static String told(Motion motion) {
        return motion.kind() == Motion.Kind.NONE
                ? "at once"
                : switch (motion.kind()) {
                            case FADE -> "fades in";
                            case SLIDE_ACROSS -> "slides across";
                            case SLIDE_ALONG -> "slides along";
                            case RISE -> "rises";
                            case GROW -> "grows";
                            case NONE -> "";
                        }
                        + ", " + motion.ms() + " ms";
    }
}
