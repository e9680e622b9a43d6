package pandel.core.edit.link;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.edit.EachLink;
import pandel.core.edit.Edit;
import pandel.core.edit.Titles;
import pandel.core.edit.frame.SequenceEdits;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;

/** Edits of links. */
public final class LinkEdits {

    private LinkEdits() {}

    /** Gives a sequence a link of its own, its finish or its skip, in place of one it has. */
    public static Edit link(Sequence sequence, Link link, String whereTo) {
        boolean finish = link.cause() instanceof Cause.Finish;
        return Edit.of(
                (finish ? "finish “" : "skip “") + sequence.shownTitle() + "”" + whereTo,
                p -> SequenceEdits.change(
                        p,
                        sequence.id(),
                        s -> finish ? s.withFinish(Optional.of(link)) : s.withSkip(Optional.of(link))));
    }

    /** Gives a hotspot a link, in place of one it has with the same cause. */
    public static Edit link(Hotspot hotspot, Link link, String whereTo) {
        return Edit.of(
                "link " + Titles.of(hotspot) + whereTo,
                p -> HotspotEdits.change(p, hotspot.id(), h -> h.withLinks(with(h.links(), link))));
    }

    /** Marks a hotspot that is linked already; a new screen it leads to comes with it. */
    public static Edit markAndLink(Screen on, Hotspot hotspot, Optional<Screen> newTarget, String whereTo) {
        return markAndLink(on, List.of(hotspot), newTarget, whereTo);
    }

    /** Marks a hotspot, links it and, where the target is new, adds that screen: one step for undo. */
    public static Edit markAndLink(Screen on, List<Hotspot> hotspots, Optional<Screen> newTarget, String whereTo) {
        return Edit.of("link " + Titles.of(hotspots) + whereTo, p -> {
            Prototype marked = HotspotEdits.mark(on, hotspots).applyTo(p);
            return newTarget
                    .map(target -> ScreenEdits.add(List.of(target)).applyTo(marked))
                    .orElse(marked);
        });
    }

    /** Puts a link of the whole screen, a wait say, behind those it has. */
    public static Edit linkScreen(Screen screen, Link link) {
        return Edit.of(
                "link " + Titles.of(screen),
                p -> p.withScreen(screen.id(), s -> {
                    List<Link> links = new ArrayList<>(s.links());
                    links.add(link);
                    return s.withLinks(links);
                }));
    }

    /** Puts a changed link in the place of the one with its id. */
    public static Edit change(String name, Link link) {
        return Edit.of(
                name, p -> EachLink.change(p, l -> l.id().equals(link.id()) ? Optional.of(link) : Optional.of(l)));
    }

    public static Edit remove(Link link) {
        return Edit.of(
                "remove a link",
                p -> EachLink.change(p, l -> l.id().equals(link.id()) ? Optional.empty() : Optional.of(l)));
    }

    /** Everything that leads to a screen, entries too, leads to another one instead. */
    public static Edit leadElsewhere(Screen from, Screen to) {
        return Edit.of(
                "lead to " + Titles.of(to) + " instead of " + Titles.of(from),
                p -> EachLink.retarget(p, from.id(), to.id()));
    }

    private static List<Link> with(List<Link> links, Link link) {
        List<Link> changed = new ArrayList<>(links);
        int same = -1;
        for (int i = 0; i < links.size(); i++) {
            if (links.get(i).id().equals(link.id()) || links.get(i).cause().equals(link.cause())) {
                same = i;
                break;
            }
        }
        if (same < 0) {
            changed.add(link);
        } else {
            changed.set(same, link);
        }
        return changed;
    }
}
