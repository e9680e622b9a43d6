package pandel.files.into;

import java.util.List;
import java.util.Locale;

/** Addresses that a person may be led out to. */
public final class Outward {

    private static final List<String> SCHEMES = List.of("https:", "http:", "mailto:", "tel:");

    private Outward() {}

    /** Whether an address leads to a page, a letter or a call; whatever would run something does not. */
    public static boolean leads(String address) {
        String lower = address.strip().toLowerCase(Locale.ROOT);
        return SCHEMES.stream().anyMatch(lower::startsWith);
    }
}
