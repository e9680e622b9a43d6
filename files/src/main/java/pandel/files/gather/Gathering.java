package pandel.files.gather;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.edit.Naming;
import pandel.core.edit.linking.BroughtLink;
import pandel.core.model.device.Width;
import pandel.core.model.device.Widths;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.files.Unreadable;
import pandel.files.into.Brought;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.store.PictureShelf;

/** Takes pictures in: each becomes a screen. Bad ones are named and left out. */
public final class Gathering {

    /**
     * What came of it.
     *
     * @param screens in natural order of the files' names
     * @param problems one sentence for each picture that was not taken
     * @param links what leads where, where pages said so
     * @param told sentences about what did not come along with pages
     */
    public record Gathered(List<Screen> screens, List<String> problems, List<BroughtLink> links, List<String> told) {}

    private record Taken(String title, Picture picture) {}

    private final PictureShelf shelf;
    private static final Set<String> ENDINGS = Set.of("png", "jpg", "jpeg", "svg", "webp", "gif", "bmp");
    private static final Set<String> OTHERS = Set.of(
            "tif", "tiff", "heic", "heif", "avif", "jp2", "jxl", "psd", "ai", "eps", "ico", "tga", "svgz", "xcf", "raw",
            "dng");
    private static final int START = 4096;
    /** Pixels decoded at once, in thousands: a picture of more waits until it is alone. */
    private static final int ROOM = 24_000;

    private static final Semaphore DECODING = new Semaphore(ROOM, true);

    private final Set<Path> sections = new HashSet<>();
    private final Thumbnails thumbnails;
    private final Widths widths;

    /** Pictures in these folders become screens of a section named after the folder. */
    public Gathering withSections(Collection<Path> folders) {
        sections.addAll(folders);
        return this;
    }

    private String section(Path picture) {
        Path folder = picture.getParent();
        return folder != null && sections.contains(folder)
                ? FileTitle.of(folder.getFileName().toString()).title()
                : "";
    }

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

    /**
     * What was found in files and folders.
     *
     * @param pictures in natural order
     * @param leftOut sentences about what was not taken, and why
     * @param inside folders with pictures that lie in the folders named, and were not looked into
     */
    public record Found(List<Path> pictures, List<String> leftOut, List<Path> inside) {}

    /** The pictures among files and in folders; folders are looked into once, not deeper. */
    public static List<Path> find(List<Path> paths) throws Unreadable {
        Found found = look(paths);
        refuseNone(found, paths);
        return found.pictures();
    }

    /** Refuses what was found where there is no picture among it. */
    public static void refuseNone(Found found, List<Path> paths) throws Unreadable {
        if (found.pictures().isEmpty()) {
            throw new Unreadable("There are no PNG, JPEG, SVG, WebP, GIF or BMP pictures in “"
                    + paths.getFirst().getFileName() + "”"
                    + (found.inside().isEmpty()
                            ? "."
                            : ", but in "
                                    + (found.inside().size() == 1
                                            ? "a folder"
                                            : found.inside().size() + " folders") + " inside it."));
        }
    }

    /** The same, with what was left out. */
    public static Found look(List<Path> paths) throws Unreadable {
        List<Path> found = new ArrayList<>();
        List<String> others = new ArrayList<>();
        List<Path> inside = new ArrayList<>();
        for (Path path : paths) {
            if (Files.isDirectory(path)) {
                try (Stream<Path> files = Files.list(path)) {
                    for (Path file : files.filter(
                                    f -> !f.getFileName().toString().startsWith("."))
                            .sorted()
                            .toList()) {
                        if (Files.isDirectory(file)) {
                            if (holdsPictures(file)) {
                                inside.add(file);
                            }
                        } else if (looksLikePicture(file) || Brought.looksInto(file)) {
                            found.add(file);
                        } else if (isPictureOfAnotherKind(file)) {
                            others.add(file.getFileName().toString());
                        }
                    }
                } catch (IOException e) {
                    throw new Unreadable("The folder “" + path + "” cannot be read.", e);
                }
            } else if (!Files.exists(path)) {
                throw new Unreadable("There is no “" + path + "”; check the name.");
            } else if (!Files.isRegularFile(path)) {
                throw new Unreadable("“" + path + "” is neither a file nor a folder.");
            } else {
                found.add(path);
            }
        }
        found.sort((a, b) -> FileTitle.naturalOrder()
                .compare(a.getFileName().toString(), b.getFileName().toString()));
        List<String> leftOut = new ArrayList<>();
        if (!others.isEmpty()) {
            leftOut.add(listed(others) + (others.size() == 1 ? " is" : " are")
                    + " left out: pictures are PNG, JPEG, SVG, WebP, GIF or BMP.");
        }
        return new Found(found, leftOut, inside);
    }

    private static String listed(List<String> names) {
        String first = names.stream().limit(5).map(n -> "“" + n + "”").collect(Collectors.joining(", "));
        return names.size() > 5 ? first + " and " + (names.size() - 5) + " more" : first;
    }

