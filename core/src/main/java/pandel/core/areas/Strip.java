package pandel.core.areas;

import java.util.List;

/**
 * A strip of tabs drawn at the foot of a picture.
 *
 * @param cells from the left
 * @param ink what each looks like
 * @param tones the mean colour of each, 0xRRGGBB
 */
record Strip(List<Box> cells, List<Long> ink, List<Integer> tones) {

    /** So far the edges of the same strip may be apart on two pictures, in px. */
    private static final int NEAR = 3;

    /** The tab that is chosen looks otherwise: so many may differ. */
    private static final int CHOSEN = 2;

    /** The chosen tab differs by so much at least, summed over the channels, and so many times as much as the next. */
    private static final double SEEN = 2;

    private static final double STANDS_OUT = 1.5;

    Strip {
        cells = List.copyOf(cells);
        ink = List.copyOf(ink);
        tones = List.copyOf(tones);
    }

    /**
     * The tab that looks otherwise than on the other pictures: the chosen one.
     *
     * @return its number from 0, or −1 where none stands out
     */
    int chosen(List<Strip> others) {
        int most = -1;
        double best = 0;
        double second = 0;
        for (int i = 0; i < cells.size(); i++) {
            int cell = i;
            double apart = others.stream()
                    .mapToDouble(o -> apart(tones.get(cell), o.tones.get(cell)))
                    .average()
                    .orElse(0);
            if (apart > best) {
                second = best;
                best = apart;
                most = cell;
            } else {
                second = Math.max(second, apart);
            }
        }
        return best >= SEEN && best > STANDS_OUT * second ? most : -1;
    }

    private static int apart(int one, int other) {
        return Math.abs((one >> 16 & 255) - (other >> 16 & 255))
                + Math.abs((one >> 8 & 255) - (other >> 8 & 255))
                + Math.abs((one & 255) - (other & 255));
    }

    /** Whether another is the same strip, on whichever tab it stands. */
    boolean same(Strip other) {
        if (cells.size() != other.cells.size()) {
            return false;
        }
        int differ = 0;
        for (int i = 0; i < cells.size(); i++) {
            if (Math.abs(cells.get(i).left() - other.cells.get(i).left()) > NEAR
                    || Math.abs(cells.get(i).top() - other.cells.get(i).top()) > NEAR) {
                return false;
            }
            differ += Ink.same(ink.get(i), other.ink.get(i)) ? 0 : 1;
        }
        return differ <= CHOSEN;
    }
}
