package pandel.bench;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;
import pandel.core.edit.Naming;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.files.Unreadable;
import pandel.files.gather.Gathering;
import pandel.files.picture.Thumbnails;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;

/** Taking in pictures of 1170×2532, and saving and opening what came of them. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx1g", "-Djava.awt.headless=true"})
@Warmup(iterations = 1)
@Measurement(iterations = 3)
public class FilesBench {

    @Param({"60", "500"})
    private int count;

    private Path folder;
    private List<Path> pictures;
    private PictureShelf kept;
    private Prototype prototype;
    private int round;

    @Setup
    public void draw() throws IOException, Unreadable {
        folder = Files.createTempDirectory("pandel-bench");
        Random random = new Random(1);
        for (int i = 0; i < count; i++) {
            BufferedImage image = new BufferedImage(1170, 2532, BufferedImage.TYPE_INT_RGB);
            Graphics2D g = image.createGraphics();
            for (int k = 0; k < 400; k++) {
                g.setColor(new Color(random.nextInt(0x1000000)));
                g.fillRoundRect(
                        random.nextInt(1170), random.nextInt(2532), random.nextInt(300), random.nextInt(200), 20, 20);
            }
            g.dispose();
            ImageIO.write(
                    image, "png", folder.resolve("screen " + i + "@3x.png").toFile());
        }
        pictures = Gathering.find(List.of(folder));
        kept = new PictureShelf();
        prototype = ScreenEdits.add(take(kept).screens()).applyTo(Prototype.empty("Bench"));
        PrototypeSaving.toFile(prototype, folder.resolve("open.pandel"), kept);
    }

    private Gathering.Gathered take(PictureShelf shelf) {
        Random letters = new Random(1);
        return new Gathering(shelf, new Thumbnails(folder.resolve("thumbnails-" + round++)))
                .take(pictures, Set.of(), new Naming(letters::nextInt), done -> {}, () -> false)
                .orElseThrow();
    }

    @Benchmark
    public Gathering.Gathered gather() throws IOException {
        try (PictureShelf shelf = new PictureShelf()) {
            return take(shelf);
        }
    }

    @Benchmark
    public void save() throws Unreadable {
        PrototypeSaving.toFile(prototype, folder.resolve("save.pandel"), kept);
    }

    @Benchmark
    public PrototypeFile.Opened open() throws Unreadable {
        return PrototypeFile.open(folder.resolve("open.pandel"));
    }

    @TearDown
    public void clear() throws IOException {
        kept.close();
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(file);
            }
        }
    }
}
