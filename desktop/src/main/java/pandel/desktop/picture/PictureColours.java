package pandel.desktop.picture;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Stream;
import pandel.core.areas.Palette;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;

/**
 * The colours that a prototype's own pictures are made of, looked at once. To be asked on the interface thread alone.
 */
public final class PictureColours {

    /** So many pictures say what a prototype looks like. */
    private static final int PICTURES = 40;
    /** Pixels that they are looked at wide: grounds, signs and buttons keep their colours. */
    private static final int WIDE = 180;

    private final PictureLibrary library;
    private List<String> looked = List.of();
    private Palette palette = new Palette();
    /** How many pictures are still to be looked at. */
    private int left;

    private Runnable told = () -> {};

    public PictureColours(PictureLibrary library) {
        this.library = library;
    }

    /**
     * Tells what is found once all pictures have been looked at, off the interface thread, so that nothing moves
     * beneath a hand; at once where they have been. Who asked before is told no more.
     *
     * @param most so many colours at the most
     * @param then told the colours as CSS writes them, those there are most of first
     */
    public void of(Prototype prototype, int most, Consumer<List<String>> then) {
        List<String> contents = prototype.screens().stream()
                .flatMap(s -> s.allMocks().flatMap(PictureColours::picture))
                .map(Picture::content)
                .distinct()
                .limit(PICTURES)
                .toList();
        if (!contents.equals(looked)) {
            look(contents);
        }
        told = () -> then.accept(palette.most(most).stream()
                .map(c -> String.format(Locale.ROOT, "#%06X", c))
                .toList());
        if (left == 0) {
            told.run();
        }
    }

    private void look(List<String> contents) {
        looked = contents;
        Palette all = new Palette();
        palette = all;
        left = contents.size();
        contents.forEach(content -> library.study(content, WIDE, true, raster -> Palette.of(raster.argb()), found -> {
            found.ifPresent(all::add);
            if (palette == all && --left == 0) {
                told.run();
            }
        }));
    }

    private static Stream<Picture> picture(Mock mock) {
        return mock instanceof Picture picture ? Stream.of(picture) : Stream.empty();
    }
}
