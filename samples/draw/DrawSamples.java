import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
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
import pandel.core.model.screen.Picture;
import pandel.files.gather.Gathering;
import pandel.files.json.PlayJson;
import pandel.files.json.PrototypeWriter;
import pandel.files.json.field.Json;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeSaving;

/**
 * Draws the pictures of the sample and links them: {@code samples/pictures/}, {@code samples/pictures-next-week/} and
 * {@code samples/hollow-lane.pandel}.
 */
public final class DrawSamples extends Application {

    public static void main(String[] args) {
        launch(args);
    }

    @Override
    public void start(Stage stage) throws Exception {
        Path samples = Path.of(getParameters().getUnnamed().getFirst());
        for (String face : List.of("Regular", "SemiBold")) {
            Font.loadFont(pandel.files.picture.Typeface.letters(face), 12);
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
                    .take(Gathering.find(List.of(pictures)), java.util.Set.of(), naming, done -> {}, () -> false)
                    .orElseThrow();
            Gathering more = new Gathering(shelf, new Thumbnails(scratch));
            Prototype linked = LinkHollowLane.link(
                    gathered.screens(),
                    taken(more, samples.resolve("pictures/looks"), MoreOfHollowLane.looks(), naming),
                    taken(more, samples.resolve("pictures/tablet"), onTablet(), naming),
                    naming);
            // Without frames it is what tests of everything else begin with.
            Files.writeString(
                    samples.resolve("../desktop/src/test/resources/hollow-lane-plain.json"),
                    PrototypeWriter.text(linked));
            Map<String, Sketch> onTablet = new LinkedHashMap<>();
            FramesOfHollowLane.welcome()
                    .forEach((title, sketch) -> onTablet.put(title, MoreOfHollowLane.column(sketch, false)));
            Prototype framed = FramesOfHollowLane.put(
                    linked,
                    taken(more, samples.resolve("pictures/welcome"), FramesOfHollowLane.welcome(), naming),
                    taken(more, samples.resolve("pictures/welcome-tablet"), onTablet, naming),
                    naming);
            Files.writeString(
                    samples.resolve("hollow-lane-events.json"),
                    Json.text(PlayJson.list(FramesOfHollowLane.pastWelcome(LinkHollowLane.events(linked)))));
            PrototypeSaving.toFile(framed, samples.resolve("hollow-lane.pandel"), shelf);
        }
        Platform.exit();
    }

    /** Every page and sheet as a tablet shows it, by its title. */
    private static Map<String, Sketch> onTablet() {
        Map<String, Sketch> all = new LinkedHashMap<>(MoreOfHollowLane.onTablet());
        HollowLane.screens().forEach((file, sketch) -> {
            String words = file.substring(3).replace('-', ' ');
            String title = Character.toUpperCase(words.charAt(0)) + words.substring(1);
            boolean dialog = title.equals("Extend the loan") || title.equals("Your place");
            if (!dialog) {
                all.putIfAbsent(title, MoreOfHollowLane.column(sketch, title.equals("Choose dates")));
            }
        });
        return all;
    }

    /** Draws pictures into a folder and takes them in, by their names. */
    private static Map<String, Picture> taken(
            Gathering gathering, Path folder, Map<String, Sketch> sketches, Naming naming) throws Exception {
        Files.createDirectories(folder);
        Map<String, Picture> pictures = new LinkedHashMap<>();
        for (Map.Entry<String, Sketch> one : sketches.entrySet()) {
            Path file = folder.resolve(one.getKey().toLowerCase().replace(' ', '-') + "@2x.png");
            write(one.getValue(), file);
            pictures.put(one.getKey(), (Picture) gathering
                    .take(List.of(file), java.util.Set.of(), naming, done -> {}, () -> false)
                    .orElseThrow()
                    .screens()
                    .getFirst()
                    .mocks()
                    .getFirst());
        }
        return pictures;
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
