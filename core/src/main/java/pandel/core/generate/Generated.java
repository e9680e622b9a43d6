package pandel.core.generate;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;
import pandel.core.model.start.Entry;

/**
 * A made-up prototype of a size, kind and seed.
 *
 * <p><b>usual</b>: 5 links a screen (advance 53 %, replace 8, return 17, open above 10, close 8, restart 1, return to
 * 1, waits 2), a fifth of the screens in circles of 3 to 8, one in 25 unreached, one in 50 a dead end. <b>nasty</b>:
 * all verbs alike often, links to the screen itself, returns with nothing behind, waits in rings, overlays on overlays,
 * missing targets, more entries.
 */
public final class Generated {

    private static final int LINKS_EACH = 5;

    private final Random random;
    private final int count;
    private final Kind kind;
    private final List<List<Hotspot>> hotspots = new ArrayList<>();
    private final List<List<Link>> waits = new ArrayList<>();
    private final Form[] forms;
    private final boolean[] unreached;
    private final boolean[] dead;

    private Generated(int count, long seed, Kind kind) {
        this.random = new Random(seed);
        this.count = count;
        this.kind = kind;
        this.forms = new Form[count];
        this.unreached = new boolean[count];
        this.dead = new boolean[count];
        for (int i = 0; i < count; i++) {
            hotspots.add(new ArrayList<>());
            waits.add(new ArrayList<>());
            forms[i] = i == 0 ? Form.PAGE : form();
            unreached[i] = kind == Kind.USUAL && i % 25 == 24;
            dead[i] = kind == Kind.USUAL && i % 50 == 37;
        }
    }

    /**
     * One without facts.
     *
     * @param screens 1 or more
     */
    public static Prototype of(int screens, long seed, Kind kind) {
        return of(screens, seed, kind, 0);
    }

    /**
     * The same for the same arguments.
     *
     * @param screens 1 or more
     * @param facts how many; a tenth of the links remember one, a fifth of the screens have a look that asks for some
     *     and hides a hotspot; in a nasty one some are numbers or one of words, and some are asked for that are gone
     */
    public static Prototype of(int screens, long seed, Kind kind, int facts) {
        if (screens < 1) {
            throw new IllegalArgumentException("A made-up prototype has a screen or more: " + screens);
        }
        Prototype plain = GeneratedCauses.on(new Generated(screens, seed, kind).make(), new Random(seed + 1), kind);
        Prototype made = facts == 0 ? plain : new GeneratedFacts(plain, seed, kind, facts).made();
        Prototype tabbed = GeneratedTabs.on(
                GeneratedSequences.on(GeneratedValues.on(made, new Random(seed + 2), kind), new Random(seed + 3), kind),
                new Random(seed + 4),
                kind);
        Prototype whole = GeneratedHeaders.on(
                GeneratedDrawers.on(tabbed, new Random(seed + 5), kind), new Random(seed + 11), kind);
        return kind == Kind.USUAL
                ? whole
                : GeneratedWork.on(
                        GeneratedChosen.on(
                                GeneratedRows.on(
                                        GeneratedBeginnings.on(
                                                GeneratedFacts.texts(whole, new Random(seed + 6)),
                                                new Random(seed + 7)),
                                        new Random(seed + 8)),
                                new Random(seed + 9)),
                        new Random(seed + 10));
    }

    /** Those that can be done wherever one is; the rows of lists come later. */
    static final List<Verb> MOVES = Verb.MOVES.subList(0, Verb.MOVES.indexOf(Verb.NEXT_ROW));

    private Form form() {
        int dice = random.nextInt(100);
        int overlays = kind == Kind.USUAL ? 12 : 40;
        return dice >= overlays
                ? Form.PAGE
                : List.of(Form.DIALOG, Form.SHEET, Form.PANEL).get(dice % 3);
    }

