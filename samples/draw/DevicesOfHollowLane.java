import pandel.core.model.device.Device;

/** The devices of Hollow Lane, as large as its pictures were drawn for. */
final class DevicesOfHollowLane {

    static final Device PHONE = sized(Device.PHONE, 390, 844);
    static final Device SMALL_PHONE = sized(Device.SMALL_PHONE, 360, 640);
    static final Device TABLET = sized(Device.TABLET, 820, 1180);

    private DevicesOfHollowLane() {}

    private static Device sized(Device device, double width, double height) {
        return new Device(
                device.id(),
                device.title(),
                width,
                height,
                device.scale(),
                device.back(),
                device.pointing(),
                device.levels(),
                device.cannot(),
                device.rest());
    }
}
