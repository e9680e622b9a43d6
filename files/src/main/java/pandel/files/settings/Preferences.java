package pandel.files.settings;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

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
 */
public record Preferences(
        LookWish look,
        int wordsAMinute,
        OptionalDouble dotsAMillimetre,
        List<Path> recent,
        Optional<WindowPlace> window,
        String cards,
        boolean led) {

    public static final int SLOWEST = 60;
    public static final int FASTEST = 600;
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
    public static final Preferences USUAL =
            new Preferences(LookWish.SYSTEM, 200, OptionalDouble.empty(), List.of(), Optional.empty(), "", false);

    public Preferences {
        wordsAMinute = Math.clamp(wordsAMinute, SLOWEST, FASTEST);
        dotsAMillimetre = dotsAMillimetre.isPresent()
                        && !(dotsAMillimetre.getAsDouble() > 0.5 && dotsAMillimetre.getAsDouble() < 50)
                ? OptionalDouble.empty()
                : dotsAMillimetre;
        window = window.filter(WindowPlace::isPossible);
        recent = recent.stream().distinct().limit(MOST_RECENT).toList();
    }

    public Preferences withLook(LookWish wish) {
        return new Preferences(wish, wordsAMinute, dotsAMillimetre, recent, window, cards, led);
    }

    public Preferences reading(int words) {
        return new Preferences(look, words, dotsAMillimetre, recent, window, cards, led);
    }

    /** @param dots interface px to a millimetre */
    public Preferences measured(double dots) {
        return new Preferences(look, wordsAMinute, OptionalDouble.of(dots), recent, window, cards, led);
    }

    /** The same with a file opened last. */
    public Preferences opened(Path file) {
        List<Path> files = new ArrayList<>(List.of(file.toAbsolutePath()));
        files.addAll(recent);
        return new Preferences(look, wordsAMinute, dotsAMillimetre, files, window, cards, led);
    }

    /** The same without a file that is not there any more. */
    public Preferences without(Path file) {
        return new Preferences(
                look,
                wordsAMinute,
                dotsAMillimetre,
                recent.stream().filter(f -> !f.equals(file)).toList(),
                window,
                cards,
                led);
    }

    /** The same with the window left there. */
    public Preferences left(WindowPlace place) {
        return new Preferences(look, wordsAMinute, dotsAMillimetre, recent, Optional.of(place), cards, led);
    }

    /** The same with cards that large. */
    public Preferences withCards(String size) {
        return new Preferences(look, wordsAMinute, dotsAMillimetre, recent, window, size, led);
    }

    /** The same with that led, or to be led. */
    public Preferences led(boolean was) {
        return new Preferences(look, wordsAMinute, dotsAMillimetre, recent, window, cards, was);
    }
}
