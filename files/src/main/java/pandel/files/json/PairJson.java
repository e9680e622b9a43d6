package pandel.files.json;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import pandel.core.model.frame.Pair;
import pandel.files.Unreadable;

/** Pairs, as the file holds them. */
final class PairJson {

    private PairJson() {}

    static Pair pair(Fields f, Ids ids) throws Unreadable {
        String id = ids.claim(f, f.text("id"));
        String list = f.text("list");
        String detail = f.text("detail");
        int share = f.has("share") ? f.whole("share", Pair.LEAST, Pair.MOST) : Pair.USUAL_SHARE;
        return new Pair(id, list, detail, share, f.rest());
    }

    static ObjectNode pair(Pair p) {
        ObjectNode node = JsonNodeFactory.instance
                .objectNode()
                .put("id", p.id())
                .put("list", p.list())
                .put("detail", p.detail());
        if (p.share() != Pair.USUAL_SHARE) {
            node.put("share", p.share());
        }
        return Json.with(node, p.rest());
    }
}
