package pandel.desktop;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/** Hollow Lane without its frames: the pictures of the sample, linked as they were before. Made once for all tests. */
final class PlainSample {

    private static final String TEXT = "prototype.json";
    private static Path made = Path.of("");

    private PlainSample() {}

    static synchronized Path get() {
        if (made.toString().isEmpty()) {
            try {
                made = make(
                        WindowTest.framedSample(),
                        // A place for each process that tests: none reads what another is still writing.
                        Path.of("target", "plain", System.getProperty("fork", "1"), "hollow-lane.pandel")
                                .toAbsolutePath());
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return made;
    }

    private static Path make(Path framed, Path plain) throws IOException {
        Files.createDirectories(plain.getParent());
        try (ZipFile from = new ZipFile(framed.toFile(), StandardCharsets.UTF_8);
                ZipOutputStream to = new ZipOutputStream(Files.newOutputStream(plain), StandardCharsets.UTF_8);
                InputStream text = PlainSample.class.getResourceAsStream("/hollow-lane-plain.json")) {
            for (ZipEntry entry : java.util.Collections.list(from.entries())) {
                byte[] content = entry.getName().equals(TEXT)
                        ? text.readAllBytes()
                        : from.getInputStream(entry).readAllBytes();
                ZipEntry copy = new ZipEntry(entry.getName());
                // As Pandel itself writes it: texts packed, pictures as they are.
                if (!entry.getName().endsWith(".json")) {
                    CRC32 sum = new CRC32();
                    sum.update(content);
                    copy.setMethod(ZipEntry.STORED);
                    copy.setSize(content.length);
                    copy.setCrc(sum.getValue());
                }
                to.putNextEntry(copy);
                to.write(content);
            }
        }
        return plain;
    }

    /** The pictures it was made of, by name. */
    static List<Path> pictures() throws IOException {
        try (var files = Files.list(Path.of("..", "samples", "pictures"))) {
            return files.sorted(Comparator.naturalOrder()).toList();
        }
    }
}
