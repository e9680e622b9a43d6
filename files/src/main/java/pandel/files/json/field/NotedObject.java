package pandel.files.json.field;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashSet;
import java.util.Set;

/** An object of a file that notes which of its fields were asked for, so that the others are known to be unknown. */
@SuppressWarnings("unchecked") // Jackson narrows what a node copies itself to
public final class NotedObject extends ObjectNode {

    private static final long serialVersionUID = 1L;

    /** Makes noted objects, and keeps every digit of a number. */
    static final JsonNodeFactory FACTORY = new JsonNodeFactory(true) {
        private static final long serialVersionUID = 1L;

        @Override
        public ObjectNode objectNode() {
            return new NotedObject(this);
        }
    };

    private final transient Set<String> asked = new LinkedHashSet<>(4);
    private boolean restKept;

    private NotedObject(JsonNodeFactory factory) {
        super(factory);
    }

    void ask(String name) {
        asked.add(name);
    }

    boolean isAsked(String name) {
        return asked.contains(name);
    }

    /** The record made of it carries what was not asked for. */
    void keepsRest() {
        restKept = true;
    }

    boolean isRestKept() {
        return restKept;
    }
}
