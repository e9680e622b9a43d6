package pandel.desktop.work;

import java.io.IOException;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import pandel.files.settings.Preferences;
import pandel.files.settings.PreferencesFile;

/** What the person prefers; changed here, it is kept. Used on the interface thread alone. */
public final class Preferred {

    private static final Logger LOG = LoggerFactory.getLogger(Preferred.class);

    private final PreferencesFile file;
    private final ReadOnlyObjectWrapper<Preferences> now;

    public Preferred(PreferencesFile file) {
        this.file = file;
        this.now = new ReadOnlyObjectWrapper<>(file.read());
    }

    public ReadOnlyObjectProperty<Preferences> property() {
        return now.getReadOnlyProperty();
    }

    public Preferences now() {
        return now.get();
    }

    public void change(UnaryOperator<Preferences> change) {
        now.set(change.apply(now.get()));
        try {
            file.write(now.get());
        } catch (IOException e) {
            LOG.warn("Preferences could not be kept in {}: {}", file.path(), e.getMessage());
        }
    }
}
