package pandel.files.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Stream;

/**
 * The pictures of one open prototype: those of the file it came from, and those taken in since, which lie in a folder
 * of their own until they are saved. Safe for several threads.
 */
public final class PictureShelf implements PictureSource, AutoCloseable {

    private final Path taken;
    private final List<PictureSource> sources = new CopyOnWriteArrayList<>();
    private final Set<String> givenUp = ConcurrentHashMap.newKeySet();

    /** An empty shelf with a folder among the system's temporary ones. */
    public PictureShelf() throws IOException {
        this.taken = Files.createTempDirectory("pandel-pictures");
        sources.add(new FolderPictures(taken));
    }

    /** Adds a file's pictures. */
    public void add(PictureSource source) {
        sources.add(source);
    }

    /** The file as now saved takes the place of what it was. */
    void savedTo(ZipPictures saved) throws IOException {
        for (PictureSource source : List.copyOf(sources)) {
            if (source instanceof ZipPictures old && old.file().equals(saved.file())) {
                sources.remove(old);
                old.close();
            }
        }
        sources.add(saved);
    }

    /** The pictures of a file this prototype was opened from or saved to. */
    Optional<ZipPictures> of(Path file) {
        return sources.stream()
                .flatMap(s -> s instanceof ZipPictures zip && zip.file().equals(file) ? Stream.of(zip) : Stream.empty())
                .findFirst();
    }

    /** Lets go of pictures that cannot be read any more; saving goes on without them. */
    public void giveUp(Set<String> contents) {
        givenUp.addAll(contents);
    }

    /** Takes bytes in and gives their content name. */
    public String take(byte[] bytes, String ending) throws IOException {
        String content = contentName(bytes, ending);
        Path file = taken.resolve(content);
        if (!Files.exists(file)) {
            Path beside = Files.createTempFile(taken, "new", ".part");
            Files.write(beside, bytes);
            Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING);
        }
        return content;
    }

    /** SHA-256 in hex, a dot, the ending. */
    public static String contentName(byte[] bytes, String ending) {
        return Sha256.hex(bytes) + "." + ending;
    }

    /**
     * The first source that has it counts; one that fails is passed over for the next, and told of only when none has
     * it.
     */
    @Override
    public Optional<byte[]> read(String content) throws IOException {
        IOException failed = null;
        for (PictureSource source : sources) {
            try {
                Optional<byte[]> bytes = source.read(content);
                if (bytes.isPresent()) {
                    return bytes;
                }
            } catch (IOException e) {
                failed = e;
            }
        }
        if (failed != null && !givenUp.contains(content)) {
            throw failed;
        }
        return Optional.empty();
    }

    /** The bytes of a picture taken in since the file was opened, which no file may hold yet. */
    Optional<byte[]> readTaken(String content) throws IOException {
        return new FolderPictures(taken).read(content);
    }

    /** Takes all of a source's pictures that are named in, so that they stay when the source goes. */
    public void takeAll(Iterable<String> contents, PictureSource source) throws IOException {
        for (String content : contents) {
            Optional<byte[]> bytes = source.read(content);
            if (bytes.isPresent()) {
                take(bytes.get(), content.substring(content.indexOf('.') + 1));
            }
        }
    }

    /** Forgets what was taken in and not saved. */
    @Override
    public void close() throws IOException {
        for (PictureSource source : sources) {
            if (source instanceof ZipPictures zip) {
                zip.close();
            }
        }
        try (Stream<Path> files = Files.walk(taken)) {
            for (Path path : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(path);
            }
        }
    }
}
