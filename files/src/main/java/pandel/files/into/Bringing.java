package pandel.files.into;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import pandel.core.edit.linking.BroughtLink;
import pandel.core.model.screen.Area;

/** What is being brought in. */
final class Bringing {

    private static final int LONGEST_NAME = 80;

    /** A link as it stands in its file: where it leads is looked up once all is there. */
    private record Found(String on, Area area, String title, String href) {}

    private Optional<Path> room = Optional.empty();
    private final BooleanSupplier stopped;
    private final Set<Path> pictures = new LinkedHashSet<>();
    private final Set<String> names = new HashSet<>();
    private final List<BroughtLink> links = new ArrayList<>();
    private final List<Found> found = new ArrayList<>();
    /** File names of pictures by what references call them. */
    private final Map<String, String> called = new LinkedHashMap<>();

    private final List<String> problems = new ArrayList<>();
    private final List<String> told = new ArrayList<>();

    Bringing(BooleanSupplier stopped) {
        this.stopped = stopped;
    }

    boolean isStopped() {
        return stopped.getAsBoolean();
    }

    /** A picture as it is. */
    void picture(Path file) {
        pictures.add(file);
        String name = file.getFileName().toString();
        names.add(name);
        called.putIfAbsent(name, name);
        called.putIfAbsent(name.replaceFirst("\\.[^.]*$", ""), name);
    }

    /**
     * A picture made of a page.
     *
     * @param title from which its file name is made
     * @return its file name
     */
    String made(String title, String ending, byte[] bytes) throws IOException {
        String plain = title.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]+", " ").strip();
        String stem = plain.isEmpty() ? "Page" : plain.substring(0, Math.min(LONGEST_NAME, plain.length()));
        String name = stem + ending;
        for (int n = 2; names.contains(name); n++) {
            name = stem + " " + n + ending;
        }
        if (room.isEmpty()) {
            room = Optional.of(Files.createTempDirectory("pandel-pages"));
        }
        Path file = room.get().resolve(name);
        Files.write(file, bytes);
        pictures.add(file);
        names.add(name);
        return name;
    }

    /** What references call a picture. */
    void call(String reference, String name) {
        called.putIfAbsent(reference, name);
    }

    void link(BroughtLink link) {
        links.add(link);
    }

    /** A link that leads to whatever is called so, or out. */
    void link(String on, Area area, String title, String href) {
        found.add(new Found(on, area, title, href));
    }

    void problem(String sentence) {
        problems.add(sentence);
    }

    void tell(String sentence) {
        told.add(sentence);
    }

    /** Looks up where all links lead, once all is there. */
    void settle() {
        int nowhere = 0;
        for (Found each : found) {
            String href = each.href().strip();
            String bare = href.replaceFirst("^\\./", "").replaceFirst("^#", "");
            String to = called.getOrDefault(href, called.getOrDefault(bare, called.get(bare.replaceFirst("#.*$", ""))));
            if (to != null) {
                links.add(BroughtLink.to(each.on(), each.area(), each.title(), to));
            } else if (Outward.leads(href)) {
                links.add(BroughtLink.leaving(each.on(), each.area(), each.title(), href));
            } else {
                nowhere++;
            }
        }
        if (nowhere > 0) {
            told.add((nowhere == 1 ? "One link leads" : nowhere + " links lead") + " to what did not come along, and "
                    + (nowhere == 1 ? "was" : "were") + " left out.");
        }
    }

    /** The folder of the pictures that were made of pages; empty where none was. */
    Optional<Path> room() {
        return room;
    }

    List<Path> pictures() {
        return List.copyOf(pictures);
    }

    List<BroughtLink> links() {
        return links;
    }

    List<String> problems() {
        return problems;
    }

    List<String> told() {
        return told;
    }
}
