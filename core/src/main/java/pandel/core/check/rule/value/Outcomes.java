package pandel.core.check.rule.value;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Solution;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;

/**
 * {@code one-outcome}, {@code fixed-wait-for-work} and {@code wait-too-short}: what else could happen, and whether
 * there is time.
 */
public final class Outcomes {

    /** ms for a word, at 200 words a minute. */
    static final int A_WORD = 60_000 / 200;
    /** ms in which a person finds and touches something. */
    static final int A_TOUCH = 1000;
    /** Words that say that something is being worked at. */
    private static final Pattern BUSY =
            Pattern.compile("\\b(loading|saving|sending|paying|checking|searching|connecting|signing "
                    + "in|uploading|working|fetching|one moment|please wait|just a moment)\\b");

    private Outcomes() {}

    public static List<Finding> in(Solution solution) {
        List<Finding> findings = new ArrayList<>();
        for (Way way : solution.prototype().index().ways()) {
            Optional<Screen> shown =
                    way.from().stream().filter(s -> solution.shown(s.id())).findFirst();
            if (shown.isEmpty()) {
                continue;
            }
            List<String> outcomes = way.link().outcomes();
            if (outcomes.size() == 1
                    && way.link().branches().stream().allMatch(b -> b.outcome().isPresent())) {
                findings.add(about(
                        solution,
                        Rule.ONE_OUTCOME,
                        way,
                        shown.get(),
                        FindingWords.link(solution.prototype(), way) + " turns out as “" + outcomes.getFirst()
                                + "” alone; what happens otherwise was not drawn."));
            }
            if (isWork(way.link())
                    && outcomes.isEmpty()
                    && way.link().effects().findAny().isPresent()) {
                findings.add(about(
                                solution,
                                Rule.ONE_OUTCOME,
                                way,
                                shown.get(),
                                FindingWords.link(solution.prototype(), way)
                                        + " never fails; what happens when the work cannot be done was not drawn.")
                        .with(List.of(Fixes.mayFail(solution.prototype(), way))));
            }
            way.link()
                    .takes()
                    .filter(t -> t.ms().isPresent() && outcomes.size() < 2)
                    .ifPresent(t -> findings.add(about(
                                    solution,
                                    Rule.FIXED_WAIT_FOR_WORK,
                                    way,
                                    shown.get(),
                                    FindingWords.link(solution.prototype(), way) + " is at work for "
                                            + LinkWords.seconds(t.ms().getAsInt())
                                            + ", as if that could neither fail nor take longer.")
                            .with(List.of(Fixes.workUntilDone(solution.prototype(), way)))));
            if (way.link().cause() instanceof Cause.Wait wait
                    && way.link().branches().stream().anyMatch(b -> b.move().isPresent())) {
                onWait(solution, way, shown.get(), wait.ms(), findings);
            }
        }
        return findings;
    }

    /** Whether it waits for work that ends of itself, however its screen is called. */
    private static boolean isWork(Link link) {
        return link.cause() instanceof Cause.Work
                || link.takes().filter(t -> t.ms().isEmpty()).isPresent();
    }

    /** What is said on a screen: words laid on its pictures, and on what can be touched. */
    private static String said(Prototype prototype, Screen screen) {
        return Stream.concat(
                        screen.laidWords(),
                        prototype.index().hotspotsOn(screen.id()).stream().map(Hotspot::title))
                .collect(Collectors.joining(" "))
                .toLowerCase(Locale.ROOT);
    }

    private static void onWait(Solution solution, Way way, Screen screen, int ms, List<Finding> findings) {
        Prototype prototype = solution.prototype();
        List<Hotspot> hotspots = prototype.index().hotspotsOn(screen.id()).stream()
                .filter(h -> !h.links().isEmpty())
                .toList();
        String words = String.join(
                        " ",
                        screen.title(),
                        String.join(" ", hotspots.stream().map(Hotspot::title).toList()))
                .toLowerCase(Locale.ROOT);
        if (BUSY.matcher(said(prototype, screen)).find()) {
            findings.add(about(
                            solution,
                            Rule.FIXED_WAIT_FOR_WORK,
                            way,
                            screen,
                            FindingWords.screen(prototype, screen.id())
                                    + " goes on after a fixed time, as if its work could neither fail nor take long.")
                    .with(List.of(Fixes.waitForWork(prototype, way))));
        }
        int read = words.strip().split("\\s+").length * A_WORD;
        if (!hotspots.isEmpty() && ms < A_TOUCH || ms < read && !words.isBlank() && !hotspots.isEmpty()) {
            int enough = Math.max(A_TOUCH, read);
            findings.add(about(
                            solution,
                            Rule.WAIT_TOO_SHORT,
                            way,
                            screen,
                            FindingWords.screen(prototype, screen.id()) + " goes on by itself after "
                                    + LinkWords.seconds(ms) + "; to read what can be touched there takes "
                                    + LinkWords.seconds(enough) + ".")
                    .with(List.of(Fixes.waitLonger(prototype, way, enough))));
        }
    }

    private static Finding about(Solution solution, Rule rule, Way way, Screen screen, String sentence) {
        return new Finding(
                rule,
                Weight.WARNING,
                sentence,
                List.of(screen.id()),
                way.hotspot().map(Hotspot::id),
                Optional.of(way.link().id()),
                solution.walkTo(screen.id()),
                List.of());
    }
}
