package pandel.files.replace;

import java.io.IOException;
import java.nio.file.ClosedWatchServiceException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardWatchEventKinds;
import java.nio.file.WatchKey;
import java.nio.file.WatchService;
import java.util.concurrent.TimeUnit;

/**
 * A folder that is watched. Whatever is written into it is told of once it has been quiet for a moment, so that five
 * hundred files are one change, and a file half written is not looked at.
 */
public final class Watched implements AutoCloseable {

    private static final long QUIET_MS = 700;

    private final Path folder;
    private final WatchService service;
    private final Runnable changed;
    private final Runnable gone;

    Watched(Path folder, WatchService service, Runnable changed, Runnable gone) {
        this.folder = folder;
        this.service = service;
        this.changed = changed;
        this.gone = gone;
    }

    /**
     * Watches a folder until closed.
     *
     * @param changed called from another thread after files in it changed
     * @param gone called from another thread when it is not there any more; nothing is watched then
     */
    public static Watched of(Path folder, Runnable changed, Runnable gone) throws IOException {
        WatchService service = FileSystems.getDefault().newWatchService();
        folder.register(
                service,
                StandardWatchEventKinds.ENTRY_CREATE,
                StandardWatchEventKinds.ENTRY_MODIFY,
                StandardWatchEventKinds.ENTRY_DELETE);
        Watched watched = new Watched(folder, service, changed, gone);
        Thread.ofPlatform().daemon().name("watched folder").start(watched::watch);
        return watched;
    }

    public Path folder() {
        return folder;
    }

    /** Watches until nobody does any more; on the thread that calls it. */
    void watch() {
        try {
            for (boolean there = true; there; ) {
                there = wasRead(service.take());
                for (WatchKey more = service.poll(QUIET_MS, TimeUnit.MILLISECONDS);
                        there && more != null;
                        more = service.poll(QUIET_MS, TimeUnit.MILLISECONDS)) {
                    there = wasRead(more);
                }
                (there ? changed : gone).run();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (ClosedWatchServiceException e) {
            // Nobody watches any more.
            return;
        }
    }

    private boolean wasRead(WatchKey key) {
        key.pollEvents();
        return key.reset() && Files.isDirectory(folder);
    }

    @Override
    public void close() throws IOException {
        service.close();
    }
}
