package pandel.core.edit.bulk;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import pandel.core.edit.EachLink;
import pandel.core.edit.Edit;
import pandel.core.edit.Fitting;
import pandel.core.edit.Naming;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.value.Carrying;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;

/**
 * One edit of many links.
 *
 * @param done how many links it changes or makes
 * @param left how many it leaves as they are, since it does not fit them
 */
public record Bulk(Edit edit, int done, int left) {

    /** Half of two areas together has to be in common for them to be in one place. */
    private static final double LIKE = 0.5;

    private static Bulk changing(String name, List<Way> ways, BiFunction<Way, Branch, Optional<Branch>> how) {
        Map<String, Link> changed = new LinkedHashMap<>();
        for (Way way : ways) {
            List<Branch> branches = new ArrayList<>(way.link().branches());
            for (int i = 0; i < branches.size(); i++) {
                branches.set(i, how.apply(way, branches.get(i)).orElse(branches.get(i)));
            }
            if (!branches.equals(way.link().branches())) {
                changed.put(way.link().id(), way.link().withBranches(branches));
            }
        }
        Edit edit = Edit.of(
                name + (ways.size() == 1 ? " a link" : " " + ways.size() + " links"),
                p -> EachLink.links(p, changed.keySet(), l -> changed.get(l.id())));
        return new Bulk(edit, changed.size(), ways.size() - changed.size());
    }

    /** Every move that names a target leads to a screen instead, by its own verb where that fits. */
    public static Bulk leadTo(Prototype p, List<Way> ways, Screen to) {
        return changing(
                "lead to “" + to.shownTitle() + "”:",
                ways,
                (way, branch) -> branch.move()
                        .filter(m -> m.target().isPresent() && !way.from().isEmpty())
                        .map(move -> {
                            Effect led = Fitting.leadingTo(
                                    Optional.of(move), way.from().getFirst(), to);
                            return branch.doing(led.leadingTo(new Target.ToScreen(
                                    to.id(),
                                    Carrying.toward(
                                            p,
                                            way.from(),
                                            way.hotspot(),
                                            to.id(),
                                            move.target().get().values()))));
                        }));
    }

    /** Every move that names a target is made by another verb, where that fits. */
    public static Bulk verb(Prototype p, List<Way> ways, Verb verb) {
        return changing(
                "let " + verb.word(),
                ways,
                (way, branch) -> branch.move()
                        .filter(m -> m.verb() != verb && !way.isOfFrame())
                        .filter(m -> !verb.needsTarget() || m.target().isPresent())
                        .filter(m -> m.target()
                                .flatMap(t -> p.screen(t.id()))
                                .flatMap(t -> way.from().stream()
                                        .flatMap(f -> Fitting.whyNot(verb, f, t).stream())
                                        .findFirst())
                                .isEmpty())
                        .map(m -> branch.doing(Effect.of(verb, m.target().orElse(new Target.ToScreen(""))))));
    }

    public static Bulk remove(List<Way> ways) {
        return new Bulk(
                Edit.all(
                        "remove " + (ways.size() == 1 ? "a link" : ways.size() + " links"),
                        ways.stream().map(w -> LinkEdits.remove(w.link())).toList()),
                ways.size(),
                0);
    }

    /**
     * The links of a screen's hotspots put on another's: on the hotspot of the same words, else on the one in the same
     * place, which has none yet. Links to the other screen itself are left out.
     */
    public static Bulk copyLinks(Prototype p, Screen from, Screen to, Naming naming) {
        Set<String> taken = new LinkedHashSet<>(p.index().ids());
        Map<Hotspot, List<Link>> made = new LinkedHashMap<>();
        int left = 0;
        for (Hotspot hotspot :
                from.hotspots().stream().filter(h -> !h.links().isEmpty()).toList()) {
            Optional<Hotspot> match = match(
                    hotspot,
                    to.hotspots().stream()
                            .filter(h -> h.links().isEmpty() && !made.containsKey(h))
                            .toList());
            List<Link> links = hotspot.links().stream()
                    .filter(l -> l.effects().flatMap(e -> e.target().stream()).noneMatch(t -> t.id().equals(to.id())))
                    .toList();
            if (match.isEmpty() || links.isEmpty()) {
                left++;
                continue;
            }
            List<Link> copies = new ArrayList<>();
            for (Link link : links) {
                copies.add(link.named(l -> naming.take(LinkWords.cause(l), taken)));
            }
            made.put(match.get(), copies);
        }
        int count = made.values().stream().mapToInt(List::size).sum();
        return new Bulk(
                Edit.of("copy the links of “" + from.shownTitle() + "”", q -> {
                    Prototype now = q;
                    for (Map.Entry<Hotspot, List<Link>> one : made.entrySet()) {
                        now = HotspotEdits.change(now, one.getKey().id(), h -> h.withLinks(one.getValue()));
                    }
                    return now;
                }),
                count,
                left);
    }

    private static Optional<Hotspot> match(Hotspot hotspot, List<Hotspot> among) {
        return among.stream()
                .filter(h -> !h.title().isBlank() && h.title().equalsIgnoreCase(hotspot.title()))
                .findFirst()
                .or(() -> among.stream()
                        .filter(h -> hotspot.areas().entrySet().stream()
                                .anyMatch(a -> h.areaOn(a.getKey())
                                        .filter(b -> alike(a.getValue(), b))
                                        .isPresent()))
                        .findFirst());
    }

    private static boolean alike(Area a, Area b) {
        double w = Math.min(a.right(), b.right()) - Math.max(a.x(), b.x());
        double h = Math.min(a.bottom(), b.bottom()) - Math.max(a.y(), b.y());
        double common = Math.max(0, w) * Math.max(0, h);
        return common > LIKE * (a.width() * a.height() + b.width() * b.height() - common);
    }

    /**
     * Screens linked one after another: by the one hotspot that waits for a link, where a screen has just one, else by
     * a tap anywhere. What leads to the next already is left.
     */
    public static Bulk inOrder(Prototype p, List<Screen> screens, Naming naming) {
        Set<String> taken = new LinkedHashSet<>(p.index().ids());
        List<Edit> edits = new ArrayList<>();
        int left = 0;
        for (int i = 0; i + 1 < screens.size(); i++) {
            Screen from = screens.get(i);
            Screen to = screens.get(i + 1);
            List<Hotspot> waiting =
                    from.hotspots().stream().filter(Hotspot::waitsForLink).toList();
            boolean leads = p.index().waysOut(from.id()).stream()
                    .anyMatch(w -> w.targets().contains(to.id()));
            boolean tapped = from.links().stream().anyMatch(l -> l.cause().equals(new Cause.Touch(Gesture.TAP)));
            if (leads || waiting.size() != 1 && tapped) {
                left++;
                continue;
            }
            String id = naming.take("tap", taken);
            Effect move = Fitting.leadingTo(Optional.empty(), from, to);
            Effect carrying = move.leadingTo(new Target.ToScreen(
                    to.id(), Carrying.toward(p, List.of(from), Optional.empty(), to.id(), Map.of())));
            Link link = Link.of(id, new Cause.Touch(Gesture.TAP), carrying);
            edits.add(
                    waiting.size() == 1
                            ? LinkEdits.link(waiting.getFirst(), link, "")
                            : LinkEdits.linkScreen(from, link));
        }
        return new Bulk(Edit.all("link " + screens.size() + " screens in order", edits), edits.size(), left);
    }
}
