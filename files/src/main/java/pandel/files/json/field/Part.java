package pandel.files.json.field;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import pandel.files.Unreadable;

/** Something that fields of a JSON object hold together, read and written in one place. */
public interface Part<T> {

    /** All fields it may have, in the order in which they are written. */
    List<String> names();

    /** Reads it, asking for those of its fields that count; the others stay unknown and are kept. */
    T read(Fields in) throws Unreadable;

    /** Puts its fields; what is usual is left out. */
    void write(T value, ObjectNode node);
}
