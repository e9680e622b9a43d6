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

    FileChooser.ExtensionFilter PROTOTYPES = new FileChooser.ExtensionFilter("Pandel prototypes", "*.pandel");
    FileChooser.ExtensionFilter REMARKS = new FileChooser.ExtensionFilter("Remarks", "*.json");
    FileChooser.ExtensionFilter PAGES = new FileChooser.ExtensionFilter(
            "Pages with links", "*.pdf", "*.html", "*.htm", "*.svg", "*.PDF", "*.HTML", "*.HTM");
    FileChooser.ExtensionFilter PICTURES = new FileChooser.ExtensionFilter(
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
            "*.BMP");

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
                return opened("Open a prototype", PROTOTYPES);
            }

            @Override
            public Optional<Path> folder(String title) {
                DirectoryChooser chooser = new DirectoryChooser();
                chooser.setTitle(title);
                return Optional.ofNullable(chooser.showDialog(window.get())).map(f -> f.toPath());
            }

            @Override
            public Optional<Path> picture(String title) {
                return opened(title, PICTURES);
            }

            @Override
            public Optional<Path> pages(String title) {
                return opened(title, PAGES);
            }

            @Override
            public Optional<Path> remarks() {
                return opened("Take remarks in", REMARKS);
            }

            @Override
            public Optional<Path> saveAs(String name) {
                FileChooser chooser = chooser("Save the prototype");
                chooser.getExtensionFilters().add(PROTOTYPES);
                return saved(chooser, name);
            }

            @Override
            public Optional<Path> report(String name) {
                return saved(chooser("Save the report"), name);
            }

            @Override
            public void look(Path file) {
                shows.accept(file.toUri().toString());
            }

            private FileChooser chooser(String title) {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(title);
                return chooser;
            }

            private Optional<Path> opened(String title, FileChooser.ExtensionFilter of) {
                FileChooser chooser = chooser(title);
                chooser.getExtensionFilters().add(of);
                return Optional.ofNullable(chooser.showOpenDialog(window.get())).map(f -> f.toPath());
            }

            private Optional<Path> saved(FileChooser chooser, String name) {
                chooser.setInitialFileName(name);
                return Optional.ofNullable(chooser.showSaveDialog(window.get())).map(f -> f.toPath());
            }
        };
    }
}
