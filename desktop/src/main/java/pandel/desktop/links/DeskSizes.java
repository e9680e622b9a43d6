package pandel.desktop.links;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.layout.HBox;
import pandel.core.model.device.Device;
import pandel.desktop.links.desk.DeskPane;
import pandel.desktop.theme.ChoiceButton;
import pandel.desktop.work.Work;

/** How large the screen stands on the desk, and which other device stands beside the one in use. */
final class DeskSizes extends HBox {

    private final Work work;
    private final DeskPane desk;
    private final Consumer<Optional<String>> beside;

    /** @param beside told the id of the device that stands beside from now on; empty: none */
    DeskSizes(Work work, DeskPane desk, Consumer<Optional<String>> beside) {
        super(6);
        this.work = work;
        this.desk = desk;
        this.beside = beside;
    }

    /** @param now id of the device that stands beside; empty: none */
    void show(Optional<String> now) {
        List<Optional<String>> all = new ArrayList<>(List.of(Optional.empty()));
        work.prototype().devices().stream()
                .map(Device::id)
                .filter(d -> !d.equals(work.device().id()))
                .forEach(d -> all.add(Optional.of(d)));
        getChildren()
                .setAll(
                        ChoiceButton.of(
                                        "two-devices",
                                        0,
                                        "Whether another device stands beside this one, D",
                                        all,
                                        now.filter(d -> all.contains(Optional.of(d))),
                                        d -> d.map(id -> "beside " + title(id)).orElse("one device"),
                                        beside)
                                .small(),
                        ChoiceButton.either(
                                        "turn-size",
                                        0,
                                        "How large the screen stands here, F",
                                        desk.isTrueSize(),
                                        "true size",
                                        "as large as fits",
                                        is -> {
                                            desk.trueSize(is);
                                            show(now);
                                        })
                                .small());
    }

    private String title(String id) {
        return work.prototype().devices().stream()
                .filter(d -> d.id().equals(id))
                .map(Device::title)
                .findFirst()
                .orElse(id);
    }
}
