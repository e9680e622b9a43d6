package pandel.desktop.shell;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Queue;
import pandel.desktop.shell.file.FileChoosing;

/** Chooses the next of some files, whatever is asked for; nothing when there are no more, as one who presses Escape. */
public class NextFile implements FileChoosing {

    private final Queue<Path> files;
    private final List<Path> lookedAt = new ArrayList<>();

    public NextFile(Queue<Path> files) {
        this.files = files;
    }

    private Optional<Path> next() {
        return Optional.ofNullable(files.poll());
    }

    /** What was shown as the system does. */
    public List<Path> lookedAt() {
        return lookedAt;
    }

    @Override
    public void look(Path file) {
        lookedAt.add(file);
    }

    @Override
    public Optional<Path> file() {
        return next();
    }

    @Override
    public Optional<Path> folder(String title) {
        return next();
    }

    @Override
    public Optional<Path> picture(String title) {
        return next();
    }

    @Override
    public Optional<Path> pages(String title) {
        return next();
    }

    @Override
    public Optional<Path> remarks() {
        return next();
    }

    @Override
    public Optional<Path> report(String name) {
        return next();
    }

    @Override
    public Optional<Path> saveAs(String name) {
        return next();
    }
}
