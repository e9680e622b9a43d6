package pandel.files.store;

import java.nio.file.Path;
import pandel.files.Unreadable;

/** Somebody else wrote to the file since it was opened or saved, so it was not replaced. */
public final class ChangedOutside extends Unreadable {

    ChangedOutside(Path file) {
        super("“" + file.getFileName() + "” was changed by another program meanwhile, so it was not saved over.");
    }
}
