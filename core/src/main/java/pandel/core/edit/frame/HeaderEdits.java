package pandel.core.edit.frame;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import pandel.core.edit.Edit;
import pandel.core.edit.Titles;
import pandel.core.model.frame.Header;
import pandel.core.model.screen.Screen;

/** Edits of headers. */
public final class HeaderEdits {

    private HeaderEdits() {}

    /** Puts a header behind those there are. */
    public static Edit make(Header header) {
        return Edit.of("make the header “" + header.shownTitle() + "”", p -> {
            List<Header> all = new ArrayList<>(p.headers());
            all.add(header);
            return p.withHeaders(all);
        });
    }

    /** Puts a changed header in the place of the one with its id. */
    public static Edit change(String name, Header header) {
        return Edit.of(
                name,
                p -> p.withHeaders(p.headers().stream()
                        .map(h -> h.id().equals(header.id()) ? header : h)
                        .toList()));
    }

    /** Takes a header away, with its actions. */
    public static Edit remove(Header header) {
        return Edit.of(
                "remove “" + header.shownTitle() + "”",
                p -> p.withHeaders(p.headers().stream()
                        .filter(h -> !h.id().equals(header.id()))
                        .toList()));
    }

    /** Hides it on a screen, or shows it there again. */
    public static Edit hide(Header header, Screen screen, boolean hidden) {
        Set<String> on = new LinkedHashSet<>(header.hiddenOn());
        if (hidden) {
            on.add(screen.id());
        } else {
            on.remove(screen.id());
        }
        return change(
                (hidden ? "hide “" : "show “") + header.shownTitle() + "” on " + Titles.of(screen),
                header.withHiddenOn(on));
    }

    /**
     * Moves an action to another place in the order.
     *
     * @param from counted from 0
     * @param to counted from 0, after it was taken out
     */
    public static Edit move(Header header, int from, int to) {
        List<Header.Action> actions = new ArrayList<>(header.actions());
        actions.add(to, actions.remove(from));
        return change("move an action of “" + header.shownTitle() + "”", header.withActions(actions));
    }

    /** Takes an action out. */
    public static Edit takeOut(Header header, Header.Action action) {
        return change(
                "take “" + action.shownLabel() + "” out of “" + header.shownTitle() + "”",
                header.withActions(header.actions().stream()
                        .filter(a -> !a.id().equals(action.id()))
                        .toList()));
    }
}
