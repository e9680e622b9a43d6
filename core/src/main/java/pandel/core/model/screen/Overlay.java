package pandel.core.model.screen;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a screen stands where it is open above others.
 *
 * @param share of the device's height that a sheet takes, or of its width that a panel takes, in hundredths; 0: as its
 *     picture is
 * @param stop of the height to which a sheet can be drawn up, in hundredths, more than its share; 0: it has no second
 *     stop
 * @param side at which a panel stands
 * @param shade how dark what is beneath gets, in hundredths
 */
@RecordBuilder
public record Overlay(int share, int stop, PanelSide side, int shade) implements OverlayBuilder.With {

    /** As the picture is, a panel at the right. */
    public static final Overlay USUAL = new Overlay(0, 0, PanelSide.RIGHT, 45);

    private static final int WHOLE = 100;

    public Overlay {
        if (share < 0 || share > WHOLE || stop < 0 || stop > WHOLE || shade < 0 || shade > WHOLE) {
            throw new IllegalArgumentException(
                    "An overlay takes 0 to 100 hundredths of the device, and shades 0 to 100");
        }
        if (stop != 0 && (share == 0 || stop <= share)) {
            throw new IllegalArgumentException("A sheet’s second stop lies above its first: " + stop + " and " + share);
        }
    }

    /** With another share; a second stop that does not lie above it goes. */
    @Override
    public Overlay withShare(int other) {
        return new Overlay(other, other == 0 || stop <= other ? 0 : stop, side, shade);
    }
}
