package pandel.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pandel.core.Made;
import pandel.core.model.Device;
import pandel.core.model.Entry;
import pandel.core.model.Event;
import pandel.core.model.Gesture;
import pandel.core.model.Motion;
import pandel.core.model.Prototype;
import pandel.core.model.Verb;

/** The table of situations: a row for each sentence of the behaviour; events in short, then the levels they lead to. */
class SituationsTest {

    private static final Prototype APP = Made.of(
            "home page: list advance list; swap replace list; ask open above ask; back return; shut close; self advance home; gone advance nowhere; wrong advance ask; bare; menu open above menu; full open above list; over restart list; wrongover restart ask",
            "list page: item advance item; back return; shut close; ask open above ask",
            "item page: back return; swap replace list; tohome return to home; tolist return to list; toitem return to item; again advance item; ask open above ask; over restart home",
            "ask dialog: next advance sure; also open above ask; yes advance item; instead replace item; shut close; back return; menu open above menu; wrong replace menu; tohome return to home; tolist return to list; over restart item",
            "sure dialog: back return; shut close; done replace done; toask return to ask",
            "done dialog: shut close",
            "menu sheet shut: shut close; item advance item",
            "splash page: 1000 replace home; tap advance list",
            "late page: 300 close x; 300b advance list; 500 advance item");

    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource(delimiter = '|', value = {
            // advance: what was current stays behind
            "list                       | home list           | moved",
            "list item                  | home list item      | moved",
            "self                       | home home           | moved",
            // replace: the old one is gone from the trail
            "swap                       | list                | moved",
            "list item swap             | home list list      | moved",
            // return: the one behind is current; at the base's first place nothing
            "list back                  | home                | moved",
            "back                       | home                | nothing",
            // open above, in its form; a page above is a takeover
            "ask                        | home / ask          | moved",
            "full                       | home / list         | moved",
            // at an overlay's first place return closes it
            "ask back                   | home                | moved",
            "full back                  | home                | moved",
            // the next step of a dialog, and back
            "ask next                   | home / ask sure     | moved",
            "ask next back              | home / ask          | moved",
            "ask next done              | home / ask done     | moved",
            // close: the whole overlay; on the base nothing
            "ask next shut              | home                | moved",
            "ask also shut              | home / ask          | moved",
            "shut                       | home                | nothing",
            // from a dialog, advance and replace to a page are beneath, above the nearest takeover or base
            "ask yes                    | home item           | moved",
            "ask instead                | item                | moved",
            "ask also yes               | home item           | moved",
            "ask menu item              | home item           | moved",
            "full ask yes               | home / list item    | moved",
            // forms that do not fit are refused, and nothing changes
            "wrong                      | home                | refused",
            "ask wrong                  | home / ask          | refused",
            "gone                       | home                | refused",
            // device back: the level's trail, then the overlay if it lets it, then left
            "list @back                 | home                | moved",
            "ask next @back             | home / ask          | moved",
            "ask @back                  | home                | moved",
            "menu @back                 | home / menu         | nothing",
            "@back                      | home                | left",
            "@back list                 | home                | nothing",
            // outside and away, as the overlay says
            "ask @outside               | home                | moved",
            "ask @away                  | home / ask          | nothing",
            "menu @outside              | home / menu         | nothing",
            "full @outside              | home / list         | nothing",
            "@outside                   | home                | nothing",
            // restart: overlays close, every trail is emptied; only at a page
            "list item over             | home                | moved",
            "list ask over              | item                | moved",
            "wrongover                  | home                | refused",
            // return to the nearest of that name behind; not there: nothing
            "list item tohome           | home                | moved",
            "list item tolist           | home list           | moved",
            "list item toitem           | home list item      | nothing",
            "list item again toitem     | home list item      | moved",
            "list item again again tolist | home list         | moved",
            "ask yes tolist             | home item           | nothing",
            // along the overlay's own trail first; else beneath, where the current place counts too
            "ask next toask             | home / ask          | moved",
            "list ask tohome            | home                | moved",
            "list ask tolist            | home list           | moved",
            "list item ask tolist       | home list           | moved",
            "list item ask also tohome  | home                | moved",
            "ask tolist                 | home / ask          | nothing",
            "full ask tohome            | home / list / ask   | nothing",
            // misses
            "bare                       | home                | nothing",
            "@point                     | home                | nothing",
            "nosuch                     | home                | nothing",
    })
    void fromHome(String events, String levels, String happening) {
        assertRow("home", events, levels, happening);
    }

    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource(delimiter = '|', value = {
            "@999                       | splash | passed",
            "@1000                      | home   | moved",
            "@5000                      | home   | moved",
            "@600 @400                  | home   | moved",
            // from 0 each time it becomes so
            "@600 tap @back @600        | splash | passed",
            "@600 tap @back @600 @400   | home   | moved",
    })
    void waitsOfSplash(String events, String levels, String happening) {
        assertRow("splash", events, levels, happening);
    }

    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource(delimiter = '|', value = {
            // in file order when due together, one for each event; a wait is spent once it was due
            "@300                       | late      | nothing",
            "@300 @0                    | late list | moved",
            "@300 @0 @back @300 @299    | late list | moved",
    })
    void waitsDueTogether(String events, String levels, String happening) {
        assertRow("late", events, levels, happening);
    }

