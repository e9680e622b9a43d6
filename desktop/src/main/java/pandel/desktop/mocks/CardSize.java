package pandel.desktop.mocks;

/** How large cards are in the gallery: from overview to legible. Sizes in interface px of the room for a mock. */
enum CardSize {
    SMALL(76, 132),
    USUAL(128, 224),
    LARGE(236, 412);

    final double width;
    final double height;

    CardSize(double width, double height) {
        this.width = width;
        this.height = height;
    }

    /** The room a card takes. */
    GalleryLayout.Cell cell() {
        return new GalleryLayout.Cell(width + 16, height + 88);
    }

    /** @param by −1 or 1 */
    CardSize next(int by) {
        return values()[Math.clamp(ordinal() + by, 0, values().length - 1)];
    }
}
