package pandel.core.model;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Where a verb leads. */
public sealed interface Target {

    /** The id of what is led to. It may be missing from the prototype: that is a finding, not an error. */
    String id();

    /** A screen. */
    record ToScreen(String id, Map<String, Source> values) implements Target {
        public ToScreen {
            values = values.isEmpty() ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(values));
        }

        /** A screen to which nothing is carried. */
        public ToScreen(String id) {
            this(id, Map.of());
        }
    }

    /** A sequence. @param page which page is shown first, from 1; empty: the first */
    record ToSequence(String id, Optional<Integer> page, Map<String, Source> values) implements Target {
        public ToSequence {
            values = values.isEmpty() ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(values));
        }

        /** A sequence at its first page. */
        public ToSequence(String id) {
            this(id, Optional.empty(), Map.of());
        }

        /** The page shown first, from 1. */
        public int first() {
            return page.orElse(1);
        }
    }

    /** A tab set. @param tab id of the tab that is shown first; empty: as the set says */
    record ToTabs(String id, Optional<String> tab, Map<String, Source> values) implements Target {
        public ToTabs {
            values = values.isEmpty() ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(values));
        }

        /** A tab set as it starts. */
        public ToTabs(String id) {
            this(id, Optional.empty(), Map.of());
        }

        /** The tab that is shown first; empty when it is not there. */
        public Optional<TabSet.Tab> first(Prototype prototype) {
            return prototype.tabSet(id).flatMap(s -> tab.isPresent() ? s.tab(tab.get()) : s.firstTab());
        }
    }

    /** How deep tab sets lie in one another, at most. */
    int DEEPEST = 2;

    /** Whether the screen, sequence or tab set itself is there, whatever of it is missing. */
    default boolean isThere(Prototype prototype) {
        return switch (this) {
            case ToScreen to -> prototype.screen(to.id()).isPresent();
            case ToSequence to -> prototype.sequence(to.id()).isPresent();
            case ToTabs to -> prototype.tabSet(to.id()).isPresent();
        };
    }

    /** The screen that is shown first there; empty when something of it is missing. */
    default Optional<Screen> shown(Prototype prototype) {
        return prototype.screen(shownId(prototype));
    }

    /** Id of the screen that is shown first there, or of what is missing. */
    default String shownId(Prototype prototype) {
        return shownId(prototype, DEEPEST);
    }

    private String shownId(Prototype prototype, int deep) {
        return switch (this) {
            case ToTabs to ->
                deep == 0
                        ? to.id()
                        : to.first(prototype)
                                .map(t -> t.root().shownId(prototype, deep - 1))
                                .orElse(to.id());
            case ToScreen to -> to.id();
            case ToSequence to ->
                prototype
                        .sequence(to.id())
                        .filter(s -> to.first() >= 1 && to.first() <= s.pages().size())
                        .map(s -> s.pages().get(to.first() - 1))
                        .orElse(to.id());
        };
    }

    /**
     * All screens that what is carried there may be given to: the screen, the pages of a sequence, the roots of a tab
     * set; what is missing is left out.
     */
    default List<Screen> takers(Prototype prototype) {
        return takerIds(prototype).stream()
                .flatMap(id -> prototype.screen(id).stream())
                .toList();
    }

    /** Ids of all screens that what is carried there may be given to, missing ones too. */
    default List<String> takerIds(Prototype prototype) {
        return takerIds(prototype, DEEPEST);
    }

    private List<String> takerIds(Prototype prototype, int deep) {
        return switch (this) {
            case ToTabs to ->
                deep == 0
                        ? List.of()
                        : prototype.tabSet(to.id()).stream()
                                .flatMap(s -> s.tabs().stream())
                                .flatMap(t -> t.root().takerIds(prototype, deep - 1).stream())
                                .toList();
            case ToScreen to -> List.of(to.id());
            case ToSequence to ->
                prototype.sequence(to.id()).stream()
                        .flatMap(s -> s.pages().stream())
                        .toList();
        };
    }

    /** What is carried to it, by the name under which it is expected. */
    Map<String, Source> values();

    /** The same target with that carried under a name; empty: nothing is. */
    default Target with(String name, Optional<Source> source) {
        Map<String, Source> other = new TreeMap<>(values());
        source.ifPresentOrElse(s -> other.put(name, s), () -> other.remove(name));
        return carrying(other);
    }

    /** The same target with other values carried. */
    default Target carrying(Map<String, Source> values) {
        return switch (this) {
            case ToScreen to -> new ToScreen(id(), values);
            case ToSequence to -> new ToSequence(id(), to.page(), values);
            case ToTabs to -> new ToTabs(id(), to.tab(), values);
        };
    }
}
