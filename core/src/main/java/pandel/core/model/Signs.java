package pandel.core.model;

import java.util.stream.Stream;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.OwnSign;
import pandel.core.model.frame.TabSet;

/** The signs that the frames of a prototype show. */
public final class Signs {

    private Signs() {}

    /** Their names, as often as they are shown; of a thing without a sign an empty one. */
    public static Stream<String> of(Prototype prototype) {
        return Stream.of(
                        prototype.tabSets().stream()
                                .flatMap(s -> Stream.concat(
                                        s.tabs().stream().map(TabSet.Tab::sign),
                                        s.button().stream().map(TabSet.Floating::sign))),
                        prototype.drawers().stream()
                                .flatMap(d -> d.items().stream().map(Drawer.Item::sign)),
                        prototype.headers().stream()
                                .flatMap(h -> h.actions().stream().map(Header.Action::sign)))
                .flatMap(s -> s);
    }

    /** The contents of the drawings among them. */
    public static Stream<String> drawings(Prototype prototype) {
        return of(prototype).flatMap(s -> OwnSign.content(s).stream());
    }
}
