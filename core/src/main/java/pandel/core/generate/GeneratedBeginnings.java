package pandel.core.generate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Source;

/** Fields of a made-up prototype that begin with what their screen is given, or what a fact holds. */
final class GeneratedBeginnings {

    private GeneratedBeginnings() {}

    static Prototype on(Prototype plain, Random random) {
        return plain.withScreens(plain.screens().stream()
                .map(s -> s.hotspots().stream().noneMatch(Hotspot::isField)
                        ? s
                        : s.withHotspots(s.hotspots().stream()
                                .map(h -> h.isField() ? beginning(plain, s, h, random) : h)
                                .toList()))
                .toList());
    }

    private static Hotspot beginning(Prototype plain, Screen screen, Hotspot field, Random random) {
        List<Source> sources = new ArrayList<>();
        screen.expects().forEach(e -> sources.add(new Source.Given(e.name())));
        plain.facts().forEach(f -> sources.add(new Source.OfFact(f.id())));
        return sources.isEmpty() || random.nextInt(2) == 0
                ? field
                : field.withNature(new Hotspot.Nature.Field(Optional.of(sources.get(random.nextInt(sources.size())))));
    }
}
