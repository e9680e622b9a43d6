package pandel.files.json;

import java.util.Set;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Device;
import pandel.core.model.device.DeviceBuilder;
import pandel.core.model.device.Widths;
import pandel.core.model.device.WidthsBuilder;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Table;

/** Devices and the classes of their widths, as the file holds them. */
final class DeviceJson {

    private static final Codec<Integer> PX = Codec.whole(Widths.LEAST, Widths.MOST);

    static final Table<Widths, WidthsBuilder> WIDTHS = Table.<Widths, WidthsBuilder>of(
                    WidthsBuilder::builder, WidthsBuilder::build)
            .required("medium", PX, Widths::medium, WidthsBuilder::medium)
            .required("wide", PX, Widths::wide, WidthsBuilder::wide);

    static final Table<Device, DeviceBuilder> DEVICE = Table.<Device, DeviceBuilder>of(
                    DeviceBuilder::builder, DeviceBuilder::build)
            .id(Device::id, DeviceBuilder::id)
            .required("title", Codec.TEXT, Device::title, DeviceBuilder::title)
            .required("width", Codec.NUMBER, Device::width, DeviceBuilder::width)
            .required("height", Codec.NUMBER, Device::height, DeviceBuilder::height)
            .always("scale", Codec.NUMBER, 1.0, Device::scale, DeviceBuilder::scale)
            .required("back", Codec.word(Device.Back.values(), Device.Back::word), Device::back, DeviceBuilder::back)
            .required(
                    "pointing",
                    Codec.word(Device.Pointing.values(), Device.Pointing::word),
                    Device::pointing,
                    DeviceBuilder::pointing)
            .unless(0, "levels", Codec.whole(0, 100), Device::levels, DeviceBuilder::levels)
            .unless(
                    Set.of(),
                    "cannot",
                    Codec.words("cannot", Cannot.class, Cannot::word),
                    Device::cannot,
                    DeviceBuilder::cannot)
            .rest(Device::rest, DeviceBuilder::rest);

    private DeviceJson() {}
}
