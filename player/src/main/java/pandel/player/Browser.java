package pandel.player;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSExport;
import pandel.core.model.Opening;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.link.Event;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.start.Entry;
import pandel.core.model.start.Start;
import pandel.core.model.start.StartPoint;
import pandel.core.play.situation.Situation;
import pandel.core.play.touch.Follows;
import pandel.core.play.words.LinkWords;
import pandel.player.seen.Seeing;
import pandel.player.wire.Cells;
import pandel.player.wire.Wire;

/**
 * What the script that draws calls. Everything goes as words and numbers; what is told is JSON, empty where nothing is.
 */
public final class Browser {

    private static Prototype prototype = Prototype.empty("");
    private static @Nullable Player player;

    private Browser() {}

    /** Nothing happens until something is asked. */
    public static void main(String[] args) {}

    /** Takes a prototype in. */
    @JSExport
    public static void read(String[] words, double[] cells) {
        prototype = taken(words, cells);
        player = null;
    }

    /**
     * Takes a changed prototype in, and stands where the same events lead in it; empty where it cannot begin there any
     * more.
     *
     * @param device the id of the device, or of none: the first
     */
    @JSExport
    public static String change(String[] words, double[] cells, String device) {
        prototype = taken(words, cells);
        player = player == null
                ? null
                : player.changed(prototype, prototype.device(device)).orElse(null);
        return player == null ? "" : SeenJson.of(player.shown());
    }

    private static Prototype taken(String[] words, double[] cells) {
        return Prototype.of(Wire.readPrototypeParts(cells(words, cells)));
    }

    private static Cells cells(String[] words, double[] cells) {
        return new Cells(
                new ArrayList<>(Arrays.asList(words)),
                Arrays.stream(cells).boxed().toList());
    }

    /** Its title, its devices, and where it can begin. */
    @JSExport
    public static String about() {
        Json out = new Json();
        List<Start> starts = starts().toList();
        return out.object(() -> out.field("title", prototype.title())
                        .field("devices", prototype.devices(), Browser::device)
                        .field("starts", starts, Browser::start))
                .toString();
    }

    private static void device(Json out, Device it) {
        out.object(() -> out.field("id", it.id())
                .field("title", it.title())
                .field("width", it.width())
                .field("height", it.height()));
    }

    private static void start(Json out, Start it) {
        out.object(() -> out.field("id", it.id())
                .field(
                        "title",
                        switch (it) {
                            case Entry e -> e.filledAddress().orElse("The entry");
                            case StartPoint p -> p.title();
                        }));
    }

    private static Stream<Start> starts() {
        return Stream.concat(
                prototype.entries().stream().<Start>map(e -> e),
                prototype.startPoints().stream().<Start>map(p -> p));
    }

    /**
     * Begins somewhere on a device.
     *
     * @param at the id of an entry or a start point, or an address; empty, or none of these: the entry
     */
    @JSExport
    public static String begin(String device, String at) {
        Start start = start(at);
        player = start == null
                ? null
                : Player.of(prototype, start, prototype.device(device)).orElse(null);
        return player == null ? "" : SeenJson.of(player.shown());
    }

    private static @Nullable Start start(String at) {
        return starts().filter(s -> s.id().equals(at))
                .findFirst()
                .or(() -> Opening.of(prototype, at).map(Opening::entry))
                .or(() -> prototype.mainEntry().<Start>map(e -> e))
                .orElse(null);
    }

    private static Player playing() {
        if (player == null) {
            throw new IllegalStateException("Nothing has begun");
        }
        return player;
    }

    @JSExport
    public static String beginAt(String at) {
        Start start = start(at);
        return start == null ? "" : SeenJson.of(playing().begin(start));
    }

    @JSExport
    public static String startOver() {
        return SeenJson.of(playing().startOver());
    }

    @JSExport
    public static boolean answers(String gesture, double x, double y) {
        return playing().answers(gesture(gesture), x, y);
    }

    private static Gesture gesture(String word) {
        return Gesture.valueOf(word.toUpperCase(Locale.ROOT).replace(' ', '_'));
    }

    @JSExport
    public static String touch(String gesture, double x, double y) {
        return SeenJson.of(playing().gesture(gesture(gesture), x, y));
    }

    /** What is seen of what a finger is on, and how. */
    @JSExport
    public static String answering(double x, double y) {
        return playing().answering(x, y).map(SeenJson::answering).orElse("");
    }

