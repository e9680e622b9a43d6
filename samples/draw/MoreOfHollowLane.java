import java.util.LinkedHashMap;
import java.util.Map;

/** The rest of Hollow Lane: its quieter pages, the other looks of some, and the pages a tablet shows otherwise. */
final class MoreOfHollowLane {

    private static final String WHITE = "#FFFFFF";

    private MoreOfHollowLane() {}

    /** File name and picture of each further page. */
    static Map<String, Sketch> screens() {
        Map<String, Sketch> all = new LinkedHashMap<>();
        all.put("19_search", list("Tools", "Search: saw", new String[][] {
            {"saw", "Pruning saw", "Shelf B2 · back on Friday"},
            {"saw", "Fret saw", "Shelf A4 · at home"},
            {"saw", "Bow saw", "Yard · two at home"}
        }));
        all.put(
                "20_care-and-cost",
                words(
                        "Orchard ladder",
                        "Care and cost",
                        "Wipe the feet before you bring it back.",
                        "A late day costs 1.50.",
                        "Broken things are mended together,",
                        "on the first Saturday of the month."));
        all.put(
                "21_waiting-list",
                words(
                        "Pruning saw",
                        "Waiting list",
                        "Two neighbours are before you.",
                        "It is due back on Friday at noon.",
                        "We tell you when it is your turn."));
        all.put(
                "22_pick-it-up",
                words(
                        "Reserved",
                        "Pick it up",
                        "Hollow Lane 12, behind the bakery.",
                        "The counter is at the blue door.",
                        "Ring twice when nobody is there."));
        all.put("23_what-we-tell-you-about", list("Me", "What we tell you about", new String[][] {
            {"clock", "A loan is due", "The evening before"},
            {"bell", "Something is ready", "At once"},
            {"saw", "A tool is back", "Only those you wait for"}
        }));
        all.put("24_my-card", card());
        all.put(
                "25_house-rules",
                words(
                        "Me",
                        "House rules",
                        "Bring things back clean and dry.",
                        "Say what broke; nobody is cross.",
                        "Lend to neighbours only through the counter."));
        all.put(
                "26_invite-a-neighbour",
                words(
                        "Me",
                        "Invite a neighbour",
                        "Give this word at the counter:",
                        "plumtree",
                        "Both of you get a free late day."));
        all.put("27_ask-for-help", list("Back", "Ask for help", new String[][] {
            {"bell", "Call the counter", "Open until 18:00 today"}, {"clock", "Write to us", "Answered the same week"}
        }));
        all.put("28_courses", courses());
        all.put("29_course", course());
        all.put("30_your-place", place());
        return all;
    }

    private static Sketch list(String back, String title, String[][] rows) {
        Sketch s = new Sketch(390, 844, WHITE);
        s.header(back, title);
        for (int i = 0; i < rows.length; i++) {
            s.row(140 + i * 84, rows[i][0], rows[i][1], rows[i][2]);
        }
        return s;
    }

    private static Sketch words(String back, String title, String... lines) {
        Sketch s = new Sketch(390, 844, WHITE);
        s.header(back, title);
        for (int i = 0; i < lines.length; i++) {
            s.text(20, 172 + i * 34, 17, i == 0 ? Sketch.INK : Sketch.GREY, lines[i]);
        }
        return s;
    }

