package pandel.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import pandel.core.Made;
import pandel.core.edit.frame.DrawerEdits;
import pandel.core.edit.frame.HeaderEdits;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Header;
import pandel.core.model.link.Event;
import pandel.core.play.situation.Situation;
import pandel.core.version.Changes;

/** What the signs and actions of headers do, where they are, and how headers are edited. */
class HeadersTest {

    private static final Prototype LENDING = Made.of(
            "home page: go advance list; to advance $main",
            "list page: go advance detail; to open ask",
            "detail page:",
            "ask dialog: go close",
            "a page: go advance detail",
            "b page:",
            "header top on:all back acts:help=detail,home=return hidden:home",
            "header own on:ask back",
            "tabs main a,b");

    private static Event sign(String id) {
        return new Event.Touched(Gesture.TAP, new Event.On.OnSign(id));
    }

    private static Situation at(Prototype p, Event... events) {
        Situation now = start(p);
        for (Event event : events) {
            now = new Step(p).step(now, event).situation();
        }
        return now;
    }

    private static Situation start(Prototype p) {
        return Situation.at(p, p.mainEntry().orElseThrow(), p.devices().getFirst())
                .orElseThrow();
    }

    private static Happening done(Prototype p, Event last, Event... before) {
        return new Step(p).step(at(p, before), last).happening();
    }

    @Test
    void backReturnsWhereSomethingLiesBehind() {
        assertThat(at(LENDING, Event.tap("home.go"), Event.tap("list.go"), sign("top_left"))
                        .screen())
                .isEqualTo("list");
        assertThat(at(LENDING, Event.tap("home.go"), sign("top_left")).screen()).isEqualTo("home");
        // Hidden there, though the same header stands on all other pages.
        assertThat(done(LENDING, sign("top_left"))).isInstanceOf(Happening.Nothing.class);
        assertThat(done(LENDING, sign("top-help"))).isInstanceOf(Happening.Nothing.class);
    }

    @Test
    void atTheFirstPlaceOfAnOverlayBackClosesIt() {
        assertThat(at(LENDING, Event.tap("home.go"), Event.tap("list.to"), sign("own_left"))
                        .row())
                .containsExactly("list");
        // The header of all pages is not that of a dialog.
        assertThat(done(LENDING, sign("top-help"), Event.tap("home.go"), Event.tap("list.to")))
                .isInstanceOf(Happening.Nothing.class);
    }

    @Test
    void atTheRootOfATabBackDoesWhatReturnDoes() {
        Event toB = new Event.Touched(Gesture.TAP, new Event.On.OnTab("main-b"));
        assertThat(at(LENDING, Event.tap("home.to"), toB, sign("top_left")).screen())
                .isEqualTo("a");
        assertThat(at(LENDING, Event.tap("home.to"), sign("top_left")).screen()).isEqualTo("home");
    }

    @Test
    void actionsAreLinksOfThePlaceTheyLieOver() {
        assertThat(at(LENDING, Event.tap("home.go"), sign("top-help")).screen()).isEqualTo("detail");
        assertThat(at(LENDING, Event.tap("home.go"), sign("top-home")).screen()).isEqualTo("home");
        assertThat(done(LENDING, sign("top"), Event.tap("home.go"))).isInstanceOf(Happening.Nothing.class);
        assertThat(Possible.events(LENDING, at(LENDING, Event.tap("home.go"))))
                .contains(sign("top_left"), sign("top-help"), sign("top-home"));
        assertThat(EventWords.of(LENDING, at(LENDING, Event.tap("home.go")), sign("top-help")))
                .isEqualTo("tap “help” in the header");
        assertThat(EventWords.of(LENDING, start(LENDING), sign("top_left"))).isEqualTo("tap back in the header");
        assertThat(EventWords.of(LENDING, start(LENDING), sign("top")))
                .isEqualTo("tap the sign for more in the header");
    }

    @Test
    void aDrawersSignIsThereWhereThatIsAttached() {
        Prototype p = Made.of(
                "home page: go advance list",
                "list page:",
                "drawer menu x=home on:home",
                "header top on:all drawer:menu");
        assertThat(at(p, sign("top_left")).drawer()).contains("menu");
        assertThat(done(p, sign("top_left"), Event.tap("home.go"))).isInstanceOf(Happening.Nothing.class);
        // While it is open nothing of the header answers.
        assertThat(done(p, sign("top_left"), sign("top_left"))).isInstanceOf(Happening.Nothing.class);
        Prototype without = DrawerEdits.remove(p.drawers().getFirst()).applyTo(p);
        assertThat(without.headers().getFirst().left()).isEqualTo(Header.Left.NONE);
    }

