package pandel.files.handon;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import pandel.core.check.Checked;
import pandel.core.model.Prototype;
import pandel.files.Unreadable;
import pandel.files.json.PrototypeWriter;
import pandel.files.picture.Pictures;
import pandel.files.picture.Typeface;
import pandel.files.store.PictureSource;
import pandel.files.words.Wordings;
import pandel.files.words.WordsTable;

/** What a prototype can be made into for others. */
public enum HandOn {
    HTML("A page that plays", "html", "For whoever is to try it: one file, opened in any browser, without Pandel."),
    PAGES(
            "Pages to build from",
            "html",
            "For engineers: every screen with numbered hotspots, areas, links in sentences, motions and findings."),
    MARKDOWN("The same in Markdown", "md", "For a wiki, or beside the code; without pictures."),
    PDF(
            "Pages to click through",
            "pdf",
            "For whoever opens nothing but documents: each screen a page, its taps links."),
    IMAGEMAP(
            "Pictures to click through",
            "html",
            "For a page on which nothing may run: each screen a picture, its taps areas."),
    LINKS("Links as a table", "csv", "For a spreadsheet: a row for each way that a link can turn out."),
    SCREENS("Screens as a table", "csv", "For a spreadsheet: a row for each screen."),
    MAP("The map as a drawing", "svg", "For a slide or a wall: all screens by their steps from the entry."),
    PICTURE("The map as a picture", "png", "For where a drawing is not taken; the same map."),
    WORDS(
            "Words to review",
            "csv",
            "For who writes and translates: all words that are read; taken in again by pandel words."),
    SCXML(
            "A state chart",
            "scxml",
            "For programs that run state charts (SCXML): what can be done from the entry on the first device."),
    DOT("A graph", "dot", "For whatever draws graphs in the DOT language."),
    JSON("The prototype alone", "json", "For programs: all that the file says, without pictures.");

    private final String title;
    private final String ending;
    private final String purpose;

    HandOn(String title, String ending, String purpose) {
        this.title = title;
        this.ending = ending;
        this.purpose = purpose;
    }

    /** A few words. */
    public String title() {
        return title;
    }

    /** Of the file, without the dot. */
    public String ending() {
        return ending;
    }

    /** One sentence: for whom it is, and what it holds. */
    public String purpose() {
        return purpose;
    }

    /** The word on the command line. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * Makes it.
     *
     * @throws java.io.InterruptedIOException when it was stopped
     */
    public byte[] of(Checked checked, PictureSource pictures, Course course) throws Unreadable, IOException {
        return of(checked.prototype(), () -> checked, pictures, course);
    }

    /**
     * Makes it of a prototype that need not have been checked.
     *
     * @param checked asked only where what the checks say goes along
     * @throws java.io.InterruptedIOException when it was stopped
     */
    public byte[] of(Prototype prototype, Supplier<Checked> checked, PictureSource pictures, Course course)
            throws Unreadable, IOException {
        return switch (this) {
            case PDF -> StillPdf.of(prototype, pictures, course);
            case PICTURE -> picture(MapSvg.of(checked.get()));
            default -> text(prototype, checked, pictures, course).getBytes(StandardCharsets.UTF_8);
        };
    }

    /** Whether it is looked at rather than read: a browser or what the system has for it shows it. */
    public boolean isLookedAt() {
        return List.of("html", "pdf", "svg", "png").contains(ending);
    }

    private static byte[] picture(String svg) throws Unreadable, IOException {
        Typeface.offer();
        try {
            return Pictures.png(Pictures.decode(svg.getBytes(StandardCharsets.UTF_8), "the map"));
        } catch (Unreadable e) {
            throw new Unreadable("The map is too large for a picture; make it a drawing (SVG) instead.", e);
        }
    }

    private String text(Prototype prototype, Supplier<Checked> checked, PictureSource pictures, Course course)
            throws Unreadable, IOException {
        return switch (this) {
            case PDF, PICTURE -> throw new IllegalStateException(this + " is no text");
            case IMAGEMAP -> StillMaps.of(prototype, pictures, course);
            case HTML -> HtmlPlayer.of(prototype, pictures, course);
            case PAGES -> HandbookHtml.of(checked.get(), pictures);
            case MARKDOWN -> HandbookMarkdown.of(checked.get());
            case LINKS -> Tables.links(prototype);
            case SCREENS -> Tables.screens(checked.get());
            case MAP -> MapSvg.of(checked.get());
            case WORDS -> WordsTable.of(Wordings.of(prototype));
            case SCXML -> Scxml.of(prototype, course::told);
            case DOT -> Tables.dot(checked.get());
            case JSON -> PrototypeWriter.text(prototype);
        };
    }
}
