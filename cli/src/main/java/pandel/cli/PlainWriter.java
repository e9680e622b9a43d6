package pandel.cli;

import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;

/**
 * A writer whose lines are lines: a title with line breaks, or with escapes that would command the terminal, is printed
 * as plain words. JSON is printed as a whole: it escapes them itself.
 */
final class PlainWriter extends PrintWriter {

    PlainWriter(OutputStream to) {
        this(new OutputStreamWriter(to, StandardCharsets.UTF_8));
    }

    PlainWriter(Writer to) {
        super(to, true);
    }

    @Override
    public void println(String line) {
        super.println(plain(line));
    }

    @Override
    public void println(Object line) {
        println(String.valueOf(line));
    }

    /** Without characters that are no letters: controls, and marks that turn the direction of what follows. */
    static String plain(String text) {
        StringBuilder plain = null;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean harm = Character.isISOControl(c)
                    || c == '\u2028'
                    || c == '\u2029'
                    || c >= '\u202a' && c <= '\u202e'
                    || c >= '\u2066' && c <= '\u2069';
            if (harm) {
                if (plain == null) {
                    plain = new StringBuilder(text);
                }
                plain.setCharAt(i, ' ');
            }
        }
        return plain == null ? text : plain.toString();
    }
}
