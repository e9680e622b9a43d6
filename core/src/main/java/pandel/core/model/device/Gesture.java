package pandel.core.model.device;

/** What a person does on a hotspot or on the screen. */
public enum Gesture {
    TAP,
    DOUBLE_TAP,
    LONG_PRESS,
    SWIPE_LEFT,
    SWIPE_RIGHT,
    SWIPE_UP,
    SWIPE_DOWN,
    EDGE_SWIPE_LEFT,
    EDGE_SWIPE_RIGHT,
    HOVER,
    SECONDARY_PRESS,
    KEY;

    /** The words in sentences and in the file. An edge swipe is named by the edge it begins at. */
    public String word() {
        return switch (this) {
            case EDGE_SWIPE_LEFT -> "edge swipe from the left";
            case EDGE_SWIPE_RIGHT -> "edge swipe from the right";
            default -> name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
        };
    }

    /** Whether a finger is drawn along: a mouse makes none of these. */
    public boolean isSwipe() {
        return this == SWIPE_LEFT || this == SWIPE_RIGHT || this == SWIPE_UP || this == SWIPE_DOWN || isOfEdge();
    }

    /** Whether it begins at an edge of the device: it is on whole screens alone. */
    public boolean isOfEdge() {
        return this == EDGE_SWIPE_LEFT || this == EDGE_SWIPE_RIGHT;
    }

    /** Whether only a mouse device makes it. */
    public boolean needsMouse() {
        return this == HOVER || this == SECONDARY_PRESS || this == KEY;
    }

    /** Why a device does not know it; empty when it does. */
    public java.util.Optional<String> refusedBy(Device device) {
        return isSwipe() && !device.swipes()
                ? java.util.Optional.of(device.title() + " has no swipes.")
                : isOfEdge() && device.goesBackBy(this)
                        ? java.util.Optional.of("On " + device.title() + " that is device back.")
                        : this == KEY && device.pointing() == Device.Pointing.TOUCH
                                ? java.util.Optional.of(device.title() + " has no keys.")
                                : needsMouse() && device.pointing() == Device.Pointing.TOUCH
                                        ? java.util.Optional.of(device.title() + " has no mouse.")
                                        : device.refuses(Cannot.of(this))
                                                ? java.util.Optional.of(device.title() + " knows no " + word() + ".")
                                                : java.util.Optional.empty();
    }
}
