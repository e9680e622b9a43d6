package pandel.core;

import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;

/** What links do, as it is written in the lines of {@link Made}. */
final class MadeEffects {

    private MadeEffects() {}

    /** The effect whose verb begins at a word and whose target is the last. */
    static Effect effect(String[] w, int at) {
        if (w[at].startsWith("draw")) {
            return new Effect.MoveDrawer(
                    w[w.length - 1],
                    w[at].equals("draw")
                            ? Effect.How.OPEN
                            : Effect.How.valueOf(w[at].substring(4).toUpperCase()));
        }
        if (w[at].equals("again")) {
            return new Effect.BeginAgain(w[w.length - 1]);
        }
        Verb verb = w[at].equals("open")
                ? Verb.OPEN_ABOVE
                : w[at].equals("switch")
                        ? Verb.SWITCH_TAB
                        : w[at].equals("turn")
                                ? Verb.TURN_PAGE
                                : w[at].equals("nextrow")
                                        ? Verb.NEXT_ROW
                                        : w.length > at + 1 && w[at].equals("return") && w[at + 1].equals("to")
                                                ? Verb.RETURN_TO
                                                : Verb.valueOf(w[at].toUpperCase());
        String to = w[w.length - 1];
        return verb == Verb.NEXT_ROW
                ? new Effect.StepRow(true, to.equals("round"))
                : verb == Verb.SWITCH_TAB
                        ? new Effect.SwitchTab(to)
                        : verb == Verb.TURN_PAGE
                                ? new Effect.TurnPage(MadeFrames.turn(to))
                                : to.startsWith("$")
                                        ? Effect.of(verb, MadeFrames.tabbed(to))
                                        : Effect.of(
                                                verb,
                                                to.startsWith("#")
                                                        ? MadeFrames.sequence(
                                                                to.substring(1).split("/"))
                                                        : new Target.ToScreen(to));
    }
}
