package pandel.desktop;

import java.nio.file.Path;
import pandel.files.picture.Thumbnails;
import pandel.files.settings.PreferencesFile;
import pandel.files.store.OpenMark;

/**
 * Where a window keeps what outlives it.
 *
 * @param marks folder of the marks that say which files windows work on
 */
public record Places(Thumbnails thumbnails, PreferencesFile preferences, Path marks) {

    /** Those of the user. */
    public static Places ofUser() {
        return new Places(Thumbnails.ofUser(), PreferencesFile.ofUser(), OpenMark.ofUser());
    }

    /** All in one folder. */
    public static Places in(Path folder) {
        return new Places(
                new Thumbnails(folder.resolve("thumbnails")),
                new PreferencesFile(folder.resolve("preferences.json")),
                folder.resolve("open"));
    }
}
