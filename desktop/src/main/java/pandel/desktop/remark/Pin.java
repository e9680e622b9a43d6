package pandel.desktop.remark;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.remark.Remark;
import pandel.core.model.screen.Hotspot;
import pandel.core.play.words.LinkWords;
import pandel.core.play.words.RemarkWords;

/**
 * What a remark that is written can be pinned to.
 *
 * @param title in words: "the screen Loan"
 * @param bare a remark there that says nothing yet
 */
record Pin(String title, Remark bare) {

    private static final Remark NOTHING = Remark.on("", "", "", "", "");

    /** The screen, and what is chosen on it. The nearest comes first. */
    static List<Pin> on(Prototype prototype, String screen, List<String> hotspots, Optional<String> link) {
        List<Pin> pins = new ArrayList<>();
        prototype.index().hotspotsOn(screen).stream()
                .map(Hotspot::id)
                .filter(hotspots::contains)
                .map(id -> NOTHING.withScreen(screen).withHotspot(Optional.of(id)))
                .forEach(bare ->
                        pins.add(new Pin(RemarkWords.part(prototype, bare).orElseThrow(), bare)));
        prototype.index().waysOut(screen).stream()
                .filter(w -> isChosen(w, hotspots, link))
                .forEach(w -> pins.add(new Pin(
                        "the link " + LinkWords.cause(w.link()) + ": " + LinkWords.effect(prototype, w.link()),
                        NOTHING.withScreen(screen).withLink(Optional.of(w.link().id())))));
        pins.add(new Pin("the screen " + prototype.titleOf(screen), NOTHING.withScreen(screen)));
        return pins;
    }

    /** A step of a play, and the screen it shows. */
    static List<Pin> at(Prototype prototype, String screen, Optional<Remark.Step> step) {
        List<Pin> pins = new ArrayList<>();
        step.ifPresent(s -> pins.add(
                new Pin("this moment of the play", NOTHING.withScreen(screen).withStep(Optional.of(s)))));
        pins.addAll(on(prototype, screen, List.of(), Optional.empty()));
        return pins;
    }

    private static boolean isChosen(Way way, List<String> hotspots, Optional<String> link) {
        return link.isPresent()
                ? link.get().equals(way.link().id())
                : way.hotspot().filter(h -> hotspots.contains(h.id())).isPresent();
    }
}
