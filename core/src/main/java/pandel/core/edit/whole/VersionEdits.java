package pandel.core.edit.whole;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.edit.AddedFacts;
import pandel.core.edit.Edit;
import pandel.core.edit.Naming;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.SharedHotspot;
import pandel.core.model.start.Entry;

/** Edits of the versions kept in a prototype's file. */
public final class VersionEdits {

    private VersionEdits() {}

    /**
     * Keeps the prototype as it is now.
     *
     * @param made ISO 8601 date
     */
    public static Edit keep(String title, String made, Naming naming) {
        return Edit.of("keep the version “" + title + "”", p -> {
            Set<String> taken = p.index().ids();
            p.versions().forEach(v -> taken.add(v.id()));
            List<Version> all = new ArrayList<>(p.versions());
            all.add(new Version(
                    naming.fresh(title, taken), title, made, new Version.Content.Kept(p.withVersions(List.of()))));
            return p.withVersions(all);
        });
    }

    public static Edit rename(Version version, String title) {
        return Edit.of(
                "rename a version",
                p -> p.withVersions(p.versions().stream()
                        .map(v -> v.id().equals(version.id())
                                ? new Version(v.id(), title.strip(), v.made(), v.content())
                                : v)
                        .toList()));
    }

    public static Edit remove(Version version) {
        return Edit.of(
                "remove the version “" + version.title() + "”",
                p -> p.withVersions(p.versions().stream()
                        .filter(v -> !v.id().equals(version.id()))
                        .toList()));
    }

    /** Makes everything as it was; versions and remarks stay, so that nothing is lost by it. */
    public static Edit restore(String title, Prototype was) {
        return Edit.of(
                "restore “" + title + "”", p -> was.withVersions(p.versions()).withRemarks(p.remarks()));
    }

    /**
     * Makes one screen as it was, with its hotspots and links; one removed since comes back where it stood, one added
     * since goes. Links to screens that are not there any more stay, and the checks name them.
     */
    public static Edit restore(String title, Prototype was, String screen) {
        Optional<Screen> old = was.screen(screen);
        String name = old.map(Screen::shownTitle).orElse(screen);
        return Edit.of("restore “" + name + "” as in “" + title + "”", p -> {
            if (old.isEmpty()) {
                return p.screen(screen)
                        .map(s -> ScreenEdits.remove(List.of(s)).applyTo(p))
                        .orElse(p);
            }
            if (p.screen(screen).isPresent()) {
                return facts(was, p.withScreen(screen, s -> old.get()));
            }
            List<Screen> all = new ArrayList<>(p.screens());
            all.add(Math.min(was.screens().indexOf(old.get()), all.size()), old.get());
            List<SharedHotspot> shared = p.shared().stream()
                    .map(s -> was.index()
                                    .shared(s.hotspot().id())
                                    .filter(o -> o.screens().contains(screen))
                                    .isEmpty()
                            ? s
                            : s.on(java.util.stream.Stream.concat(
                                            s.screens().stream(), java.util.stream.Stream.of(screen))
                                    .toList()))
                    .toList();
            List<Entry> entries = new ArrayList<>(p.entries());
            was.entries().stream()
                    .filter(e -> e.target().id().equals(screen)
                            && p.entries().stream().noneMatch(x -> x.id().equals(e.id())))
                    .forEach(entries::add);
            return facts(was, p.withScreens(all).withShared(shared).withEntries(entries));
        });
    }

    /** Facts that the restored screen asks for or remembers, where they are gone. */
    private static Prototype facts(Prototype was, Prototype now) {
        return AddedFacts.with(
                now,
                was.facts().stream().filter(f -> now.fact(f.id()).isEmpty()).toList());
    }
}
