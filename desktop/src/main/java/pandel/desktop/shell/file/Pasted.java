package pandel.desktop.shell.file;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.input.Clipboard;
import pandel.desktop.shell.notice.Toast;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;

/** Pictures on the clipboard: files, or one picture that a program put there. */
public final class Pasted {

    private Pasted() {}

    /**
     * Takes them, or says why there are none.
     *
     * @param then told the files
     */
    public static void take(Toast said, Consumer<List<Path>> then) {
        try {
            List<Path> files = files();
            if (files.isEmpty()) {
                said.say("There is no picture on the clipboard; copy one, or a file of one, and paste again.");
            } else {
                then.accept(files);
            }
        } catch (IOException e) {
            said.say("The picture on the clipboard cannot be kept: the temporary folder cannot be written to.");
        }
    }

    /** The files, a picture without one as a file of its own; none when there is nothing of the kind. */
    private static List<Path> files() throws IOException {
        Clipboard clipboard = Clipboard.getSystemClipboard();
        if (clipboard.hasFiles()) {
            return clipboard.getFiles().stream().map(File::toPath).toList();
        }
        Image image = clipboard.hasImage() ? clipboard.getImage() : null;
        if (image == null || image.getWidth() < 1 || image.getPixelReader() == null) {
            return List.of();
        }
        int w = (int) image.getWidth();
        int h = (int) image.getHeight();
        int[] argb = new int[w * h];
        image.getPixelReader().getPixels(0, 0, w, h, PixelFormat.getIntArgbInstance(), argb, 0, w);
        Path file = Files.createTempDirectory("pandel-pasted").resolve("Pasted picture.png");
        Files.write(file, Pictures.png(new Raster(w, h, argb)));
        return List.of(file);
    }
}
