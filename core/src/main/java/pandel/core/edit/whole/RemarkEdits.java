package pandel.core.edit.whole;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import pandel.core.edit.Edit;
import pandel.core.model.Prototype;
import pandel.core.model.remark.Remark;

/** Edits of remarks. */
public final class RemarkEdits {

    private RemarkEdits() {}

    /** Pins one more. */
    public static Edit pin(Remark remark) {
        return Edit.of("pin a remark", p -> {
            List<Remark> all = new ArrayList<>(p.remarks());
            all.add(remark);
            return p.withRemarks(all);
        });
    }

    /** Says that nothing is left to do about it, or that something is. */
    public static Edit settle(Remark remark, boolean settled) {
        return Edit.of(
                settled ? "settle a remark" : "open a remark again",
                p -> each(p, remark.id(), r -> r.withSettled(settled)));
    }

    /**
     * Says it in other words.
     *
     * @param made when, as ISO 8601 writes it in UTC
     */
    public static Edit reword(Remark remark, String words, String made) {
        return Edit.of(
                "reword a remark",
                p -> each(p, remark.id(), r -> r.withWords(words).withMade(made)));
    }

    public static Edit remove(Remark remark) {
        return Edit.of(
                "remove a remark",
                p -> p.withRemarks(p.remarks().stream()
                        .filter(r -> !r.id().equals(remark.id()))
                        .toList()));
    }

    private static Prototype each(Prototype p, String id, UnaryOperator<Remark> change) {
        return p.withRemarks(p.remarks().stream()
                .map(r -> r.id().equals(id) ? change.apply(r) : r)
                .toList());
    }
}
