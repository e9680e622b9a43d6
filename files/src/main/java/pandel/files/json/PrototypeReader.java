package pandel.files.json;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.core.model.rest.Rest;
import pandel.core.model.rest.UnknownFields;
import pandel.files.Unreadable;
import pandel.files.json.field.Fields;
import pandel.files.json.field.InnerRest;
import pandel.files.json.field.Json;

/** Reads {@code prototype.json}. What is wrong is said with its place; unknown fields are kept. */
public final class PrototypeReader {

    private PrototypeReader() {}

    /** Reads a prototype; the stream is left open. A version that cannot be read is carried along unread. */
    public static Prototype read(InputStream in, VersionTexts texts) throws Unreadable, IOException {
        JsonNode root;
        try {
            root = Json.MAPPER.readTree(in);
        } catch (JsonProcessingException e) {
            String place = e.getLocation() == null
                    ? ""
                    : " at line " + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr();
            throw new Unreadable(
                    "prototype.json is not sound JSON" + place + ": " + firstSentence(e.getOriginalMessage()), e);
        }
        Prototype read = prototype(Fields.file(root, "prototype.json"), texts);
        List<UnknownFields> inner = InnerRest.of(root, () -> PrototypeWriter.prototype(read));
        return inner.isEmpty() ? read : read.withRest(new Rest(read.rest().fields(), inner));
    }

    private static String firstSentence(String message) {
        String line = message.lines().findFirst().orElse("");
        return line.endsWith(".") ? line : line + ".";
    }

    private static Prototype prototype(Fields fields, VersionTexts texts) throws Unreadable, IOException {
        checkFormat(fields);
        Prototype read = PrototypeJson.PROTOTYPE.read(fields);
        List<Version> versions = new ArrayList<>();
        for (Version version : read.versions()) {
            versions.add(new Version(version.id(), version.title(), version.made(), content(version.id(), texts)));
        }
        return versions.isEmpty() ? read : read.withVersions(versions);
    }

    private static Version.Content content(String id, VersionTexts texts) throws IOException {
        Optional<String> text = texts.text(id);
        if (text.isEmpty()) {
            return new Version.Content.Unread("", "Its part of the file, versions/" + id + ".json, is not there.");
        }
        try {
            return new Version.Content.Kept(
                    read(new ByteArrayInputStream(text.get().getBytes(StandardCharsets.UTF_8)), VersionTexts.NONE));
        } catch (Unreadable e) {
            return new Version.Content.Unread(text.get(), e.sentence());
        }
    }

    private static void checkFormat(Fields fields) throws Unreadable {
        String format = fields.optionalText("format").orElse("");
        if (!format.matches("pandel/\\d{1,6}")) {
            throw new Unreadable("This is no Pandel prototype: prototype.json does not begin with \"format\": \""
                    + PrototypeWriter.FORMAT + "\".");
        }
        int version = Integer.parseInt(format.substring("pandel/".length()));
        if (version != 1) {
            throw new Unreadable("This file was written by a newer Pandel (format " + format + ", this one reads "
                    + PrototypeWriter.FORMAT + "); open it with that one.");
        }
    }
}
