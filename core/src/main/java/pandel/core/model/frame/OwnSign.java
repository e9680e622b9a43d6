package pandel.core.model.frame;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A sign that is a drawing of one's own: its name is {@code own:} and the content of a drawing among the pictures of
 * the file. Every other name is that of a sign that comes with the program.
 */
public final class OwnSign {

    private static final String PREFIX = "own:";
    private static final Pattern NAME = Pattern.compile(PREFIX + "([0-9a-f]{64}\\.svg)");
    /** The ending of a drawing’s content. */
    public static final String ENDING = ".svg";

    private OwnSign() {}

    /**
     * The name of a sign that is a drawing.
     *
     * @param content of a picture that ends in {@link #ENDING}
     */
    public static String of(String content) {
        return PREFIX + content;
    }

    /** The content that a sign shows; empty where it is none of one’s own. */
    public static Optional<String> content(String sign) {
        Matcher matcher = NAME.matcher(sign);
        return matcher.matches() ? Optional.of(matcher.group(1)) : Optional.empty();
    }
}
