package pandel.files.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import pandel.core.model.Prototype;
import pandel.files.Unreadable;
import pandel.files.json.PrototypeReader;
import pandel.files.json.PrototypeWriter;

/**
 * Unsaved work kept aside, so that it is there after the program was ended in the middle: one folder for each program that
 * runs, locked while it runs. Only the JSON and the pictures that no file holds yet are written.
 */
public final class Recovery implements AutoCloseable {

    private static final String LOCK = "lock";
    private static final String WORK = "work.json";

    /**
     * Work left behind by a program that no longer runs.
     *
     * @param file the file it belongs to; empty when it was never saved
     * @param at   when it was last written
     */
    public record Left(Path folder, String title, Optional<Path> file, Instant at) {
    }

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
        Path base = state != null && !state.isBlank() ? Path.of(state) : Path.of(System.getProperty("user.home"), ".local", "state");
        return base.resolve("pandel").resolve("recovery");
    }

    /** A new place for this program. */
    public static Recovery begin(Path base) throws IOException {
        Path folder = Files.createDirectories(base.resolve(UUID.randomUUID().toString()));
        FileChannel channel = FileChannel.open(folder.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        return new Recovery(folder, channel, channel.lock());
    }

    /** Keeps work aside; at no moment is what was kept before gone. */
    public synchronized void keep(Prototype prototype, Optional<Path> file, PictureShelf shelf) throws IOException {
        Path pictures = Files.createDirectories(folder.resolve(PrototypeFile.PICTURES));
        for (String content : PrototypeFile.pictures(prototype)) {
            Path copy = pictures.resolve(content);
            if (!Files.exists(copy)) {
                Optional<byte[]> bytes = shelf.readTaken(content);
                if (bytes.isPresent()) {
                    Path part = pictures.resolve(content + ".part");
                    Files.write(part, bytes.get());
                    Files.move(part, copy, StandardCopyOption.REPLACE_EXISTING);
                }
            }
        }
        ObjectMapper mapper = new ObjectMapper();
        var work = mapper.createObjectNode().put("title", prototype.title()).put("prototype", PrototypeWriter.text(prototype));
        var versions = work.putObject("versions");
        PrototypeWriter.versions(prototype).forEach(versions::put);
        file.ifPresent(f -> work.put("file", f.toAbsolutePath().toString()));
        Path part = folder.resolve(WORK + ".part");
        Files.writeString(part, work.toString());
        Files.move(part, folder.resolve(WORK), StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
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

    /** What programs that no longer run left behind, the newest first; empty places are cleared away. */
    public static List<Left> find(Path base) throws IOException {
        List<Left> found = new ArrayList<>();
        if (!Files.isDirectory(base)) {
            return found;
        }
        try (Stream<Path> folders = Files.list(base)) {
            for (Path folder : folders.filter(Files::isDirectory).toList()) {
                if (isInUse(folder)) {
                    continue;
                }
                Path work = folder.resolve(WORK);
                if (Files.exists(work)) {
                    JsonNode node = new ObjectMapper().readTree(Files.readString(work));
                    found.add(new Left(folder, node.path("title").asText(), Optional.ofNullable(node.path("file").textValue()).map(Path::of),
                            Files.getLastModifiedTime(work).toInstant()));
                } else {
                    delete(folder);
                }
            }
        }
        found.sort(Comparator.comparing(Left::at).reversed());
        return found;
    }

    private static boolean isInUse(Path folder) throws IOException {
        Path lock = folder.resolve(LOCK);
        if (!Files.exists(lock)) {
            return false;
        }
        try (FileChannel channel = FileChannel.open(lock, StandardOpenOption.WRITE); FileLock held = channel.tryLock()) {
            return held == null;
        } catch (OverlappingFileLockException e) {
            return true;
        }
    }

    /** Opens what was left behind; its pictures are those kept aside and those of its file. */
    public static PrototypeFile.Opened open(Left left) throws Unreadable, IOException {
        JsonNode node = new ObjectMapper().readTree(Files.readString(left.folder().resolve(WORK)));
        Prototype prototype = PrototypeReader.read(new ByteArrayInputStream(node.path("prototype").asText().getBytes(StandardCharsets.UTF_8)),
                id -> Optional.ofNullable(node.path("versions").path(id).textValue()));
        List<PictureSource> sources = new ArrayList<>(List.of(new FolderPictures(left.folder().resolve(PrototypeFile.PICTURES))));
        if (left.file().isPresent() && Files.exists(left.file().get())) {
            sources.add(Files.isDirectory(left.file().get()) ? new FolderPictures(left.file().get().resolve(PrototypeFile.PICTURES)) : new ZipPictures(left.file().get()));
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