    private Prototype make() {
        if (kind == Kind.USUAL) {
            backbone();
            circles();
        }
        for (int i = 0; i < count; i++) {
            while (hotspots.get(i).size() + waits.get(i).size() < LINKS_EACH && !dead[i]) {
                addLink(i);
            }
        }
        List<Screen> screens = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Screen screen = Screen.page(id(i), "Screen " + (i + 1))
                    .withForm(forms[i])
                    .withHotspots(hotspots.get(i))
                    .withLinks(waits.get(i));
            screens.add(kind == Kind.NASTY && random.nextInt(6) == 0 ? screen.withClosers() : screen);
        }
        return Prototype.empty("Made up " + count)
                .withScreens(screens)
                .withShared(shared())
                .withEntries(entries())
                .withDevices(kind == Kind.USUAL ? List.of(Device.PHONE) : List.of(Device.PHONE, Device.KIOSK));
    }

    /** A tree of links that reaches every screen meant to be reached. */
    private void backbone() {
        List<Integer> open = new ArrayList<>(List.of(0));
        for (int i = 1; i < count; i++) {
            if (!unreached[i]) {
                int from = open.get(Math.max(0, open.size() - 1 - random.nextInt(Math.min(open.size(), 12))));
                tap(
                        from,
                        Effect.of(forms[i] == Form.PAGE ? Verb.ADVANCE : Verb.OPEN_ABOVE, new Target.ToScreen(id(i))));
                if (forms[i] == Form.PAGE && !dead[i]) {
                    open.add(i);
                }
            }
        }
    }

    private void circles() {
        List<Integer> pages = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            if (forms[i] == Form.PAGE && !dead[i] && !unreached[i]) {
                pages.add(i);
            }
        }
        Collections.shuffle(pages, random);
        int left = Math.min(pages.size(), count / 5);
        int at = 0;
        while (left >= 3) {
            int size = Math.min(left, 3 + random.nextInt(6));
            for (int i = 0; i < size; i++) {
                tap(pages.get(at + i), new Effect.Advance(new Target.ToScreen(id(pages.get(at + (i + 1) % size)))));
            }
            at += size;
            left -= size;
        }
    }

    private void addLink(int from) {
        int dice = random.nextInt(100);
        if (kind == Kind.NASTY) {
            Effect effect = effect(MOVES.get(random.nextInt(MOVES.size())), from);
            if (random.nextInt(5) == 0) {
                wait(from, effect);
            } else {
                tap(from, effect);
            }
        } else if (dice < 2) {
            wait(from, effect(Verb.ADVANCE, from));
        } else {
            tap(
                    from,
                    dice < 3
                            ? Effect.of(Verb.RESTART, new Target.ToScreen(id(0)))
                            : dice < 4
                                    ? Effect.of(Verb.RETURN_TO, new Target.ToScreen(id(0)))
                                    : effect(
                                            dice < 57
                                                    ? Verb.ADVANCE
                                                    : dice < 65
                                                            ? Verb.REPLACE
                                                            : dice < 82
                                                                    ? Verb.RETURN
                                                                    : dice < 92 ? Verb.OPEN_ABOVE : Verb.CLOSE,
                                            from));
        }
    }

    private Effect effect(Verb verb, int from) {
        if (kind == Kind.NASTY) {
            int dice = random.nextInt(20);
            String to = dice == 0 ? "gone-" + random.nextInt(3) : dice < 3 ? id(from) : id(random.nextInt(count));
            return Effect.of(verb, new Target.ToScreen(to));
        }
        boolean overlay = verb == Verb.OPEN_ABOVE;
        int to = random.nextInt(count);
        for (int tries = 0; tries < 40 && (unreached[to] || (forms[to] == Form.PAGE) == overlay); tries++) {
            to = random.nextInt(count);
        }
        return Effect.of(verb, new Target.ToScreen(id(unreached[to] ? 0 : to)));
    }

    private void tap(int from, Effect effect) {
        int n = hotspots.get(from).size();
        String id = id(from) + "-h" + n;
        Area area = new Area(20, 60 + n * 56, 350, 48);
        hotspots.get(from)
                .add(new Hotspot(
                        id,
                        "Part " + (n + 1),
                        new EnumMap<>(Map.of(Width.NARROW, area)),
                        List.of(Link.of(id + "-tap", new Cause.Touch(Gesture.TAP), effect)),
                        Rest.NONE));
    }

    private void wait(int from, Effect effect) {
        int n = waits.get(from).size();
        waits.get(from).add(Link.of(id(from) + "-w" + n, new Cause.Wait(500 * (1 + random.nextInt(4))), effect));
    }

    private List<SharedHotspot> shared() {
        if (count < 4 || kind == Kind.USUAL) {
            return List.of();
        }
        Hotspot back = new Hotspot(
                "back-sign",
                "Back",
                Map.of(Width.NARROW, new Area(8, 8, 44, 44)),
                List.of(Link.of("back-sign-tap", new Cause.Touch(Gesture.TAP), new Effect.Return())),
                Rest.NONE);
        return List.of(new SharedHotspot(back, new LinkedHashSet<>(List.of(id(1), id(count / 2))), Rest.NONE));
    }

    private List<Entry> entries() {
        List<Entry> entries = new ArrayList<>(List.of(Entry.at("start", id(0))));
        if (kind == Kind.NASTY) {
            for (int i = 1; i < 2 + random.nextInt(2); i++) {
                entries.add(new Entry(
                        "entry-" + i,
                        new Target.ToScreen(id(random.nextInt(count))),
                        Optional.of("/made-up/" + i),
                        Rest.NONE));
            }
        }
        return entries;
    }

    private static String id(int i) {
        return "s" + i;
    }
}
