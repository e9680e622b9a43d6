package pandel.desktop.theme;

import java.util.List;
import javafx.collections.ObservableList;
import javafx.scene.Node;

/**
 * Changes the children of a parent where they differ, and there alone: what is taken out and put back is styled anew.
 */
public final class Children {

    private Children() {}

    /** Makes the children those wanted, in their order. */
    public static void become(ObservableList<Node> children, List<? extends Node> wanted) {
        int same = 0;
        while (same < children.size() && same < wanted.size() && children.get(same) == wanted.get(same)) {
            same++;
        }
        int tail = 0;
        while (tail < children.size() - same
                && tail < wanted.size() - same
                && children.get(children.size() - 1 - tail) == wanted.get(wanted.size() - 1 - tail)) {
            tail++;
        }
        children.remove(same, children.size() - tail);
        children.addAll(same, wanted.subList(same, wanted.size() - tail));
    }
}
