package pandel.core;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.edit.Naming;
import pandel.core.edit.screen.StateEdits;
import pandel.core.edit.value.FactEdits;
import pandel.core.edit.value.FactWords;
import pandel.core.edit.value.ParsedWords;
import pandel.core.model.Prototype;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Takes;
import pandel.core.model.link.Target;
import pandel.core.model.link.Where;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.screen.Status;
import pandel.core.model.start.Entry;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/**
 * Small prototypes written as lines: {@code "tool page: reserve open above dates; back return; 500 advance loans"}. A
 * screen's first word is its id, the second its form; "parked", "end", "home", "shut" (closed by its links alone),
 * "untitled", "copy:home" and "drawn" (with a picture of 400×840 px) may follow. A part is a hotspot's id or a wait's
 * ms, a verb and a target; {@code @x,y,w,h} after the id places the hotspot, {@code & verb target} gives it a second
 * link, {@code % signed in} lets it remember something, {@code =saved} names its outcome, {@code ~long-press} makes it
 * answer to another gesture than a tap. The mark {@code when:not-signed-in} gives the screen a look that asks for that,
 * {@code hide:x} lets its first look hide the hotspot x, {@code wide} gives it a picture of 1180×820 px. The first
 * screen is the entry; a line {@code devices phone,watch} says what it is for. {@code needs:loan/number} and
 * {@code expects:loan} are values of a screen, {@code title:Loan-{loan}} its title; {@code +loan=drill},
 * {@code +loan=given:loan} and {@code +loan=typed:home.name} are carried; {@code ^field} makes a hotspot a field,
 * {@code ~submit} answers what is sent, {@code ^here} and {@code ^beneath} say where; a line {@code x =saved close x or
 * return x} gives a link another way to turn out, {@code ^rows} makes a field of two rows, {@code 500u return x} waits
 * untouched; {@code !500} and {@code !done} let a link take time, {@code again x.500} begins a wait again;
 * {@code nextrow} and {@code nextrow round} go to the next row; a line {@code address /loans/{loan} loan} is one more
 * entry. A line {@code sequence welcome a,b,c finish:home skip:home bare unswiped unbacked} is a sequence,
 * {@code #welcome} and {@code #welcome/2} lead to it, {@code turn next}, {@code turn previous} and {@code turn 2} turn
 * its pages. A line {@code tabs main a,b=screen,c=$inner,d=#intro drops leaves swiped first:b hidden:x,y} is a tab set,
 * {@code $main} and {@code $main/b} lead to it, {@code switch main-b} shows a tab. A line {@code drawer menu
 * a,b=screen,c on:all shut stays right unpulled} (or {@code on:x,y}, {@code on:$main}) is a drawer; {@code header top
 * on:all back acts:a=screen,b=return hidden:x large scrolls} a header; {@code draw menu}, {@code drawclose menu},
 * {@code drawtoggle menu} move it.
 */
public final class Made {

    private Made() {}

    public static Prototype of(String... lines) {
        return on(List.of(Device.PHONE), lines);
    }

    public static Prototype on(List<Device> devices, String... lines) {
        List<Screen> screens = new ArrayList<>();
        List<Device> named = devices;
        List<Entry> entries = new ArrayList<>();
        List<Sequence> sequences = new ArrayList<>();
        List<TabSet> sets = new ArrayList<>();
        List<Drawer> drawers = new ArrayList<>();
        List<Header> headers = new ArrayList<>();
        for (String line : lines) {
            if (line.startsWith("address ")) {
                String[] w = line.split(" ");
                entries.add(new Entry(
                        "address-" + entries.size(), new Target.ToScreen(w[2]), Optional.of(w[1]), Rest.NONE));
            } else if (line.startsWith("devices ")) {
                List<String> ids = List.of(line.substring(8).split(","));
                named = Device.OFFERED.stream()
                        .filter(d -> ids.contains(d.id()))
                        .toList();
            } else if (line.startsWith("refuses ")) {
                List<String> words = List.of(line.substring(8).split(","));
                named = named.stream()
                        .map(d -> d.withCannot(Arrays.stream(Cannot.values())
                                .filter(c -> words.contains(c.word()))
                                .collect(Collectors.toSet())))
                        .toList();
            } else if (line.startsWith("drawer ")) {
                drawers.add(MadeFrames.drawer(List.of(line.split(" "))));
            } else if (line.startsWith("header ")) {
                headers.add(MadeFrames.header(List.of(line.split(" "))));
            } else if (line.startsWith("tabs ")) {
                sets.add(MadeFrames.tabs(List.of(line.split(" "))));
            } else if (line.startsWith("sequence ")) {
                sequences.add(MadeFrames.sequence(List.of(line.split(" "))));
            } else {
                screens.add(screen(line));
            }
        }
        Prototype made = Prototype.empty("Made")
                .withScreens(screens)
                .withEntries(Stream.concat(
                                Stream.of(Entry.at("start", screens.getFirst().id())), entries.stream())
                        .toList())
                .withDevices(named)
                .withSequences(sequences)
                .withTabSets(sets)
                .withDrawers(drawers)
                .withHeaders(headers);
        for (String line : lines) {
            made = line.startsWith("devices ")
                            || line.startsWith("refuses ")
                            || line.startsWith("address ")
                            || line.startsWith("sequence ")
                            || line.startsWith("tabs ")
                            || line.startsWith("drawer ")
                            || line.startsWith("header ")
                    ? made
                    : remembering(made, line);
        }
        return made;
    }