    /** Something is touched by its name. */
    @JSExport
    public static String press(String told) {
        return Touch.of(told).map(e -> SeenJson.of(playing().act(e))).orElse("");
    }

    @JSExport
    public static String hover(double x, double y) {
        return playing().hover(x, y).map(SeenJson::of).orElse("");
    }

    @JSExport
    public static String key(String name) {
        return playing().key(name).map(SeenJson::of).orElse("");
    }

    @JSExport
    public static String scroll(double by, double x, double y) {
        return SeenJson.of(playing().scroll(by, x, y));
    }

    @JSExport
    public static String scrollTo(double to) {
        return SeenJson.of(playing().act(new Event.Scroll(to)));
    }

    @JSExport
    public static String passed(int ms) {
        return playing().passed(ms).map(SeenJson::of).orElse("");
    }

    @JSExport
    public static String deviceBack() {
        return SeenJson.of(playing().act(new Event.DeviceBack()));
    }

    @JSExport
    public static String typed(String field, String text) {
        return SeenJson.of(playing().act(new Event.Typed(field, text)));
    }

    @JSExport
    public static String submit(String field) {
        return SeenJson.of(playing().act(new Event.Submitted(field)));
    }

    @JSExport
    public static String resize(double width, double height) {
        return SeenJson.of(playing().act(new Event.Resize(width, height)));
    }

    @JSExport
    public static String turn(String outcome, boolean keep) {
        return SeenJson.of(playing().turn(outcome, keep));
    }

    @JSExport
    public static String leaveOpen() {
        return SeenJson.of(playing().leaveOpen());
    }

    /** What a remark can be pinned to now: the screen, its hotspots, the step. */
    @JSExport
    public static String here() {
        Json out = new Json();
        String screen = playing().now().screen();
        List<Hotspot> on = prototype.index().hotspotsOn(screen);
        return out.object(() -> out.field("screen", screen)
                        .field("title", prototype.titleOf(screen))
                        .field(
                                "hotspots",
                                on,
                                (o, it) -> o.object(() ->
                                        o.field("id", it.id()).field("title", LinkWords.name(it, 1 + on.indexOf(it)))))
                        .field(
                                "step",
                                playing().step(),
                                (o, it) -> o.object(() -> o.field("device", it.device())
                                        .field("start", it.start())
                                        .field("events", it.events(), EventJson::write))))
                .toString();
    }

    /** What follows a finger drawn sideways: a page, none beside it, or a drawer. */
    @JSExport
    public static String follows(double x, double y, boolean onward) {
        Json out = new Json();
        Player p = playing();
        Optional<Follows> found = p.follows(x, y, onward);
        found.ifPresent(f -> out.object(() -> {
            if (f instanceof Follows.ADrawer d) {
                out.field("out", d.out())
                        .part(
                                "drawer",
                                Seeing.drawer(prototype, p.now(), d.drawer().id()),
                                SeenJson::drawer);
            } else if (f instanceof Follows.Page page) {
                out.field("page", page.to().flatMap(to -> Seeing.top(prototype, to)), SeenJson::level);
            }
        }));
        return out.toString();
    }

    /** A drawer that followed is let go on its way there. */
    @JSExport
    public static String release(double x, double y, boolean onward) {
        return playing()
                .follows(x, y, onward)
                .map(f -> f instanceof Follows.ADrawer d ? SeenJson.of(playing().act(d.release())) : "")
                .orElse("");
    }

    @JSExport
    public static String lifts(double x, double y) {
        return playing().lifts(x, y).map(SeenJson::sheet).orElse("");
    }

    /**
     * What a row of events comes to, as {@link Trace} tells it, with spaces between: for comparing.
     *
     * @param at as {@link #begin}
     */
    @JSExport
    public static String trace(String device, String at, String[] words, double[] events) {
        Cells in = cells(words, events);
        List<Event> all = new ArrayList<>();
        while (in.more()) {
            all.add(Wire.readEvent(in));
        }
        return Optional.ofNullable(start(at))
                .flatMap(start -> Situation.at(prototype, start, prototype.device(device)))
                .map(from -> Trace.of(prototype, from, all).stream()
                        .map(String::valueOf)
                        .collect(Collectors.joining(" ")))
                .orElse("");
    }
}
