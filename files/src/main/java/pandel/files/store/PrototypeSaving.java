package pandel.files.store;

import java.io.BufferedOutputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jspecify.annotations.Nullable;
import pandel.core.model.Prototype;
import pandel.files.Unreadable;
import pandel.files.json.PrototypeReader;
import pandel.files.json.PrototypeWriter;
import pandel.files.json.VersionTexts;

/** Saves a prototype: writes beside, flushes, renames. At no moment is there no whole file. */
public final class PrototypeSaving {

    private PrototypeSaving() {}

    /** Saves as one {@code .pandel} file, whoever wrote there before. */
    public static void toFile(Prototype prototype, Path file, PictureShelf shelf) throws Unreadable {
        toFile(prototype, file, shelf, Optional.empty());
    }

    /**
     * Saves as one {@code .pandel} file.
     *
     * @param as how the file was when it was last read or written; refused with {@link ChangedOutside} when it is not
     *     so any more
     */
    public static void toFile(Prototype prototype, Path file, PictureShelf shelf, Optional<FileStamp> as)
            throws Unreadable {
        try (Beside beside = Beside.of(file)) {
            Path target = beside.target();
            refuseReadOnly(target);
            refuseChanged(target, as);
            Reading reading = new Reading(shelf);
            keepWhatGoes(prototype, target, shelf, reading);
            Set<String> pictures = PrototypeFile.pictures(prototype);
            try (OutputStream out = new BufferedOutputStream(beside.out(), 1 << 16);
                    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
                text(zip, PrototypeFile.JSON, PrototypeWriter.text(prototype));
                for (Map.Entry<String, String> version :
                        PrototypeWriter.versions(prototype).entrySet()) {
                    text(zip, PrototypeFile.VERSIONS + version.getKey() + ".json", version.getValue());
                }
                for (String content : pictures) {
                    Optional<byte[]> bytes = reading.read(content);
                    if (bytes.isPresent()) {
                        store(zip, content, bytes.get());
                    }
                }
            }
            reading.refuseLoss();
            beside.flush();
            opensAgain(beside.part(), file);
            refuseChanged(target, as);
            beside.replace();
            shelf.savedTo(new ZipPictures(target));
        } catch (IOException e) {
            throw cannot(file, e);
        }
    }

    /** Saves in the form that another place has: as a folder where that is one, else as one file. */
    public static void like(Path form, Prototype prototype, Path to, PictureShelf shelf) throws Unreadable {
        if (Files.isDirectory(form)) {
            toFolder(prototype, to, shelf);
        } else {
            toFile(prototype, to, shelf);
        }
    }

    /** Saves as a plain folder for version control, whoever wrote there before. */
    public static void toFolder(Prototype prototype, Path folder, PictureShelf shelf) throws Unreadable {
        toFolder(prototype, folder, shelf, Optional.empty());
    }

    /**
     * Saves as a plain folder for version control.
     *
     * @param as how its prototype.json was when it was last read or written; refused with {@link ChangedOutside} when
     *     it is not so any more
     */
    public static void toFolder(Prototype prototype, Path folder, PictureShelf shelf, Optional<FileStamp> as)
            throws Unreadable {
        Path target = folder.toAbsolutePath();
        Path pictures = target.resolve(PrototypeFile.PICTURES);
        try {
            refuseReadOnly(target.resolve(PrototypeFile.JSON));
            refuseChanged(target, as);
            Files.createDirectories(pictures);
            Set<String> wanted = PrototypeFile.pictures(prototype);
            Reading reading = new Reading(shelf);
            for (String content : wanted) {
                Path file = pictures.resolve(content);
                Optional<byte[]> bytes = Files.exists(file) ? Optional.empty() : reading.read(content);
                if (bytes.isPresent()) {
                    write(file, bytes.get());
                }
            }
            reading.refuseLoss();
            saveVersions(prototype, target.resolve(PrototypeFile.VERSIONS));
            try (Beside beside = Beside.inPlaceOf(target.resolve(PrototypeFile.JSON))) {
                byte[] json = PrototypeWriter.text(prototype).getBytes(StandardCharsets.UTF_8);
                beside.write(json);
                beside.flush();
                opensAgain(json, folder);
                refuseChanged(target, as);
                beside.replace();
            }
            removeOthers(pictures, wanted, shelf);
            removeVersions(prototype, target.resolve(PrototypeFile.VERSIONS));
            shelf.add(new FolderPictures(pictures, target));
        } catch (IOException e) {
            throw cannot(folder, e);
        }
    }

