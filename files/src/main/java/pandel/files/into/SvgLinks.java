package pandel.files.into;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import pandel.files.Unreadable;
import pandel.files.picture.DrawnLink;

/** What leads where in an SVG drawing; it is a picture besides. */
final class SvgLinks {

    private static final long LARGEST = 20L << 20;

    private SvgLinks() {}

    /** A drawing that is none is told when it is taken as a picture. */
    static void bring(Path file, Bringing into) throws IOException {
        if (!Files.isRegularFile(file) || Files.size(file) > LARGEST) {
            return;
        }
        byte[] bytes = Files.readAllBytes(file);
        String name = file.getFileName().toString();
        try {
            for (DrawnLink link : DrawnLink.of(bytes, name)) {
                into.link(name, link.area(), link.title(), link.href());
            }
        } catch (Unreadable e) {
            into.tell(e.sentence());
        }
    }
}
