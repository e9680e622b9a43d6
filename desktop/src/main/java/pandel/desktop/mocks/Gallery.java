package pandel.desktop.mocks;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.animation.PauseTransition;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.util.Duration;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.desktop.theme.Scroll;

/**
 * Cards in bands. Only those in sight, and a row around, are made: a gallery of 10,000 costs no more than one of fifty.
 */
final class Gallery extends Scroll {

    private static final double EDGE = 40;
    private static final int MOST_RESTING = 40;
    /** Cards that are not in sight yet made at one time: a whole row of them takes longer than a frame. */
    private static final int MOST_AHEAD = 2;

    private static final Duration FRAME = Duration.millis(17);

    private final Pane field = new Pane();
    private final Region mark = new Region();
    private final PauseTransition next = new PauseTransition(FRAME);
    private final Function<Screen, ScreenCard> maker;
    private final Consumer<ScreenCard> chooser;
    private final Function<GalleryLayout.Band, BandHead> heads;
    private final Map<String, ScreenCard> cards = new HashMap<>();
    /** Cards that wait, out of sight, to serve again. */
    private final Deque<ScreenCard> resting = new ArrayDeque<>();

    private final Map<String, BandHead> shownHeads = new HashMap<>();
    private final Set<String> folded = new HashSet<>();
    private Prototype prototype = Prototype.empty("");
    private Predicate<Screen> shown = s -> true;
    private GalleryLayout layout = GalleryLayout.of(prototype, shown, folded, 0, CardSize.USUAL.cell(1));
    private CardSize size;
    private double ratio = 1;
    private String kept = "";

    /**
     * @param maker makes the card of a screen
     * @param chooser marks a card that serves for another screen now as chosen, or not
     * @param heads makes the heading of a band
     * @param size of the cards to begin with
     */
    Gallery(
            Function<Screen, ScreenCard> maker,
            Consumer<ScreenCard> chooser,
            Function<GalleryLayout.Band, BandHead> heads,
            CardSize size) {
        this.size = size;
        this.maker = maker;
        this.chooser = chooser;
        this.heads = heads;
        getStyleClass().add("gallery");
        setContent(field);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setFocusTraversable(false);
        next.setOnFinished(e -> realise());
        mark.getStyleClass().add("drop-mark");
        mark.setManaged(false);
        mark.setVisible(false);
        mark.setViewOrder(-2);
        viewportBoundsProperty().addListener((o, a, b) -> {
            if (a.getWidth() != b.getWidth()) {
                arrange();
            } else if (a.getHeight() != b.getHeight()) {
                realise();
            }
        });
        vvalueProperty().addListener((o, a, b) -> realise());
    }

    /** Shows those of a prototype's screens that are wanted; cards whose screens look the same stay. */
    void show(Prototype next, Predicate<Screen> wanted) {
        prototype = next;
        shown = wanted;
        arrange();
    }

    /**
     * All cards are made anew, for another device.
     *
     * @param wideByHigh its width by its height
     */
    void renew(double wideByHigh) {
        ratio = wideByHigh;
        renew();
    }

    /** Makes all cards anew: words have another size. */
    void renew() {
        cards.clear();
        resting.clear();
        field.getChildren().clear();
        shownHeads.clear();
        arrange();
    }

    CardSize size() {
        return size;
    }

    /** Shows all cards in a size, the one kept in sight staying so. */
    void size(CardSize wanted) {
        if (wanted != size) {
            size = wanted;
            String inSight = kept;
            renew();
            reveal(inSight);
        }
    }

    void fold(String section) {
        if (!folded.remove(section)) {
            folded.add(section);
        }
        arrange();
    }

    GalleryLayout places() {
        return layout;
    }

    /** The card of a screen, where it is in sight. */
    Optional<ScreenCard> card(String screen) {
        return Optional.ofNullable(cards.get(screen));
    }

    void each(Consumer<ScreenCard> work) {
        cards.values().forEach(work);
    }

    /** Keeps a screen's card made, wherever it is. */
    void keep(String screen) {
        kept = screen;
        realise();
    }

    /** Scrolls to a screen's card and keeps it made. */
    void reveal(String screen) {
        Optional<String> section = prototype.screen(screen).map(Screen::section);
        if (section.filter(folded::contains).isPresent() && layout.spot(screen).isEmpty()) {
            fold(section.get());
        }
        kept = screen;
        layout.spot(screen).ifPresent(spot -> {
            double high = getViewportBounds().getHeight();
            double room = layout.height() - high;
            double from = getVvalue() * room;
            double head = GalleryLayout.head() + 8;
            if (room > 0 && (spot.y() - 4 < from || spot.y() + layout.cell().height() > from + high)) {
                double to = spot.y() - 4 < from
                        ? spot.y() - head
                        : Math.min(
                                spot.y() - head,
                                layout.whole(spot.y() + layout.cell().height() + 16 - high));
                setVvalue(Math.clamp(to / room, 0, 1));
            }
        });
        realise();
    }

