package pandel.core.edit.whole;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import pandel.core.edit.Edit;
import pandel.core.model.Prototype;
import pandel.core.model.remark.Remark;
import pandel.core.play.EventWords;
import pandel.core.play.words.RemarkWords;

/**
 * Remarks that somebody else pinned, brought to those that are there. However often the same are taken, it comes to the
 * same: each is known by its id.
 *
 * @param all those of the prototype with them
 * @param fresh how many were not there
 * @param reworded how many say something else than they did; they are open again
 * @param known how many were there as they are
 * @param without those of them that have no place in the prototype, or none any more; they are among all
 * @param refused how many have the id of something that is no remark; they are not among all
 */
public record TakenRemarks(List<Remark> all, int fresh, int reworded, int known, List<Remark> without, int refused) {

    public TakenRemarks {
        all = List.copyOf(all);
        without = List.copyOf(without);
    }

    /** Those of somebody else brought to a prototype's. */
    public static TakenRemarks of(Prototype prototype, List<Remark> others) {
        Map<String, Remark> all = new LinkedHashMap<>();
        prototype.remarks().forEach(r -> all.put(r.id(), r));
        Set<String> taken = prototype.index().ids();
        taken.removeAll(all.keySet());
        List<Remark> without = new ArrayList<>();
        int fresh = 0;
        int reworded = 0;
        int known = 0;
        int refused = 0;
        for (Remark remark : others) {
            Remark mine = all.get(remark.id());
            if (taken.contains(remark.id())) {
                refused++;
                continue;
            }
            if (mine == null) {
                all.put(remark.id(), remark);
                fresh++;
            } else if (!mine.words().equals(remark.words()) && remark.made().compareTo(mine.made()) > 0) {
                all.put(
                        remark.id(),
                        mine.withWords(remark.words()).withMade(remark.made()).withSettled(false));
                reworded++;
            } else {
                known++;
            }
            if (RemarkWords.missing(prototype, remark).isPresent()) {
                without.add(remark);
            }
        }
        return new TakenRemarks(List.copyOf(all.values()), fresh, reworded, known, without, refused);
    }

    /** Takes them. */
    public Edit edit() {
        return Edit.of(
                fresh + reworded == 1 ? "take a remark in" : "take " + (fresh + reworded) + " remarks in",
                p -> p.withRemarks(all));
    }

    /** What came of it, in one sentence or two. */
    public String sentence() {
        List<String> parts = new ArrayList<>();
        if (fresh > 0 || reworded == 0) {
            parts.add(fresh == 0 ? "No remark is new" : fresh == 1 ? "One remark is new" : fresh + " remarks are new");
        }
        if (reworded > 0) {
            parts.add((reworded == 1 ? "one says" : reworded + " say") + " something else now");
        }
        if (known > 0) {
            parts.add(known == 1 ? "one was there before" : known + " were there before");
        }
        if (refused > 0) {
            parts.add((refused == 1 ? "one was" : refused + " were")
                    + " not taken, as something else of the prototype has the same id");
        }
        String upper = EventWords.capital(String.join("; ", parts)) + ".";
        return without.isEmpty()
                ? upper
                : upper + " " + (without.size() == 1 ? "One has" : without.size() + " have")
                        + " no place here; the list of remarks shows which.";
    }
}
