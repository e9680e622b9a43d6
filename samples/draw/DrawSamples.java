import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Group;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import javafx.scene.text.Font;
import javafx.stage.Stage;
import pandel.core.edit.Naming;
import pandel.core.model.Prototype;
import pandel.files.gather.Gathering;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeSaving;

/** Draws the pictures of the sample and links them: {@code samples/pictures/}, {@code samples/pictures-next-week/} and {@code samples/hollow-lane.pandel}. */
public final class DrawSamples extends Application {

    public static void main(String[] args) {
        launch(args);
    }

    @Override
    public void start(Stage stage) throws Exception {
        Path samples = Path.of(getParameters().getUnnamed().getFirst());
        for (String face : List.of("Regular", "SemiBold")) {
            Font.loadFont(DrawSamples.class.getResourceAsStream("/com/formdev/flatlaf/fonts/inter/Inter-" + face + ".otf"), 12);
        }
        Path pictures = samples.resolve("pictures");
        Files.createDirectories(pictures);
        for (Map.Entry<String, Sketch> one : HollowLane.screens().entrySet()) {
            write(one.getValue(), pictures.resolve(one.getKey() + "@2x.png"));
        }
        Path later = samples.resolve("pictures-next-week");
        Files.createDirectories(later);
        for (Map.Entry<String, Sketch> one : NextWeek.screens().entrySet()) {
            write(one.getValue(), later.resolve(one.getKey() + "@2x.png"));
        }
        try (PictureShelf shelf = new PictureShelf()) {
            Path scratch = Files.createTempDirectory("thumbnails");
            java.util.Random letters = new java.util.Random(12);
            Naming naming = new Naming(letters::nextInt);
            Gathering.Gathered gathered = new Gathering(shelf, new Thumbnails(scratch))
                    .take(Gathering.find(List.of(pictures)), java.util.Set.of(), naming, done -> { }, () -> false).orElseThrow();
            Prototype linked = LinkHollowLane.link(gathered.screens(), naming);
            PrototypeSaving.toFile(linked, samples.resolve("hollow-lane.pandel"), shelf);
        }
        Platform.exit();
    }

    private static void write(Sketch sketch, Path file) throws Exception {
        Scene scene = new Scene(new Group(sketch.canvas));
        WritableImage image = scene.getRoot().snapshot(null, null);
        int w = (int) image.getWidth();
        int h = (int) image.getHeight();
        int[] argb = new int[w * h];
        image.getPixelReader().getPixels(0, 0, w, h, javafx.scene.image.PixelFormat.getIntArgbInstance(), argb, 0, w);
        Files.write(file, Pictures.png(new Raster(w, h, argb)));
    }
}
