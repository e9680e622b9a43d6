/** Tools as line drawings around a middle point; {@code k} 1 fits a tile of 56 px. */
final class Tools {

    private Tools() {}

    static void draw(Sketch s, String tool, double x, double y, double k) {
        String c = Sketch.GREEN;
        double w = Math.max(2.6, 2.6 * k * 0.8);
        switch (tool) {
            case "ladder" -> {
                s.line(c, w, x - 8 * k, y - 18 * k, x - 8 * k, y + 18 * k);
                s.line(c, w, x + 8 * k, y - 18 * k, x + 8 * k, y + 18 * k);
                for (int i = -2; i <= 2; i++) {
                    s.line(c, w, x - 8 * k, y + i * 7 * k, x + 8 * k, y + i * 7 * k);
                }
            }
            case "drill" -> {
                s.outline(x - 14 * k, y - 12 * k, 22 * k, 12 * k, 3, c);
                s.line(c, w, x + 8 * k, y - 6 * k, x + 18 * k, y - 6 * k);
                s.line(c, w, x - 8 * k, y, x - 11 * k, y + 14 * k, x - 2 * k, y + 14 * k, x, y);
            }
            case "saw" -> {
                s.line(c, w, x - 18 * k, y + 2 * k, x + 6 * k, y - 10 * k, x + 6 * k, y + 6 * k, x - 18 * k, y + 2 * k);
                s.ring(x + 12 * k, y - 1 * k, 6 * k, w, c);
            }
            case "barrow" -> {
                s.line(
                        c,
                        w,
                        x - 18 * k,
                        y - 10 * k,
                        x - 8 * k,
                        y + 4 * k,
                        x + 10 * k,
                        y + 4 * k,
                        x + 16 * k,
                        y - 8 * k,
                        x - 16 * k,
                        y - 8 * k);
                s.ring(x + 8 * k, y + 11 * k, 5 * k, w, c);
                s.line(c, w, x - 6 * k, y + 4 * k, x - 6 * k, y + 15 * k);
            }
            case "shears" -> {
                s.line(c, w, x - 12 * k, y - 16 * k, x + 6 * k, y + 6 * k);
                s.line(c, w, x + 12 * k, y - 16 * k, x - 6 * k, y + 6 * k);
                s.ring(x - 9 * k, y + 11 * k, 5 * k, w, c);
                s.ring(x + 9 * k, y + 11 * k, 5 * k, w, c);
            }
            case "tent" -> {
                s.line(c, w, x, y - 14 * k, x - 18 * k, y + 14 * k, x + 18 * k, y + 14 * k, x, y - 14 * k);
                s.line(c, w, x, y - 14 * k, x - 5 * k, y + 14 * k);
                s.line(c, w, x, y - 14 * k, x + 5 * k, y + 14 * k);
            }
            case "bell" -> {
                s.arc(x, y, 11 * k, 0, 180, w, c);
                s.line(c, w, x - 11 * k, y, x - 14 * k, y + 10 * k, x + 14 * k, y + 10 * k, x + 11 * k, y);
                s.dot(x, y + 15 * k, 3 * k, c);
            }
            case "clock" -> {
                s.ring(x, y, 15 * k, w, c);
                s.line(c, w, x, y - 9 * k, x, y, x + 7 * k, y + 4 * k);
            }
            case "check" -> {
                s.ring(x, y, 18 * k, w, c);
                s.line(c, w * 1.2, x - 8 * k, y, x - 2 * k, y + 7 * k, x + 9 * k, y - 7 * k);
            }
            default -> throw new IllegalArgumentException(tool);
        }
    }
}
