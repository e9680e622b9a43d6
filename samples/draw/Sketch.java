import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** One mock being drawn, in px, at two picture pixels for each. */
final class Sketch {

    static final String GREEN = "#2F5F4A";
    static final String LEAF = "#DCE8DF";
    static final String SAND = "#F5F1E8";
    static final String CLAY = "#BF5F37";
    static final String INK = "#22302A";
    static final String GREY = "#66736C";
    static final String LINE = "#E3E1DA";
    static final double WIDE = 390;

    final Canvas canvas;
    private final GraphicsContext g;
    private final double high;

    Sketch(double wide, double high, String ground) {
        canvas = new Canvas(wide * 2, high * 2);
        g = canvas.getGraphicsContext2D();
        g.scale(2, 2);
        this.high = high;
        fill(0, 0, wide, high, ground);
        g.setLineCap(StrokeLineCap.ROUND);
        g.setLineJoin(StrokeLineJoin.ROUND);
    }

    void fill(double x, double y, double w, double h, String color) {
        g.setFill(Color.web(color));
        g.fillRect(x, y, w, h);
    }

    void round(double x, double y, double w, double h, double radius, String color) {
        g.setFill(Color.web(color));
        g.fillRoundRect(x, y, w, h, radius * 2, radius * 2);
    }

    void outline(double x, double y, double w, double h, double radius, String color) {
        g.setStroke(Color.web(color));
        g.setLineWidth(1.5);
        g.strokeRoundRect(x, y, w, h, radius * 2, radius * 2);
    }

    void line(String color, double width, double... points) {
        g.setStroke(Color.web(color));
        g.setLineWidth(width);
        for (int i = 0; i + 3 < points.length; i += 2) {
            g.strokeLine(points[i], points[i + 1], points[i + 2], points[i + 3]);
        }
    }

    void dot(double x, double y, double radius, String color) {
        g.setFill(Color.web(color));
        g.fillOval(x - radius, y - radius, 2 * radius, 2 * radius);
    }

    void ring(double x, double y, double radius, double width, String color) {
        g.setStroke(Color.web(color));
        g.setLineWidth(width);
        g.strokeOval(x - radius, y - radius, 2 * radius, 2 * radius);
    }

    void arc(double x, double y, double radius, double from, double extent, double width, String color) {
        g.setStroke(Color.web(color));
        g.setLineWidth(width);
        g.strokeArc(x - radius, y - radius, 2 * radius, 2 * radius, from, extent, javafx.scene.shape.ArcType.OPEN);
    }

    void text(double x, double y, double size, String color, String text) {
        write("Pandel", x, y, size, color, text, TextAlignment.LEFT);
    }

    void bold(double x, double y, double size, String color, String text) {
        write("Pandel SemiBold", x, y, size, color, text, TextAlignment.LEFT);
    }

    void middle(double x, double y, double size, String color, String text, boolean bold) {
        write(bold ? "Pandel SemiBold" : "Pandel", x, y, size, color, text, TextAlignment.CENTER);
    }

    void right(double x, double y, double size, String color, String text) {
        write("Pandel", x, y, size, color, text, TextAlignment.RIGHT);
    }

    private void write(String family, double x, double y, double size, String color, String text, TextAlignment align) {
        g.setFont(Font.font(family, size));
        g.setTextAlign(align);
        g.setFill(Color.web(color));
        g.fillText(text, x, y);
    }

    /** A full-width button. */
    void button(double y, String words, boolean main) {
        if (main) {
            round(20, y, 350, 52, 12, GREEN);
        } else {
            outline(20.75, y + 0.75, 348.5, 50.5, 12, GREEN);
        }
        middle(195, y + 32, 16, main ? "#FFFFFF" : GREEN, words, true);
    }

    /** A page's header: the way back at the left, the title below. */
    void header(String back, String title) {
        line(GREEN, 2.4, 28, 66, 21, 73, 28, 80);
        text(38, 79, 16, GREEN, back);
        bold(20, 128, 28, INK, title);
    }

    /** The strip at the bottom with one of its four chosen. */
    void strip(int chosen) {
        fill(0, 766, WIDE, 78, "#FFFFFF");
        line(LINE, 1, 0, 766, WIDE, 766);
        String[] words = {"Tools", "Loans", "Notices", "Me"};
        for (int i = 0; i < words.length; i++) {
            double x = 49 + i * 97.5;
            String color = i == chosen ? GREEN : GREY;
            if (i == chosen) {
                round(x - 28, 774, 56, 30, 15, LEAF);
            }
            sign(i, x, 789, color);
            middle(x, 824, 12, color, words[i], i == chosen);
        }
    }

    private void sign(int which, double x, double y, String color) {
        switch (which) {
            case 0 -> {
                line(color, 2.2, x - 6, y + 6, x + 2, y - 2);
                arc(x + 4, y - 4, 4.5, 180, 270, 2.2, color);
            }
            case 1 -> {
                outline(x - 8, y - 6, 16, 13, 2, color);
                line(color, 2, x - 8, y - 1, x + 8, y - 1);
            }
            case 2 -> {
                arc(x, y, 6.5, 0, 180, 2.2, color);
                line(color, 2.2, x - 6.5, y, x - 8, y + 5, x + 8, y + 5, x + 6.5, y);
                dot(x, y + 8, 1.8, color);
            }
            default -> {
                ring(x, y - 3, 4, 2.2, color);
                arc(x, y + 9, 8, 20, 140, 2.2, color);
            }
        }
    }

    /** A row with a tile, two lines and a chevron. */
    void row(double y, String tool, String title, String below) {
        round(20, y + 8, 56, 56, 12, LEAF);
        Tools.draw(this, tool, 48, y + 36, 1);
        bold(90, y + 32, 16, INK, title);
        text(90, y + 54, 13.5, GREY, below);
        line("#A9B3AD", 2, 356, y + 30, 362, y + 36, 356, y + 42);
        line(LINE, 1, 90, y + 72, 370, y + 72);
    }

    /** A framed button anywhere. */
    void outlineAt(double x, double y, double w, double h, String words) {
        outline(x + 0.75, y + 0.75, w - 1.5, h - 1.5, 14, GREEN);
        middle(x + w / 2, y + h / 2 + 6, 17, GREEN, words, true);
    }

    /** Another sketch as part of this one. */
    void put(Sketch other, double x, double y) {
        javafx.scene.image.WritableImage image = other.canvas.snapshot(null, null);
        g.drawImage(image, x, y, image.getWidth() / 2, image.getHeight() / 2);
    }

    double high() {
        return high;
    }
}
