package pandel.desktop.shell.file;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;

/** Screens made from pictures that are the very same file as another screen's. */
final class SamePictures {

    private static final int NAMED = 3;

    private SamePictures() {}

    /**
     * " “Loan” and “Loan copy” show the very same picture."; empty where none do.
     *
     * @param taken screens that were just made
     */
    static String told(Prototype prototype, List<Screen> taken) {
        Set<String> contents = taken.stream().flatMap(SamePictures::contents).collect(Collectors.toSet());
        List<String> told = contents.stream()
                .map(c -> prototype.screens().stream()
                        .filter(s -> contents(s).anyMatch(c::equals))
                        .map(s -> "“" + s.shownTitle() + "”")
                        .collect(Collectors.toCollection(LinkedHashSet::new)))
                .filter(titles -> titles.size() > 1)
                .map(SamePictures::listed)
                .sorted()
                .toList();
        if (told.isEmpty()) {
            return "";
        }
        String some = String.join("; ", told.subList(0, Math.min(NAMED, told.size())));
        return " " + some + (told.size() > NAMED ? "; and " + (told.size() - NAMED) + " more" : "")
                + (told.size() == 1 ? " show the very same picture." : ": each shows the very same picture.");
    }

    private static String listed(Set<String> titles) {
        List<String> all = List.copyOf(titles);
        return String.join(", ", all.subList(0, all.size() - 1)) + " and " + all.getLast();
    }

    private static Stream<String> contents(Screen screen) {
        return screen.mocks().stream().filter(Picture.class::isInstance).map(m -> ((Picture) m).content());
    }
}
