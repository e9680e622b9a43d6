package pandel.files.picture;

import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.imaging.jpeg.JpegProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;

/** How a camera held a picture: EXIF's orientation, 1 to 8 (CIPA DC-008, 4.6.5.1). */
enum Orientation {
    NONE,
    MIRRORED,
    HALF,
    FLIPPED,
    TRANSPOSED,
    RIGHT,
    TRANSVERSED,
    LEFT;

    /** What a JPEG says, or none. */
    static Orientation of(byte[] jpeg) {
        try {
            Optional<ExifIFD0Directory> exif = Optional.ofNullable(
                    JpegMetadataReader.readMetadata(new ByteArrayInputStream(jpeg), List.of(new ExifReader()))
                            .getFirstDirectoryOfType(ExifIFD0Directory.class));
            if (exif.isPresent() && exif.get().containsTag(ExifIFD0Directory.TAG_ORIENTATION)) {
                int said = exif.get().getInt(ExifIFD0Directory.TAG_ORIENTATION);
                return said >= 1 && said <= 8 ? values()[said - 1] : NONE;
            }
            return NONE;
        } catch (JpegProcessingException | MetadataException | IOException e) {
            // What cannot be understood beside the pixels is no reason to refuse them.
            return NONE;
        }
    }

    /** Whether columns become rows. */
    boolean swaps() {
        return ordinal() >= TRANSPOSED.ordinal();
    }

    /** The picture as it is meant to be seen. */
    Raster upright(Raster raw) {
        if (this == NONE) {
            return raw;
        }
        int w = raw.width();
        int h = raw.height();
        int width = swaps() ? h : w;
        int height = swaps() ? w : h;
        int[] argb = new int[w * h];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int fromX = switch (this) {
                    case MIRRORED, HALF -> w - 1 - x;
                    case FLIPPED, NONE -> x;
                    case TRANSPOSED, RIGHT -> y;
                    case TRANSVERSED, LEFT -> w - 1 - y;
                };
                int fromY = switch (this) {
                    case MIRRORED, NONE -> y;
                    case HALF, FLIPPED -> h - 1 - y;
                    case TRANSPOSED, LEFT -> x;
                    case RIGHT, TRANSVERSED -> h - 1 - x;
                };
                argb[y * width + x] = raw.argb()[fromY * w + fromX];
            }
        }
        return new Raster(width, height, argb);
    }
}
