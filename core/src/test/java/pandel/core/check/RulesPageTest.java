package pandel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Fix;
import pandel.core.check.finding.Rule;

/** The rules page of the docs is made from the rules and their examples, and says what they say. */
class RulesPageTest {

    private static final Path PAGE = Path.of("..", "docs", "rules.md");
    private static final String BEGIN = "to renew -->\n";
    private static final String END = "<!-- /made -->";

    @Test
    void thePageIsWhatTheRulesSay() throws IOException {
        String page = Files.readString(PAGE);
        int from = page.indexOf(BEGIN) + BEGIN.length();
        String wanted = page.substring(0, from) + rules() + page.substring(page.indexOf(END));
        if (Boolean.getBoolean("pandel.write")) {
            Files.writeString(PAGE, wanted);
        }
        assertThat(page)
                .as("docs/rules.md; renew it with mvn -pl core test -Dtest=RulesPageTest -Dpandel.write=true")
                .isEqualTo(wanted);
    }

    @Test
    void everyRuleHasAnExample() {
        assertThat(RuleExample.ALL).extracting(RuleExample::rule).contains(Rule.values());
    }

    private static String rules() {
        StringBuilder text = new StringBuilder();
        for (Rule rule : Rule.values()) {
            text.append("\n### ")
                    .append(rule.id())
                    .append("\n\n**")
                    .append(rule.title())
                    .append("**, *")
                    .append(rule.weights())
                    .append("*: ")
                    .append(rule.meaning())
                    .append(". ")
                    .append(rule.why())
                    .append('\n');
            for (RuleExample example :
                    RuleExample.ALL.stream().filter(e -> e.rule() == rule).toList()) {
                Finding finding = Check.of(RuleExample.made(example.shows()))
                        .findings(rule)
                        .getFirst();
                text.append("\n```\n")
                        .append(lines(example.shows()))
                        .append("\n```\n\nshows it: *")
                        .append(finding.sentence())
                        .append("* ")
                        .append(fixes(finding.fixes()))
                        .append("\n\n```\n")
                        .append(lines(example.mustNot()))
                        .append("\n```\n\ndoes not.\n");
            }
        }
        return text.append('\n').toString();
    }

    private static String lines(String example) {
        return List.of(example.split("\\|")).stream().map(String::strip).collect(Collectors.joining("\n"));
    }

    private static String fixes(List<Fix> fixes) {
        return fixes.isEmpty()
                ? ""
                : "It offers: "
                        + fixes.stream()
                                .map(f -> f.words().substring(0, 1).toLowerCase()
                                        + f.words().substring(1))
                                .collect(Collectors.joining("; "))
                        + ".";
    }
}
