package pandel.desktop.picture;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import pandel.core.areas.Pixels;
import pandel.core.areas.Recurring;
import pandel.core.areas.Things;
import pandel.core.model.screen.Picture;
import pandel.files.picture.Raster;

/**
 * What stands on pictures, looked at off the interface thread and kept by their content; what recurs among those of one
 * width. To be asked on the interface thread alone.
 */
public final class PictureThings {

    /** So many pictures are compared with one another at the most, and what stands on so many is kept. */
    public static final int MOST = 200;

    /** On so many pictures a sign must stand before it is said to recur. */
    private static final int FEWEST = 3;

    private static final Things NOTHING = Things.on(new Pixels(1, 1, new int[1]), 1);

    /** Somebody who goes on when some pictures are looked at. */
    private record Waiting(List<Picture> pictures, Consumer<List<Things>> then) {}

    private final PictureLibrary library;
    private final List<Waiting> waiting = new ArrayList<>();
    private final Map<String, Things> known = new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Things> eldest) {
            return size() > 2 * MOST;
        }
    };
    private final Set<String> asked = new HashSet<>();
    private final List<Runnable> told = new ArrayList<>();
    private List<String> compared = List.of();
    private List<Recurring> recurring = List.of();

    public PictureThings(PictureLibrary library) {
        this.library = library;
    }

    /** Calls that on the interface thread whenever more is known. */
    public void whenKnown(Runnable then) {
        told.add(then);
    }

    /** Whether nothing is being looked at. */
    public boolean isIdle() {
        return asked.isEmpty();
    }

    /** What stands on a picture; it is looked at when that is not known yet. */
    public Optional<Things> on(Picture picture) {
        ask(picture, true);
        return Optional.ofNullable(known.get(picture.content()));
    }

    /** Looks at pictures that are not known yet, and goes on with what stands on each, in their order. */
    public void onAll(List<Picture> pictures, Consumer<List<Things>> then) {
        pictures.forEach(p -> ask(p, true));
        waiting.add(new Waiting(pictures, then));
        goOn();
    }

    private void goOn() {
        for (Waiting one : List.copyOf(waiting)) {
            if (one.pictures().stream().noneMatch(p -> asked.contains(p.content())) && waiting.remove(one)) {
                List<Things> all = new ArrayList<>();
                one.pictures().forEach(p -> all.add(Objects.requireNonNullElse(known.get(p.content()), NOTHING)));
                one.then().accept(all);
            }
        }
    }

    /**
     * What recurs among pictures of one width, as far as they are known; the others are looked at when there is time.
     * Numbers of pictures are those in the list; of more than {@link #MOST} the first are compared.
     */
    public List<Recurring> among(List<Picture> pictures) {
        List<Picture> some = pictures.subList(0, Math.min(MOST, pictures.size()));
        some.forEach(p -> ask(p, false));
        List<@Nullable Things> things = new ArrayList<>();
        some.forEach(p -> things.add(known.get(p.content())));
        List<String> now =
                some.stream().map(Picture::content).filter(known::containsKey).toList();
        if (!now.equals(compared)) {
            compared = now;
            recurring = Recurring.among(things, FEWEST);
        }
        return recurring;
    }

    private void ask(Picture picture, boolean soon) {
        String content = picture.content();
        if (known.containsKey(content) || !asked.add(content)) {
            return;
        }
        library.study(content, (int) Math.max(1, Math.round(picture.width())), soon, r -> look(r, picture), found -> {
            asked.remove(content);
            // One that cannot be read has nothing on it.
            known.put(content, found.orElse(NOTHING));
            told.forEach(Runnable::run);
            goOn();
        });
    }

    private static Things look(Raster raster, Picture picture) {
        return Things.on(
                new Pixels(raster.width(), raster.height(), onWhite(raster.argb())), raster.width() / picture.width());
    }

    /** What is clear shows the paper. */
    private static int[] onWhite(int[] argb) {
        int[] rgb = argb.clone();
        for (int i = 0; i < rgb.length; i++) {
            int alpha = rgb[i] >>> 24;
            if (alpha < 255) {
                int red = ((rgb[i] >> 16 & 255) * alpha + 255 * (255 - alpha)) / 255;
                int green = ((rgb[i] >> 8 & 255) * alpha + 255 * (255 - alpha)) / 255;
                int blue = ((rgb[i] & 255) * alpha + 255 * (255 - alpha)) / 255;
                rgb[i] = red << 16 | green << 8 | blue;
            }
        }
        return rgb;
    }
}
