package pandel.core.model.screen;

import pandel.core.model.device.Cannot;

/** What a screen is to the person who meets it; decides how it stands above or in place of others. */
public enum Form {
    PAGE,
    DIALOG,
    SHEET,
    PANEL;

    /** The word in sentences and in the file. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }

    /** What a device says that opens none of it above; a page opens as a takeover. */
    public Cannot refusal() {
        return switch (this) {
            case PAGE -> Cannot.TAKEOVERS;
            case DIALOG -> Cannot.DIALOGS;
            case SHEET -> Cannot.SHEETS;
            case PANEL -> Cannot.PANELS;
        };
    }
}
