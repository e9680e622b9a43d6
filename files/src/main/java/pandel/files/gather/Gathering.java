package pandel.files.gather;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import pandel.core.edit.Naming;
import pandel.core.model.Picture;
import pandel.core.model.Rest;
import pandel.core.model.Screen;
import pandel.core.model.Width;
import pandel.core.model.Widths;
import pandel.files.Unreadable;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.store.PictureShelf;

/** Takes pictures in: each becomes a screen. Bad ones are named and left out. */
public final class Gathering {

    /**
     * What came of it.
     *
     * @param screens  in natural order of the files' names
     * @param problems one sentence for each picture that was not taken
     */
    public record Gathered(List<Screen> screens, List<String> problems) {
    }

    private record Taken(String title, Picture picture) {
    }

    private final PictureShelf shelf;
    private final Thumbnails thumbnails;
    private final Widths widths;

    /** For a new prototype. */
    public Gathering(PictureShelf shelf, Thumbnails thumbnails) {
        this(shelf, thumbnails, Widths.USUAL);
    }

    /** @param widths of the prototype that the pictures are for */
    public Gathering(PictureShelf shelf, Thumbnails thumbnails, Widths widths) {
        this.shelf = shelf;
        this.thumbnails = thumbnails;
        this.widths = widths;
    }

    /** The pictures among files and in folders, in natural order; folders are looked into once, not deeper. */
    public static List<Path> find(List<Path> paths) throws Unreadable {
        List<Path> found = new ArrayList<>();
        for (Path path : paths) {
            if (Files.isDirectory(path)) {
                try (Stream<Path> files = Files.list(path)) {
                    files.filter(Gathering::looksLikePicture).forEach(found::add);
                } catch (IOException e) {
                    throw new Unreadable("The folder “" + path + "” cannot be read.", e);
                }
            } else if (!Files.exists(path)) {
                throw new Unreadable("There is no “" + path + "”; check the name.");
            } else {
                found.add(path);
            }
        }
        if (found.isEmpty()) {
            throw new Unreadable("There are no PNG, JPEG or SVG pictures in “" + paths.getFirst().getFileName() + "”.");
        }
        found.sort((a, b) -> FileTitle.naturalOrder().compare(a.getFileName().toString(), b.getFileName().toString()));
        return found;
    }

    private static boolean looksLikePicture(Path path) {
        String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
        return !name.startsWith(".") && (name.endsWith(".png") || name.endsWith(".jpg") || name.endsWith(".jpeg") || name.endsWith(".svg"));
    }

    /**
     * Takes pictures in, several at a time, off the calling thread.
     *
     * @param done      told how many are done, from any thread
     * @param calledOff asked between pictures; when it says yes, the answer is empty and nothing was taken
     */
    public Optional<Gathered> take(List<Path> pictures, Set<String> ids, Naming naming, IntConsumer done, BooleanSupplier calledOff) {
        AtomicInteger count = new AtomicInteger();
        List<Screen> screens = new ArrayList<>();
        List<String> problems = new ArrayList<>();
        int threads = Runtime.getRuntime().availableProcessors();
        try (ExecutorService workers = Executors.newFixedThreadPool(threads, Thread.ofPlatform().daemon().priority(Thread.MIN_PRIORITY).factory())) {
            List<Future<Taken>> futures = new ArrayList<>();
            for (Path picture : pictures) {
                futures.add(workers.submit((Callable<Taken>) () -> {
                    if (calledOff.getAsBoolean()) {
                        throw new CancellationException();
                    }
                    try {
                        return taken(picture);
                    } finally {
                        done.accept(count.incrementAndGet());
                    }
                }));
            }
            Set<String> taken = new HashSet<>(ids);
            for (Future<Taken> future : futures) {
                try {
                    Taken one = future.get();
                    String id = naming.fresh(one.title(), taken);
                    taken.add(id);
                    screens.add(Screen.page(id, one.title()).withMocks(List.of(one.picture())));
                } catch (ExecutionException e) {
                    problems.add(sentence(e.getCause()));
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        }
        return calledOff.getAsBoolean() ? Optional.empty() : Optional.of(new Gathered(screens, problems));
    }

    private static String sentence(Throwable cause) {
        return cause instanceof Unreadable unreadable ? unreadable.sentence() : "A picture could not be read: " + cause.getMessage();
    }

    private Taken taken(Path file) throws Unreadable {
        String name = file.getFileName().toString();
        try {
            if (Files.size(file) > Pictures.MOST_BYTES) {
                throw new Unreadable("“" + name + "” is larger than 200 MB; export it smaller.");
            }
            byte[] bytes = Files.readAllBytes(file);
            Pictures.Header header = Pictures.header(bytes, name);
            Raster raster = Pictures.decode(bytes, name);
            String content = shelf.take(bytes, header.ending());
            thumbnails.make(content, raster);
            FileTitle title = FileTitle.of(name);
            double own = Pictures.ownScale(header);
            double scale = own > 0 ? own : title.scale() > 0 ? title.scale() : FileTitle.guessScale(header.width(), header.height());
            Width on = widths.of(header.width() / scale);
            return new Taken(title.title(), new Picture(on, content, header.width(), header.height(), scale, name, Rest.NONE));
        } catch (IOException e) {
            throw new Unreadable("“" + name + "” could not be read: " + e.getMessage(), e);
        }
    }
}