    private static void write(Path file, byte[] bytes) throws IOException {
        try (Beside beside = Beside.inPlaceOf(file)) {
            beside.write(bytes);
            beside.flush();
            beside.replace();
        }
    }

    /**
     * What is written is read once before it counts: a file that could not be opened again does not take the old one's
     * place.
     */
    private static void opensAgain(Path written, Path file) throws Unreadable {
        try {
            PrototypeFile.open(written);
        } catch (Unreadable e) {
            throw notSaved(file, e.getCause() instanceof Unreadable why ? why : e);
        }
    }

    private static void opensAgain(byte[] json, Path folder) throws Unreadable, IOException {
        if (json.length > PrototypeFile.MOST_JSON) {
            throw notSaved(folder, new Unreadable("Its prototype.json is larger than Pandel reads."));
        }
        try {
            PrototypeReader.read(new ByteArrayInputStream(json), VersionTexts.NONE);
        } catch (Unreadable e) {
            throw notSaved(folder, e);
        }
    }

    private static Unreadable notSaved(Path file, Unreadable why) {
        return new Unreadable(
                "“" + file.getFileName() + "” was not saved, because it could not be opened again. " + why.sentence()
                        + " What was there before is as it was, and your work is still open.",
                why);
    }

    private static void refuseChanged(Path target, Optional<FileStamp> as) throws ChangedOutside {
        FileStamp now = FileStamp.now(target);
        if (as.isPresent() && !now.equals(FileStamp.NONE) && !now.equals(as.get())) {
            throw new ChangedOutside(target);
        }
    }

    /** A text packed; one that packs so well that it would be taken for a trap is left unpacked. */
    private static void text(ZipOutputStream zip, String name, String text) throws IOException {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        if (bytes.length > PrototypeFile.BOMB_FROM && packed(bytes) * PrototypeFile.BOMB_RATIO < bytes.length * 2L) {
            stored(zip, name, bytes);
            return;
        }
        zip.putNextEntry(stable(name));
        zip.write(bytes);
        zip.closeEntry();
    }

    private static long packed(byte[] bytes) {
        try (Deflater deflater = new Deflater(Deflater.DEFAULT_COMPRESSION, true)) {
            deflater.setInput(bytes);
            deflater.finish();
            byte[] buffer = new byte[1 << 16];
            long packed = 0;
            while (!deflater.finished()) {
                packed += deflater.deflate(buffer);
            }
            return packed;
        }
    }

    private static void saveVersions(Prototype prototype, Path folder) throws IOException {
        for (Map.Entry<String, String> version :
                PrototypeWriter.versions(prototype).entrySet()) {
            Path file = Files.createDirectories(folder).resolve(version.getKey() + ".json");
            if (!Files.exists(file) || !Files.readString(file).equals(version.getValue())) {
                write(file, version.getValue().getBytes(StandardCharsets.UTF_8));
            }
        }
    }

