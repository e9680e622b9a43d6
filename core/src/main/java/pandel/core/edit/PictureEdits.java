package pandel.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import pandel.core.model.Mock;
import pandel.core.model.Picture;
import pandel.core.model.Prototype;
import pandel.core.model.Screen;

/** Edits of the pictures of screens. Hotspots and links are never touched by them. */
public final class PictureEdits {

    private PictureEdits() {
    }

    /** One picture in place of another, on the width the old one was for. */
    public record Swap(String screen, Picture old, Picture fresh) {

        Mock made() {
            return new Picture(old.on(), fresh.content(), fresh.pixelWidth(), fresh.pixelHeight(), fresh.scale(), fresh.source(), old.rest());
        }
    }

    /**
     * Swaps pictures, adds screens and removes others, all in one.
     *
     * @param added   new screens, put at the end
     * @param removed screens that go, with the links that lead to them
     */
    public static Edit replace(List<Swap> swaps, List<Screen> added, List<Screen> removed) {
        int n = swaps.size();
        String name = n == 1 ? "replace the picture of " + swaps.getFirst().screen() : "replace " + n + " pictures";
        Map<String, List<Swap>> byScreen = swaps.stream().collect(Collectors.groupingBy(Swap::screen));
        return Edit.of(n == 0 ? "take pictures in" : name, p -> {
            Prototype swapped = p.withScreens(p.screens().stream().map(s -> with(s, byScreen.getOrDefault(s.id(), List.of()))).toList());
            Prototype grown = ScreenEdits.add(added).applyTo(swapped);
            return removed.isEmpty() ? grown : ScreenEdits.remove(removed).applyTo(grown);
        });
    }

    private static Screen with(Screen screen, List<Swap> swaps) {
        if (swaps.isEmpty()) {
            return screen;
        }
        List<Mock> mocks = new ArrayList<>(screen.mocks());
        swaps.forEach(swap -> mocks.replaceAll(m -> m.equals(swap.old()) ? swap.made() : m));
        return screen.withMocks(mocks);
    }
}
