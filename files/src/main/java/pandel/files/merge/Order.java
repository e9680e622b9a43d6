package pandel.files.merge;

import java.util.ArrayList;
import java.util.List;

/** The order of a list that both changed: mine, unless theirs alone brought what was there before into another. */
final class Order {

    private Order() {}

    /** Everything that mine or theirs has, each once. */
    static List<String> of(List<String> base, List<String> mine, List<String> theirs) {
        boolean moved = !common(mine, base).equals(common(base, mine));
        List<String> made = new ArrayList<>(moved ? mine : theirs);
        List<String> more = moved ? theirs : mine;
        for (int i = 0; i < more.size(); i++) {
            String key = more.get(i);
            if (made.contains(key)) {
                continue;
            }
            // After what it stands after there.
            int at = i == 0 ? 0 : made.indexOf(more.get(i - 1)) + 1;
            made.add(at, key);
        }
        return made;
    }

    private static List<String> common(List<String> of, List<String> with) {
        return of.stream().filter(with::contains).toList();
    }
}
