import java.util.LinkedHashMap;
import java.util.Map;

/** The screens of Hollow Lane, a neighbourhood tool-lending library, as pictures. */
final class HollowLane {

    private static final String WHITE = "#FFFFFF";

    private HollowLane() {}

    /** File name and picture of each screen, in order. */
    static Map<String, Sketch> screens() {
        Map<String, Sketch> all = new LinkedHashMap<>();
        all.put("01_splash", splash());
        all.put("02_sign-in", signIn());
        all.put("03_tools", tools());
        all.put("04_tool", tool());
        all.put("05_how-to-use-it", howTo());
        all.put("06_choose-dates", dates());
        all.put("07_confirm", confirm());
        all.put("08_reserved", reserved());
        all.put("09_loans", loans());
        all.put("10_loan", loan());
        all.put("11_extend-the-loan", extend());
        all.put("12_bring-it-back", bringBack());
        all.put("13_receipt", receipt());
        all.put("14_notices", notices());
        all.put("15_notice", notice());
        all.put("16_me", me());
        all.put("17_opening-hours", hours());
        all.put("18_report-damage", damage());
        all.putAll(MoreOfHollowLane.screens());
        return all;
    }

    private static Sketch splash() {
        Sketch s = new Sketch(390, 844, Sketch.GREEN);
        s.line("#DCE8DF", 7, 120, 450, 195, 372, 270, 450);
        s.line("#DCE8DF", 7, 142, 430, 142, 500, 248, 500, 248, 430);
        s.line("#E9B872", 7, 195, 500, 195, 446);
        s.middle(195, 570, 34, WHITE, "Hollow Lane", true);
        s.middle(195, 602, 16, "#BFD3C6", "Borrow it from next door", false);
        return s;
    }

