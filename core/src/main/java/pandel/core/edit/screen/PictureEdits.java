package pandel.core.edit.screen;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import pandel.core.edit.Edit;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;

/** Edits of the pictures of screens. Hotspots and links are never touched by them. */
public final class PictureEdits {

    private PictureEdits() {}

    /** One picture in place of another, on the width the old one was for. */
    public record Swap(String screen, Picture old, Picture fresh) {

        Mock made() {
            return new Picture(
                    old.on(),
                    fresh.content(),
                    fresh.pixelWidth(),
                    fresh.pixelHeight(),
                    fresh.scale(),
                    fresh.source(),
                    old.fixedTop(),
                    old.fixedBottom(),
                    old.patches(),
                    old.rest());
        }
    }

    /**
     * Swaps pictures, adds screens and removes others, all in one.
     *
     * @param added new screens, put at the end
     * @param removed screens that go, with the links that lead to them
     */
    public static Edit replace(List<Swap> swaps, List<Screen> added, List<Screen> removed) {
        int n = swaps.size();
        String name = n == 1 ? "replace the picture of " + swaps.getFirst().screen() : "replace " + n + " pictures";
        Map<String, List<Swap>> byScreen = swaps.stream().collect(Collectors.groupingBy(Swap::screen));
        return Edit.of(n == 0 ? "take pictures in" : name, p -> {
            Prototype swapped = p.withScreens(p.screens().stream()
                    .map(s -> with(s, byScreen.getOrDefault(s.id(), List.of())))
                    .toList());
            Prototype grown = ScreenEdits.add(added).applyTo(swapped);
            return removed.isEmpty() ? grown : ScreenEdits.remove(removed).applyTo(grown);
        });
    }

    private static Screen with(Screen screen, List<Swap> swaps) {
        if (swaps.isEmpty()) {
            return screen;
        }
        UnaryOperator<List<Mock>> swapped = mocks -> mocks.stream()
                .map(m -> swaps.stream()
                        .filter(s -> s.old().equals(m))
                        .findFirst()
                        .map(Swap::made)
                        .orElse(m))
                .toList();
        return screen.withEveryMock(swapped);
    }

    /** Changes pictures of any look of screens. */
    public static Edit change(String name, Set<String> screens, UnaryOperator<Picture> change) {
        UnaryOperator<List<Mock>> all = mocks -> mocks.stream()
                .<Mock>map(m -> switch (m) {
                    case Picture p -> change.apply(p);
                })
                .toList();
        return Edit.of(
                name,
                p -> p.withScreens(p.screens().stream()
                        .map(s -> screens.contains(s.id()) ? s.withEveryMock(all) : s)
                        .toList()));
    }
}
