package pandel.core.model;

/** What a person does on a hotspot or on the screen. */
public enum Gesture {
    TAP, DOUBLE_TAP, LONG_PRESS, SWIPE_LEFT, SWIPE_RIGHT, SWIPE_UP, SWIPE_DOWN, HOVER, SECONDARY_PRESS;

    /** The words in sentences and in the file. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }

    /** Whether a finger is drawn along: a mouse makes none of these. */
    public boolean isSwipe() {
        return this == SWIPE_LEFT || this == SWIPE_RIGHT || this == SWIPE_UP || this == SWIPE_DOWN;
    }

    /** Whether only a mouse makes it. */
    public boolean needsMouse() {
        return this == HOVER || this == SECONDARY_PRESS;
    }

    /** Why a device does not know it; empty when it does. */
    public java.util.Optional<String> refusedBy(Device device) {
        return isSwipe() && !device.swipes() ? java.util.Optional.of(device.title() + " has no swipes.")
                : needsMouse() && device.pointing() == Device.Pointing.TOUCH ? java.util.Optional.of(device.title() + " has no mouse.") : java.util.Optional.empty();
    }
}
