package pandel.core.model.screen;

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
}