    /** Versions that were removed go from the folder, once nothing names them any more. */
    private static void removeVersions(Prototype prototype, Path folder) throws IOException {
        if (Files.isDirectory(folder)) {
            Set<String> kept = new HashSet<>();
            prototype.versions().forEach(v -> kept.add(v.id() + ".json"));
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.filter(f -> f.getFileName().toString().endsWith(".json")
                                && !kept.contains(f.getFileName().toString()))
                        .toList()) {
                    Files.delete(file);
                }
            }
        }
    }

    /** A file marked as not to be written is not replaced either, though its folder would let it. */
    private static void refuseReadOnly(Path target) throws IOException {
        if (Files.exists(target) && (!Files.isWritable(target) || !writableByAnyone(target))) {
            throw new ReadOnly();
        }
    }

    private static boolean writableByAnyone(Path target) throws IOException {
        return Beside.rights(target)
                .map(may -> may.contains(PosixFilePermission.OWNER_WRITE)
                        || may.contains(PosixFilePermission.GROUP_WRITE)
                        || may.contains(PosixFilePermission.OTHERS_WRITE))
                .orElse(true);
    }

    private static final class ReadOnly extends IOException {
        ReadOnly() {
            super("it is read-only");
        }
    }

    /**
     * Reads pictures one after the other; those that can be read no more are told of before the new file takes the old
     * one's place.
     */
    private static final class Reading {
        private final PictureShelf shelf;
        private final Set<String> gone = new LinkedHashSet<>();
        private @Nullable IOException why;

        Reading(PictureShelf shelf) {
            this.shelf = shelf;
        }

        Optional<byte[]> read(String content) {
            try {
                return shelf.read(content);
            } catch (IOException e) {
                gone.add(content);
                why = e;
                return Optional.empty();
            }
        }

        void refuseLoss() throws PicturesGone {
            if (!gone.isEmpty()) {
                throw new PicturesGone(gone, Objects.requireNonNull(why));
            }
        }
    }

    /** Pictures that the old file holds and the new one will not: undo may bring them back, so the shelf keeps them. */
    private static void keepWhatGoes(Prototype prototype, Path target, PictureShelf shelf, Reading reading)
            throws IOException {
        Optional<ZipPictures> old = shelf.of(target);
        if (old.isEmpty()) {
            return;
        }
        Set<String> going = new HashSet<>(old.get().contents());
        going.removeAll(PrototypeFile.pictures(prototype));
        for (String content : going) {
            Optional<byte[]> bytes = reading.read(content);
            if (bytes.isPresent()) {
                shelf.take(bytes.get(), content.substring(content.indexOf('.') + 1));
            }
        }
    }

    private static void removeOthers(Path pictures, Set<String> wanted, PictureShelf shelf) throws IOException {
        try (Stream<Path> files = Files.list(pictures)) {
            for (Path file : files.toList()) {
                String name = file.getFileName().toString();
                if (name.matches("[0-9a-f]{64}\\.(png|jpg|svg)") && !wanted.contains(name)) {
                    shelf.take(Files.readAllBytes(file), name.substring(name.indexOf('.') + 1));
                    Files.delete(file);
                }
            }
        }
    }

    /** An entry whose time is always the same, so that the same prototype gives the same bytes. */
    private static ZipEntry stable(String name) {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(LocalDateTime.of(2026, 1, 1, 0, 0));
        return entry;
    }

    private static void store(ZipOutputStream zip, String content, byte[] bytes) throws IOException {
        stored(zip, PrototypeFile.PICTURES + content, bytes);
    }

    private static void stored(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        CRC32 crc = new CRC32();
        crc.update(bytes);
        ZipEntry entry = stable(name);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(bytes.length);
        entry.setCrc(crc.getValue());
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }

    private static boolean isFull(IOException e) {
        String said = String.valueOf(e.getMessage()).toLowerCase(Locale.ROOT);
        return said.contains("no space")
                || said.contains("out of disk space")
                || said.contains("disk full")
                || said.contains("quota");
    }

    private static Unreadable cannot(Path path, IOException e) {
        return new Unreadable(
                "“" + path.getFileName() + "” could not be saved in "
                        + path.toAbsolutePath().getParent() + ": "
                        + (e instanceof AccessDeniedException
                                ? "no permission to write there"
                                : isFull(e)
                                        ? "there is no room left on the disk"
                                        : e instanceof NoSuchFileException
                                                ? "that folder is not there"
                                                : e instanceof java.io.EOFException
                                                        ? "the file it was opened from is shorter than it was"
                                                        : Unreadable.why(e))
                        + ". Your work is still open; save it elsewhere.",
                e);
    }
}
