package pandel.desktop.mocks;

import java.util.Locale;
import java.util.stream.Stream;
import pandel.desktop.theme.TextSize;

/** How large cards are in the gallery: from overview to legible. */
enum CardSize {
    SMALL(9_000),
    USUAL(27_000),
    LARGE(90_000);

    private static final double LEAST = 76;

    private final double area;

    /** @param area of a mock as the device shows it, in square interface px */
    CardSize(double area) {
        this.area = area;
    }

    /** The room of a card for devices that are so many times as wide as high. */
    GalleryLayout.Cell cell(double ratio) {
        double wide = Math.max(TextSize.px(LEAST), Math.rint(Math.sqrt(TextSize.px(area) * ratio)));
        return new GalleryLayout.Cell(wide, Math.rint(wide / ratio));
    }

    /** The one of a name; the usual for any other. */
    static CardSize of(String name) {
        return Stream.of(values())
                .filter(s -> s.word().equals(name))
                .findFirst()
                .orElse(USUAL);
    }

    /** Its name where it is kept. */
    String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** @param by −1 or 1 */
    CardSize next(int by) {
        return values()[Math.clamp(ordinal() + by, 0, values().length - 1)];
    }
}
