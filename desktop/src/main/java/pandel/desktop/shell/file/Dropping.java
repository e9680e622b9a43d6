package pandel.desktop.shell.file;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.input.TransferMode;

/** Lets files be dropped. */
public final class Dropping {

    private Dropping() {}

    /** @param dropped told of the files dropped on a node */
    public static void on(Node node, Consumer<List<Path>> dropped) {
        node.setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
        });
        node.setOnDragDropped(e -> {
            if (e.getDragboard().hasFiles()) {
                dropped.accept(
                        e.getDragboard().getFiles().stream().map(File::toPath).toList());
                e.setDropCompleted(true);
            }
        });
    }
}
