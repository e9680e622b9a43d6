package pandel.core.check.finding;

import java.util.List;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.link.Cause;
import pandel.core.model.screen.Hotspot;
import pandel.core.play.words.LinkWords;

/** Names in findings' sentences. */
public final class FindingWords {

    private static final int NAMED = 3;

    private FindingWords() {}

    /** A screen's title in quotes, or its id when there is none of that id. */
    public static String screen(Prototype prototype, String id) {
        return "“" + prototype.titleOf(id) + "”";
    }

    /** What it is called, else "“Reserve” on “Tool”", "The wait on “Splash”", "“Back” on 8 screens". */
    public static String link(Prototype prototype, Way way) {
        String where = way.from().size() == 1
                ? screen(prototype, way.from().getFirst().id())
                : way.from().size() + " screens";
        if (!way.link().title().isBlank()) {
            return "“" + way.link().title() + "” on " + where;
        }
        return way.hotspot()
                        .map(h -> hotspot(
                                prototype,
                                way.from().isEmpty()
                                        ? ""
                                        : way.from().getFirst().id(),
                                h))
                        .orElse(
                                switch (way.link().cause()) {
                                    case Cause.Touch touch when way.notice().isPresent() -> LinkWords.inNotice(way);
                                    case Cause.Touch touch when way.header().isPresent() -> LinkWords.inHeader(way);
                                    case Cause.Touch touch -> "The " + touch.word();
                                    case Cause.Submit s -> "What is sent";
                                    case Cause.Wait w -> "The wait";
                                    case Cause.Untouched u -> "The wait for an untouched screen";
                                    case Cause.Work w -> "The work";
                                    case Cause.Back b -> "The link for device back";
                                    case Cause.Tab t -> "The tab";
                                    case Cause.Item i -> "The item";
                                    case Cause.Sign s -> "The header’s left sign";
                                    case Cause.Turn t -> "The turn to another page";
                                    case Cause.Finish f -> "Next on the last page";
                                    case Cause.Skip s -> "Skipping";
                                })
                + " on " + where;
    }

    /** Its words in quotes, or its number on a screen. */
    public static String hotspot(Prototype prototype, String screen, Hotspot hotspot) {
        int number = 1 + prototype.index().hotspotsOn(screen).indexOf(hotspot);
        return hotspot.title().isBlank() ? "Hotspot " + number : "“" + hotspot.title() + "”";
    }

    /** "A", "A and B", "A, B, C and 4 more". */
    public static String screens(Prototype prototype, List<String> ids) {
        List<String> named = ids.stream()
                .limit(ids.size() == NAMED + 1 ? NAMED + 1 : NAMED)
                .map(id -> screen(prototype, id))
                .toList();
        if (ids.size() > named.size()) {
            return String.join(", ", named) + " and " + (ids.size() - named.size()) + " more";
        }
        return named.size() < 2
                ? String.join("", named)
                : String.join(", ", named.subList(0, named.size() - 1)) + " and " + named.getLast();
    }
}