    private static Sketch signIn() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.fill(0, 0, 390, 250, Sketch.SAND);
        Tools.draw(s, "barrow", 195, 140, 2.6);
        s.bold(20, 310, 28, Sketch.INK, "Good to see you");
        s.text(20, 340, 15, Sketch.GREY, "Your card number is on the back of your card.");
        field(s, 376, "Card number", "0417 22");
        field(s, 462, "Door code", "••••");
        s.button(556, "Sign in", true);
        s.middle(195, 650, 16, Sketch.GREEN, "Look around first", true);
        s.middle(195, 800, 13, Sketch.GREY, "No card yet? Ask at the counter, Hollow Lane 12", false);
        return s;
    }

    private static void field(Sketch s, double y, String label, String value) {
        s.text(20, y, 13, Sketch.GREY, label);
        s.outline(20.75, y + 8, 348.5, 48, 10, Sketch.LINE);
        s.text(36, y + 38, 17, Sketch.INK, value);
    }

    private static Sketch tools() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.bold(20, 92, 30, Sketch.INK, "Tools");
        s.right(370, 90, 14, Sketch.GREY, "64 on the shelves");
        s.round(20, 112, 350, 44, 12, Sketch.SAND);
        s.ring(42, 133, 6.5, 2, Sketch.GREY);
        s.line(Sketch.GREY, 2, 47, 138, 52, 143);
        s.text(62, 139, 15, Sketch.GREY, "Ladder, drill, tent …");
        chip(s, 20, "All", true, 52);
        chip(s, 82, "Garden", false, 82);
        chip(s, 174, "Wood", false, 70);
        chip(s, 254, "Outdoors", false, 94);
        String[][] rows = {
            {"ladder", "Orchard ladder", "Shelf B4 · two at home"},
            {"drill", "Hand drill", "Shelf A1 · at home"},
            {"saw", "Pruning saw", "Shelf B2 · back on Friday"},
            {"barrow", "Wheelbarrow", "Yard · at home"},
            {"shears", "Hedge shears", "Shelf B3 · three at home"},
            {"tent", "Four-person tent", "Loft · back on Monday"}
        };
        for (int i = 0; i < rows.length; i++) {
            s.row(222 + i * 84, rows[i][0], rows[i][1], rows[i][2]);
        }
        s.strip(0);
        return s;
    }

    private static void chip(Sketch s, double x, String words, boolean chosen, double wide) {
        s.round(x, 170, wide, 34, 17, chosen ? Sketch.GREEN : Sketch.SAND);
        s.middle(x + wide / 2, 192, 14, chosen ? WHITE : Sketch.INK, words, chosen);
    }

    private static Sketch tool() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.fill(0, 96, 390, 260, Sketch.LEAF);
        Tools.draw(s, "ladder", 195, 226, 5);
        s.line(Sketch.GREEN, 2.4, 28, 60, 21, 67, 28, 74);
        s.text(38, 73, 16, Sketch.GREEN, "Tools");
        s.bold(20, 404, 26, Sketch.INK, "Orchard ladder");
        s.text(20, 432, 15, Sketch.GREY, "3.2 m · shelf B4 · two at home");
        s.round(20, 456, 166, 44, 12, Sketch.SAND);
        s.middle(103, 484, 15, Sketch.INK, "How to use it", true);
        s.round(204, 456, 166, 44, 12, Sketch.SAND);
        s.middle(287, 484, 15, Sketch.INK, "Opening hours", true);
        s.text(20, 544, 15, Sketch.INK, "Three-legged, for uneven ground. Bring a helper");
        s.text(20, 568, 15, Sketch.INK, "to carry it: it weighs 14 kg.");
        s.middle(103, 622, 15, Sketch.GREEN, "Care and cost", true);
        s.middle(287, 622, 15, Sketch.GREEN, "Waiting list", true);
        s.button(664, "Reserve", true);
        s.middle(195, 744, 13, Sketch.GREY, "Free for members, up to seven days", false);
        return s;
    }

    private static Sketch howTo() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.header("Orchard ladder", "How to use it");
        String[][] steps = {
            {"1", "Open all three legs", "until the chains are tight."},
            {"2", "Set the single leg uphill", "and press each foot into the ground."},
            {"3", "Test the lowest rung", "with your full weight before you climb."},
            {"4", "Stop two rungs from the top", "and keep both hands free to hold on."}
        };
        for (int i = 0; i < steps.length; i++) {
            double y = 176 + i * 120;
            s.dot(40, y + 24, 20, Sketch.LEAF);
            s.middle(40, y + 30, 16, Sketch.GREEN, steps[i][0], true);
            s.bold(78, y + 22, 17, Sketch.INK, steps[i][1]);
            s.text(78, y + 46, 15, Sketch.GREY, steps[i][2]);
        }
        return s;
    }

    private static Sketch dates() {
        Sketch s = new Sketch(390, 540, WHITE);
        s.round(171, 10, 48, 5, 2.5, "#CBD2CD");
        s.bold(20, 56, 22, Sketch.INK, "Choose dates");
        s.text(20, 82, 14, Sketch.GREY, "Up to seven days. Grey days are taken.");
        s.line(Sketch.GREY, 2.2, 346, 40, 360, 54);
        s.line(Sketch.GREY, 2.2, 360, 40, 346, 54);
        String[] days = {"Mo", "Tu", "We", "Th", "Fr", "Sa", "Su"};
        for (int i = 0; i < 7; i++) {
            s.middle(44 + i * 50, 120, 13, Sketch.GREY, days[i], false);
        }
        for (int d = 1; d <= 30; d++) {
            int cell = d + 1;
            double x = 44 + (cell % 7) * 50;
            double y = 156 + (cell / 7) * 50;
            boolean chosen = d >= 16 && d <= 18;
            boolean taken = d < 5 || d == 23 || d == 24;
            if (chosen) {
                s.dot(x, y - 5, 20, Sketch.GREEN);
            }
            s.middle(x, y, 15, chosen ? WHITE : taken ? "#BFC6C1" : Sketch.INK, String.valueOf(d), chosen);
        }
        s.button(462, "Take 16 to 18", true);
        return s;
    }

    private static Sketch confirm() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.header("Orchard ladder", "Is this right?");
        s.round(20, 160, 350, 210, 16, Sketch.SAND);
        s.row(168, "ladder", "Orchard ladder", "Shelf B4");
        pair(s, 270, "From", "Thursday 16");
        pair(s, 304, "Until", "Saturday 18");
        pair(s, 338, "Pick up at", "Hollow Lane 12");
        s.text(20, 414, 15, Sketch.GREY, "We keep it at the counter for you until noon");
        s.text(20, 436, 15, Sketch.GREY, "on the first day.");
        s.button(664, "Reserve it", true);
        s.button(730, "Other dates", false);
        return s;
    }

    private static void pair(Sketch s, double y, String name, String value) {
        s.text(36, y, 15, Sketch.GREY, name);
        s.right(354, y, 15, Sketch.INK, value);
    }

    private static Sketch reserved() {
        Sketch s = new Sketch(390, 844, Sketch.LEAF);
        Tools.draw(s, "check", 195, 270, 3);
        s.middle(195, 400, 28, Sketch.INK, "It is yours", true);
        s.middle(195, 432, 16, Sketch.GREY, "Orchard ladder, 16 to 18", false);
        s.middle(195, 500, 15, Sketch.INK, "Show your card at the counter.", false);
        s.middle(195, 560, 15, Sketch.GREEN, "Where is the counter?", true);
        s.button(664, "See my loans", true);
        s.middle(195, 756, 16, Sketch.GREEN, "Back to the tools", true);
        return s;
    }

    private static Sketch loans() {
        Sketch s = new Sketch(390, 844, WHITE);
        loanRows(s, 0);
        s.round(90, 296, 74, 4, 2, Sketch.CLAY);
        return s;
    }

    /** What stands on the page of loans, its rows so many px lower. */
    static void loanRows(Sketch s, double lower) {
        s.bold(20, 92, 30, Sketch.INK, "Loans");
        s.bold(20, 136 + lower, 14, Sketch.GREY, "At your home");
        s.row(146 + lower, "tent", "Four-person tent", "Due Monday · two days left");
        s.row(230 + lower, "drill", "Hand drill", "Due today");
        s.bold(20, 348 + lower, 14, Sketch.GREY, "Reserved");
        s.row(358 + lower, "ladder", "Orchard ladder", "16 to 18 · at the counter");
        s.bold(20, 476 + lower, 14, Sketch.GREY, "Brought back");
        s.row(486 + lower, "shears", "Hedge shears", "Last week");
        s.strip(1);
    }

    private static Sketch loan() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.header("Loans", "Four-person tent");
        s.round(20, 156, 350, 160, 16, Sketch.LEAF);
        Tools.draw(s, "tent", 195, 238, 3);
        pair(s, 366, "Lent on", "Friday 10");
        pair(s, 404, "Due", "Monday 13");
        pair(s, 442, "Shelf", "Loft");
        s.button(540, "Bring it back", true);
        s.button(608, "Keep it longer", false);
        s.middle(195, 700, 16, Sketch.GREEN, "Something is broken", true);
        return s;
    }

    private static Sketch extend() {
        Sketch s = new Sketch(330, 262, WHITE);
        s.bold(24, 50, 20, Sketch.INK, "Keep it three days more?");
        s.text(24, 84, 15, Sketch.GREY, "Nobody has asked for the tent yet.");
        s.text(24, 108, 15, Sketch.GREY, "It would then be due on Thursday 16.");
        s.round(24, 146, 282, 46, 12, Sketch.GREEN);
        s.middle(165, 175, 15, WHITE, "Keep it until Thursday", true);
        s.middle(165, 224, 15, Sketch.GREEN, "Leave it as it is", true);
        return s;
    }

    private static Sketch bringBack() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.header("Four-person tent", "Bring it back");
        s.text(20, 166, 15, Sketch.GREY, "Hold the code to the reader at the counter.");
        s.round(75, 200, 240, 240, 20, Sketch.SAND);
        for (int i = 0; i < 9; i++) {
            for (int j = 0; j < 9; j++) {
                boolean corner = (i < 3 || i > 5) && j < 3 || i < 3 && j > 5;
                if (corner ? (i % 6 != 1 || j % 6 != 1) : (i * 7 + j * 5 + i * j) % 3 != 0) {
                    s.round(99 + i * 21.6, 224 + j * 21.6, 19, 19, 3, Sketch.INK);
                }
            }
        }
        s.middle(195, 478, 16, Sketch.INK, "T-0417-22", true);
        s.button(664, "It was taken back", true);
        return s;
    }

    private static Sketch receipt() {
        Sketch s = new Sketch(390, 844, Sketch.SAND);
        s.round(30, 130, 330, 470, 16, WHITE);
        Tools.draw(s, "check", 195, 210, 1.8);
        s.middle(195, 290, 22, Sketch.INK, "Thank you", true);
        s.middle(195, 320, 15, Sketch.GREY, "Back on its shelf, and in good shape.", false);
        s.line(Sketch.LINE, 1, 54, 352, 336, 352);
        String[][] rows = {{"Four-person tent", "3 days"}, {"Care", "none"}, {"To pay", "0.00"}};
        for (int i = 0; i < rows.length; i++) {
            s.text(54, 392 + i * 40, 15, Sketch.GREY, rows[i][0]);
            s.right(336, 392 + i * 40, 15, Sketch.INK, rows[i][1]);
        }
        s.middle(195, 560, 13, Sketch.GREY, "Receipt 2207", false);
        return s;
    }

    private static Sketch notices() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.bold(20, 92, 30, Sketch.INK, "Notices");
        s.row(122, "bell", "Your ladder is ready", "Today, 9:10");
        s.row(206, "clock", "The drill is due today", "Today, 8:00");
        s.row(290, "saw", "The pruning saw is back", "Yesterday");
        s.row(374, "bell", "Closed on Tuesday", "Two days ago");
        s.row(458, "drill", "Courses", "Three this month");
        s.strip(2);
        return s;
    }

    private static Sketch notice() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.header("Notices", "Your ladder is ready");
        s.text(20, 170, 16, Sketch.INK, "The orchard ladder waits at the counter until");
        s.text(20, 194, 16, Sketch.INK, "noon. Somebody will help you carry it out.");
        s.text(20, 230, 14, Sketch.GREY, "Today, 9:10");
        s.button(290, "See the reservation", true);
        return s;
    }

    private static Sketch me() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.bold(20, 92, 30, Sketch.INK, "Me");
        s.dot(62, 158, 38, Sketch.LEAF);
        s.middle(62, 167, 24, Sketch.GREEN, "OM", true);
        s.bold(118, 154, 19, Sketch.INK, "Odile Marrow");
        s.text(118, 178, 14, Sketch.GREY, "Card 0417 22 · member since spring");
        s.row(222, "clock", "Opening hours", "Open until 18:00 today");
        s.row(306, "bell", "What we tell you about", "Due dates, pick-ups");
        s.row(390, "check", "My card", "0417 22");
        s.row(474, "saw", "House rules", "Bring it back dry");
        s.row(558, "bell", "Invite a neighbour", "Both get a free late day");
        s.button(664, "Sign out", false);
        s.strip(3);
        return s;
    }

    private static Sketch hours() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.header("Back", "Opening hours");
        String[][] rows = {
            {"Monday", "14 to 18"},
            {"Tuesday", "closed"},
            {"Wednesday", "14 to 18"},
            {"Thursday", "10 to 18"},
            {"Friday", "10 to 18"},
            {"Saturday", "10 to 14"},
            {"Sunday", "closed"}
        };
        for (int i = 0; i < rows.length; i++) {
            double y = 182 + i * 52;
            boolean today = i == 3;
            if (today) {
                s.round(12, y - 32, 366, 48, 12, Sketch.LEAF);
            }
            s.text(28, y, 16, Sketch.INK, rows[i][0]);
            s.right(362, y, 16, rows[i][1].equals("closed") ? Sketch.CLAY : Sketch.INK, rows[i][1]);
        }
        s.text(28, 580, 15, Sketch.GREY, "Hollow Lane 12, behind the bakery");
        s.middle(195, 640, 16, Sketch.GREEN, "Ask for help", true);
        return s;
    }

    private static Sketch damage() {
        Sketch s = new Sketch(390, 844, WHITE);
        s.header("Four-person tent", "Report damage");
        s.text(20, 168, 15, Sketch.GREY, "Tell us what happened. Nobody is cross.");
        s.outline(20.75, 190, 348.5, 160, 12, Sketch.LINE);
        s.text(36, 222, 16, Sketch.INK, "A pole is bent, third from the door.");
        s.round(20, 370, 110, 110, 12, Sketch.SAND);
        s.line(Sketch.GREEN, 3, 75, 405, 75, 445);
        s.line(Sketch.GREEN, 3, 55, 425, 95, 425);
        s.button(664, "Send it", true);
        return s;
    }
}
