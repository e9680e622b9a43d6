package pandel.desktop.links;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;
import pandel.desktop.sign.VerbSign;
import pandel.desktop.work.Selection;

/** What leads from here, in the order of the hotspots; the number is the bond between a row and its hotspot. */
final class WaysOut extends WaysColumn {

    /** Rows of a frame up to which they are not folded at first. */
    private static final int FEW = 3;

    private final Selection selection;
    private final Runnable walkOn;
    /** Titles of the frames whose rows are not as they are at first. */
    private final Set<String> turned = new HashSet<>();

    private Runnable again = () -> {};

    WaysOut(Selection selection, Runnable walkOn) {
        super(232);
        this.selection = selection;
        this.walkOn = walkOn;
    }

    void show(Prototype prototype, Screen screen) {
        again = () -> show(prototype, screen);
        getChildren().setAll(heading("Ways out"));
        List<Hotspot> hotspots = prototype.index().hotspotsOn(screen.id());
        int number = 0;
        boolean sharedHeading = false;
        for (Hotspot hotspot : hotspots) {
            number++;
            Optional<Integer> shared =
                    prototype.index().shared(hotspot.id()).map(s -> s.screens().size());
            if (shared.isPresent() && !sharedHeading) {
                sharedHeading = true;
                Label heading = heading("Shared");
                heading.getStyleClass().add("later");
                getChildren().add(heading);
            }
            Optional<Link> first = hotspot.linkFor(Gesture.TAP)
                    .or(() -> hotspot.links().stream().findFirst());
            boolean chosen = selection.hotspots().contains(hotspot.id());
            String named = selection.linkProperty().get();
            boolean other = hotspot.links().stream().anyMatch(l -> l.id().equals(named))
                    && first.filter(l -> l.id().equals(named)).isEmpty();
            add(
                    prototype,
                    hotspot.id(),
                    number,
                    first,
                    (first.filter(l -> !isTap(l)).isPresent() ? LinkWords.cause(first.get()) + " " : "")
                            + LinkWords.name(hotspot, number),
                    chosen && !other,
                    id -> selection.chooseHotspot(id));
            int shownNumber = number;
            hotspot.links().stream()
                    .filter(l -> first.filter(l::equals).isEmpty())
                    .forEach(l -> add(
                            prototype,
                            l.id(),
                            shownNumber,
                            Optional.of(l),
                            LinkWords.cause(l) + " " + LinkWords.name(hotspot, shownNumber),
                            chosen && named.equals(l.id()),
                            id -> selection.chooseLinkOf(hotspot.id(), id)));
        }
        for (Link link : screen.links()) {
            add(
                    prototype,
                    link.id(),
                    0,
                    Optional.of(link),
                    LinkWords.cause(link),
                    selection.linkProperty().get().equals(link.id()),
                    selection::chooseLink);
        }
        Map<String, List<Way>> frames = new LinkedHashMap<>();
        prototype
                .index()
                .waysOut(screen.id())
                .forEach(way -> frame(way)
                        .ifPresent(title -> frames.computeIfAbsent(title, t -> new ArrayList<>())
                                .add(way)));
        frames.forEach((title, ways) -> frame(prototype, title, ways));
        if (hotspots.isEmpty()
                && prototype.index().waysOut(screen.id()).isEmpty()
                && screen.links().isEmpty()) {
            getChildren().add(hint("Nothing leads from here yet. Press what is touched on the mock."));
        }
    }

    /** The title of the frame that a way belongs to. */
    private static Optional<String> frame(Way way) {
        return way.drawer()
                .map(Drawer::shownTitle)
                .or(() -> way.header().map(Header::shownTitle))
                .or(() -> way.notice().map(n -> "Notices"))
                .or(() -> way.tabs().map(TabSet::shownTitle))
                .or(() -> way.sequence().map(Sequence::shownTitle));
    }

