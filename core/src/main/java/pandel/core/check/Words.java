package pandel.core.check;

import java.util.List;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;

/** Names in findings' sentences. */
final class Words {

    private static final int NAMED = 3;

    private Words() {
    }

    /** A screen's title in quotes, or its id when there is none of that id. */
    static String screen(Prototype prototype, String id) {
        return "“" + prototype.screen(id).map(Screen::shownTitle).orElse(id) + "”";
    }

    /** "A", "A and B", "A, B, C and 4 more". */
    static String screens(Prototype prototype, List<String> ids) {
        List<String> named = ids.stream().limit(ids.size() == NAMED + 1 ? NAMED + 1 : NAMED).map(id -> screen(prototype, id)).toList();
        if (ids.size() > named.size()) {
            return String.join(", ", named) + " and " + (ids.size() - named.size()) + " more";
        }
        return named.size() < 2 ? String.join("", named)
                : String.join(", ", named.subList(0, named.size() - 1)) + " and " + named.getLast();
    }
}
