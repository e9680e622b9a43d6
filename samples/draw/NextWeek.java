import java.util.LinkedHashMap;
import java.util.Map;

/**
 * The pictures of Hollow Lane a week later: some changed, one under another name, one new, one gone, the rest as they
 * were.
 */
final class NextWeek {

    private NextWeek() {}

    static Map<String, Sketch> screens() {
        Map<String, Sketch> all = new LinkedHashMap<>(HollowLane.screens());
        all.remove("18_report-damage");
        all.put("09_loans", loans());
        all.put("12_bring-it-back", bringBack(all.get("12_bring-it-back")));
        all.put("16_me", me(all.get("16_me")));
        Sketch tool = all.remove("04_tool");
        tool.round(20, 72, 132, 30, 15, Sketch.GREEN);
        tool.middle(86, 92, 13, "#FFFFFF", "Two at home", true);
        all.put("04_one-tool", tool);
        all.put("31_saved-tools", saved());
        return all;
    }

    /** The rows stand lower: a notice came between. */
    private static Sketch loans() {
        Sketch s = new Sketch(390, 844, "#FFFFFF");
        HollowLane.loanRows(s, 96);
        s.round(20, 112, 350, 84, 14, Sketch.SAND);
        s.bold(36, 146, 16, Sketch.INK, "The hand drill is due today");
        s.text(36, 172, 14, Sketch.GREY, "The counter is open until 18:00.");
        return s;
    }

    private static Sketch bringBack(Sketch s) {
        s.middle(195, 520, 14, Sketch.GREY, "It counts as brought back once you are told so.", false);
        return s;
    }

    private static Sketch me(Sketch s) {
        s.round(20, 640, 350, 14, 4, Sketch.SAND);
        return s;
    }

    private static Sketch saved() {
        Sketch s = new Sketch(390, 844, "#FFFFFF");
        s.header("Me", "Saved tools");
        s.row(140, "saw", "Pruning saw", "Back on Friday");
        s.row(224, "barrow", "Wheelbarrow", "Yard · at home");
        return s;
    }
}
