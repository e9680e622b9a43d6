package pandel.files.store;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermission;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import pandel.core.model.Prototype;
import pandel.files.Unreadable;
import pandel.files.json.PrototypeWriter;

/** Saves a prototype: writes beside, flushes, renames. At no moment is there no whole file. */
public final class PrototypeSaving {

    private PrototypeSaving() {
    }

    /** Saves as one {@code .pandel} file. */
    public static void toFile(Prototype prototype, Path file, PictureShelf shelf) throws Unreadable {
        Path target = file.toAbsolutePath();
        Path beside = target.resolveSibling("." + target.getFileName() + ".saving");
        try {
            refuseReadOnly(target);
            Reading reading = new Reading(shelf);
            keepWhatGoes(prototype, target, shelf, reading);
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(beside), 1 << 16);
                    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
                zip.putNextEntry(stable(PrototypeFile.JSON));
                zip.write(PrototypeWriter.text(prototype).getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
                for (Map.Entry<String, String> version : PrototypeWriter.versions(prototype).entrySet()) {
                    zip.putNextEntry(stable(PrototypeFile.VERSIONS + version.getKey() + ".json"));
                    zip.write(version.getValue().getBytes(StandardCharsets.UTF_8));
                    zip.closeEntry();
                }
                for (String content : PrototypeFile.pictures(prototype)) {
                    Optional<byte[]> bytes = reading.read(content);
                    if (bytes.isPresent()) {
                        store(zip, content, bytes.get());
                    }
                }
            }
            reading.refuseLoss();
            flush(beside);
            rename(beside, target);
            shelf.savedTo(new ZipPictures(target));
        } catch (IOException e) {
            throw cannot(file, e);
        } finally {
            discard(beside);
        }
    }

    /** Saves as a plain folder for version control. */
    public static void toFolder(Prototype prototype, Path folder, PictureShelf shelf) throws Unreadable {
        Path target = folder.toAbsolutePath();
        Path pictures = target.resolve(PrototypeFile.PICTURES);
        Path beside = target.resolve("." + PrototypeFile.JSON + ".saving");
        try {
            refuseReadOnly(target.resolve(PrototypeFile.JSON));
            Files.createDirectories(pictures);
            Set<String> wanted = PrototypeFile.pictures(prototype);
            Reading reading = new Reading(shelf);
            for (String content : wanted) {
                Path file = pictures.resolve(content);
                Optional<byte[]> bytes = Files.exists(file) ? Optional.empty() : reading.read(content);
                if (bytes.isPresent()) {
                    Path part = pictures.resolve("." + content + ".saving");
                    Files.write(part, bytes.get());
                    flush(part);
                    rename(part, file);
                }
            }
            reading.refuseLoss();
            saveVersions(prototype, target.resolve(PrototypeFile.VERSIONS));
            Files.writeString(beside, PrototypeWriter.text(prototype));
            flush(beside);
            rename(beside, target.resolve(PrototypeFile.JSON));
            removeOthers(pictures, wanted, shelf);
            removeVersions(prototype, target.resolve(PrototypeFile.VERSIONS));
            shelf.add(new FolderPictures(pictures));
        } catch (IOException e) {
            throw cannot(folder, e);
        } finally {
            discard(beside);
        }
    }

    private static void saveVersions(Prototype prototype, Path folder) throws IOException {
        for (Map.Entry<String, String> version : PrototypeWriter.versions(prototype).entrySet()) {
            Path file = Files.createDirectories(folder).resolve(version.getKey() + ".json");
            if (!Files.exists(file) || !Files.readString(file).equals(version.getValue())) {
                Path part = folder.resolve("." + version.getKey() + ".saving");
                Files.writeString(part, version.getValue());
                flush(part);
                rename(part, file);
            }
        }
    }

    /** Versions that were removed go from the folder, once nothing names them any more. */
    private static void removeVersions(Prototype prototype, Path folder) throws IOException {
        if (Files.isDirectory(folder)) {
            Set<String> kept = new HashSet<>();
            prototype.versions().forEach(v -> kept.add(v.id() + ".json"));
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.filter(f -> f.getFileName().toString().endsWith(".json") && !kept.contains(f.getFileName().toString())).toList()) {
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
        if (!target.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            return true;
        }
        Set<PosixFilePermission> may = Files.getPosixFilePermissions(target);
        return may.contains(PosixFilePermission.OWNER_WRITE) || may.contains(PosixFilePermission.GROUP_WRITE) || may.contains(PosixFilePermission.OTHERS_WRITE);
    }

    private static final class ReadOnly extends IOException {
        ReadOnly() {
            super("it is read-only");
        }
    }

    /** Reads pictures one after the other; those that can be read no more are told of before the new file takes the old one's place. */
    private static final class Reading {
        private final PictureShelf shelf;
        private final Set<String> gone = new LinkedHashSet<>();
        private IOException why;

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
                throw new PicturesGone(gone, why);
            }
        }
    }

    /** Pictures that the old file holds and the new one will not: undo may bring them back, so the shelf keeps them. */
    private static void keepWhatGoes(Prototype prototype, Path target, PictureShelf shelf, Reading reading) throws IOException {
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
        CRC32 crc = new CRC32();
        crc.update(bytes);
        ZipEntry entry = stable(PrototypeFile.PICTURES + content);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(bytes.length);
        entry.setCrc(crc.getValue());
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }

    private static void flush(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    private static void rename(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    private static void discard(Path beside) {
        try {
            Files.deleteIfExists(beside);
        } catch (IOException e) {
            // A left-over beside the file harms nobody; the next save writes over it.
        }
    }

    private static boolean isFull(IOException e) {
        String said = String.valueOf(e.getMessage()).toLowerCase(Locale.ROOT);
        return said.contains("no space") || said.contains("out of disk space") || said.contains("disk full") || said.contains("quota");
    }

    private static Unreadable cannot(Path path, IOException e) {
        return new Unreadable("“" + path.getFileName() + "” could not be saved in " + path.toAbsolutePath().getParent() + ": "
                + (e instanceof AccessDeniedException ? "no permission to write there"
                : isFull(e) ? "there is no room left on the disk"
                : e instanceof NoSuchFileException ? "that folder is not there" : e instanceof java.io.EOFException ? "the file it was opened from is shorter than it was" : e.getMessage())
                + ". Your work is still open; save it elsewhere.", e);
    }
}