    @Test
    void theFirstThatIsAttachedAndNotHiddenIsShown() {
        Prototype p = Made.of(
                "home page: go advance list",
                "list page:",
                "header one on:all acts:x=list hidden:list",
                "header two on:all acts:y=list");
        assertThat(done(p, sign("two-y"))).isInstanceOf(Happening.Nothing.class);
        assertThat(done(p, sign("one-x"))).isInstanceOf(Happening.Moved.class);
        assertThat(done(p, sign("two-y"), Event.tap("home.go"))).isInstanceOf(Happening.Moved.class);
        Prototype refusing = p.withDevices(p.devices().stream()
                .map(d -> d.withCannot(Set.of(Cannot.HEADERS)))
                .toList());
        assertThat(done(refusing, sign("one-x"))).isInstanceOf(Happening.Nothing.class);
    }

    @Test
    void inATabSetItIsThereAnywhereInside() {
        Prototype p = Made.of(
                "home page: go advance $main; to advance detail",
                "a page: go advance detail",
                "b page:",
                "detail page:",
                "tabs main a,b",
                "header top on:$main back");
        assertThat(done(p, sign("top_left"), Event.tap("home.go"), Event.tap("a.go")))
                .isInstanceOf(Happening.Moved.class);
        assertThat(done(p, sign("top_left"), Event.tap("home.to"))).isInstanceOf(Happening.Nothing.class);
    }

    @Test
    void editsMoveHideAndTakeOut() {
        Header top = LENDING.headers().getFirst();
        Prototype moved = HeaderEdits.move(top, 0, 1).applyTo(LENDING);
        assertThat(moved.headers().getFirst().actions().stream().map(Header.Action::label))
                .containsExactly("home", "help");
        Prototype hidden = HeaderEdits.hide(top, LENDING.screen("list").orElseThrow(), true)
                .applyTo(LENDING);
        assertThat(done(hidden, sign("top_left"), Event.tap("home.go"))).isInstanceOf(Happening.Nothing.class);
        assertThat(HeaderEdits.hide(
                                hidden.headers().getFirst(),
                                LENDING.screen("list").orElseThrow(),
                                false)
                        .applyTo(hidden))
                .isEqualTo(LENDING);
        Prototype out = HeaderEdits.takeOut(top, top.actions().getFirst()).applyTo(LENDING);
        assertThat(out.headers().getFirst().actions()).hasSize(1);
        assertThat(HeaderEdits.remove(top).applyTo(LENDING).headers()).hasSize(1);
        Prototype gone = ScreenEdits.remove(List.of(
                        LENDING.screen("home").orElseThrow(),
                        LENDING.screen("ask").orElseThrow()))
                .applyTo(LENDING);
        assertThat(gone.headers().getFirst().hiddenOn()).isEmpty();
        assertThat(gone.headers().getLast().on().screens()).isEmpty();
        // What led to a screen that is gone does nothing any more, and stays to be led elsewhere.
        Prototype less = ScreenEdits.remove(List.of(LENDING.screen("detail").orElseThrow()))
                .applyTo(LENDING);
        assertThat(less.headers()
                        .getFirst()
                        .action("top-help")
                        .map(a -> a.link().branches()))
                .isEqualTo(Optional.of(List.of()));
    }

    @Test
    void versionsTellWhatChanged() {
        Header top = LENDING.headers().getFirst();
        assertThat(Changes.between(LENDING, LENDING.withHeaders(List.of())))
                .anyMatch(c -> c.sentence().contains("The header “top” was removed"));
        assertThat(Changes.between(
                        LENDING,
                        HeaderEdits.change("x", top.withLeft(Header.Left.NONE)).applyTo(LENDING)))
                .anyMatch(c -> c.sentence().contains("has another sign at the left"));
        assertThat(Changes.between(
                        LENDING, HeaderEdits.change("x", top.withWords("Hello")).applyTo(LENDING)))
                .anyMatch(c -> c.sentence().contains("shows another title"));
    }
}
