package pandel.files.report;

import java.io.IOException;
import java.util.Locale;
import java.util.Optional;
import org.jsoup.nodes.Element;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Facts;
import pandel.core.model.value.Known;
import pandel.core.play.layout.Placement;

/**
 * Screens of a prototype as small pictures on a page.
 *
 * @param pictures those the page has
 */
record Figures(Prototype prototype, ShownPictures pictures) {

    private static final int ACROSS = 140;

    /** A screen as the first device shows it, with nothing remembered. */
    void figure(Element row, String id) throws IOException {
        Device device = prototype.devices().getFirst();
        figure(row, "", id, Known.of(Facts.NONE), device.width(), device.height());
    }

    /** A screen as it looks, with words above it and its title below. */
    void figure(Element row, String words, String id, Known known, double width, double height) throws IOException {
        Element figure = row.appendElement("figure");
        if (!words.isEmpty()) {
            figure.appendElement("figcaption").text(Told.plain(words));
        }
        Optional<Screen> screen = prototype.screen(id);
        String title = Told.plain(prototype.titleOf(id));
        if (screen.isPresent()) {
            Look look = Look.of(prototype, screen.get(), known);
            Placement.Size size = Placement.sizeOf(look, prototype.widths().of(width), width, height);
            Element mock = figure.appendElement("div")
                    .addClass("mock")
                    .attr("role", "img")
                    .attr("aria-label", title)
                    .attr("style", String.format(Locale.ROOT, "height:%.0fpx", ACROSS * size.height() / size.width()));
            Optional<Mock> drawn = look.mockFor(prototype.widths().of(width));
            Optional<String> name = drawn.isPresent() && drawn.get() instanceof Picture picture
                    ? pictures.named(picture.content())
                    : Optional.empty();
            name.ifPresentOrElse(mock::addClass, () -> mock.text(title));
        }
        figure.appendElement("figcaption").addClass("title").text(title);
    }
}
