package pandel.desktop.frames;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.TabSet;

/** What is said of where a drawer or a header is attached. */
final class AttachedSaying {

    private final FrameDesk desk;
    private final String prefix;
    private final Supplier<Attached> now;
    private final BiConsumer<String, Attached> put;

    /**
     * @param prefix of the ids of its words
     * @param put told a name for the edit, and where it is attached from now on
     */
    AttachedSaying(FrameDesk desk, String prefix, Supplier<Attached> now, BiConsumer<String, Attached> put) {
        this.desk = desk;
        this.prefix = prefix;
        this.now = now;
        this.put = put;
    }

    void say() {
        Attached on = now.get();
        Saying line = desk.say()
                .words("On")
                .one(
                        prefix + "-all",
                        "Where it is attached",
                        List.of(true, false),
                        on.all(),
                        all -> all ? "all pages" : "some alone:",
                        all -> put.accept(
                                all ? "attach it to all pages" : "attach it to some alone",
                                new Attached(all, on.screens(), on.tabSets())));
        on.tabSets().forEach(id -> letGo(line, "inside " + titleOfSet(id), id));
        on.screens().forEach(id -> letGo(line, desk.work.prototype().titleOf(id), id));
        line.press("A screen…", prefix + "-attach", "Attach it to one more screen", this::attach);
        desk.work.prototype().tabSets().stream()
                .filter(s -> !on.tabSets().contains(s.id()))
                .forEach(s -> line.press(
                        "Inside " + s.shownTitle(),
                        "attach-" + s.id(),
                        "Attach it to every place behind the strip of that tab set",
                        () -> put.accept(
                                "attach it inside “" + s.shownTitle() + "”",
                                new Attached(on.all(), on.screens(), with(on.tabSets(), s.id())))));
    }

    private String titleOfSet(String id) {
        return desk.work.prototype().tabSet(id).map(TabSet::shownTitle).orElse(id);
    }

    private void attach() {
        desk.pick(
                "Which screen?",
                desk.work.prototype().screens().stream()
                        .filter(s -> !now.get().screens().contains(s.id()))
                        .toList(),
                screen -> put.accept(
                        "attach it to “" + screen.shownTitle() + "”",
                        new Attached(
                                now.get().all(),
                                with(now.get().screens(), screen.id()),
                                now.get().tabSets())));
    }

    private void letGo(Saying line, String title, String id) {
        line.press(
                title + " ×",
                "detach-" + id,
                "Detach it from there",
                () -> put.accept("detach it", now.get().without(Set.of(id))));
    }

    private static Set<String> with(Set<String> ids, String more) {
        return Stream.concat(ids.stream(), Stream.of(more)).collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
