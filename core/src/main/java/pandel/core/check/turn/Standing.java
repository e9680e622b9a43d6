package pandel.core.check.turn;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Device;
import pandel.core.model.device.Width;
import pandel.core.model.link.Cause;
import pandel.core.model.screen.Hotspot;
import pandel.core.play.layout.FrameCover;
import pandel.core.play.layout.Room;
import pandel.core.play.rule.EnclosingTab;

/**
 * How a cell's place can stand on the device: on all that frames leave of it, or, a detail, on what its list leaves.
 * Which hotspots are there, and to which a finger comes, goes by that.
 *
 * @param on the width by which areas are chosen
 * @param shown the hotspots that are there, the first drawn first
 */
record Standing(Look look, Width on, List<Hotspot> shown, List<FrameCover> frames) {

    /** All that are possible; which of them is the case a cell does not know. */
    static List<Standing> all(Prototype prototype, Device device, Cell cell, Look look) {
        List<EnclosingTab> around = CellTab.around(cell.around());
        List<Standing> all = new ArrayList<>();
        all.add(of(
                prototype,
                device,
                cell,
                look,
                around,
                prototype.widths().of(device.width()),
                UnaryOperator.identity()));
        if (mayBeDetail(prototype, device, cell)) {
            prototype.pairs().stream()
                    .filter(p -> p.detail().equals(cell.screen()))
                    .forEach(p -> all.add(of(
                            prototype,
                            device,
                            cell,
                            look,
                            around,
                            Room.alone(prototype, device, cell.screen(), around)
                                    .detail(prototype.widths(), p)
                                    .on(),
                            room -> room.detail(prototype.widths(), p))));
        }
        return all;
    }

    /** Whether a list may stand beside a cell's place. */
    static boolean mayBeDetail(Prototype prototype, Device device, Cell cell) {
        return !prototype.pairs().isEmpty()
                && prototype.widths().of(device.width()) == Width.WIDE
                && !device.refuses(Cannot.PAIRS)
                && !cell.first()
                && cell.at().isEmpty();
    }

    private static Standing of(
            Prototype prototype,
            Device device,
            Cell cell,
            Look look,
            List<EnclosingTab> around,
            Width on,
            UnaryOperator<Room> part) {
        return new Standing(
                look,
                on,
                look.hotspots(prototype, on),
                FrameCover.over(prototype, device, look, around, cell.at(), part));
    }

    /** Every hotspot that is there in one of some, each once. */
    static Stream<Hotspot> hotspots(List<Standing> all) {
        return all.stream().flatMap(s -> s.shown().stream()).distinct();
    }

    /** Whether a finger surely comes to a hotspot, to which it comes in one of some. */
    static boolean surelyAnswer(List<Standing> all, Hotspot hotspot, Cause.Touch touch) {
        return all.size() == 1 || all.stream().allMatch(s -> s.answers(hotspot, touch));
    }

    boolean shows(Hotspot hotspot) {
        return shown.contains(hotspot);
    }

    /** Whether a finger comes to a hotspot with a gesture. */
    boolean answers(Hotspot hotspot, Cause.Touch touch) {
        return shows(hotspot)
                && (frames.isEmpty()
                        ? look.covering(shown, hotspot, touch, on).isEmpty()
                        : !look.isCovered(shown, hotspot, touch, on, FrameCover.areas(frames, touch)));
    }
}
