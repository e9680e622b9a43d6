package pandel.files.into;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import pandel.core.edit.linking.BroughtLink;
import pandel.files.Unreadable;

/**
 * What files hold that are pages, or that say what leads where.
 *
 * @param pictures all pictures: files as they were named, and those that were made of pages
 * @param links between them, and out
 * @param problems a sentence for each file of which nothing was taken
 * @param told sentences about what was not taken of the others, and why
 * @param room the folder of the pictures that were made of pages, gone once it is closed; empty: none was made
 */
public record Brought(
        List<Path> pictures, List<BroughtLink> links, List<String> problems, List<String> told, Optional<Path> room)
        implements AutoCloseable {

    public Brought {
        pictures = List.copyOf(pictures);
        links = List.copyOf(links);
        problems = List.copyOf(problems);
        told = List.copyOf(told);
    }

    /**
     * Looks into files; plain pictures are passed on as they are.
     *
     * @param stopped asked between pages
     */
    public static Brought of(List<Path> files, BooleanSupplier stopped) throws IOException {
        Bringing bringing = new Bringing(stopped);
        try {
            for (Path file : files) {
                try {
                    bring(file, bringing);
                } catch (Unreadable e) {
                    bringing.problem(e.sentence());
                }
            }
        } catch (IOException | RuntimeException e) {
            of(bringing).close();
            throw e;
        }
        bringing.settle();
        return of(bringing);
    }

    private static Brought of(Bringing bringing) {
        return new Brought(
                bringing.pictures(), bringing.links(), bringing.problems(), bringing.told(), bringing.room());
    }

    @Override
    public void close() throws IOException {
        if (room.isPresent()) {
            try (Stream<Path> made = Files.list(room.get())) {
                for (Path each : made.toList()) {
                    Files.delete(each);
                }
            }
            Files.delete(room.get());
        }
    }

    private static void bring(Path file, Bringing bringing) throws Unreadable, IOException {
        switch (ending(file)) {
            case "pdf" -> PdfPages.bring(file, bringing);
            case "html", "htm" -> ImageMaps.bring(file, bringing);
            case "svg" -> {
                bringing.picture(file);
                SvgLinks.bring(file, bringing);
            }
            default -> bringing.picture(file);
        }
    }

    /** Whether a file has pages or links to look for. */
    public static boolean looksInto(Path file) {
        return switch (ending(file)) {
            case "pdf" -> Files.isRegularFile(file);
            case "html", "htm" -> ImageMaps.isOne(file);
            default -> false;
        };
    }

    private static String ending(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return name.substring(name.lastIndexOf('.') + 1);
    }
}
