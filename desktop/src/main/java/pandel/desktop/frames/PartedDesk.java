package pandel.desktop.frames;

import pandel.core.edit.Edit;
import pandel.desktop.stage.PageHost;
import pandel.desktop.work.Work;

/** A frame with parts in an order, one of which is spoken of: tabs, pages, items, actions. */
abstract class PartedDesk extends FrameDesk {

    /** The place of the part that is spoken of, from 0. */
    int chosen;

    PartedDesk(String node, String about, Work work, PageHost around, String id, int chosen) {
        super(node, about, work, around, id);
        this.chosen = chosen;
    }

    /** The edit that carries a part from one place to another, both from 0. */
    abstract Edit moved(int from, int to);

    final void choose(int one) {
        chosen = one;
        refresh();
    }

    final void move(int from, int to) {
        chosen = to;
        change(moved(from, to));
    }

    /** Keeps to the parts there are. */
    final void keepTo(int parts) {
        chosen = Math.clamp(chosen, 0, Math.max(0, parts - 1));
    }
}
