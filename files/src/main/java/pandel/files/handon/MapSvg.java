package pandel.files.handon;

import java.io.StringWriter;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import pandel.core.chart.Chart;
import pandel.core.chart.MapLayout;
import pandel.core.chart.Route;
import pandel.core.chart.Spot;
import pandel.core.check.Checked;
import pandel.core.check.finding.Rule;
import pandel.core.model.screen.Screen;
import pandel.files.report.Told;

/** The whole map as a drawing (SVG 1.1): screens by the fewest steps from the entry, the ways between them. */
final class MapSvg {

    /** px within which the columns of a band are laid. */
    private static final double HIGH = 560;

    private static final double LETTER = 7.2;
    private static final double PADDING = 28;
    private static final double EDGE = 24;
    private static final double SHELF = 64;
    private static final String INK = "#1C2529";
    private static final String QUIET = "#56636A";
    private static final String RULE = "#CFD6D6";
    private static final String TROUBLE = "#A6314B";

    private final Checked checked;
    private final Chart chart;
    private final MapLayout layout;
    private final XMLStreamWriter out;
    private final Set<String> ends;

    private MapSvg(Checked checked, XMLStreamWriter out) {
        this.checked = checked;
        this.out = out;
        this.chart = Chart.of(checked);
        this.layout = MapLayout.of(
                chart,
                new MapLayout.Wish(
                        Double.MAX_VALUE,
                        HIGH,
                        false,
                        Optional.empty(),
                        Integer.MAX_VALUE,
                        Set.of(),
                        screen -> wide(screen.shownTitle())));
        this.ends = checked.findings(Rule.DEAD_END).stream()
                .flatMap(f -> f.screens().stream())
                .collect(Collectors.toSet());
    }

    static String of(Checked checked) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter out = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            new MapSvg(checked, out).draw();
            out.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("A drawing in memory can always be written", e);
        }
        return text + "\n";
    }

    private static double wide(String title) {
        return Math.max(MapLayout.CHIP, Told.line(title).length() * LETTER + PADDING);
    }

    private void draw() throws XMLStreamException {
        double shelf = chart.shelf().isEmpty() ? 0 : SHELF;
        double shelfWide = chart.shelf().stream()
                .mapToDouble(s -> wide(s.shownTitle()) + 12)
                .sum();
        double width = Math.max(layout.width(), shelfWide + EDGE) + EDGE;
        double height = layout.height() + shelf + EDGE;
        out.writeStartDocument("UTF-8", "1.0");
        out.writeStartElement("svg");
        out.writeDefaultNamespace("http://www.w3.org/2000/svg");
        attributes(Map.of("width", px(width), "height", px(height), "viewBox", "0 0 " + px(width) + " " + px(height)));
        out.writeAttribute("font-family", "Pandel, system-ui, sans-serif");
        out.writeAttribute("font-size", "13");
        out.writeStartElement("title");
        out.writeCharacters(Told.line(checked.prototype().title()));
        out.writeEndElement();
        box(0, 0, width, height, "#EEF1F0", "none", "");
        for (MapLayout.Band band : layout.bands()) {
            if (band.shaded()) {
                box(band.x() - 12, 30, band.wide() + 24, layout.height() - 38, "#E4E9E8", "none", "");
            }
            words(
                    band.x(),
                    20,
                    band.steps() == 0 ? "Start" : band.steps() == 1 ? "1 step" : band.steps() + " steps",
                    QUIET,
                    "start");
        }
        for (Route route : layout.ways().atRest()) {
            way(route);
        }
        for (Map.Entry<String, Spot> each : layout.spots().entrySet()) {
            checked.prototype().screen(each.getKey()).ifPresent(screen -> chip(screen, each.getValue()));
        }
        shelf(layout.height() + 16);
        out.writeEndElement();
        out.writeEndDocument();
    }

    private void attributes(Map<String, String> all) throws XMLStreamException {
        for (String name : all.keySet().stream().sorted().toList()) {
            out.writeAttribute(name, Objects.requireNonNull(all.get(name)));
        }
    }

    private static String px(double px) {
        return px == Math.rint(px) ? String.valueOf((long) px) : String.format(Locale.ROOT, "%.1f", px);
    }

    private void box(double x, double y, double w, double h, String fill, String line, String dashes)
            throws XMLStreamException {
        out.writeEmptyElement("rect");
        attributes(Map.of("x", px(x), "y", px(y), "width", px(w), "height", px(h), "fill", fill, "stroke", line));
        if (!dashes.isEmpty()) {
            out.writeAttribute("stroke-dasharray", dashes);
        }
    }

    private void words(double x, double y, String words, String ink, String anchor) throws XMLStreamException {
        out.writeStartElement("text");
        attributes(Map.of("x", px(x), "y", px(y), "fill", ink, "text-anchor", anchor));
        out.writeCharacters(Told.line(words));
        out.writeEndElement();
    }

    /** A way with an arrow at its end. */
    private void way(Route route) throws XMLStreamException {
        out.writeEmptyElement("path");
        StringBuilder path = new StringBuilder();
        for (Route.Point p : route.points()) {
            path.append(path.isEmpty() ? "M" : " L")
                    .append(px(p.x()))
                    .append(' ')
                    .append(px(p.y()));
        }
        Route.Point end = route.points().getLast();
        path.append(" M")
                .append(px(end.x() - 6))
                .append(' ')
                .append(px(end.y() - 4))
                .append(" L")
                .append(px(end.x()))
                .append(' ')
                .append(px(end.y()))
                .append(" L")
                .append(px(end.x() - 6))
                .append(' ')
                .append(px(end.y() + 4));
        attributes(Map.of("d", path.toString(), "fill", "none", "stroke", QUIET));
    }

    private void chip(Screen screen, Spot spot) {
        try {
            box(spot.x(), spot.y(), spot.wide(), spot.high(), spot.onShoulder() ? "#F4F6F6" : "#FBFCFC", RULE, "");
            words(spot.x() + spot.wide() / 2, spot.middle() + 4.5, screen.shownTitle(), INK, "middle");
            if (ends.contains(screen.id())) {
                box(spot.x() + spot.wide() - 3, spot.y(), 3, spot.high(), TROUBLE, "none", "");
            }
        } catch (XMLStreamException e) {
            throw new IllegalStateException("A drawing in memory can always be written", e);
        }
    }

    /** The screens that are never shown. */
    private void shelf(double y) throws XMLStreamException {
        if (chart.shelf().isEmpty()) {
            return;
        }
        words(EDGE, y, "Never shown", TROUBLE, "start");
        double x = EDGE;
        for (Screen screen : chart.shelf()) {
            double wide = wide(screen.shownTitle());
            box(x, y + 10, wide, MapLayout.CHIP_HIGH, "none", QUIET, "4 3");
            words(x + wide / 2, y + 10 + MapLayout.CHIP_HIGH / 2 + 4.5, screen.shownTitle(), INK, "middle");
            x += wide + 12;
        }
    }
}