    @Test
    void aDeviceWithoutBackRefusesIt() {
        Situation start = start("home", Device.KIOSK);
        Stepped stepped = new Step(APP).step(start, new Event.DeviceBack());
        assertThat(stepped.situation()).isEqualTo(start);
        assertThat(stepped.happening()).isEqualTo(new Happening.Refused(Optional.empty(), "Kiosk has no back of its own."));
    }

    @Test
    void returnPlaysTheReverseOfWhatBroughtThePlaceAndKeepsScroll() {
        Step step = new Step(APP);
        Situation scrolled = step.step(start("home", Device.PHONE), new Event.Scroll(120)).situation();
        Situation away = step.step(scrolled, Event.tap("home.list")).situation();
        Stepped back = step.step(away, Event.tap("list.back"));
        assertThat(back.situation()).isEqualTo(scrolled);
        assertThat(back.happening()).isEqualTo(new Happening.Moved(Optional.of("list.back.tap"),
                APP.usualMotion(Verb.ADVANCE), true, Optional.empty()));
    }

    private static void assertRow(String entry, String events, String levels, String happening) {
        Step step = new Step(APP);
        Situation now = start(entry, Device.PHONE);
        Happening last = null;
        for (String word : events.split(" ")) {
            Stepped stepped = step.step(now, event(now, word));
            now = stepped.situation();
            last = stepped.happening();
        }
        assertThat(shown(now)).isEqualTo(levels);
        assertThat(last.getClass().getSimpleName().toLowerCase()).isEqualTo(happening);
    }

    private static Event event(Situation now, String word) {
        return switch (word) {
            case "@back" -> new Event.DeviceBack();
            case "@outside" -> new Event.Touched(Gesture.TAP, new Event.On.Outside());
            case "@away" -> new Event.Touched(Gesture.TAP, new Event.On.Away());
            case "@point" -> new Event.Touched(Gesture.TAP, new Event.On.Point(1, 1));
            default -> word.startsWith("@") ? new Event.Elapse(Integer.parseInt(word.substring(1)))
                    : Event.tap(now.screen() + "." + word);
        };
    }

    private static Situation start(String screen, Device device) {
        return Situation.at(APP, Entry.at("start", screen), device).orElseThrow();
    }

    private static String shown(Situation now) {
        return now.levels().stream().map(level -> level.trail().places().stream().map(Visit::screen)
                .collect(Collectors.joining(" "))).collect(Collectors.joining(" / "));
    }

    @Test
    void equalTrailsAreEqualHoweverLong() {
        assertThat(longTrail()).isEqualTo(longTrail()).hasSameHashCodeAs(longTrail());
        assertThat(longTrail().places()).hasSize(100_001);
    }

    private static Trail longTrail() {
        Trail trail = Trail.of(new Visit("a", Motion.NONE, 0));
        for (int i : new int[100_000]) {
            trail = trail.put(new Visit("b", Motion.NONE, i));
        }
        return trail;
    }

}
