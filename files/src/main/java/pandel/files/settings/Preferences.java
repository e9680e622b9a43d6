package pandel.files.settings;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * What a person prefers on this machine.
 *
 * @param look day, night, or as the system has it
 * @param wordsAMinute how fast the person reads, {@value #SLOWEST} to {@value #FASTEST}: how long sentences and steps
 *     shown stay
 * @param dotsAMillimetre interface px to a millimetre of the monitor, once measured: what true size needs
 * @param recent files opened last, the latest first
 * @param window where the window was left
 * @param cards how large cards were shown last, in a word of the window's; empty: as usual
 * @param led whether the person was led through a first link, or wanted none of it
 * @param name by which remarks are signed; may be empty
 * @param handed the word of what was handed on last; empty: nothing yet
 * @param text how large words are, in 100 of their usual size; one of {@link #TEXTS}
 */
@RecordBuilder
public record Preferences(
        LookWish look,
        int wordsAMinute,
        OptionalDouble dotsAMillimetre,
        List<Path> recent,
        Optional<WindowPlace> window,
        String cards,
        boolean led,
        String name,
        String handed,
        int text) {

    public static final int SLOWEST = 60;
    public static final int FASTEST = 600;

    /** Sizes of words to choose from, in 100 of the usual. */
    public static final List<Integer> TEXTS = List.of(100, 125, 150, 200);

    private static final int MOST_RECENT = 8;

    /** Which look is wished for. */
    public enum LookWish {
        SYSTEM,
        DAY,
        NIGHT;

        /** The word in the file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What holds until somebody says otherwise; people read about 200 words a minute. */
    public static final Preferences USUAL = new Preferences(
            LookWish.SYSTEM,
            200,
            OptionalDouble.empty(),
            List.of(),
            Optional.empty(),
            "",
            false,
            "",
            "",
            TEXTS.getFirst());

    public Preferences {
        wordsAMinute = Math.clamp(wordsAMinute, SLOWEST, FASTEST);
        dotsAMillimetre = dotsAMillimetre.isPresent()
                        && !(dotsAMillimetre.getAsDouble() > 0.5 && dotsAMillimetre.getAsDouble() < 50)
                ? OptionalDouble.empty()
                : dotsAMillimetre;
        window = window.filter(WindowPlace::isPossible);
        recent = recent.stream().distinct().limit(MOST_RECENT).toList();
        text = TEXTS.contains(text) ? text : TEXTS.getFirst();
    }

    public Preferences withLook(LookWish wish) {
        return PreferencesBuilder.builder(this).look(wish).build();
    }

    public Preferences reading(int words) {
        return PreferencesBuilder.builder(this).wordsAMinute(words).build();
    }

    /** @param dots interface px to a millimetre */
    public Preferences measured(double dots) {
        return PreferencesBuilder.builder(this)
                .dotsAMillimetre(OptionalDouble.of(dots))
                .build();
    }

    /** The same with a file opened last. */
    public Preferences opened(Path file) {
        return PreferencesBuilder.builder(this)
                .recent(Stream.concat(Stream.of(file.toAbsolutePath()), recent.stream())
                        .toList())
                .build();
    }

    /** The same without a file that is not there any more. */
    public Preferences without(Path file) {
        return PreferencesBuilder.builder(this)
                .recent(recent.stream().filter(f -> !f.equals(file)).toList())
                .build();
    }

    /** The same with the window left there. */
    public Preferences left(WindowPlace place) {
        return PreferencesBuilder.builder(this).window(Optional.of(place)).build();
    }

    /** The same with cards that large. */
    public Preferences withCards(String size) {
        return PreferencesBuilder.builder(this).cards(size).build();
    }

    /** The same with that led, or to be led. */
    public Preferences led(boolean was) {
        return PreferencesBuilder.builder(this).led(was).build();
    }

    /** The same with remarks signed so. */
    public Preferences named(String by) {
        return PreferencesBuilder.builder(this).name(by).build();
    }

    /** The same with that handed on last. */
    public Preferences handedOn(String word) {
        return PreferencesBuilder.builder(this).handed(word).build();
    }

    /** The same with words that large, in 100 of their usual size. */
    public Preferences withText(int percent) {
        return PreferencesBuilder.builder(this).text(percent).build();
    }
}
