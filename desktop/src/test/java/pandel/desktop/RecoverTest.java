package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pandel.core.edit.screen.ScreenEdits;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.Recovery;

/** Unsaved work is kept aside, and offered after the program ended in the middle. */
class RecoverTest extends WindowTest {

    @TempDir
    private Path folder;

    @Test
    void workLeftBehindIsOfferedAndBroughtBackUnsaved() throws Exception {
        // What an earlier program left: a changed sample whose place nobody holds any more.
        PrototypeFile.Opened sample = PrototypeFile.open(sample());
        leave(sample);
        interact(() -> PandelApp.keepAside(opened, stage, folder));
        until(() -> read().contains("“Left behind” was not saved when the program ended. Bring it back?"));
        shot("recover");
        clickOn("Bring it back");
        until(() -> prototype().title().equals("Left behind"));
        settle();
        assertThat(opened.work().isSaved()).isFalse();
        assertRead("unsaved changes", "30 screens");
        until(() -> noneLeft());
        // From now on this window's own edits are kept aside.
        interact(() -> opened.work().edit(ScreenEdits.renamePrototype("Kept aside")));
        settle();
        until(() -> {
            try (var folders = Files.list(folder)) {
                return folders.anyMatch(f -> Files.exists(f.resolve("work.pandel")));
            }
        });
    }

    private void leave(PrototypeFile.Opened sample) throws Exception {
        PictureShelf shelf = new PictureShelf();
        shelf.takeAll(PrototypeFile.pictures(sample.prototype()), sample.pictures());
        Recovery earlier = Recovery.begin(folder);
        earlier.keep(sample.prototype().withTitle("Left behind"), Optional.empty(), shelf);
        shelf.close();
        Path own;
        try (var places = Files.list(folder)) {
            own = places.findFirst().orElseThrow();
        }
        Path copy = folder.resolve("copy");
        copy(own, copy);
        earlier.close();
    }

    private static void copy(Path from, Path to) throws Exception {
        try (var files = Files.walk(from)) {
            for (Path file : files.toList()) {
                Files.copy(file, to.resolve(from.relativize(file).toString()));
            }
        }
    }

    private boolean noneLeft() throws Exception {
        List<Recovery.Left> left = Recovery.find(folder).left();
        return left.isEmpty();
    }
}
