package pandel.files.report;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.net.URI;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Weight;
import pandel.core.cover.JourneySteps;
import pandel.core.model.Prototype;
import pandel.core.play.EventWords;
import pandel.files.store.Sha256;

/**
 * Static Analysis Results Interchange Format 2.1.0 (OASIS). A finding is a result; what is meant or quiet is
 * suppressed; what is not settled is of the kind {@code open}.
 */
final class SarifReport {

    private static final String SCHEMA = "https://json.schemastore.org/sarif-2.1.0.json";

    private SarifReport() {}

    static ObjectNode of(Checked checked, String file) {
        ObjectNode log =
                JsonNodeFactory.instance.objectNode().put("$schema", SCHEMA).put("version", "2.1.0");
        ObjectNode run = log.putArray("runs").addObject();
        ObjectNode driver = run.putObject("tool").putObject("driver").put("name", "Pandel");
        ArrayNode rules = driver.putArray("rules");
        for (Rule rule : Rule.values()) {
            ObjectNode each = rules.addObject().put("id", rule.id());
            each.putObject("shortDescription").put("text", rule.title());
            each.putObject("fullDescription").put("text", sentence(rule.meaning()));
            each.putObject("help").put("text", rule.why());
        }
        ArrayNode results = run.putArray("results");
        Map<String, Integer> alike = new HashMap<>();
        for (Told told : Told.all(checked)) {
            results.add(result(checked.prototype(), told, file, alike));
        }
        for (Unsettled u : checked.unsettled()) {
            ObjectNode open = results.addObject()
                    .put("ruleId", u.rule().id())
                    .put("ruleIndex", u.rule().ordinal())
                    .put("kind", "open")
                    .put("level", "none");
            open.putObject("message").put("text", Told.plain(u.sentence()));
            place(open.putArray("locations").addObject(), checked.prototype(), file, List.of(u.subject()));
        }
        return log;
    }

    private static ObjectNode result(Prototype prototype, Told told, String file, Map<String, Integer> alike) {
        Finding f = told.finding();
        ObjectNode result = JsonNodeFactory.instance
                .objectNode()
                .put("ruleId", f.rule().id())
                .put("ruleIndex", f.rule().ordinal())
                .put("level", level(f.weight()));
        result.putObject("message").put("text", Told.plain(f.sentence()));
        place(result.putArray("locations").addObject(), prototype, file, f.screens());
        String print = fingerprint(f);
        int before = alike.merge(print, 1, Integer::sum) - 1;
        result.putObject("partialFingerprints").put("finding/v1", before == 0 ? print : print + "-" + before);
        f.walk()
                .map(walk -> JourneySteps.of(prototype, walk))
                .filter(steps -> !steps.isEmpty())
                .ifPresent(steps -> {
                    ArrayNode locations = result.putArray("codeFlows")
                            .addObject()
                            .putArray("threadFlows")
                            .addObject()
                            .putArray("locations");
                    steps.forEach(step -> locations
                            .addObject()
                            .putObject("location")
                            .putObject("message")
                            .put("text", Told.plain(step)));
                });
        if (!told.state().equals("found")) {
            result.putArray("suppressions")
                    .addObject()
                    .put("kind", "external")
                    .put(
                            "justification",
                            told.state().equals("quiet")
                                    ? "This rule is not reported there."
                                    : told.reason().isBlank() ? "It is meant." : Told.plain(told.reason()));
        }
        return result;
    }

    private static void place(ObjectNode location, Prototype prototype, String file, List<String> screens) {
        location.putObject("physicalLocation").putObject("artifactLocation").put("uri", uri(file));
        if (!screens.isEmpty()) {
            ArrayNode logical = location.putArray("logicalLocations");
            screens.forEach(id -> logical.addObject()
                    .put("name", Told.plain(prototype.titleOf(id)))
                    .put("fullyQualifiedName", Told.plain(id))
                    .put("kind", "element"));
        }
    }

    /** A relative reference, percent-encoded. */
    private static String uri(String file) {
        try {
            return new URI(null, null, "./" + Told.plain(file), null)
                    .toASCIIString()
                    .substring(2);
        } catch (URISyntaxException e) {
            throw new IllegalArgumentException("No reference can be made of a file's name: " + file, e);
        }
    }

    /** What stays the same when words change: the rule, and the ids of what it is about. */
    private static String fingerprint(Finding f) {
        String ground = f.rule().id() + "|" + String.join(",", f.screens()) + "|"
                + f.hotspot().orElse("") + "|" + f.link().orElse("");
        return Sha256.hex(ground.getBytes(StandardCharsets.UTF_8));
    }

    private static String level(Weight weight) {
        return switch (weight) {
            case PROBLEM -> "error";
            case WARNING -> "warning";
            case NOTE -> "note";
        };
    }

    private static String sentence(String words) {
        return EventWords.capital(words) + ".";
    }
}
