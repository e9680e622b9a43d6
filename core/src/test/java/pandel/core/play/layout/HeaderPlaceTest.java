package pandel.core.play.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.frame.TabSet;
import pandel.core.model.link.Event;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Picture;
import pandel.core.play.Step;
import pandel.core.play.situation.Situation;

/** Where headers stand, what they say, and what a finger on them is on. */
class HeaderPlaceTest {

    private static final String[] SCREENS = {
        "home page title:Home: go advance list; in advance $main",
        "list page title:All-tools: under@10,10,60,30 advance home; half@100,20,60,80 advance home",
        "a page title:A: x@10,60,60,60 advance list",
        "b page title:B:",
        "tabs main a,b"
    };

    private static Prototype with(String header) {
        String[] lines = Stream.concat(Stream.of(SCREENS), java.util.stream.Stream.of(header))
                .toArray(String[]::new);
        Prototype p = Made.of(lines);
        // A picture twice as high as the phone, so that there is something to scroll.
        int wide = (int) p.devices().getFirst().width();
        return p.withScreen(
                "list",
                s -> s.withMocks(List.of(new Picture(
                        Width.NARROW,
                        "x",
                        wide,
                        2 * (int) p.devices().getFirst().height(),
                        1,
                        "x",
                        Rest.NONE))));
    }

    private static Situation start(Prototype p) {
        return Situation.at(p, p.mainEntry().orElseThrow(), p.devices().getFirst())
                .orElseThrow();
    }

    private static Situation then(Prototype p, Situation now, Event event) {
        return new Step(p).step(now, event).situation();
    }

    private static Optional<HeaderPlace> over(Prototype p, Situation now) {
        return HeaderPlace.over(p, Under.current(p, now));
    }

    @Test
    void itSaysTheScreensTitleAndWhereBackLeads() {
        Prototype p = with("header top on:all labelled");
        HeaderPlace home = over(p, start(p)).orElseThrow();
        assertThat(home.words()).isEqualTo("Home");
        assertThat(home.left()).isEmpty();
        HeaderPlace list = over(p, then(p, start(p), Event.tap("home.go"))).orElseThrow();
        assertThat(list.words()).isEqualTo("All-tools");
        assertThat(list.left().orElseThrow().label()).isEqualTo("Home");
        assertThat(list.left().orElseThrow().area().right())
                .isLessThanOrEqualTo(list.title().x());
    }

    @Test
    void itStaysShrinksOrScrollsAway() {
        Prototype stays = with("header top on:all");
        Situation list = then(stays, start(stays), Event.tap("home.go"));
        Situation scrolled = then(stays, list, new Event.Scroll(200));
        assertThat(over(stays, scrolled)).isEqualTo(over(stays, list));
        Prototype large = with("header top on:all large");
        assertThat(over(large, list).orElseThrow().area().height()).isEqualTo(52 + HeaderPlace.LARGE);
        assertThat(over(large, then(large, list, new Event.Scroll(20)))
                        .orElseThrow()
                        .area()
                        .height())
                .isEqualTo(52 + HeaderPlace.LARGE - 20);
        HeaderPlace small = over(large, scrolled).orElseThrow();
        assertThat(small.large()).isFalse();
        assertThat(small.area().height()).isEqualTo(52);
        Prototype away = with("header top on:all scrolls");
        assertThat(over(away, then(away, list, new Event.Scroll(20)))
                        .orElseThrow()
                        .area()
                        .y())
                .isEqualTo(-20);
        assertThat(over(away, scrolled).orElseThrow().area().bottom()).isLessThanOrEqualTo(0);
    }

    @Test
    void whatDoesNotFitIsGatheredInOrder() {
        Prototype p = with("header top on:all acts:Reserve=home,Report=home,Extend=home,Give-back=home,Help=home");
        HeaderPlace place = over(p, start(p)).orElseThrow();
        assertThat(place.actions()).isNotEmpty();
        assertThat(place.more()).isPresent();
        List<String> all = Stream.concat(place.actions().stream(), place.gathered().stream())
                .map(HeaderPlace.Sign::label)
                .toList();
        assertThat(all).containsExactly("Reserve", "Report", "Extend", "Give-back", "Help");
        place.actions()
                .forEach(s -> assertThat(s.area().x())
                        .isGreaterThanOrEqualTo(place.title().right()));
        Area more = place.more().orElseThrow();
        double x = more.x() + 5;
        double y = more.y() + 5;
        assertThat(Aim.tap(p, start(p), x, y)).isEqualTo(sign("top"));
        Scrolled listed = new Scrolled(0, Map.of(), Optional.of("top"));
        Area last = place.gathered().getLast().area();
        assertThat(Aim.gesture(p, start(p), Gesture.TAP, last.x() + 5, last.y() + 5, listed))
                .isEqualTo(sign("top-Help"));
        // Beside the list: it is listed no more, and nothing else is done.
        assertThat(Aim.gesture(p, start(p), Gesture.TAP, 5, 700, listed)).isEqualTo(sign("top"));
        assertThat(Aim.gesture(p, start(p), Gesture.TAP, last.x() + 5, last.y() + 5, Scrolled.NONE))
                .isNotEqualTo(sign("top-Help"));
    }

    @Test
    void aHotspotUnderItIsCoveredAndAStripStandsBeneathIt() {
        Prototype p = with("header top on:all back");
        Situation list = then(p, start(p), Event.tap("home.go"));
        Event tap = Aim.tap(p, list, 70, 40);
        assertThat(tap).isInstanceOf(Event.Touched.class);
        assertThat(((Event.Touched) tap).on()).isInstanceOf(Event.On.Point.class);
        assertThat(Aim.tap(p, list, 130, 80)).isEqualTo(Event.tap("list.half"));
        assertThat(Aim.tap(p, list, 10, 10)).isEqualTo(sign("top_left"));
        Prototype above = p.withTabSets(p.tabSets().stream()
                .map(s -> s.withStrip(s.strip().withEdge(TabSet.Edge.TOP)))
                .toList());
        Situation in = then(above, start(above), Event.tap("home.in"));
        Event tab = new Event.Touched(Gesture.TAP, new Event.On.OnTab("main-b"));
        assertThat(Aim.tap(above, in, 300, 52 + 20)).isEqualTo(tab);
        assertThat(Aim.tap(above, in, 300, 20)).isNotEqualTo(tab);
    }

    @Test
    void aFingerOnASignIsAnswered() {
        Prototype p = with("header top on:all back acts:Help=list");
        Situation list = then(p, start(p), Event.tap("home.go"));
        HeaderPlace place = over(p, list).orElseThrow();
        assertThat(AnswerPlace.at(p, list, 10, 10, Scrolled.NONE).map(AnswerPlace::area))
                .contains(place.left().orElseThrow().area());
        Area help = place.actions().getFirst().area();
        assertThat(AnswerPlace.at(p, list, help.x() + 3, 20, Scrolled.NONE).map(AnswerPlace::area))
                .contains(help);
    }

    private static Event sign(String id) {
        return new Event.Touched(Gesture.TAP, new Event.On.OnSign(id));
    }
}
