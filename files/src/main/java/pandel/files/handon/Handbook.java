package pandel.files.handon;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.cover.JourneySteps;
import pandel.core.model.Index;
import pandel.core.model.Journey;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Device;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Motion;
import pandel.core.model.remark.OpenRemarks;
import pandel.core.model.remark.Remark;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.start.Entry;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Fact;
import pandel.core.play.EventWords;
import pandel.core.play.words.LinkWords;
import pandel.core.play.words.RemarkWords;

/** What engineers build from: each screen with its mocks, hotspots and links, frames, facts, addresses, journeys. */
final class Handbook {

    private final Checked checked;
    private final Prototype prototype;
    private final List<Block> blocks = new ArrayList<>();

    private Handbook(Checked checked) {
        this.checked = checked;
        this.prototype = checked.prototype();
    }

    static List<Block> of(Checked checked) {
        Handbook made = new Handbook(checked);
        made.contents();
        made.prototype.screens().forEach(made::screen);
        made.blocks.addAll(HandbookFrames.of(made.prototype));
        made.whole();
        return made.blocks;
    }

    static Block.Cell screen(Prototype prototype, String id) {
        return new Block.Cell(prototype.titleOf(id), prototype.screen(id).isPresent() ? anchor(id) : "");
    }

    /** The anchor of what has an id. */
    static String anchor(String id) {
        return "x-" + id;
    }

    private void contents() {
        Map<String, List<Block.Cell>> sections = new LinkedHashMap<>();
        for (Screen screen : prototype.screens()) {
            sections.computeIfAbsent(screen.section(), s -> new ArrayList<>()).add(screen(prototype, screen.id()));
        }
        blocks.add(new Block.Heading(2, "Screens", ""));
        sections.forEach((section, screens) -> {
            if (!section.isBlank()) {
                blocks.add(new Block.Heading(3, section, ""));
            }
            blocks.add(new Block.Points(false, screens));
        });
    }

    private void screen(Screen screen) {
        blocks.add(new Block.Heading(2, screen.shownTitle(), anchor(screen.id())));
        blocks.add(new Block.Words(about(screen)));
        List<Hotspot> hotspots = prototype.index().hotspotsOn(screen.id());
        blocks.add(new Block.Mocks(Look.all(screen)
                .flatMap(look -> look.mocks().stream().map(mock -> shot(look, mock)))
                .toList()));
        if (!screen.expects().isEmpty()) {
            blocks.add(new Block.Table(
                    List.of("value", "type", "required", "unless carried"),
                    screen.expects().stream().map(Handbook::expected).toList()));
        }
        if (!hotspots.isEmpty()) {
            blocks.add(new Block.Table(
                    List.of("n", "hotspot", "width", "x", "y", "w", "h", "what it is"), areas(hotspots)));
        }
        List<Index.Way> ways = prototype.index().waysOut(screen.id()).stream()
                .filter(w -> !w.isOfFrame())
                .toList();
        if (!ways.isEmpty()) {
            blocks.add(links(prototype, ways, hotspots));
        }
        List<Finding> found = checked.findings().stream()
                .filter(f -> f.screens().contains(screen.id()))
                .toList();
        if (!found.isEmpty()) {
            blocks.add(new Block.Points(
                    false,
                    found.stream()
                            .map(f ->
                                    Block.Cell.of(EventWords.capital(f.weight().word()) + ": " + f.sentence()))
                            .toList()));
        }
        List<Remark> remarks = OpenRemarks.on(prototype.remarks(), screen.id());
        if (!remarks.isEmpty()) {
            blocks.add(new Block.Points(
                    false, remarks.stream().map(r -> Block.Cell.of(said(r))).toList()));
        }
    }

    /** "Remark of Mira Oland, hotspot Reserve: Say …". */
    private String said(Remark remark) {
        return "Remark"
                + (remark.by().isBlank() ? "" : " of " + remark.by())
                + RemarkWords.part(prototype, remark).map(p -> ", " + p).orElse("") + ": "
                + remark.words();
    }

