package pandel.files.picture;

import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.font.FontRenderContext;
import java.awt.font.LineBreakMeasurer;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.text.AttributedString;
import java.util.ArrayList;
import java.util.List;
import pandel.core.model.screen.Patch;

/**
 * Draws the words that are laid on a picture onto it, names of values as they stand, where nothing can lay them anew.
 */
public final class LaidWords {

    private LaidWords() {}

    /** Pixels as Java 2D draws on them. */
    public static BufferedImage image(Raster picture) {
        BufferedImage image = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_ARGB);
        image.setRGB(0, 0, picture.width(), picture.height(), picture.argb(), 0, picture.width());
        return image;
    }

    /** A picture of one colour that says what the screen is called, where there is none. */
    public static BufferedImage named(String title, double width, double height) {
        BufferedImage image =
                new BufferedImage((int) Math.ceil(width * 2), (int) Math.ceil(height * 2), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = begin(image);
        g.setColor(new Color(0xF4F6F6));
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.scale(2, 2);
        lines(g, title, new Rectangle2D.Double(16, height * 0.4, width - 32, height * 0.2), 16, "#56636a", true);
        g.dispose();
        return image;
    }

    /**
     * The same as pixels.
     *
     * @param scale pixels to each px
     */
    public static Raster on(Raster picture, double scale, List<Patch> patches) {
        BufferedImage image = image(picture);
        on(image, scale, patches);
        return Raster.of(image);
    }

    /** @param scale pixels to each px */
    public static void on(BufferedImage picture, double scale, List<Patch> patches) {
        Graphics2D g = begin(picture);
        g.scale(scale, scale);
        for (Patch patch : patches) {
            Rectangle2D area = new Rectangle2D.Double(
                    patch.area().x(),
                    patch.area().y(),
                    patch.area().width(),
                    patch.area().height());
            if (!patch.ground().isEmpty()) {
                g.setColor(Color.decode(patch.ground()));
                g.fill(area);
            }
            lines(g, patch.words(), area, patch.size(), patch.ink(), patch.centred());
        }
        g.dispose();
    }

    private static Graphics2D begin(BufferedImage image) {
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        return g;
    }

    /** As many lines as there is room for, in the middle of the area; what does not fit is cut there. */
    private static void lines(Graphics2D g, String words, Rectangle2D area, double size, String ink, boolean centred) {
        String said = words.strip();
        if (said.isEmpty()) {
            return;
        }
        Font font = Typeface.plain().deriveFont((float) size);
        FontRenderContext context = new FontRenderContext(null, true, true);
        AttributedString text = new AttributedString(said);
        text.addAttribute(TextAttribute.FONT, font);
        // Signs that the typeface has not are drawn in whatever the machine has.
        Font other = new Font(Font.SANS_SERIF, Font.PLAIN, 1).deriveFont((float) size);
        for (int i = 0; i < said.length(); i += Character.charCount(said.codePointAt(i))) {
            int sign = said.codePointAt(i);
            if (!font.canDisplay(sign)) {
                text.addAttribute(TextAttribute.FONT, other, i, i + Character.charCount(sign));
            }
        }
        LineBreakMeasurer breaks = new LineBreakMeasurer(text.getIterator(), context);
        List<TextLayout> lines = new ArrayList<>();
        double high = 0;
        while (breaks.getPosition() < said.length()) {
            TextLayout line = breaks.nextLayout((float) Math.max(1, area.getWidth()));
            double next = high + line.getAscent() + line.getDescent();
            if (!lines.isEmpty() && next > area.getHeight()) {
                break;
            }
            lines.add(line);
            high = next;
        }
        Graphics2D inside = (Graphics2D) g.create();
        inside.clip(area);
        inside.setColor(Color.decode(ink));
        double y = area.getY() + (area.getHeight() - high) / 2;
        for (TextLayout line : lines) {
            y += line.getAscent();
            double x = area.getX() + (centred ? (area.getWidth() - line.getAdvance()) / 2 : 0);
            line.draw(inside, (float) x, (float) y);
            y += line.getDescent();
        }
        inside.dispose();
    }
}
