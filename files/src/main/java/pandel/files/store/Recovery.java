package pandel.files.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import pandel.core.model.Prototype;
import pandel.files.Unreadable;
import pandel.files.json.PrototypeWriter;
import pandel.files.json.field.Json;

/**
 * Unsaved work kept aside, so that it is there after the program was ended in the middle: one folder for each program
 * that runs, locked while it runs. Only the JSON and the pictures that no file holds yet are written.
 */
public final class Recovery implements AutoCloseable {

    private static final String LOCK = "lock";
    private static final String WORK = "work.pandel";
    private static final String ABOUT = "about.json";
    private static final String ASIDE = "set-aside";
    private static final Duration BEGINNING = Duration.ofMinutes(1);
    private static final Logger LOG = LoggerFactory.getLogger(Recovery.class);

    /**
     * Work left behind by a program that no longer runs.
     *
     * @param file the file it belongs to; empty when it was never saved
     * @param at when it was last written
     */
    public record Left(Path folder, String title, Optional<Path> file, Instant at) {}

    private final Path folder;
    private final FileChannel lockFile;
    private final FileLock lock;

    private Recovery(Path folder, FileChannel lockFile, FileLock lock) {
        this.folder = folder;
        this.lockFile = lockFile;
        this.lock = lock;
    }

    /** Where this user's is kept. */
    public static Path ofUser() {
        String state = System.getenv("XDG_STATE_HOME");
        Path base = state != null && !state.isBlank()
                ? Path.of(state)
                : Path.of(System.getProperty("user.home"), ".local", "state");
        return base.resolve("pandel").resolve("recovery");
    }