    private String about(Screen screen) {
        List<String> said = new ArrayList<>();
        said.add(EventWords.capital(screen.form().word()) + ", "
                + screen.status().word() + ", id " + screen.id() + ".");
        if (screen.form() != Form.PAGE) {
            said.add("Closed by "
                    + (screen.closers().isEmpty()
                            ? "nothing but its own links"
                            : String.join(
                                    ", ",
                                    screen.closers().stream()
                                            .map(c -> c.word())
                                            .sorted()
                                            .toList()))
                    + "; it dims what is beneath by " + screen.overlay().shade() + " %.");
        }
        screen.states()
                .forEach(s -> said.add("It looks “" + s.shownTitle() + "” while "
                        + (s.conditions().isEmpty() ? "no earlier look does" : conditions(s.conditions())) + "."));
        List<String> in = HandbookFrames.around(prototype, screen);
        if (!in.isEmpty()) {
            said.add("It stands in " + String.join(", ", in) + ".");
        }
        return String.join(" ", said);
    }

    private String conditions(List<Condition> conditions) {
        return String.join(
                " and ", conditions.stream().map(c -> c.words(prototype)).toList());
    }

    private static List<Block.Cell> expected(Expected e) {
        return Stream.of(
                        e.name(),
                        e.kind().word() + (e.words().isEmpty() ? "" : ": " + String.join(", ", e.words())),
                        e.required() ? "yes" : "no",
                        e.fallback().map(v -> v.shown()).orElse(""))
                .map(Block.Cell::of)
                .toList();
    }

    private Block.Shot shot(Look look, Mock mock) {
        List<Block.Numbered> numbered = new ArrayList<>();
        List<Hotspot> all = prototype.index().hotspotsOn(look.screen().id());
        for (Hotspot shown : look.hotspots(prototype)) {
            int number = all.stream().map(Hotspot::id).toList().indexOf(shown.id()) + 1;
            shown.areaOn(mock.on()).ifPresent(a -> numbered.add(new Block.Numbered(number, a)));
        }
        return new Block.Shot(
                look.state().map(s -> s.shownTitle() + ", ").orElse("")
                        + mock.on().word() + ", " + px(mock.width()) + " × " + px(mock.height()) + " px",
                mock instanceof Picture picture ? Optional.of(picture) : Optional.empty(),
                mock.width(),
                mock.height(),
                numbered);
    }

    static String px(double px) {
        return px == Math.rint(px) ? String.valueOf((long) px) : String.format(Locale.ROOT, "%.1f", px);
    }

    private static List<List<Block.Cell>> areas(List<Hotspot> hotspots) {
        List<List<Block.Cell>> rows = new ArrayList<>();
        for (int i = 0; i < hotspots.size(); i++) {
            Hotspot hotspot = hotspots.get(i);
            int number = i + 1;
            String what = hotspot.isField()
                    ? "field"
                    : hotspot.rows().isEmpty() ? "" : hotspot.rows().size() + " rows";
            hotspot.areas().forEach((width, area) -> rows.add(row(number, hotspot, width.word(), area, what)));
            if (hotspot.areas().isEmpty()) {
                rows.add(Stream.of(String.valueOf(number), hotspot.title(), "placed nowhere", "", "", "", "", what)
                        .map(Block.Cell::of)
                        .toList());
            }
        }
        return rows;
    }

    private static List<Block.Cell> row(int number, Hotspot hotspot, String width, Area area, String what) {
        return Stream.of(
                        String.valueOf(number),
                        hotspot.title(),
                        width,
                        px(area.x()),
                        px(area.y()),
                        px(area.width()),
                        px(area.height()),
                        what)
                .map(Block.Cell::of)
                .toList();
    }