    /** What a frame leads to: rows that fold, and are folded at first where they are many. */
    private void frame(Prototype prototype, String title, List<Way> ways) {
        boolean holds = ways.stream()
                .anyMatch(w -> w.link().id().equals(selection.linkProperty().get()));
        boolean open = holds || turned.contains(title) != ways.size() <= FEW;
        Button fold = new Button(title + ", " + ways.size() + (open ? "" : " …"));
        fold.getStyleClass().addAll("heading", "fold");
        fold.setMnemonicParsing(false);
        fold.setMaxWidth(Double.MAX_VALUE);
        fold.setId("fold-" + Integer.toHexString(title.hashCode()));
        fold.setTooltip(new Tooltip(open ? "Fold its rows" : "Show its rows"));
        fold.setAccessibleText(
                title + ", " + ways.size() + (open ? " rows, press to fold" : " rows folded, press to show"));
        fold.setOnAction(e -> {
            if (!turned.remove(title)) {
                turned.add(title);
            }
            again.run();
        });
        getChildren().add(fold);
        if (open) {
            ways.forEach(way -> add(
                    prototype,
                    way.link().id(),
                    0,
                    Optional.of(way.link()),
                    words(way),
                    selection.linkProperty().get().equals(way.link().id()),
                    selection::chooseLink));
        }
    }

    private static String words(Way way) {
        if (way.header().isPresent()) {
            return way.header()
                    .flatMap(h -> h.action(way.link().id()))
                    .map(a -> "action " + a.shownLabel())
                    .orElse("its left sign");
        }
        if (way.action().isPresent()) {
            return way.action().map(a -> "“" + a.shownLabel() + "”").orElse("");
        }
        return way.drawer().isPresent()
                ? "item "
                        + way.drawer()
                                .get()
                                .item(way.link().id())
                                .map(Drawer.Item::shownLabel)
                                .orElse("")
                : way.tabs().isPresent() && !way.isOfFrame()
                        ? "floating button"
                        : way.tabs().isPresent()
                                ? "tab of " + way.tabs().get().shownTitle()
                                : way.isOfFrame()
                                        ? "page "
                                                + (1
                                                        + way.sequence()
                                                                .orElseThrow()
                                                                .turns()
                                                                .indexOf(way.link())) + " of "
                                                + way.sequence().orElseThrow().shownTitle()
                                        : LinkWords.cause(way.link());
    }

    private static boolean isTap(Link link) {
        return link.cause().equals(new Cause.Touch(Gesture.TAP));
    }

    /** The title of the page that is turned to. */
    private static Optional<String> turned(Prototype prototype, Optional<Link> link) {
        return link.flatMap(l -> prototype.index().way(l.id()))
                .filter(Way::isOfFrame)
                .flatMap(w -> w.targets().stream().findFirst())
                .flatMap(prototype::screen)
                .map(Screen::shownTitle);
    }

    private void add(
            Prototype prototype,
            String id,
            int number,
            Optional<Link> link,
            String name,
            boolean chosen,
            Consumer<String> choose) {
        Label bond = new Label(number == 0 ? "…" : String.valueOf(number));
        bond.getStyleClass().add("bond");
        bond.pseudoClassStateChanged(CHOSEN, chosen);
        bond.pseudoClassStateChanged(UNLINKED, link.isEmpty());
        Optional<Verb> verb = link.flatMap(Link::effect).map(Effect::verb);
        String to = link.flatMap(Link::effect)
                .flatMap(Effect::target)
                .map(t -> LinkWords.target(prototype, t))
                .or(() -> link.flatMap(Link::effect)
                        .filter(e -> e instanceof Effect.SwitchTab)
                        .map(e -> LinkWords.tab(prototype, ((Effect.SwitchTab) e).tab())))
                .or(() -> turned(prototype, link))
                .or(() -> link.flatMap(Link::effect)
                        .filter(e -> e instanceof Effect.MoveDrawer)
                        .map(e -> LinkWords.drawer(prototype, ((Effect.MoveDrawer) e).drawer())))
                .orElse(
                        link.isEmpty()
                                ? "no link yet"
                                : verb.map(VerbSign::word).orElse("nothing yet"));
        Label title = title(to);
        boolean broken = link.isEmpty()
                || link.flatMap(Link::effect)
                        .flatMap(Effect::target)
                        .filter(t -> Targets.shown(prototype, t).isEmpty())
                        .isPresent();
        if (broken) {
            title.getStyleClass().add("trouble");
        }
        Node sign = link.isEmpty() ? new Label() : new VerbSign(verb);
        HBox row = row(
                (number == 0 ? name : number + ", " + name) + ": "
                        + link.map(l -> LinkWords.effect(prototype, l)).orElse("no link yet"),
                () -> choose.accept(id),
                bond,
                sign,
                lines(title, name.equals(to) ? "" : name));
        row.setId("way-" + id);
        row.pseudoClassStateChanged(CHOSEN, chosen);
        row.addEventHandler(MouseEvent.MOUSE_CLICKED, e -> {
            if (e.getClickCount() == 2) {
                walkOn.run();
            }
        });
        getChildren().add(row);
    }
}
