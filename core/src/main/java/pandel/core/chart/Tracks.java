package pandel.core.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;

/**
 * The order of upright tracks in a gap between columns: moved one at a time, from two starts, while fewer lines cross.
 */
final class Tracks {

    private static final int ROUNDS = 12;

    private Tracks() {}

    /** The tracks of a gap from left to right, so that few lines cross. */
    static List<Net> ordered(int gap, List<Net> nets) {
        List<Net> upright = nets.stream().filter(n -> isUpright(n, gap)).toList();
        List<Net> best = List.of();
        int fewest = Integer.MAX_VALUE;
        for (List<Net> start : List.of(upright, upright.reversed())) {
            List<Net> tracks = improved(gap, start);
            int n = IntStream.range(0, tracks.size())
                    .map(i -> crossings(gap, tracks.subList(0, i), tracks.get(i), i))
                    .sum();
            if (n < fewest) {
                fewest = n;
                best = tracks;
            }
        }
        return best;
    }

    private static List<Net> improved(int gap, List<Net> nets) {
        List<Net> tracks = new ArrayList<>();
        nets.forEach(net -> tracks.add(best(gap, tracks, net), net));
        boolean better = true;
        for (int round = 0; round < ROUNDS && better; round++) {
            better = false;
            for (Net net : List.copyOf(tracks)) {
                int was = tracks.indexOf(net);
                tracks.remove(was);
                int now = best(gap, tracks, net);
                if (crossings(gap, tracks, net, now) < crossings(gap, tracks, net, was)) {
                    tracks.add(now, net);
                    better = true;
                } else {
                    tracks.add(was, net);
                }
            }
        }
        return tracks;
    }

    static boolean isUpright(Net net, int gap) {
        Net.InGap in = net.gaps().get(gap);
        return in != null && in.isUpright();
    }

    private static int best(int gap, List<Net> tracks, Net net) {
        int best = 0;
        int fewest = Integer.MAX_VALUE;
        for (int at = 0; at <= tracks.size(); at++) {
            int n = crossings(gap, tracks, net, at);
            if (n < fewest) {
                fewest = n;
                best = at;
            }
        }
        return best;
    }

    /** Crossings of a net with others if it stood before the one at a place. */
    static int crossings(int gap, List<Net> tracks, Net net, int at) {
        Net.InGap own = Objects.requireNonNull(net.gaps().get(gap));
        int n = 0;
        for (int i = 0; i < tracks.size(); i++) {
            Net.InGap other = Objects.requireNonNull(tracks.get(i).gaps().get(gap));
            n += i < at ? Net.InGap.crossings(other, own) : Net.InGap.crossings(own, other);
        }
        return n;
    }
}
