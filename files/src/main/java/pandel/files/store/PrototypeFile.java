package pandel.files.store;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Enumeration;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import pandel.core.model.Prototype;
import pandel.core.model.Signs;
import pandel.core.model.Version;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;
import pandel.files.Unreadable;
import pandel.files.json.PrototypeReader;

/** Opens a prototype: a {@code .pandel} zip, or a folder of the same content. Safe with anything. */
public final class PrototypeFile {

    static final String JSON = "prototype.json";
    static final String PICTURES = "pictures/";
    static final String VERSIONS = "versions/";
    private static final int MOST_ENTRIES = 200_000;
    static final long MOST_JSON = 400_000_000;
    static final long BOMB_FROM = 10_000_000;
    static final int BOMB_RATIO = 100;

    /**
     * An opened prototype.
     *
     * @param pictures where its pictures are
     * @param missing content names of pictures that the file should hold and does not
     */
    public record Opened(Prototype prototype, PictureSource pictures, List<String> missing) {}

    private PrototypeFile() {}

    /** Reads a file or folder; the pictures stay where they are. */
    public static Opened open(Path path) throws Unreadable {
        String name = path.getFileName() == null
                ? path.toString()
                : path.getFileName().toString();
        try {
            return Files.isDirectory(path) ? folder(path) : zip(path);
        } catch (Unreadable e) {
            throw new Unreadable("“" + name + "” cannot be opened. " + e.sentence(), e);
        } catch (NoSuchFileException e) {
            throw new Unreadable("There is no file “" + path + "”; check the name.", e);
        } catch (IOException | RuntimeException e) {
            throw new Unreadable("“" + name + "” cannot be read: " + Unreadable.why(e) + ".", e);
        }
    }

    private static Opened folder(Path path) throws IOException, Unreadable {
        Path json = path.resolve(JSON);
        if (!Files.isRegularFile(json)) {
            throw new Unreadable("The folder holds no prototype.json.");
        }
        if (!FolderPictures.isPlain(json, path)) {
            throw new Unreadable("Its prototype.json is a link to a file outside the folder, so it is not opened.");
        }
        if (Files.size(json) > MOST_JSON) {
            throw new Unreadable("Its prototype.json is larger than Pandel reads.");
        }
        Set<String> held = new LinkedHashSet<>();
        Path pictures = path.resolve(PICTURES);
        if (Files.isDirectory(pictures)) {
            try (Stream<Path> files = Files.list(pictures)) {
                for (Path file : files.toList()) {
                    if (FolderPictures.isPlain(file, path)) {
                        held.add(file.getFileName().toString());
                    }
                }
            }
        }
        try (InputStream in = new BufferedInputStream(Files.newInputStream(json))) {
            return opened(
                    PrototypeReader.read(in, id -> text(path.resolve(VERSIONS + id + ".json"), path)),
                    new FolderPictures(pictures, path),
                    held);
        }
    }

    private static Opened zip(Path path) throws IOException, Unreadable {
        if (!Files.exists(path)) {
            throw new NoSuchFileException(path.toString());
        }
        if (!Files.isRegularFile(path)) {
            throw new Unreadable("It is neither a file nor a folder.");
        }
        try (ZipFile zip = new ZipFile(path.toFile())) {
            Set<String> held = entries(zip);
            ZipEntry json = zip.getEntry(JSON);
            if (json == null) {
                throw new Unreadable("It is a zip without a prototype.json, so no Pandel prototype.");
            }
            try (InputStream in = new Capped(new BufferedInputStream(zip.getInputStream(json)), most(json))) {
                return opened(
                        PrototypeReader.read(in, id -> text(zip, VERSIONS + id + ".json")),
                        new ZipPictures(Beside.linkedFrom(path)),
                        held);
            }
        } catch (ZipException e) {
            throw new Unreadable(
                    startsAsZip(path)
                            ? "It is cut short or damaged; take an earlier copy of it."
                            : "It is no Pandel prototype.",
                    e);
        }
    }

    /** The prototype of a file of this program's own, without looking after pictures; not bounded. */
    static Prototype prototype(Path path) throws IOException, Unreadable {
        try (ZipFile zip = new ZipFile(path.toFile());
                InputStream in = new BufferedInputStream(zip.getInputStream(zip.getEntry(JSON)))) {
            return PrototypeReader.read(in, id -> text(zip, VERSIONS + id + ".json"));
        }
    }

    /** A version's text; one that cannot be read, or is too large, is as if it were not there. */
    private static Optional<String> text(Path file, Path inside) {
        try {
            return FolderPictures.isPlain(file, inside) && Files.size(file) <= MOST_JSON
                    ? Optional.of(Files.readString(file))
                    : Optional.empty();
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    private static Optional<String> text(ZipFile zip, String name) {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            return Optional.empty();
        }
        try (InputStream in = new Capped(new BufferedInputStream(zip.getInputStream(entry)), most(entry))) {
            return Optional.of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** How many bytes of it are read: an entry that unpacks to far more than its size is no prototype. */
    private static long most(ZipEntry json) {
        return Math.min(MOST_JSON, Math.max(BOMB_FROM, json.getCompressedSize() * BOMB_RATIO));
    }

    private static Set<String> entries(ZipFile zip) throws Unreadable {
        if (zip.size() > MOST_ENTRIES) {
            throw new Unreadable("It holds " + zip.size() + " files; a prototype has at most " + MOST_ENTRIES + ".");
        }
        Set<String> held = new LinkedHashSet<>();
        for (Enumeration<? extends ZipEntry> e = zip.entries(); e.hasMoreElements(); ) {
            String entry = e.nextElement().getName();
            if (entry.startsWith("/")
                    || entry.contains("\\")
                    || entry.matches("^[A-Za-z]:.*")
                    || List.of(entry.split("/")).contains("..")) {
                throw new Unreadable("It names a path outside itself, “" + entry
                        + "”, so it was not made by Pandel and is not opened.");
            }
            if (entry.startsWith(PICTURES)) {
                held.add(entry.substring(PICTURES.length()));
            }
        }
        return held;
    }

    private static boolean startsAsZip(Path path) throws IOException {
        try (InputStream in = Files.newInputStream(path)) {
            byte[] start = in.readNBytes(2);
            return start.length == 2 && start[0] == 'P' && start[1] == 'K';
        }
    }

    private static Opened opened(Prototype prototype, PictureSource pictures, Set<String> held) {
        List<String> missing = new ArrayList<>(pictures(prototype));
        missing.removeAll(held);
        return new Opened(prototype, pictures, missing);
    }

    /** Content names of the pictures a prototype and its versions show, each once. */
    public static Set<String> pictures(Prototype prototype) {
        Set<String> contents = new LinkedHashSet<>();
        prototype.screens().forEach(screen -> screen.allMocks().forEach(mock -> contents.add(content(mock))));
        prototype.drawers().forEach(drawer -> drawer.picture().ifPresent(picture -> contents.add(picture.content())));
        Signs.drawings(prototype).forEach(contents::add);
        for (Version version : prototype.versions()) {
            if (version.content() instanceof Version.Content.Kept kept) {
                contents.addAll(pictures(kept.prototype()));
            }
        }
        return contents;
    }

    private static String content(Mock mock) {
        return switch (mock) {
            case Picture picture -> picture.content();
        };
    }
}