    private static Sketch card() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.header("Me", "My card");
        s.round(20, 150, 350, 210, 18, Sketch.GREEN);
        s.bold(44, 200, 22, WHITE, "Hollow Lane");
        s.text(44, 310, 17, "#DCE8DF", "Odile Marrow");
        s.right(346, 310, 17, "#DCE8DF", "0417 22");
        s.middle(195, 410, 15, Sketch.GREY, "Show it at the counter.", false);
        return s;
    }

    /** It leaves room at its top, where a header is laid over it. */
    private static Sketch courses() {
        Sketch s = new Sketch(390, 844, WHITE);
        String[][] rows = {
            {"drill", "Drilling without fear", "Saturday, 10:00"},
            {"saw", "Sharpening", "Next Thursday, 17:00"},
            {"ladder", "Safe on ladders", "Full"}
        };
        for (int i = 0; i < rows.length; i++) {
            s.row(140 + i * 84, rows[i][0], rows[i][1], rows[i][2]);
        }
        return s;
    }

    private static Sketch course() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.bold(20, 140, 20, Sketch.INK, "Drilling without fear");
        s.text(20, 172, 17, Sketch.INK, "Saturday, 10:00, in the yard");
        s.text(20, 206, 16, Sketch.GREY, "Bring old clothes. Four places are left.");
        s.button(664, "Take a place", true);
        return s;
    }

    private static Sketch place() {
        Sketch s = new Sketch(330, 220, WHITE);
        s.bold(24, 52, 20, Sketch.INK, "A place is kept for you");
        s.text(24, 88, 15, Sketch.GREY, "Saturday at 10:00. We look forward to it.");
        s.round(24, 140, 282, 46, 12, Sketch.GREEN);
        s.middle(165, 169, 15, WHITE, "Good", true);
        return s;
    }

    /** Other looks of pages. */
    static Map<String, Sketch> looks() {
        Map<String, Sketch> all = new LinkedHashMap<>();
        all.put("loans_nothing-reserved", nothingReserved());
        all.put("loan_kept-longer", keptLonger());
        all.put("notices_all-read", allRead());
        all.put("me_not-signed-in", notSignedIn());
        return all;
    }

    private static Sketch nothingReserved() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.bold(20, 92, 30, Sketch.INK, "Loans");
        s.bold(20, 136, 14, Sketch.GREY, "At your home");
        s.row(146, "tent", "Four-person tent", "Due Monday · two days left");
        s.row(230, "drill", "Hand drill", "Due today");
        s.round(90, 296, 74, 4, 2, Sketch.CLAY);
        s.bold(20, 348, 14, Sketch.GREY, "Reserved");
        s.text(20, 386, 16, Sketch.GREY, "Nothing waits for you at the counter.");
        s.strip(1);
        return s;
    }

    private static Sketch keptLonger() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.header("Loans", "Four-person tent");
        s.round(20, 156, 350, 160, 16, Sketch.LEAF);
        Tools.draw(s, "tent", 195, 238, 3);
        s.text(36, 366, 15, Sketch.GREY, "Lent on");
        s.right(354, 366, 15, Sketch.INK, "Friday 10");
        s.text(36, 404, 15, Sketch.GREY, "Due");
        s.right(354, 404, 15, Sketch.GREEN, "Thursday 16, kept longer");
        s.text(36, 442, 15, Sketch.GREY, "Shelf");
        s.right(354, 442, 15, Sketch.INK, "Loft");
        s.button(540, "Bring it back", true);
        s.middle(195, 700, 16, Sketch.GREEN, "Something is broken", true);
        return s;
    }

    private static Sketch allRead() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.bold(20, 92, 30, Sketch.INK, "Notices");
        s.right(370, 90, 14, Sketch.GREY, "all read");
        s.row(122, "bell", "Your ladder is ready", "Today, 9:10 · read");
        s.row(206, "clock", "The drill is due today", "Today, 8:00 · read");
        s.row(290, "saw", "The pruning saw is back", "Yesterday · read");
        s.row(374, "bell", "Closed on Tuesday", "Two days ago · read");
        s.row(458, "drill", "Courses", "Three this month");
        s.strip(2);
        return s;
    }

    private static Sketch notSignedIn() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.bold(20, 92, 30, Sketch.INK, "Me");
        s.text(20, 146, 17, Sketch.INK, "You are looking around without a card.");
        s.text(20, 174, 15, Sketch.GREY, "Sign in to reserve tools and see your loans.");
        s.row(222, "clock", "Opening hours", "Open until 18:00 today");
        s.button(664, "Sign in", true);
        s.strip(3);
        return s;
    }

    /** Pages as a standing tablet shows them, 820 px wide. */
    static Map<String, Sketch> onTablet() {
        Map<String, Sketch> all = new LinkedHashMap<>();
        all.put("Tools", toolsOnTablet());
        all.put("Tool", toolOnTablet());
        all.put("Loans", rowsOnTablet(1, "Loans", new String[][] {
            {"tent", "Four-person tent", "Due Monday · two days left"},
            {"drill", "Hand drill", "Due today"},
            {"ladder", "Orchard ladder", "16 to 18 · at the counter"}
        }));
        all.put("Notices", rowsOnTablet(2, "Notices", new String[][] {
            {"bell", "Your ladder is ready", "Today, 9:10"},
            {"bell", "Closed on Tuesday", "Two days ago"},
            {"drill", "Courses", "Three this month"}
        }));
        Sketch me = rowsOnTablet(3, "Me", new String[][] {
            {"clock", "Opening hours", "Open until 18:00 today"},
            {"bell", "What we tell you about", "Due dates, pick-ups"},
            {"check", "My card", "0417 22"},
            {"saw", "House rules", "Bring it back dry"},
            {"bell", "Invite a neighbour", "Both get a free late day"}
        });
        me.outlineAt(240, 600, 340, 56, "Sign out");
        all.put("Me", me);
        return all;
    }

    /** A page, or a sheet, that a tablet shows as a column in its middle. */
    static Sketch column(Sketch phone, boolean sheet) {
        Sketch s = new Sketch(820, sheet ? phone.high() : 1180, sheet ? WHITE : "#F3F1EA");
        s.fill(ASIDE, 0, 390, sheet ? phone.high() : 1180, WHITE);
        s.put(phone, ASIDE, 0);
        return s;
    }

    /** How far right of a phone’s left edge the column stands on a tablet. */
    static final double ASIDE = 215;

    /** Where the n-th thing of a list stands on a tablet, two in a row. */
    static double[] cell(int n) {
        return new double[] {40 + n % 2 * 380, 160 + n / 2 * 120.0, 360, 100};
    }

    /** Where the n-th tab of the strip stands on a tablet. */
    static double[] tab(int n) {
        return new double[] {Math.rint(205.0 * n), 1090, 204, 90};
    }

    private static Sketch toolsOnTablet() {
        Sketch s = rowsOnTablet(0, "Tools", new String[][] {
            {"ladder", "Orchard ladder", "Shelf B4 · two at home"},
            {"drill", "Hand drill", "Shelf A1 · at home"},
            {"saw", "Pruning saw", "Shelf B2 · back on Friday"},
            {"barrow", "Wheelbarrow", "Yard · at home"},
            {"shears", "Hedge shears", "Shelf B3 · three at home"},
            {"tent", "Four-person tent", "Loft · back on Monday"}
        });
        s.round(480, 56, 300, 48, 12, Sketch.SAND);
        s.text(500, 86, 16, Sketch.GREY, "Ladder, drill, tent …");
        return s;
    }

    private static Sketch rowsOnTablet(int tab, String title, String[][] rows) {
        Sketch s = new Sketch(820, 1180, WHITE);
        s.bold(40, 96, 34, Sketch.INK, title);
        for (int i = 0; i < rows.length; i++) {
            double[] at = cell(i);
            s.round(at[0], at[1], at[2], at[3], 14, "#F6F4EE");
            Tools.draw(s, rows[i][0], at[0] + 50, at[1] + 50, 1.1);
            s.bold(at[0] + 104, at[1] + 46, 17, Sketch.INK, rows[i][1]);
            s.text(at[0] + 104, at[1] + 70, 14, Sketch.GREY, rows[i][2]);
        }
        String[] words = {"Tools", "Loans", "Notices", "Me"};
        s.line(Sketch.LINE, 1, 0, 1090, 820, 1090);
        for (int i = 0; i < 4; i++) {
            s.middle(tab(i)[0] + 102, 1142, 17, i == tab ? Sketch.GREEN : Sketch.GREY, words[i], i == tab);
        }
        return s;
    }

    private static Sketch toolOnTablet() {
        Sketch s = new Sketch(820, 1180, WHITE);
        s.line(Sketch.GREEN, 2.4, 243, 60, 236, 67, 243, 74);
        s.text(253, 73, 17, Sketch.GREEN, "Tools");
        s.round(40, 110, 740, 420, 20, Sketch.LEAF);
        Tools.draw(s, "ladder", 410, 320, 8);
        s.bold(40, 590, 32, Sketch.INK, "Orchard ladder");
        s.text(40, 624, 17, Sketch.GREY, "3.2 m · shelf B4 · two at home");
        String[] words = {"How to use it", "Opening hours", "Care and cost"};
        for (int i = 0; i < 3; i++) {
            s.round(40 + i * 250, 660, 230, 52, 12, Sketch.SAND);
            s.middle(155 + i * 250, 692, 16, Sketch.INK, words[i], true);
        }
        s.text(
                40,
                770,
                17,
                Sketch.INK,
                "Three-legged, for uneven ground. Bring a helper to carry it: it weighs 14 kg.");
        s.round(240, 860, 340, 56, 14, Sketch.GREEN);
        s.middle(410, 894, 17, WHITE, "Reserve", true);
        s.middle(410, 968, 16, Sketch.GREEN, "Waiting list", true);
        return s;
    }
}
