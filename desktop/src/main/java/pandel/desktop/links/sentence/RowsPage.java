package pandel.desktop.links.sentence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.TextField;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.value.SourceWords;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.value.Value;
import pandel.desktop.stage.PageBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** What each row of a repeated hotspot holds: a line for each row, the names above. */
public final class RowsPage extends PageBox {

    private static final int MOST = 200;

    private final Work work;
    private final String hotspot;
    private final Consumer<String> say;

    public RowsPage(Work work, Hotspot hotspot, Consumer<String> say, Runnable leave) {
        super(
                "Rows of “" + (hotspot.title().isBlank() ? "the hotspot" : hotspot.title()) + "”",
                "One area, cut into rows of one height. Links of the hotspot can carry what the touched row "
                        + "holds: say “row” and its name in their sentence.",
                leave);
        this.work = work;
        this.hotspot = hotspot.id();
        this.say = say;
        fill();
    }

    private Hotspot now() {
        return work.prototype().index().hotspot(hotspot).orElseThrow();
    }

    private void fill() {
        clear();
        List<Map<String, Value>> rows = now().rows();
        List<String> names = List.copyOf(SourceWords.columns(rows));
        row(
                label("How many rows", 150),
                field(
                        "rows-count",
                        "How many rows",
                        rows.isEmpty() ? "" : String.valueOf(rows.size()),
                        60,
                        this::count),
                label("What they hold", 120),
                field("rows-names", "Names of what they hold", String.join(", ", names), 240, this::names));
        if (!rows.isEmpty() && names.isEmpty()) {
            sentence(
                    "They hold nothing yet. Name what differs from row to row, one name or several with commas between.");
        }
        for (int i = 0; i < rows.size(); i++) {
            int at = i;
            TextField values = field(
                    "row-" + (i + 1),
                    "What row " + (i + 1) + " holds",
                    line(names, rows.get(i)),
                    420,
                    typed -> line(names, at, typed));
            row(label("Row " + (i + 1), 150, "quiet"), values);
        }
        if (!rows.isEmpty()) {
            row(Buttons.smallWord("No rows any more", "rows-none", () -> put(Hotspot.Nature.PLAIN)));
        }
    }

    private static String line(List<String> names, Map<String, Value> row) {
        return String.join(
                ", ",
                names.stream()
                        .map(n -> Optional.ofNullable(row.get(n))
                                .filter(v -> !v.equals(Value.NOTHING))
                                .map(Value::shown)
                                .orElse(""))
                        .toList());
    }

    private void count(String typed) {
        if (!typed.matches("\\d{1,3}") || Integer.parseInt(typed) < 1 || Integer.parseInt(typed) > MOST) {
            say.accept("A list has 1 to " + MOST + " rows; “" + typed + "” is not that.");
            fill();
            return;
        }
        List<Map<String, Value>> rows = new ArrayList<>(now().rows());
        int wanted = Integer.parseInt(typed);
        while (rows.size() < wanted) {
            rows.add(Map.of());
        }
        put(new Hotspot.Nature.Rows(rows.subList(0, wanted)));
    }

    private void names(String typed) {
        List<String> wanted = Arrays.stream(typed.split(","))
                .map(String::strip)
                .filter(n -> !n.isEmpty())
                .distinct()
                .toList();
        List<String> before = List.copyOf(SourceWords.columns(now().rows()));
        List<Map<String, Value>> rows = new ArrayList<>();
        for (Map<String, Value> row : now().rows().isEmpty() ? List.of(Map.<String, Value>of()) : now().rows()) {
            Map<String, Value> named = new LinkedHashMap<>();
            for (int i = 0; i < wanted.size(); i++) {
                Value kept = row.get(wanted.get(i));
                Value moved = kept == null && i < before.size() && !wanted.contains(before.get(i))
                        ? row.get(before.get(i))
                        : kept;
                named.put(wanted.get(i), moved == null ? Value.NOTHING : moved);
            }
            rows.add(named);
        }
        put(new Hotspot.Nature.Rows(rows));
    }

    private void line(List<String> names, int at, String typed) {
        String[] parts = typed.split(",", -1);
        if (parts.length > names.size()) {
            say.accept("A row holds "
                    + (names.isEmpty()
                            ? "nothing yet; name first what rows hold."
                            : String.join(", ", names) + ", set apart by commas."));
            fill();
            return;
        }
        Map<String, Value> row = new LinkedHashMap<>();
        for (int i = 0; i < names.size(); i++) {
            row.put(names.get(i), SourceWords.value(i < parts.length ? parts[i].strip() : ""));
        }
        List<Map<String, Value>> rows = new ArrayList<>(now().rows());
        rows.set(at, row);
        put(new Hotspot.Nature.Rows(rows));
    }

    private void put(Hotspot.Nature nature) {
        if (!nature.equals(now().nature())) {
            work.edit(HotspotEdits.nature(now(), nature));
        }
        fill();
    }
}
