package pandel.desktop.links.action;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import pandel.core.edit.Edit;
import pandel.core.edit.Fitting;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.edit.screen.StateEdits;
import pandel.core.edit.value.Carrying;
import pandel.core.edit.value.FactEdits;
import pandel.core.model.Attachments;
import pandel.core.model.Look;
import pandel.core.model.Targets;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.value.Fact;
import pandel.core.play.layout.Placement;
import pandel.core.play.words.LinkWords;
import pandel.desktop.links.action.Finder.Offer;
import pandel.desktop.work.Work;

/** What the desk does to the prototype. */
public final class DeskActions {

    /** ms of a wait that nobody has said yet. */
    public static final int USUAL_WAIT = 2000;

    private final Work work;
    private final Supplier<Device> device;
    private Optional<Verb> wanted = Optional.empty();
    private Optional<Verb> lastVerb = Optional.empty();
    private final Map<Verb, Motion> lastMotions = new java.util.EnumMap<>(Verb.class);
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
            Link fresh = bare(new Cause.Touch(Gesture.TAP));
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

    /** The move of the branch that is edited. */
    Optional<Effect> move() {
        return link().flatMap(l ->
                branch < l.branches().size() ? l.branches().get(branch).move() : Optional.empty());
    }

    /** Which branch of the chosen link is edited next, from 0. */
    public void branch(int number) {
        branch = number;
    }

    /** A link that does nothing yet. */
    private Link bare(Cause cause) {
        return new Link(work.freshId(LinkWords.cause(cause)), cause, List.of(), Rest.NONE);
    }

    /** A link for a tap on the chosen hotspot that does nothing yet. */
    public Optional<Link> freshLink() {
        if (chosen().isEmpty()) {
            return Optional.empty();
        }
        Link fresh = bare(new Cause.Touch(Gesture.TAP));
        work.edit(LinkEdits.link(chosen().getLast(), fresh, ""));
        return Optional.of(fresh);
    }

    /** One gesture more on the chosen hotspot; its link is chosen. */
    public void addCause(Cause cause) {
        Hotspot hotspot = chosen().getLast();
        Link fresh = bare(cause);
        work.edit(LinkEdits.link(hotspot, fresh, " for a " + LinkWords.cause(cause)));
        work.selection().chooseLinkOf(hotspot.id(), fresh.id());
    }

    /** A hotspot's number on the chosen screen, from 1. */
    public int number(Hotspot hotspot) {
        return 1 + hotspots().stream().map(Hotspot::id).toList().indexOf(hotspot.id());
    }

    /** A hotspot just marked becomes one of the screen, linked as was chosen: one step of undo. */
    public void mark(Area area, Offer offer) {
        String id = work.freshId("hotspot");
        Hotspot bare = new Hotspot(id, "", Map.of(width(), area.rounded()), List.of(), Rest.NONE);
        switch (offer) {
            case Offer.NoLink none -> work.edit(HotspotEdits.mark(screen(), bare));
            case Offer.There there ->
                markAndLink(
                        bare,
                        Fitting.leadingTo(
                                lastVerb.map(v -> Effect.of(v, new Target.ToScreen(""))), screen(), there.screen()),
                        Optional.empty(),
                        there.screen().shownTitle());
            case Offer.OfDrawer drawer -> markAndLink(bare, drawer.effect(), Optional.empty(), drawer.title());
            case Offer.Frame frame ->
                markAndLink(
                        bare,
                        toFrame(lastVerb.map(v -> Effect.of(v, new Target.ToScreen(""))), frame),
                        Optional.empty(),
                        frame.title());
            case Offer.New made -> {
                Screen target = Screen.page(work.freshId(made.title()), made.title());
                markAndLink(
                        bare, new Effect.Advance(new Target.ToScreen(target.id())), Optional.of(target), made.title());
            }
            case Offer.Back back ->
                markAndLink(bare, Effect.of(back.verb(), new Target.ToScreen("")), Optional.empty(), "");
        }
        work.selection().chooseHotspot(id);
    }

    private void markAndLink(Hotspot bare, Effect plain, Optional<Screen> fresh, String to) {
        Effect effect = carrying(plain, fresh);
        Hotspot linked = bare.withLinks(List.of(made(effect)));
        work.edit(LinkEdits.markAndLink(screen(), linked, fresh, to.isEmpty() ? " to go back" : " to “" + to + "”"));
    }

