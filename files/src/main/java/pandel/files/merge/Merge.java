package pandel.files.merge;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.files.Unreadable;
import pandel.files.json.PrototypeReader;
import pandel.files.json.PrototypeWriter;

/**
 * Two people's changes of one prototype brought together.
 *
 * @param prototype what has both; of what both changed it has mine
 * @param conflicts what both changed, each in another way
 */
public record Merge(Prototype prototype, List<Conflict> conflicts) {

    private static final ObjectMapper JSON = new ObjectMapper();

    public Merge {
        conflicts = List.copyOf(conflicts);
    }

    /**
     * Merges by ids, screen by screen and link by link.
     *
     * @param base what both began from
     * @throws Unreadable when what comes of it could not be opened again; then nothing is lost, for nothing was written
     */
    public static Merge of(Prototype base, Prototype mine, Prototype theirs) throws Unreadable, IOException {
        return of(base, mine, theirs, Map.of());
    }

    /**
     * The same, with whose is taken of some of what both changed.
     *
     * @param chosen by place among the conflicts, from 0; what is not chosen stands as the conflict says
     */
    public static Merge of(Prototype base, Prototype mine, Prototype theirs, Map<Integer, Side> chosen)
            throws Unreadable, IOException {
        TreeMerge trees = new TreeMerge(chosen);
        JsonNode merged = trees.merged(tree(base), tree(mine), tree(theirs));
        Map<String, String> versions = new HashMap<>(PrototypeWriter.versions(theirs));
        versions.putAll(PrototypeWriter.versions(mine));
        Prototype made = PrototypeReader.read(
                new ByteArrayInputStream(JSON.writeValueAsBytes(merged)), id -> Optional.ofNullable(versions.get(id)));
        return new Merge(made, trees.conflicts());
    }

    /** What both began from, as far as both keep it: the version kept last that is the same in both. */
    public static Optional<Version> begun(Prototype mine, Prototype theirs) {
        return mine.versions().reversed().stream()
                .filter(v -> v.content() instanceof Version.Content.Kept)
                .filter(theirs.versions()::contains)
                .findFirst();
    }

    private static JsonNode tree(Prototype prototype) throws JsonProcessingException {
        return JSON.readTree(PrototypeWriter.text(prototype));
    }
}
