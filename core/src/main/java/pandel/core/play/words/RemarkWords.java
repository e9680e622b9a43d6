package pandel.core.play.words;

import java.util.List;
import java.util.Optional;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.remark.Remark;
import pandel.core.model.screen.Hotspot;

/** What a remark is pinned to, in words. */
public final class RemarkWords {

    private RemarkWords() {}

    /** "“Loan”", "“Loan”, hotspot Bring it back", "“Loan”, tap Bring it back", "“Loan”, after 3 steps". */
    public static String place(Prototype prototype, Remark remark) {
        return "“" + prototype.titleOf(remark.screen()) + "”"
                + part(prototype, remark).map(p -> ", " + p).orElse("");
    }

    /** The same without the screen; empty for a remark on the screen itself. */
    public static Optional<String> part(Prototype prototype, Remark remark) {
        List<Hotspot> on = prototype.index().hotspotsOn(remark.screen());
        return remark.hotspot()
                .map(id -> "hotspot "
                        + on.stream()
                                .filter(h -> h.id().equals(id))
                                .findFirst()
                                .map(h -> h.title().isBlank() ? String.valueOf(1 + on.indexOf(h)) : h.title())
                                .orElse(id))
                .or(() -> remark.link()
                        .map(id -> prototype
                                .index()
                                .way(id)
                                .map(w -> LinkWords.what(
                                        w, 1 + w.hotspot().map(on::indexOf).orElse(-1)))
                                .orElse("link " + id)))
                .or(() -> remark.step().map(RemarkWords::steps));
    }

    private static String steps(Remark.Step step) {
        int many = step.events().size();
        return many == 0 ? "as play begins" : many == 1 ? "after 1 step" : "after " + many + " steps";
    }

    /** Why it has no place any more, as a sentence; empty where it has one. */
    public static Optional<String> missing(Prototype prototype, Remark remark) {
        if (prototype.screen(remark.screen()).isEmpty()) {
            return Optional.of("Its screen “" + remark.screen() + "” is not there any more.");
        }
        if (remark.hotspot()
                .filter(id ->
                        prototype.index().hotspotsOn(remark.screen()).stream().noneMatch(h -> h.id().equals(id)))
                .isPresent()) {
            return Optional.of("Its hotspot is not on “" + prototype.titleOf(remark.screen()) + "” any more.");
        }
        if (remark.link().filter(id -> !isOn(prototype, id, remark.screen())).isPresent()) {
            return Optional.of("Its link is not on “" + prototype.titleOf(remark.screen()) + "” any more.");
        }
        if (remark.step()
                .filter(s -> prototype.start(s.start()).isEmpty()
                        || prototype.devices().stream().noneMatch(d -> d.id().equals(s.device())))
                .isPresent()) {
            return Optional.of("Play cannot begin where its step did any more.");
        }
        return Optional.empty();
    }

    /** A link of a frame can be set off on more screens than it names. */
    private static boolean isOn(Prototype prototype, String link, String screen) {
        Optional<Way> way = prototype.index().way(link);
        return way.filter(Way::isAnywhereInside).isPresent()
                || way.stream().flatMap(w -> w.from().stream()).anyMatch(s -> s.id().equals(screen));
    }
}