    /** The chosen link leads there instead; a hotspot without one gets one. */
    public void lead(Offer offer) {
        Optional<Link> now = link();
        Optional<Effect> before = wanted.<Effect>map(verb -> Effect.of(verb, new Target.ToScreen("")))
                .or(this::move);
        wanted = Optional.empty();
        switch (offer) {
            case Offer.There there ->
                set(
                        now,
                        Fitting.leadingTo(before, screen(), there.screen()),
                        Optional.empty(),
                        " to “" + there.screen().shownTitle() + "”");
            case Offer.OfDrawer drawer -> drawer(now, drawer.effect(), " to “" + drawer.title() + "”");
            case Offer.Frame frame -> set(now, toFrame(before, frame), Optional.empty(), " to “" + frame.title() + "”");
            case Offer.New made -> {
                Screen target = Screen.page(work.freshId(made.title()), made.title());
                set(
                        now,
                        Fitting.leadingTo(before, screen(), target),
                        Optional.of(target),
                        " to “" + made.title() + "”");
            }
            case Offer.Back back ->
                set(
                        now,
                        Effect.of(back.verb(), new Target.ToScreen("")),
                        Optional.empty(),
                        " to " + back.verb().word());
            case Offer.NoLink none -> {}
        }
    }

    /** The move that leads to a frame; what fits the screen it shows first fits it. */
    private Effect toFrame(Optional<Effect> before, Offer.Frame frame) {
        return Fitting.leadingTo(
                before,
                screen(),
                Targets.shown(work.prototype(), frame.target()).orElse(Screen.page("", "")),
                frame.target());
    }

    /** The move with what can be carried carried: what it carried before, and what goes by the same name here. */
    private Effect carrying(Effect effect, Optional<Screen> fresh) {
        if (fresh.isPresent() || effect.target().isEmpty()) {
            return effect;
        }
        Target target = effect.target().get();
        return effect.leadingTo(target.carrying(Carrying.toward(
                work.prototype(),
                List.of(screen()),
                chosen().stream().reduce((a, b) -> b),
                target,
                move().flatMap(Effect::target).map(Target::values).orElse(Map.of()))));
    }

    private void set(Optional<Link> now, Effect bare, Optional<Screen> fresh, String whereTo) {
        Effect effect = carrying(bare, fresh);
        int number = branch;
        Edit edit = now.map(l -> LinkEdits.change(
                        "link" + whereTo,
                        l.branch(
                                number,
                                b -> moving(
                                        b.withEffects(b.effects().stream()
                                                        .filter(e -> !(e instanceof Effect.MoveDrawer))
                                                        .toList())
                                                .doing(effect),
                                        effect))))
                .orElseGet(() -> LinkEdits.link(chosen().getLast(), made(effect), whereTo));
        work.edit(fresh.map(s -> Edit.of(
                        edit.name(),
                        p -> edit.applyTo(ScreenEdits.add(List.of(s)).applyTo(p))))
                .orElse(edit));
    }

    private Link made(Effect effect) {
        return Link.of(work.freshId("tap"), new Cause.Touch(Gesture.TAP), effect)
                .branch(0, b -> moving(b, effect));
    }

    /** With the motion chosen last for such a move, where one was. */
    private Branch moving(Branch branch, Effect effect) {
        return Optional.ofNullable(lastMotions.get(effect.verb()))
                .map(m -> branch.withMotion(Optional.of(m)))
                .orElse(branch);
    }

    /** The next links of that verb move so too; empty: as usual. */
    public void lastMotion(Verb verb, Optional<Motion> motion) {
        motion.ifPresentOrElse(m -> lastMotions.put(verb, m), () -> lastMotions.remove(verb));
    }

