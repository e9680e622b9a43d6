package pandel.desktop.device;

import pandel.core.model.device.Gesture;

/** Gestures on a device, told in its own px. */
final class DeviceTouches implements Gestures.Told {

    private final DeviceView device;
    private final Touched touched;

    DeviceTouches(DeviceView device, Touched touched) {
        this.device = device;
        this.touched = touched;
    }

    private double px(double interfacePx) {
        return interfacePx / device.scale();
    }

    @Override
    public boolean longPress(double x, double y) {
        boolean answers = touched.answers(Gesture.LONG_PRESS, px(x), px(y));
        if (answers) {
            touched.gesture(Gesture.LONG_PRESS, px(x), px(y));
        }
        return answers;
    }

    @Override
    public boolean waitsForSecond(double x, double y) {
        return touched.answers(Gesture.DOUBLE_TAP, px(x), px(y));
    }

    @Override
    public boolean drawn(double x, double y, double by) {
        return device.strips().follow(() -> touched.strip(px(x), px(y)), true, px(by))
                || device.pull(touched, x, y, by);
    }

    @Override
    public boolean lifted(double x, double y, double by) {
        return device.strips().follow(() -> touched.strip(px(x), px(y)), false, px(by))
                || device.lifted(touched, x, y, by);
    }

    @Override
    public void letDown(double by, boolean thrown) {
        if (!device.strips().letGo()) {
            device.letDown(by, thrown);
        }
    }

    @Override
    public boolean letGo(double by, boolean thrown, boolean turned) {
        return device.strips().letGo() || device.letGo(by, thrown, turned);
    }

    @Override
    public boolean fromEdge(double x, double y) {
        return touched.draws(px(x), px(y)).isPresent();
    }

    @Override
    public void gesture(Gesture gesture, double x, double y) {
        touched.gesture(gesture, px(x), px(y));
    }
}
