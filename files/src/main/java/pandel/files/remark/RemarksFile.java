package pandel.files.remark;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import pandel.core.model.remark.Remark;
import pandel.core.model.rest.Rest;
import pandel.files.Unreadable;
import pandel.files.json.RemarkJson;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Fields;
import pandel.files.json.field.Json;

/**
 * Remarks in a file of their own, format {@code pandel-remarks/1} ({@code docs/schema/remarks.schema.json}).
 *
 * @param title of the prototype they are about
 */
public record RemarksFile(String title, List<Remark> remarks) {

    private static final String FORMAT = "pandel-remarks/1";

    /** So large a file at most is read, in bytes. */
    private static final long LARGEST = 32L << 20;

    public RemarksFile {
        remarks = List.copyOf(remarks);
    }

    /** Reads one. */
    public static RemarksFile read(Path file) throws Unreadable, IOException {
        String name = "“" + file.getFileName() + "”";
        if (!Files.isRegularFile(file)) {
            throw new Unreadable("There is no file " + name + "; check the name.");
        }
        if (Files.size(file) > LARGEST) {
            throw new Unreadable(name + " is larger than remarks can be (32 MB).");
        }
        return read(Files.readString(file), name);
    }

    /**
     * Reads the text of one.
     *
     * @param name by which sentences call it
     */
    public static RemarksFile read(String text, String name) throws Unreadable, IOException {
        JsonNode root;
        try {
            root = Json.tree(text);
        } catch (JsonProcessingException e) {
            int line = e.getLocation() == null ? 1 : e.getLocation().getLineNr();
            throw new Unreadable(name + " is not sound JSON at line " + line + ".", e);
        }
        Fields fields = Fields.of(root, name);
        String format = fields.optionalText("format").orElse("");
        if (!format.equals(FORMAT)) {
            throw new Unreadable(
                    format.startsWith("pandel-remarks/")
                            ? name + " was written by a newer Pandel (format " + format + ", this one reads " + FORMAT
                                    + "); take it in with that one."
                            : name + " holds no remarks: it does not begin with \"format\": \"" + FORMAT + "\".");
        }
        List<Remark> all =
                fields.has("remarks") ? Codec.list("remark", RemarkJson.REMARK).read(fields, "remarks") : List.of();
        for (Remark remark : all) {
            if (remark.words().length() > Remark.LONGEST) {
                throw new Unreadable("In " + name + ", remark “" + remark.id() + "”: more than " + Remark.LONGEST
                        + " letters; make it shorter.");
            }
            Optional<Remark.Step> step = remark.step();
            if (step.isPresent() && step.get().events().size() > Remark.MOST_EVENTS) {
                throw new Unreadable("In " + name + ", remark “" + remark.id() + "”: more than " + Remark.MOST_EVENTS
                        + " events lead to its step.");
            }
        }
        return new RemarksFile(fields.optionalText("title").orElse(""), all);
    }

    /** The text of one. */
    public String text() {
        ObjectNode root =
                JsonNodeFactory.instance.objectNode().put("format", FORMAT).put("title", title);
        root.set("remarks", list(remarks));
        return Json.text(root);
    }

    /** Remarks as JSON alone, without fields of a newer version. */
    public static ArrayNode list(List<Remark> remarks) {
        ArrayNode list = JsonNodeFactory.instance.arrayNode();
        for (Remark remark : remarks) {
            RemarkJson.REMARK.write(remark.withRest(Rest.NONE), list.addObject());
        }
        return list;
    }
}