    /** A row for each branch of each link. */
    static Block.Table links(Prototype prototype, List<Index.Way> ways, List<Hotspot> hotspots) {
        List<List<Block.Cell>> rows = new ArrayList<>();
        for (Index.Way way : ways) {
            int number = way.hotspot()
                    .map(h -> hotspots.stream().map(Hotspot::id).toList().indexOf(h.id()) + 1)
                    .orElse(0);
            String takes = way.link().takes().isPresent() ? LinkWords.takes(way.link()) + ", then " : "";
            if (way.link().branches().isEmpty()) {
                rows.add(List.of(
                        Block.Cell.of(number == 0 ? "" : number),
                        Block.Cell.of(EventWords.capital(LinkWords.what(way, number))),
                        Block.Cell.of("nothing yet"),
                        Block.Cell.of(""),
                        Block.Cell.of("")));
            }
            for (Branch branch : way.link().branches()) {
                rows.add(List.of(
                        Block.Cell.of(number == 0 ? "" : number),
                        Block.Cell.of(EventWords.capital(LinkWords.what(way, number))),
                        Block.Cell.of(takes + LinkWords.branch(prototype, branch)),
                        branch.move()
                                .flatMap(Effect::target)
                                .flatMap(to -> Targets.shown(prototype, to))
                                .map(shown -> screen(prototype, shown.id()))
                                .orElse(Block.Cell.of("")),
                        Block.Cell.of(
                                motion(prototype, branch).map(Handbook::words).orElse(""))));
            }
        }
        return new Block.Table(List.of("n", "link", "what it does", "leads to", "motion"), rows);
    }

    /** How the move of a branch looks, as usual where it does not say; empty where it moves nowhere. */
    static Optional<Motion> motion(Prototype prototype, Branch branch) {
        return branch.move()
                .map(move -> branch.motion().orElseGet(() -> prototype.feel().usual(prototype, move)));
    }

    /** "slide along left, 300 ms, ease-out". */
    private static String words(Motion motion) {
        return motion.kind() == Motion.Kind.NONE || motion.ms() == 0
                ? "none"
                : motion.kind().word()
                        + (motion.kind() == Motion.Kind.FADE || motion.kind() == Motion.Kind.GROW
                                ? ""
                                : " " + motion.direction().word())
                        + ", " + motion.ms() + " ms, " + motion.easing();
    }

    private void whole() {
        if (!prototype.facts().isEmpty()) {
            blocks.add(new Block.Heading(2, "Facts", ""));
            blocks.add(new Block.Table(
                    List.of("fact", "holds", "begins as"),
                    prototype.facts().stream().map(Handbook::fact).toList()));
        }
        blocks.add(new Block.Heading(2, "Where it begins", ""));
        blocks.add(new Block.Table(
                List.of("address", "leads to"),
                prototype.entries().stream().map(this::entry).toList()));
        blocks.add(new Block.Heading(2, "Devices", ""));
        blocks.add(new Block.Table(
                List.of("device", "width", "height", "back", "pointing"),
                prototype.devices().stream().map(Handbook::device).toList()));
        if (!prototype.journeys().isEmpty()) {
            blocks.add(new Block.Heading(2, "Journeys", ""));
            for (Journey journey : prototype.journeys()) {
                blocks.add(new Block.Heading(3, journey.title(), ""));
                blocks.add(new Block.Points(
                        true,
                        JourneySteps.of(prototype, journey).stream()
                                .map(Block.Cell::of)
                                .toList()));
            }
        }
    }

    private static List<Block.Cell> fact(Fact fact) {
        String holds = switch (fact.kind()) {
            case Fact.Kind.YesNo y -> "yes or no";
            case Fact.Kind.OneOf o -> "one of " + String.join(", ", o.words());
            case Fact.Kind.Number n -> "a number from " + n.least() + " to " + n.most();
            case Fact.Kind.Text t -> "text";
        };
        return Stream.of(fact.title(), holds, fact.unset().shown())
                .map(Block.Cell::of)
                .toList();
    }

    private List<Block.Cell> entry(Entry entry) {
        return List.of(
                Block.Cell.of(entry.address().orElse("the main entry")),
                Targets.shown(prototype, entry.target())
                        .map(s -> screen(prototype, s.id()))
                        .orElseGet(() -> Block.Cell.of(LinkWords.target(prototype, entry.target()))));
    }

    private static List<Block.Cell> device(Device device) {
        return Stream.of(
                        device.title(),
                        px(device.width()),
                        px(device.height()),
                        device.back().word(),
                        device.pointing().word())
                .map(Block.Cell::of)
                .toList();
    }
}
