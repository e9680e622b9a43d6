package pandel.core.areas;

import java.util.Arrays;

/** A picture that a test draws, of white paper at first. */
final class Drawn {

    static final int INK = 0x1C2529;
    static final int TINT = 0xDDE6DF;

    private final int width;
    private final int height;
    private final int[] rgb;

    Drawn(int width, int height) {
        this.width = width;
        this.height = height;
        this.rgb = new int[width * height];
        Arrays.fill(rgb, 0xFFFFFF);
    }

    /** A screen of a small phone. */
    static Drawn screen() {
        return new Drawn(390, 844);
    }

    Drawn box(int x, int y, int w, int h, int colour) {
        for (int i = Math.max(0, y); i < Math.min(height, y + h); i++) {
            Arrays.fill(rgb, i * width + x, i * width + Math.min(width, x + w), colour);
        }
        return this;
    }

    /** The outline of a box, a pixel wide. */
    Drawn outline(int x, int y, int w, int h, int colour) {
        return box(x, y, w, 1, colour)
                .box(x, y + h - 1, w, 1, colour)
                .box(x, y, 1, h, colour)
                .box(x + w - 1, y, 1, h, colour);
    }

    /** Letters of a height, as bars five px wide with gaps of two, over a width. */
    Drawn words(int x, int y, int wide, int high, int colour) {
        for (int at = x; at + 5 <= x + wide; at += 7) {
            box(at, y, 5, high, colour);
        }
        return this;
    }

    /** A sign in the shape of a corner, as one that leads back. */
    Drawn back(int x, int y) {
        for (int i = 0; i < 7; i++) {
            box(x + i, y + 7 - i, 2, 1, INK).box(x + i, y + 7 + i, 2, 1, INK);
        }
        return this;
    }

    /** A row of a list: a picture, a title, words beneath, a small sign at the end. */
    Drawn row(int y) {
        return box(20, y + 10, 48, 48, TINT)
                .box(34, y + 24, 20, 20, INK)
                .words(84, y + 18, 120 + y % 3 * 14, 12, INK)
                .words(84, y + 40, 90 + y % 5 * 7, 9, INK)
                .box(360, y + 28, 7, 12, INK);
    }

    /** A strip of tabs at the foot: a sign over a word for each. */
    Drawn strip(int tabs, int chosen) {
        return strip(tabs, chosen, 0, 0);
    }

    /** The same, so many px further to the right and further up. */
    Drawn strip(int tabs, int chosen, int right, int up) {
        box(0, height - 78 - up, width, 1, 0xCFD6D6);
        for (int i = 0; i < tabs; i++) {
            int middle = (2 * i + 1) * width / (2 * tabs) + right;
            if (i == chosen) {
                box(middle - 28, height - 70 - up, 56, 28, TINT);
            }
            box(middle - 9, height - 65 - up, 18 - i, 12 + i, INK);
            words(middle - 17, height - 32 - up, 35, 9, INK);
        }
        return this;
    }

    Pixels pixels() {
        return new Pixels(width, height, rgb);
    }

    Things things() {
        return Things.on(pixels(), 1);
    }
}