    /** Puts a link of the whole screen on it that leads there. */
    public void linkScreen(Cause cause, Offer offer) {
        String id =
                work.freshId(LinkWords.cause(cause).replaceAll("[^a-z ]", "").strip());
        Optional<Screen> fresh = offer instanceof Offer.New made
                ? Optional.of(Screen.page(work.freshId(made.title()), made.title()))
                : Optional.empty();
        Optional<Screen> target = offer instanceof Offer.There there ? Optional.of(there.screen()) : fresh;
        Effect effect = offer instanceof Offer.OfDrawer drawer
                ? drawer.effect()
                : offer instanceof Offer.Back back
                        ? Effect.of(back.verb(), new Target.ToScreen(""))
                        : offer instanceof Offer.Frame frame
                                ? toFrame(byItself(cause), frame)
                                : Fitting.leadingTo(byItself(cause), screen(), target.orElseThrow());
        Edit edit = LinkEdits.linkScreen(screen(), Link.of(id, cause, effect));
        work.edit(fresh.map(s -> Edit.of(
                        edit.name(),
                        p -> edit.applyTo(ScreenEdits.add(List.of(s)).applyTo(p))))
                .orElse(edit));
        work.selection().chooseLink(id);
    }

    /** A screen that goes by itself should not stay in the trail, or return would show it again. */
    private static Optional<Effect> byItself(Cause cause) {
        return cause instanceof Cause.Touch
                ? Optional.empty()
                : Optional.of(new Effect.Replace(new Target.ToScreen("")));
    }

    /** The verb of the next target found; empty: the one the link has, or as usual. */
    public void want(Optional<Verb> verb) {
        wanted = verb;
    }

    /** The chosen link does that; empty when it was done, else the reason or that a target is needed. */
    public Optional<String> verb(Verb verb) {
        Optional<Link> now = link();
        if (now.isEmpty() && chosen().isEmpty()) {
            return Optional.of("Choose a hotspot first.");
        }
        if (Verb.OF_DRAWERS.contains(verb)) {
            drawer(now, verb);
            return Optional.empty();
        }
        Optional<Target> target = move().flatMap(Effect::target);
        if (verb.needsTarget() && target.isEmpty()) {
            return Optional.of("");
        }
        Optional<String> why =
                target.flatMap(t -> Targets.shown(work.prototype(), t)).flatMap(t -> Fitting.whyNot(verb, screen(), t));
        if (why.isEmpty()) {
            // The next hotspot that is marked does the same, where it fits.
            lastVerb = Optional.of(verb).filter(Verb::needsTarget);
            set(
                    now,
                    verb == Verb.SWITCH_TAB
                            ? new Effect.SwitchTab(firstTab())
                            : Effect.of(verb, target.orElse(new Target.ToScreen(""))),
                    Optional.empty(),
                    ": " + verb.word());
        }
        return why;
    }

    /**
     * Something is done to a drawer instead of the move: to the one that is attached to this screen, until another is
     * chosen.
     */
    private void drawer(Optional<Link> now, Verb verb) {
        String id = work.prototype().drawers().stream()
                .filter(d -> Attachments.screens(work.prototype(), d).contains(screen()))
                .findFirst()
                .or(() -> work.prototype().drawers().stream().findFirst())
                .map(Drawer::id)
                .orElse("");
        drawer(now, Effect.ofDrawer(verb, id).orElseThrow(), ": " + verb.word());
    }

    private void drawer(Optional<Link> now, Effect effect, String whereTo) {
        int number = branch;
        work.edit(now.map(l -> LinkEdits.change(
                        "link" + whereTo,
                        l.branch(
                                number,
                                b -> b.withEffects(Stream.concat(
                                                b.effects().stream()
                                                        .filter(e -> !e.isMove() && !(e instanceof Effect.MoveDrawer)),
                                                Stream.of(effect))
                                        .toList()))))
                .orElseGet(() -> LinkEdits.link(chosen().getLast(), made(effect), whereTo)));
    }

    /** The tab that is meant until another is chosen: that of the screen led to before, else the first there is. */
    private String firstTab() {
        Optional<String> led = move().flatMap(Effect::target).map(Target::id);
        List<TabSet.Tab> tabs = work.prototype().tabSets().stream()
                .flatMap(s -> s.tabs().stream())
                .toList();
        return tabs.stream()
                .filter(t -> led.filter(t.root().id()::equals).isPresent())
                .findFirst()
                .or(() -> tabs.stream().findFirst())
                .map(TabSet.Tab::id)
                .orElse("");
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
