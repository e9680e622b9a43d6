package pandel.files.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Says that a window works on a file, so that another one does not write over it unawares. The lock goes with the
 * process, however it ends.
 */
public final class OpenMark implements AutoCloseable {

    /** Marks nothing: where marks cannot be kept. */
    public static final OpenMark NONE = new OpenMark(null, null);

    private final @Nullable FileChannel channel;
    private final @Nullable FileLock lock;

    private OpenMark(@Nullable FileChannel channel, @Nullable FileLock lock) {
        this.channel = channel;
        this.lock = lock;
    }

    /** Where this machine keeps the marks. */
    public static Path ofUser() {
        return Recovery.ofUser().resolveSibling("open");
    }

    /**
     * Marks a file as worked on.
     *
     * @param base where marks are kept
     * @return empty when another window works on it
     */
    public static Optional<OpenMark> on(Path file, Path base) throws IOException {
        Files.createDirectories(base);
        Path real =
                Files.exists(file) ? file.toRealPath() : file.toAbsolutePath().normalize();
        String name = UUID.nameUUIDFromBytes(real.toString().getBytes(StandardCharsets.UTF_8)) + ".lock";
        FileChannel channel = FileChannel.open(base.resolve(name), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        FileLock lock;
        try {
            lock = channel.tryLock();
        } catch (OverlappingFileLockException e) {
            // Another window of this same program.
            lock = null;
        }
        if (lock == null) {
            channel.close();
            return Optional.empty();
        }
        return Optional.of(new OpenMark(channel, lock));
    }

    @Override
    public void close() throws IOException {
        if (lock != null) {
            lock.release();
        }
        if (channel != null) {
            channel.close();
        }
    }
}
