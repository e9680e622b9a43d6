package pandel.files.into;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import pandel.core.edit.linking.BroughtLink;
import pandel.files.Unreadable;

/**
 * What files hold that are pages, or that say what leads where.
 *
 * @param pictures all pictures: files as they were named, and those that were made of pages
 * @param links between them, and out
 * @param problems a sentence for each file of which nothing was taken
 * @param told sentences about what was not taken of the others, and why
 */
public record Brought(List<Path> pictures, List<BroughtLink> links, List<String> problems, List<String> told) {

    public Brought {
        pictures = List.copyOf(pictures);
        links = List.copyOf(links);
        problems = List.copyOf(problems);
        told = List.copyOf(told);
    }

    /**
     * Looks into files; plain pictures are passed on as they are.
     *
     * @param room an empty folder for pictures that are made of pages
     * @param stopped asked between pages
     */
    public static Brought of(List<Path> files, Path room, BooleanSupplier stopped) throws IOException {
        Bringing bringing = new Bringing(room, stopped);
        for (Path file : files) {
            try {
                bring(file, bringing);
            } catch (Unreadable e) {
                bringing.problem(e.sentence());
            }
        }
        bringing.settle();
        return stopped.getAsBoolean()
                ? new Brought(List.of(), List.of(), List.of(), List.of())
                : new Brought(bringing.pictures(), bringing.links(), bringing.problems(), bringing.told());
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
