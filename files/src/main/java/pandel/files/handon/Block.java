package pandel.files.handon;

import java.util.List;
import java.util.Optional;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Picture;

/** A part of the pages for engineers, before it is written as HTML or Markdown. */
sealed interface Block {

    /**
     * Words over what follows.
     *
     * @param level 1 to 3
     * @param anchor what others lead to; empty: nothing does
     */
    record Heading(int level, String words, String anchor) implements Block {}

    /** A sentence or more. */
    record Words(String words) implements Block {}

    /** Points, one below another. */
    record Points(boolean numbered, List<Cell> points) implements Block {}

    /** Rows of words. */
    record Table(List<String> heads, List<List<Cell>> rows) implements Block {}

    /** Mocks side by side. */
    record Mocks(List<Shot> shots) implements Block {}

    /**
     * Words that may lead to a heading.
     *
     * @param to its anchor; empty: nowhere
     */
    record Cell(String words, String to) {
        static Cell of(Object words) {
            return new Cell(String.valueOf(words), "");
        }
    }

    /**
     * A mock with numbered hotspots.
     *
     * @param picture empty: it has none
     * @param width px
     * @param height px
     */
    record Shot(String caption, Optional<Picture> picture, double width, double height, List<Numbered> hotspots) {}

    /** Where a hotspot stands, in px of the mock. */
    record Numbered(int number, Area at) {}
}
