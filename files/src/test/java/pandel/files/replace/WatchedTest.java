package pandel.files.replace;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.ClosedWatchServiceException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.WatchEvent;
import java.nio.file.WatchKey;
import java.nio.file.WatchService;
import java.nio.file.Watchable;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A folder watched: what comes in one go is told once, and that it is gone is told at all. */
class WatchedTest {

    @TempDir
    private Path folder;

    private final List<String> told = new ArrayList<>();

    /** Gives what a script says: a letter is something that happened, a dash that it was quiet for long enough. */
    private static final class Scripted implements WatchService {

        private final Deque<Character> script = new ArrayDeque<>();
        private final Runnable atX;
        private boolean valid = true;

        Scripted(String script, Runnable atX) {
            script.chars().forEach(c -> this.script.add((char) c));
            this.atX = atX;
        }

        private WatchKey key() {
            return new WatchKey() {
                @Override
                public boolean isValid() {
                    return valid;
                }

                @Override
                public List<WatchEvent<?>> pollEvents() {
                    return List.of();
                }

                @Override
                public boolean reset() {
                    return valid;
                }

                @Override
                public void cancel() {
                    valid = false;
                }

                @Override
                public Watchable watchable() {
                    throw new UnsupportedOperationException();
                }
            };
        }

        private @Nullable WatchKey next() {
            if (script.isEmpty()) {
                throw new ClosedWatchServiceException();
            }
            char c = script.remove();
            if (c == 'x') {
                atX.run();
            }
            return c == '-' ? null : key();
        }

        @Override
        public void close() {
            script.clear();
        }

        @Override
        public @Nullable WatchKey poll() {
            return next();
        }

        @Override
        public @Nullable WatchKey poll(long timeout, TimeUnit unit) {
            return next();
        }

        @Override
        public WatchKey take() {
            WatchKey key = next();
            while (key == null) {
                key = next();
            }
            return key;
        }
    }

    private void watch(String script, Runnable atX) {
        new Watched(folder, new Scripted(script, atX), () -> told.add("changed"), () -> told.add("gone")).watch();
    }

    @Test
    void aHundredFilesInOneGoAreOneChange() {
        watch("a".repeat(100) + "-", () -> {});
        assertThat(told).containsExactly("changed");
    }

    @Test
    void whatComesAfterAQuietWhileIsAnotherChange() {
        watch("aaa-b-cc-", () -> {});
        assertThat(told).containsExactly("changed", "changed", "changed");
    }

    @Test
    void nothingIsToldWhileFilesKeepComing() {
        watch("aaaaa", () -> {});
        assertThat(told).isEmpty();
    }

    @Test
    void aFolderThatIsGoneIsToldOnceAndWatchedNoMore() {
        watch("aax-aaa-", () -> delete());
        assertThat(told).containsExactly("gone");
    }

    private void delete() {
        try {
            Files.delete(folder);
        } catch (java.io.IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void arealFolderTellsOfAFileThatComes() throws Exception {
        CountDownLatch changed = new CountDownLatch(1);
        try (Watched watched = Watched.of(folder, changed::countDown, () -> told.add("gone"))) {
            assertThat(watched.folder()).isEqualTo(folder);
            Files.writeString(folder.resolve("door.png"), "x");
            assertThat(changed.await(60, TimeUnit.SECONDS)).isTrue();
        }
        assertThat(told).isEmpty();
    }
}
