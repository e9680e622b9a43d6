package pandel.desktop.links.action;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import pandel.core.edit.Edit;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.linking.AlikeThings;
import pandel.core.edit.linking.Destination;
import pandel.core.edit.linking.Linking;
import pandel.core.edit.linking.LinkingHabits;
import pandel.core.edit.linking.VerbChoice;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.StateEdits;
import pandel.core.edit.value.FactEdits;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.remark.OpenRemarks;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.value.Fact;
import pandel.core.play.layout.Placement;
import pandel.core.play.words.LinkWords;
import pandel.desktop.work.Work;

/** What the desk does to the prototype. */
public final class DeskActions {

    /** ms of a wait that nobody has said yet. */
    public static final int USUAL_WAIT = 2000;

    private final Work work;
    private final Supplier<Device> device;
    private LinkingHabits habits = LinkingHabits.NONE;
    private int branch;
    private List<Hotspot> copied = List.of();

    public DeskActions(Work work) {
        this(work, work::device);
    }

    /** @param device the one whose picture is edited */
    public DeskActions(Work work, Supplier<Device> device) {
        this.work = work;
        this.device = device;
    }

    public Device device() {
        return device.get();
    }

    /** The class of the device's width. */
    public Width deviceWidth() {
        return work.prototype().widths().of(device.get().width());
    }

    public Screen screen() {
        return work.screen().orElseThrow();
    }

    /** The width whose areas are edited. */
    Width width() {
        return look().areasOn(deviceWidth());
    }

    /** The look of the screen that is edited. */
    public Look look() {
        return new Look(screen(), state());
    }

    /** The state whose look is edited; empty: the plain look. */
    public Optional<State> state() {
        return work.screen()
                .flatMap(s -> s.state(work.selection().lookProperty().get()));
    }

    /** Where a hotspot stands in the look that is edited; for one hidden there, where it would stand. */
    public Optional<Area> area(Hotspot hotspot) {
        return look().areaOf(
                        state().flatMap(s -> s.withHides(Set.of()).showing(hotspot))
                                .orElse(hotspot),
                        deviceWidth());
    }

    public boolean isHidden(Hotspot hotspot) {
        return state().filter(s -> s.hides().contains(hotspot.id())).isPresent();
    }

    /** Whether an open remark is pinned to it here. */
    public boolean isRemarked(Hotspot hotspot) {
        return OpenRemarks.onHotspots(
                        work.prototype().remarks(), work.selection().screen())
                .contains(hotspot.id());
    }

    /** Places areas by hand: in the look that is edited alone, if that is not the plain one. */
    public void place(Map<Hotspot, Area> areas) {
        work.edit(state().map(s -> StateEdits.move(screen(), s, areas, width()))
                .orElseGet(() -> HotspotEdits.nudge(areas, width())));
    }

    public void place(Hotspot hotspot, Area area) {
        if (state().isPresent()) {
            place(Map.of(hotspot, area));
        } else {
            work.edit(HotspotEdits.place(hotspot, width(), area));
        }
    }

    /** Sets what the chosen link remembers. */
    public void remember(List<Effect.Remember> remembers, List<Fact> facts) {
        Optional<Link> now = link();
        if (now.isPresent()) {
            work.edit(FactEdits.remember(now.get(), branch, remembers, facts));
        } else if (!chosen().isEmpty()) {
            Hotspot hotspot = chosen().getLast();
            Link fresh = linking().bareLink(new Cause.Touch(Gesture.TAP));
            Edit link = LinkEdits.link(hotspot, fresh, " to remember");
            work.edit(Edit.of(
                    link.name(),
                    p -> FactEdits.remember(fresh, remembers, facts).applyTo(link.applyTo(p))));
        }
    }

    public List<Hotspot> hotspots() {
        return work.screen()
                .map(s -> work.prototype().index().hotspotsOn(s.id()))
                .orElse(List.of());
    }

    /** The chosen hotspots, in the order they were chosen. */
    public List<Hotspot> chosen() {
        return work.selection().hotspots().stream()
                .flatMap(id -> work.prototype().index().hotspot(id).stream())
                .toList();
    }

    /** The link chosen: the last chosen hotspot's, or a wait. */
    public Optional<Link> link() {
        if (!work.selection().hotspots().isEmpty()) {
            Optional<Hotspot> hotspot =
                    work.prototype().index().hotspot(work.selection().hotspots().getLast());
            String named = work.selection().linkProperty().get();
            return hotspot.flatMap(h -> h.links().stream()
                    .filter(l -> l.id().equals(named))
                    .findFirst()
                    .or(() -> h.linkFor(Gesture.TAP))
                    .or(() -> h.links().stream().findFirst()));
        }
        return work.prototype()
                .index()
                .way(work.selection().linkProperty().get())
                .map(w -> w.link());
    }

    /** Id of the screen that the chosen link shows first; of a turned page that one. */
    public Optional<String> leadsTo() {
        return link().flatMap(Link::effect)
                .flatMap(Effect::target)
                .map(t -> Targets.shownId(work.prototype(), t))
                .or(() -> link().flatMap(l -> work.prototype().index().way(l.id()))
                        .flatMap(w -> w.targets().stream().findFirst()));
    }

    /** Which branch of the chosen link is edited next, from 0. */
    public void branch(int number) {
        branch = number;
    }

