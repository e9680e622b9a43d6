package pandel.desktop.shell.file;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** How a person names a file or folder. */
public interface FileChoosing {

    /** A prototype file to open. */
    Optional<Path> file();

    /**
     * A folder.
     *
     * @param title what it is for
     */
    Optional<Path> folder(String title);

    /**
     * A picture.
     *
     * @param title what it is for
     */
    Optional<Path> picture(String title);

    /**
     * A file of pages that lead to one another.
     *
     * @param title what it is for
     */
    Optional<Path> pages(String title);

    /** A file of remarks. */
    Optional<Path> remarks();

    /**
     * Where to save.
     *
     * @param name the file name offered
     */
    Optional<Path> saveAs(String name);

    /**
     * Where to save a report.
     *
     * @param name the file name offered; any ending
     */
    Optional<Path> report(String name);

    /** Shows a file as the system shows files of its kind. */
    void look(Path file);

    /**
     * The system's own way.
     *
     * @param shows shows what an address leads to, as the system does
     */
    static FileChoosing system(Supplier<Window> window, Consumer<String> shows) {
        return new FileChoosing() {
            @Override
            public Optional<Path> file() {
                FileChooser chooser = chooser("Open a prototype");
                return Optional.ofNullable(chooser.showOpenDialog(window.get())).map(f -> f.toPath());
            }

            @Override
            public Optional<Path> folder(String title) {
                DirectoryChooser chooser = new DirectoryChooser();
                chooser.setTitle(title);
                return Optional.ofNullable(chooser.showDialog(window.get())).map(f -> f.toPath());
            }

            @Override
            public Optional<Path> picture(String title) {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(title);
                chooser.getExtensionFilters()
                        .add(new FileChooser.ExtensionFilter(
                                "Pictures",
                                "*.png",
                                "*.jpg",
                                "*.jpeg",
                                "*.svg",
                                "*.webp",
                                "*.gif",
                                "*.bmp",
                                "*.PNG",
                                "*.JPG",
                                "*.JPEG",
                                "*.SVG",
                                "*.WEBP",
                                "*.GIF",
                                "*.BMP"));
                return Optional.ofNullable(chooser.showOpenDialog(window.get())).map(f -> f.toPath());
            }

            @Override
            public Optional<Path> pages(String title) {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(title);
                chooser.getExtensionFilters()
                        .add(new FileChooser.ExtensionFilter(
                                "Pages with links", "*.pdf", "*.html", "*.htm", "*.svg", "*.PDF", "*.HTML", "*.HTM"));
                return Optional.ofNullable(chooser.showOpenDialog(window.get())).map(f -> f.toPath());
            }

            @Override
            public Optional<Path> remarks() {
                FileChooser chooser = new FileChooser();
                chooser.setTitle("Take remarks in");
                chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Remarks", "*.json"));
                return Optional.ofNullable(chooser.showOpenDialog(window.get())).map(f -> f.toPath());
            }

            @Override
            public Optional<Path> saveAs(String name) {
                FileChooser chooser = chooser("Save the prototype");
                chooser.setInitialFileName(name);
                return Optional.ofNullable(chooser.showSaveDialog(window.get())).map(f -> f.toPath());
            }

            @Override
            public Optional<Path> report(String name) {
                FileChooser chooser = new FileChooser();
                chooser.setTitle("Save the report");
                chooser.setInitialFileName(name);
                return Optional.ofNullable(chooser.showSaveDialog(window.get())).map(f -> f.toPath());
            }

            @Override
            public void look(Path file) {
                shows.accept(file.toUri().toString());
            }

            private FileChooser chooser(String title) {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(title);
                chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Pandel prototypes", "*.pandel"));
                return chooser;
            }
        };
    }
}