    /** A new place for this program. */
    public static Recovery begin(Path base) throws IOException {
        Path folder = Files.createDirectories(base.resolve(UUID.randomUUID().toString()));
        FileChannel channel =
                FileChannel.open(folder.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        return new Recovery(folder, channel, channel.lock());
    }

    /** Keeps work aside; at no moment is what was kept before gone. */
    public synchronized void keep(Prototype prototype, Optional<Path> file, PictureShelf shelf) throws IOException {
        Path pictures = Files.createDirectories(folder.resolve(PrototypeFile.PICTURES));
        for (String content : PrototypeFile.pictures(prototype)) {
            Path copy = pictures.resolve(content);
            Optional<byte[]> bytes = Files.exists(copy) ? Optional.empty() : shelf.readTaken(content);
            if (bytes.isPresent()) {
                replace(copy, bytes.get());
            }
        }
        ObjectNode about = JsonNodeFactory.instance.objectNode().put("title", prototype.title());
        file.ifPresent(f -> about.put("file", f.toAbsolutePath().toString()));
        try (Beside beside = Beside.inPlaceOf(folder.resolve(WORK))) {
            try (ZipOutputStream zip =
                    new ZipOutputStream(new BufferedOutputStream(beside.out(), 1 << 16), StandardCharsets.UTF_8)) {
                zip.setLevel(Deflater.BEST_SPEED);
                entry(zip, ABOUT, about.toString());
                entry(zip, PrototypeFile.JSON, PrototypeWriter.text(prototype));
                for (Map.Entry<String, String> version :
                        PrototypeWriter.versions(prototype).entrySet()) {
                    entry(zip, PrototypeFile.VERSIONS + version.getKey() + ".json", version.getValue());
                }
            }
            beside.flush();
            beside.replace();
        }
    }

    private static void replace(Path file, byte[] bytes) throws IOException {
        try (Beside beside = Beside.inPlaceOf(file)) {
            beside.write(bytes);
            beside.flush();
            beside.replace();
        }
    }

    private static void entry(ZipOutputStream zip, String name, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(text.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }

    /** Forgets what was kept: it is saved, or was let go. */
    public synchronized void clear() throws IOException {
        Files.deleteIfExists(folder.resolve(WORK));
    }

    /** Ends in peace: nothing is left behind. */
    @Override
    public synchronized void close() throws IOException {
        lock.release();
        lockFile.close();
        delete(folder);
    }

    /**
     * What programs that no longer run left behind, each by itself.
     *
     * @param left what can be brought back, the newest first
     * @param setAside folders of what cannot be read; they were moved there, out of the way, and nothing in them was
     *     changed
     */
    public record Found(List<Left> left, List<Path> setAside) {}

    /** Looks for what was left behind; empty places are cleared away. */
    public static Found find(Path base) throws IOException {
        List<Left> left = new ArrayList<>();
        List<Path> setAside = new ArrayList<>();
        if (!Files.isDirectory(base)) {
            return new Found(left, setAside);
        }
        List<Path> folders;
        try (Stream<Path> all = Files.list(base)) {
            folders = all.filter(Files::isDirectory)
                    .filter(f -> !f.getFileName().toString().equals(ASIDE))
                    .toList();
        }
        for (Path folder : folders) {
            try {
                look(folder).ifPresent(left::add);
            } catch (IOException | RuntimeException e) {
                LOG.warn("What was left behind in {} cannot be read: {}", folder, e.getMessage());
                try {
                    setAside.add(Files.move(
                            folder, Files.createDirectories(base.resolve(ASIDE)).resolve(folder.getFileName())));
                } catch (IOException again) {
                    LOG.warn("It cannot be moved out of the way either: {}", again.getMessage());
                }
            }
        }
        left.sort(Comparator.comparing(Left::at).reversed());
        return new Found(left, setAside);
    }

    /** Empty where there is nothing to bring back. */
    private static Optional<Left> look(Path folder) throws IOException {
        if (isInUse(folder)) {
            return Optional.empty();
        }
        Path work = folder.resolve(WORK);
        if (Files.exists(folder.resolve("work.json"))) {
            throw new IOException("an earlier Pandel kept it");
        }
        if (!Files.exists(work)) {
            // One that begins just now has no lock yet.
            if (Files.getLastModifiedTime(folder)
                    .toInstant()
                    .isBefore(Instant.now().minus(BEGINNING))) {
                delete(folder);
            }
            return Optional.empty();
        }
        // Read whole: what is offered can be brought back.
        try (ZipFile zip = new ZipFile(work.toFile())) {
            ZipEntry json = zip.getEntry(PrototypeFile.JSON);
            ZipEntry about = zip.getEntry(ABOUT);
            if (json == null || about == null) {
                throw new IOException("it holds no prototype");
            }
            try (InputStream in = zip.getInputStream(json)) {
                in.transferTo(OutputStream.nullOutputStream());
            }
            try (InputStream in = zip.getInputStream(about)) {
                JsonNode node = Json.tree(new String(in.readAllBytes(), StandardCharsets.UTF_8));
                return Optional.of(new Left(
                        folder,
                        node.path("title").asText(),
                        Optional.ofNullable(node.path("file").textValue()).map(Path::of),
                        Files.getLastModifiedTime(work).toInstant()));
            }
        }
    }

    private static boolean isInUse(Path folder) throws IOException {
        Path lock = folder.resolve(LOCK);
        if (!Files.exists(lock)) {
            return false;
        }
        try (FileChannel channel = FileChannel.open(lock, StandardOpenOption.WRITE);
                FileLock held = channel.tryLock()) {
            return held == null;
        } catch (OverlappingFileLockException e) {
            return true;
        }
    }

    /** Opens what was left behind; its pictures are those kept aside and those of its file. */
    public static PrototypeFile.Opened open(Left left) throws Unreadable, IOException {
        Prototype prototype = PrototypeFile.prototype(left.folder().resolve(WORK));
        List<PictureSource> sources =
                new ArrayList<>(List.of(new FolderPictures(left.folder().resolve(PrototypeFile.PICTURES))));
        if (left.file().isPresent() && Files.exists(left.file().get())) {
            try {
                sources.add(
                        Files.isDirectory(left.file().get())
                                ? new FolderPictures(
                                        left.file().get().resolve(PrototypeFile.PICTURES),
                                        left.file().get())
                                : new ZipPictures(left.file().get()));
            } catch (IOException e) {
                // The work is worth bringing back without the pictures of a file that is broken by now.
                LOG.warn("The pictures of {} cannot be read: {}", left.file().get(), e.getMessage());
            }
        }
        PictureSource all = content -> {
            for (PictureSource source : sources) {
                Optional<byte[]> bytes = source.read(content);
                if (bytes.isPresent()) {
                    return bytes;
                }
            }
            return Optional.empty();
        };
        List<String> missing = new ArrayList<>();
        for (String content : PrototypeFile.pictures(prototype)) {
            if (all.read(content).isEmpty()) {
                missing.add(content);
            }
        }
        return new PrototypeFile.Opened(prototype, all, missing);
    }

    /** Lets what was left behind go. */
    public static void discard(Left left) throws IOException {
        delete(left.folder());
    }

    private static void delete(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path path : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(path);
            }
        }
    }
}
