package pandel.desktop.play;

import java.util.OptionalDouble;
import pandel.core.model.device.Device;
import pandel.core.play.situation.Situation;

/** How large the device stands in the window. */
enum DeviceSize {
    FIT("as large as fits"),
    FILL("as wide as fits"),
    TRUE("true size");

    private static final double LARGEST = 2;
    private static final double MM_AN_INCH = 25.4;

    private final String word;

    DeviceSize(String word) {
        this.word = word;
    }

    String word() {
        return word;
    }

    DeviceSize next() {
        return values()[(ordinal() + 1) % values().length];
    }

    /**
     * Interface px for each px of the device.
     *
     * @param width of the room
     * @param height of the room
     * @param dots interface px to a millimetre of the monitor, if that was measured
     */
    double scale(Situation now, double width, double height, OptionalDouble dots) {
        double fit = Math.min(LARGEST, Math.min(width / now.width(), height / now.height()));
        return switch (this) {
            case FIT -> fit;
            case FILL -> Math.min(LARGEST, width / now.width());
            case TRUE -> dots.isPresent() ? trueScale(now.device(), dots.getAsDouble()) : fit;
        };
    }

    /** Interface px for each px of a device as large as it is. */
    static double trueScale(Device device, double dots) {
        return dots * MM_AN_INCH / device.pxAnInch();
    }
}
