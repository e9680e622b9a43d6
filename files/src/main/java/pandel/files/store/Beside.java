package pandel.files.store;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermission;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * A file being written beside the one it is to replace, under a name that nobody else uses. It is made anew, so that
 * nothing lying there is written through; a target that is a link stays one; the rights of the target stay.
 */
public final class Beside implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(Beside.class);
    private static final String START = ".pandel-";
    private static final String END = ".part";
    private static final int MOST_LINKS = 40;
    /** No save takes as long: what is older was left by a program that was ended. */
    private static final Duration LEFT_OVER = Duration.ofDays(1);

    private final Path target;
    private final Path part;

    private Beside(Path target, Path part) {
        this.target = target;
        this.part = part;
    }

    /** Writes a whole file: until it is written, the one that is there stays as it is. */
    public static void write(Path file, byte[] bytes) throws IOException {
        try (Beside beside = of(file)) {
            beside.write(bytes);
            beside.flush();
            beside.replace();
        }
    }

    /** Begins a file that is to take the place of one, or of what that one links to. */
    static Beside of(Path file) throws IOException {
        return inPlaceOf(linkedFrom(file));
    }

    /** Begins a file that is to take the place of one; a link there is replaced, not followed. */
    static Beside inPlaceOf(Path file) throws IOException {
        Path target = file.toAbsolutePath();
        Path folder = folderOf(target);
        sweep(folder);
        Path part = folder.resolve(START + UUID.randomUUID() + END);
        Files.createFile(part);
        return new Beside(target, part);
    }

    /** The root of a file system is no file that is written. */
    private static Path folderOf(Path target) throws IOException {
        Path folder = target.getParent();
        if (folder == null) {
            throw new IOException("“" + target + "” is no file");
        }
        return folder;
    }

    /** What a link leads to, whether it is there or not; the file itself when it is none. */
    static Path linkedFrom(Path file) throws IOException {
        Path at = file.toAbsolutePath();
        for (int i = 0; Files.isSymbolicLink(at); i++) {
            if (i == MOST_LINKS) {
                throw new FileSystemException(file.toString(), null, "it is a link that leads round in a circle");
            }
            at = at.resolveSibling(Files.readSymbolicLink(at)).toAbsolutePath();
        }
        return at;
    }

    private static void sweep(Path folder) {
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file :
                    files.filter(f -> isPart(f.getFileName().toString())).toList()) {
                if (Files.getLastModifiedTime(file, LinkOption.NOFOLLOW_LINKS)
                        .toInstant()
                        .isBefore(Instant.now().minus(LEFT_OVER))) {
                    Files.deleteIfExists(file);
                }
            }
        } catch (IOException e) {
            LOG.debug("Left-overs of earlier saves could not be looked for: {}", e.getMessage());
        }
    }

    private static boolean isPart(String name) {
        return name.startsWith(START)
                && name.endsWith(END)
                && name.length()
                        == START.length() + UUID.randomUUID().toString().length() + END.length();
    }

    /** The file that is replaced in the end. */
    Path target() {
        return target;
    }

    /** The file being written. */
    Path part() {
        return part;
    }

    OutputStream out() throws IOException {
        return Files.newOutputStream(part, StandardOpenOption.WRITE, LinkOption.NOFOLLOW_LINKS);
    }

    void write(byte[] bytes) throws IOException {
        try (OutputStream out = out()) {
            out.write(bytes);
        }
    }

    /** Everything written is on the disk. */
    void flush() throws IOException {
        try (FileChannel channel = FileChannel.open(part, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    /** Takes the target's place. */
    void replace() throws IOException {
        keepRights();
        try {
            Files.move(part, target, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(part, target, StandardCopyOption.REPLACE_EXISTING);
        }
        flushFolder(folderOf(target));
    }

    private void keepRights() throws IOException {
        Optional<Set<PosixFilePermission>> rights = rights(target);
        if (rights.isPresent()) {
            Files.setPosixFilePermissions(part, rights.get());
        }
    }

    static Optional<Set<PosixFilePermission>> rights(Path file) throws IOException {
        return Files.exists(file)
                        && file.getFileSystem().supportedFileAttributeViews().contains("posix")
                ? Optional.of(Files.getPosixFilePermissions(file))
                : Optional.empty();
    }

    /** The new name is on the disk too, where folders can be flushed at all. */
    private static void flushFolder(Path folder) {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException e) {
            LOG.debug("{} cannot be flushed here", folder);
        }
    }

    /** What did not take its place goes. */
    @Override
    public void close() {
        try {
            Files.deleteIfExists(part);
        } catch (IOException e) {
            LOG.warn("A left-over of a save stays for a day: {}", part);
        }
    }
}