    private void arrange() {
        layout = GalleryLayout.of(
                prototype, shown, folded, Math.max(getViewportBounds().getWidth(), 1), size.cell(ratio));
        cards.values().forEach(c -> c.fit(layout.cell()));
        resting.forEach(c -> c.fit(layout.cell()));
        field.setMinHeight(layout.height());
        field.setPrefHeight(layout.height());
        Set<String> sections = new HashSet<>();
        layout.bands().stream().filter(b -> b.y() >= 0).forEach(band -> {
            sections.add(band.section());
            BandHead head = shownHeads.compute(
                    band.section(), (s, old) -> old != null && old.band().equals(band) ? old : heads.apply(band));
            head.resizeRelocate(
                    GalleryLayout.SIDE,
                    band.y(),
                    Math.max(100, getViewportBounds().getWidth() - 2 * GalleryLayout.SIDE),
                    GalleryLayout.head());
        });
        shownHeads.keySet().retainAll(sections);
        realise();
    }

    private void realise() {
        double high = getViewportBounds().getHeight();
        double top = getVvalue() * Math.max(0, layout.height() - high);
        double row = layout.cell().height();
        Map<String, GalleryLayout.Spot> wanted = new HashMap<>();
        for (GalleryLayout.Spot spot : layout.spots()) {
            boolean near = spot.y() + 2 * row >= top && spot.y() <= top + high + row;
            String id = spot.screen().id();
            if (near
                    || id.equals(kept)
                    || Optional.ofNullable(cards.get(id))
                            .filter(ScreenCard::isFocusWithin)
                            .isPresent()) {
                wanted.put(id, spot);
            }
        }
        cards.entrySet().removeIf(e -> {
            boolean leaves = !wanted.containsKey(e.getKey())
                    || !e.getValue().looksLike(wanted.get(e.getKey()).screen());
            // One with the focus goes for good: the focus must not pass to another screen with it.
            if (leaves && !e.getValue().isFocusWithin()) {
                resting.push(e.getValue());
            }
            return leaves;
        });
        int ahead = 0;
        boolean left = false;
        for (Map.Entry<String, GalleryLayout.Spot> entry : wanted.entrySet()) {
            GalleryLayout.Spot spot = entry.getValue();
            boolean inSight = spot.y() + row >= top && spot.y() <= top + high
                    || entry.getKey().equals(kept);
            if (!cards.containsKey(entry.getKey()) && !inSight && ahead++ >= MOST_AHEAD) {
                left = true;
            } else {
                cards.computeIfAbsent(entry.getKey(), k -> serve(spot.screen())).relocate(spot.x(), spot.y());
            }
        }
        if (left) {
            next.playFromStart();
        }
        while (resting.size() > MOST_RESTING) {
            resting.removeLast();
        }
        resting.forEach(ScreenCard::rest);
        Set<Object> children = new HashSet<>(cards.values());
        children.addAll(resting);
        children.addAll(shownHeads.values());
        children.add(mark);
        field.getChildren().retainAll(children);
        children.removeAll(field.getChildren());
        List.copyOf(children).forEach(c -> field.getChildren().add((Region) c));
    }

    private ScreenCard serve(Screen screen) {
        if (resting.isEmpty()) {
            return maker.apply(screen);
        }
        ScreenCard card = resting.pop();
        card.show(screen);
        chooser.accept(card);
        card.setVisible(true);
        return card;
    }

    /** Shows where a carried card would come to stand, and scrolls at the edges. */
    Optional<GalleryLayout.Drop> aim(double sceneX, double sceneY) {
        var at = field.sceneToLocal(sceneX, sceneY);
        double inView = sceneToLocal(sceneX, sceneY).getY();
        double room = layout.height() - getViewportBounds().getHeight();
        if (room > 0 && (inView < EDGE || inView > getHeight() - EDGE)) {
            setVvalue(Math.clamp(getVvalue() + (inView < EDGE ? -12 : 12) / room, 0, 1));
        }
        Optional<GalleryLayout.Drop> drop = layout.dropAt(at.getX(), at.getY());
        drop.ifPresent(
                d -> mark.resizeRelocate(d.x() - 1, d.y() + 8, 3, layout.cell().height() - 66));
        mark.setVisible(drop.isPresent());
        return drop;
    }

    void aimEnded() {
        mark.setVisible(false);
    }
}