    private static boolean holdsPictures(Path folder) {
        try (Stream<Path> files = Files.list(folder)) {
            return files.anyMatch(f -> Files.isRegularFile(f) && looksLikePicture(f));
        } catch (IOException e) {
            return false;
        }
    }

    private static String ending(Path path) {
        String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
        int dot = name.lastIndexOf('.');
        return dot < 0 ? "" : name.substring(dot + 1);
    }

    /** By its ending; one without any by its first bytes. */
    private static boolean looksLikePicture(Path path) {
        String ending = ending(path);
        return !path.getFileName().toString().startsWith(".")
                && Files.isRegularFile(path)
                && (ENDINGS.contains(ending) || ending.isEmpty() && beginsLikeOne(path));
    }

    private static boolean beginsLikeOne(Path path) {
        try (InputStream in = Files.newInputStream(path)) {
            return Pictures.isOne(in.readNBytes(START));
        } catch (IOException e) {
            return false;
        }
    }

    private static boolean isPictureOfAnotherKind(Path path) {
        return OTHERS.contains(ending(path));
    }

    /**
     * Takes pictures in, several at a time, off the calling thread; pages of PDFs and pictures of image maps as well.
     *
     * @param done told how many are done, from any thread
     * @param calledOff asked between pictures; when it says yes, the answer is empty and nothing was taken
     */
    public Optional<Gathered> take(
            List<Path> files, Set<String> ids, Naming naming, IntConsumer done, BooleanSupplier calledOff) {
        try (Brought brought = Brought.of(files, calledOff)) {
            return take(brought, ids, naming, done, calledOff);
        } catch (IOException e) {
            return Optional.of(new Gathered(
                    List.of(),
                    List.of("There is no room for pages that are made pictures of: " + Unreadable.why(e) + "."),
                    List.of(),
                    List.of()));
        }
    }

    private Optional<Gathered> take(
            Brought brought, Set<String> ids, Naming naming, IntConsumer done, BooleanSupplier calledOff) {
        List<Path> pictures = brought.pictures();
        AtomicInteger count = new AtomicInteger();
        List<Screen> screens = new ArrayList<>();
        List<String> problems = new ArrayList<>(brought.problems());
        int threads = Runtime.getRuntime().availableProcessors();
        try (ExecutorService workers = Executors.newFixedThreadPool(
                threads,
                Thread.ofPlatform().daemon().priority(Thread.MIN_PRIORITY).factory())) {
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
            for (int i = 0; i < futures.size(); i++) {
                try {
                    Taken one = futures.get(i).get();
                    String id = naming.take(one.title(), taken);
                    screens.add(Screen.page(id, one.title())
                            .withMocks(List.of(one.picture()))
                            .withSection(section(pictures.get(i))));
                } catch (ExecutionException e) {
                    problems.add(sentence(Objects.requireNonNull(e.getCause())));
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        }
        return calledOff.getAsBoolean()
                ? Optional.empty()
                : Optional.of(new Gathered(screens, problems, brought.links(), brought.told()));
    }

    private static String sentence(Throwable cause) {
        return cause instanceof Unreadable unreadable
                ? unreadable.sentence()
                : "A picture could not be read: " + Unreadable.why(cause) + ".";
    }

    /** Decodes it to see that it is whole; large ones one after the other, so that there is room for each. */
    private String taken(byte[] bytes, Pictures.Header header, String name) throws Unreadable, IOException {
        int room = (int) Math.min(ROOM, 1 + (long) header.width() * header.height() / 1000);
        DECODING.acquireUninterruptibly(room);
        try {
            Raster raster = Pictures.decode(bytes, name);
            String content = shelf.take(Pictures.kept(bytes, header, raster), header.ending());
            thumbnails.make(content, raster);
            return content;
        } catch (OutOfMemoryError e) {
            throw new Unreadable("“" + name + "” needs more memory than there is; export it smaller.", e);
        } finally {
            DECODING.release(room);
        }
    }

    private Taken taken(Path file) throws Unreadable {
        String name = file.getFileName().toString();
        try {
            if (!Files.isRegularFile(file)) {
                throw new Unreadable("“" + name + "” is no file.");
            }
            if (Files.size(file) > Pictures.MOST_BYTES) {
                throw new Unreadable("“" + name + "” is larger than 200 MB; export it smaller.");
            }
            byte[] bytes = Files.readAllBytes(file);
            Pictures.Header header = Pictures.header(bytes, name);
            String content = taken(bytes, header, name);
            FileTitle title = FileTitle.of(name);
            double own = Pictures.ownScale(header);
            double scale = own > 0
                    ? own
                    : title.scale() > 0 ? title.scale() : FileTitle.guessScale(header.width(), header.height());
            Width on = widths.of(header.width() / scale);
            return new Taken(
                    title.title(), new Picture(on, content, header.width(), header.height(), scale, name, Rest.NONE));
        } catch (IOException e) {
            throw new Unreadable("“" + name + "” could not be read: " + Unreadable.why(e) + ".", e);
        }
    }
}