    /** Looks and what is remembered need the facts made so far. */
    private static Prototype remembering(Prototype p, String line) {
        String[] halves = line.split(":(?=\\s|$)", 2);
        List<String> words = List.of(halves[0].strip().split(" "));
        Prototype made = p;
        Naming naming = new Naming(n -> 0);
        try {
            for (String mark : words) {
                if (mark.startsWith("when:")) {
                    String typed = mark.substring(5).replace('-', ' ');
                    ParsedWords<List<Condition>> said = FactWords.conditions(made, typed, naming);
                    Screen screen = made.screen(words.getFirst()).orElseThrow();
                    Set<String> hides = words.stream()
                            .filter(w ->
                                    w.startsWith("hide:") && screen.states().isEmpty())
                            .map(w -> screen.id() + "." + w.substring(5))
                            .collect(Collectors.toSet());
                    State state = State.of(
                                    screen.id() + "-look" + screen.states().size(), typed, said.what())
                            .withHides(hides);
                    made = StateEdits.add(screen, state, said.facts()).applyTo(made);
                }
            }
            for (String part : halves.length < 2 ? new String[0] : halves[1].split(";")) {
                String[] remembered = part.strip().split(" % ");
                if (remembered.length == 2) {
                    String id =
                            words.getFirst() + "." + remembered[0].split(" ")[0].split("@")[0];
                    ParsedWords<Effect.Remember> said = FactWords.remember(made, remembered[1], naming);
                    Link link = made.index()
                            .way(made.index().way(id + ".tap").isPresent() ? id + ".tap" : id)
                            .orElseThrow()
                            .link();
                    made = FactEdits.remember(link, List.of(said.what()), said.facts())
                            .applyTo(made);
                }
            }
            return made;
        } catch (FactWords.NotUnderstood e) {
            throw new IllegalArgumentException(e);
        }
    }

    private static Screen screen(String line) {
        String[] halves = line.split(":(?=\\s|$)", 2);
        List<String> words = List.of(halves[0].strip().split(" "));
        List<String> marks = words.subList(2, words.size());
        Screen screen = Screen.page(words.getFirst(), words.getFirst())
                .withForm(Form.valueOf(words.get(1).toUpperCase()))
                .withEnd(marks.contains("end"))
                .withStatus(marks.contains("parked") ? Status.PARKED : Status.DRAFT);
        screen = screen.withHome(marks.contains("home")).withTitle(marks.contains("untitled") ? "" : screen.title());
        if (marks.contains("drawn")) {
            screen = screen.withMocks(
                    List.of(new Picture(Width.NARROW, "0".repeat(64) + ".png", 400, 840, 1, "", Rest.NONE)));
        }
        if (marks.contains("wide")) {
            screen = screen.withMocks(Stream.concat(
                            screen.mocks().stream(),
                            Stream.of(new Picture(Width.WIDE, "1".repeat(64) + ".png", 1180, 820, 1, "", Rest.NONE)))
                    .toList());
        }
        List<Expected> expects = new ArrayList<>();
        for (String mark : marks) {
            if (mark.startsWith("needs:") || mark.startsWith("expects:")) {
                String[] named = mark.substring(mark.indexOf(':') + 1).split("/");
                Expected.Kind kind =
                        named.length > 1 ? Expected.Kind.valueOf(named[1].toUpperCase()) : Expected.Kind.TEXT;
                expects.add(Expected.text(named[0]).withKind(kind, List.of()).withRequired(mark.startsWith("needs:")));
            }
            if (mark.startsWith("copy:")) {
                screen = screen.withCopyOf(Optional.of(mark.substring(5)));
            }
            if (mark.startsWith("title:")) {
                screen = screen.withTitle(mark.substring(6));
            }
        }
        screen = screen.withExpects(expects);
        if (marks.contains("shut")) {
            screen = screen.withClosers();
        }
        List<Hotspot> hotspots = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        for (String part : halves.length < 2 || halves[1].isBlank() ? new String[0] : halves[1].split(";")) {
            boolean remembers = part.contains(" % ");
            // Further ways to turn out: "x =saved close x or return x".
            List<Branch> further = Stream.of(part.strip().split(" or "))
                    .skip(1)
                    .map(w -> branch(w.strip().split(" ")))
                    .toList();
            String[] halvesOfPart =
                    part.strip().split(" or ")[0].split(" % ")[0].split(" & ");
            List<String> extras = Stream.of(halvesOfPart[0].split(" "))
                    .filter(x -> x.length() > 1 && "=~+^!".indexOf(x.charAt(0)) >= 0)
                    .toList();
            String[] w = Stream.of(halvesOfPart[0].split(" "))
                    .filter(x -> !extras.contains(x))
                    .toArray(String[]::new);
            UnaryOperator<Link> extra = link -> further(extra(link, extras), further);
            String[] placed = w[0].split("@");
            String id = words.getFirst() + "." + placed[0];
            Area area = placed.length == 1 ? MadeFrames.free(hotspots.size()) : MadeFrames.area(placed[1].split(","));
            if (w.length == 1 && Character.isDigit(w[0].charAt(0))) {
                links.add(new Link(id, waiting(w[0]), List.of(), Rest.NONE));
                continue;
            }
            boolean field = extras.contains("^field");
            if (w.length == 1) {
                hotspots.add(hotspot(
                                id,
                                area,
                                field
                                        ? List.of()
                                        : remembers
                                                ? List.of(new Link(
                                                        id + ".tap",
                                                        new Cause.Touch(Gesture.TAP),
                                                        List.of(),
                                                        Rest.NONE))
                                                : List.of())
                        .withNature(
                                extras.contains("^rows")
                                        ? new Hotspot.Nature.Rows(List.of(Map.of(), Map.of()), true)
                                        : nature(field)));
                continue;
            }
            Effect effect = MadeEffects.effect(w, 1);
            if (Character.isDigit(w[0].charAt(0))) {
                links.add(extra.apply(Link.of(id, waiting(w[0]), effect)));
            } else {
                List<Link> taps = new ArrayList<>(
                        List.of(extra.apply(Link.of(id + ".tap", new Cause.Touch(Gesture.TAP), effect))));
                if (halvesOfPart.length > 1) {
                    taps.add(Link.of(
                            id + ".tap2",
                            new Cause.Touch(Gesture.TAP),
                            MadeEffects.effect(halvesOfPart[1].split(" "), 0)));
                }
                hotspots.add(hotspot(id, area, taps)
                        .withNature(
                                extras.contains("^rows")
                                        ? new Hotspot.Nature.Rows(List.of(Map.of(), Map.of()), true)
                                        : nature(field)));
            }
        }
        return screen.withHotspots(hotspots).withLinks(links);
    }

