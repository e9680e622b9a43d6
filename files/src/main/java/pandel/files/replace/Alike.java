package pandel.files.replace;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import pandel.core.model.screen.Picture;

/** Which screens have pictures that look alike: often one is a look of the other, or was taken in twice. */
public final class Alike {

    /** Distance of likenesses up to which people call pictures alike. */
    private static final double CLOSE = 0.17;

    private Alike() {}

    /**
     * For each screen that has any, ids of the screens whose pictures are like its own. Time grows with the square of
     * the pictures, a few bits each.
     *
     * @param looks how a picture looks; empty when it cannot be read
     */
    public static Map<String, List<String>> of(List<Had> had, Function<Picture, Optional<Likeness>> looks) {
        List<Optional<Likeness>> likenesses =
                had.stream().map(h -> looks.apply(h.picture())).toList();
        Map<String, List<String>> alike = new LinkedHashMap<>();
        for (int i = 0; i < had.size(); i++) {
            for (int j = i + 1; j < had.size(); j++) {
                String a = had.get(i).screen().id();
                String b = had.get(j).screen().id();
                boolean same = had.get(i)
                        .picture()
                        .content()
                        .equals(had.get(j).picture().content());
                boolean close = !same
                        && likenesses.get(i).isPresent()
                        && likenesses.get(j).isPresent()
                        && likenesses.get(i).get().distance(likenesses.get(j).get()) <= CLOSE;
                if ((same || close) && !a.equals(b)) {
                    add(alike, a, b);
                    add(alike, b, a);
                }
            }
        }
        return alike;
    }

    private static void add(Map<String, List<String>> alike, String a, String b) {
        List<String> others = alike.computeIfAbsent(a, k -> new ArrayList<>());
        if (!others.contains(b)) {
            others.add(b);
        }
    }
}