    /** Decides about the chosen link. */
    private Linking linking() {
        return new Linking(
                work.prototype(),
                screen(),
                chosen().stream().reduce((a, b) -> b),
                link(),
                branch,
                habits,
                work::freshId);
    }

    /** A link for a tap on the chosen hotspot that does nothing yet. */
    public Optional<Link> freshLink() {
        if (chosen().isEmpty()) {
            return Optional.empty();
        }
        Link fresh = linking().bareLink(new Cause.Touch(Gesture.TAP));
        work.edit(LinkEdits.link(chosen().getLast(), fresh, ""));
        return Optional.of(fresh);
    }

    /** One gesture more on the chosen hotspot; its link is chosen. */
    public void addCause(Cause cause) {
        Hotspot hotspot = chosen().getLast();
        Link fresh = linking().bareLink(cause);
        work.edit(LinkEdits.link(hotspot, fresh, " for a " + LinkWords.cause(cause)));
        work.selection().chooseLinkOf(hotspot.id(), fresh.id());
    }

    /** A hotspot's number on the chosen screen, from 1. */
    public int number(Hotspot hotspot) {
        return 1 + hotspots().stream().map(Hotspot::id).toList().indexOf(hotspot.id());
    }

    /** Areas just marked become hotspots of the screen, linked as was chosen: one step of undo. */
    public void mark(List<Area> areas, Destination to) {
        List<Hotspot> bare = AlikeThings.hotspots(work.prototype(), areas, width(), to, work::freshId);
        work.edit(linking().mark(bare, to));
        work.selection().chooseHotspots(bare.stream().map(Hotspot::id).toList());
    }

    /** An area just marked becomes a hotspot that several screens share, linked as was chosen: one step of undo. */
    public void markOn(Area area, Set<String> screens, Destination to) {
        Hotspot bare = AlikeThings.hotspots(work.prototype(), List.of(area), width(), to, work::freshId)
                .getFirst();
        Edit mark = linking().mark(bare, to);
        work.edit(Edit.of(mark.name() + ", on " + screens.size() + " screens", p -> {
            Prototype marked = mark.applyTo(p);
            return HotspotEdits.share(marked.index().hotspot(bare.id()).orElseThrow(), screens)
                    .applyTo(marked);
        }));
        work.selection().chooseHotspot(bare.id());
    }

    /** The chosen link leads there instead; a hotspot without one gets one. */
    public void lead(Destination to) {
        Linking now = linking();
        habits = habits.wanting(Optional.empty());
        now.lead(to).ifPresent(work::edit);
    }

    /** The next links of that verb move so too; empty: as usual. */
    public void lastMotion(Verb verb, Optional<Motion> motion) {
        habits = habits.moving(verb, motion);
    }

    /** Puts a link of the whole screen on it that leads there. */
    public void linkScreen(Cause cause, Destination to) {
        String id =
                work.freshId(LinkWords.cause(cause).replaceAll("[^a-z ]", "").strip());
        work.edit(linking().linkScreen(id, cause, to));
        work.selection().chooseLink(id);
    }

    /** The verb of the next target found; empty: the one the link has, or as usual. */
    public void want(Optional<Verb> verb) {
        habits = habits.wanting(verb);
    }

    /** The chosen link does that; empty when it was done, else the reason or that a target is needed. */
    public Optional<String> verb(Verb verb) {
        return switch (linking().verb(verb)) {
            case VerbChoice.Refused refused -> Optional.of(refused.why());
            case VerbChoice.NeedsTarget needed -> Optional.of("");
            case VerbChoice.Done done -> {
                if (!Verb.OF_DRAWERS.contains(verb)) {
                    habits = habits.after(verb);
                }
                work.edit(done.edit());
                yield Optional.empty();
            }
        };
    }

    public void remove() {
        if (!chosen().isEmpty()) {
            work.edit(HotspotEdits.remove(chosen()));
        } else {
            link().ifPresent(l -> work.edit(LinkEdits.remove(l)));
        }
    }

    public void nudge(double dx, double dy) {
        change(a -> a.moved(dx, dy));
    }

    public void grow(double dw, double dh) {
        change(a -> new Area(a.x(), a.y(), Math.max(8, a.width() + dw), Math.max(8, a.height() + dh)));
    }

    private void change(UnaryOperator<Area> how) {
        Placement.Size size = size();
        Map<Hotspot, Area> areas = new LinkedHashMap<>();
        chosen().forEach(h -> area(h).ifPresent(a -> areas.put(h, how.apply(a).within(size.width(), size.height()))));
        if (!areas.isEmpty()) {
            place(areas);
        }
    }

    public Placement.Size size() {
        return Placement.sizeOf(look(), deviceWidth(), device().width(), device().height());
    }

    /** How many hotspots are ready to be put on another screen. */
    public int copied() {
        return copied.size();
    }

    public void copy() {
        copied = chosen();
    }

    /** Puts copies on the chosen screen: in the same place, or a little beside where they come from it. */
    public void paste() {
        if (copied.isEmpty() || work.screen().isEmpty()) {
            return;
        }
        boolean same = hotspots().stream()
                .anyMatch(h -> copied.stream().anyMatch(c -> c.areas().equals(h.areas())));
        List<Hotspot> copies = new ArrayList<>(
                HotspotEdits.copies(copied, work.prototype(), work.naming(), same ? 16 : 0, same ? 16 : 0));
        work.edit(HotspotEdits.copyTo(screen(), copies));
        work.selection().hotspots().setAll(copies.stream().map(Hotspot::id).toList());
    }
}