    private static Link extra(Link link, List<String> extras) {
        Link made = link;
        for (String word : extras) {
            String rest = word.substring(1);
            if (word.startsWith("+")) {
                String[] carried = rest.split("=");
                made = made.branch(
                        0,
                        b -> b.withEffects(b.effects().stream()
                                .map(e -> e.target().isEmpty()
                                        ? e
                                        : e.leadingTo(e.target()
                                                .get()
                                                .carrying(with(
                                                        e.target().get().values(), carried[0], source(carried[1])))))
                                .toList()));
                continue;
            }
            if (word.startsWith("^")) {
                made = rest.equals("field") || rest.equals("rows")
                        ? made
                        : made.branch(
                                0,
                                b -> b.withWhere(Optional.of(
                                        Where.valueOf(rest.toUpperCase().replace('-', '_')))));
                continue;
            }
            if (word.startsWith("!")) {
                made = made.withTakes(
                        Optional.of(rest.equals("done") ? Takes.UNTIL_DONE : Takes.of(Integer.parseInt(rest))));
                continue;
            }
            made = word.equals("~submit")
                    ? made.withCause(new Cause.Submit())
                    : word.startsWith("~")
                            ? made.withCause(new Cause.Touch(
                                    Gesture.valueOf(rest.toUpperCase().replace('-', '_'))))
                            : made.branch(0, b -> b.withOutcome(Optional.of(rest)));
        }
        return made;
    }

    private static Link further(Link link, List<Branch> further) {
        return further.isEmpty()
                ? link
                : link.withBranches(Stream.concat(link.branches().stream(), further.stream())
                        .toList());
    }

    private static Branch branch(String[] words) {
        Optional<String> outcome = Stream.of(words)
                .filter(w -> w.startsWith("="))
                .map(w -> w.substring(1))
                .findFirst();
        return Branch.of(List.of(MadeEffects.effect(
                        Stream.of(words).filter(w -> !w.startsWith("=")).toArray(String[]::new), 0)))
                .withOutcome(outcome);
    }

    private static Cause waiting(String ms) {
        int length = Integer.parseInt(ms.replaceAll("\\D", ""));
        return ms.endsWith("u") ? new Cause.Untouched(length) : new Cause.Wait(length);
    }

    private static Hotspot.Nature nature(boolean field) {
        return field ? new Hotspot.Nature.Field() : Hotspot.Nature.PLAIN;
    }

    private static Map<String, Source> with(Map<String, Source> values, String name, Source source) {
        Map<String, Source> all = new java.util.TreeMap<>(values);
        all.put(name, source);
        return all;
    }

    private static Source source(String words) {
        return words.startsWith("given:")
                ? new Source.Given(words.substring(6))
                : words.startsWith("typed:") ? new Source.Typed(words.substring(6)) : Source.of(new Value.Text(words));
    }

    private static Hotspot hotspot(String id, Area area, List<Link> links) {
        return new Hotspot(id, id, Map.of(Width.NARROW, area), links, Rest.NONE);
    }
}
