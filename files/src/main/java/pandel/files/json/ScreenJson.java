package pandel.files.json;

import static pandel.files.json.field.Codec.FLAG;
import static pandel.files.json.field.Codec.TEXT;

import java.util.List;
import java.util.Map;
import java.util.Set;
import pandel.core.model.screen.Answer;
import pandel.core.model.screen.Closer;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.HotspotBuilder;
import pandel.core.model.screen.Overlay;
import pandel.core.model.screen.OverlayBuilder;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.ScreenBuilder;
import pandel.core.model.screen.SharedHotspot;
import pandel.core.model.screen.SharedHotspotBuilder;
import pandel.core.model.screen.State;
import pandel.core.model.screen.StateBuilder;
import pandel.core.model.screen.Status;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Table;

/** Screens and what stands on them, as the file holds them. */
final class ScreenJson {

    private static final Codec<Integer> HUNDREDTHS = Codec.whole(0, 100);
    private static final Overlay USUAL = Overlay.USUAL;

    static final Table<Overlay, OverlayBuilder> OVERLAY = Table.<Overlay, OverlayBuilder>of(
                    OverlayBuilder::builder, OverlayBuilder::build)
            .always("share", HUNDREDTHS, 0, Overlay::share, OverlayBuilder::share)
            .always("stop", HUNDREDTHS, 0, Overlay::stop, OverlayBuilder::stop)
            .always(
                    "side",
                    Codec.word(PanelSide.values(), PanelSide::word),
                    USUAL.side(),
                    Overlay::side,
                    OverlayBuilder::side)
            .always("shade", HUNDREDTHS, USUAL.shade(), Overlay::shade, OverlayBuilder::shade);

    static final Table<State, StateBuilder> STATE = Table.<State, StateBuilder>of(
                    StateBuilder::builder, StateBuilder::build)
            .id(State::id, StateBuilder::id)
            .always("title", TEXT, "", State::title, StateBuilder::title)
            .unless(List.of(), "when", FactJson.CONDITIONS, State::conditions, StateBuilder::conditions)
            .unless(List.of(), "mocks", Codec.list("mock", MockJson.MOCK), State::mocks, StateBuilder::mocks)
            .unless(Set.of(), "hides", Codec.TEXT_SET, State::hides, StateBuilder::hides)
            .unless(Map.of(), "moves", Codec.byName(MockJson.AREAS), State::moves, StateBuilder::moves)
            .rest(State::rest, StateBuilder::rest);

    static final Table<Hotspot, HotspotBuilder> HOTSPOT = Table.<Hotspot, HotspotBuilder>of(
                    HotspotBuilder::builder, HotspotBuilder::build)
            .id("hotspot", Hotspot::id, HotspotBuilder::id)
            .always("title", TEXT, "", Hotspot::title, HotspotBuilder::title)
            .always("areas", MockJson.AREAS, Map.of(), Hotspot::areas, HotspotBuilder::areas)
            .part(ValueJson.NATURE, Hotspot::nature, HotspotBuilder::nature)
            .maybe("touched", Codec.word(Answer.values(), Answer::word), Hotspot::touched, HotspotBuilder::touched)
            .unless(List.of(), "links", LinkJson.LINKS, Hotspot::links, HotspotBuilder::links)
            .rest(Hotspot::rest, HotspotBuilder::rest);

    static final Table<SharedHotspot, SharedHotspotBuilder> SHARED = Table.<SharedHotspot, SharedHotspotBuilder>of(
                    SharedHotspotBuilder::builder, SharedHotspotBuilder::build)
            .required("hotspot", Codec.object(HOTSPOT), SharedHotspot::hotspot, SharedHotspotBuilder::hotspot)
            .always("screens", Codec.TEXT_SET, Set.of(), SharedHotspot::screens, SharedHotspotBuilder::screens)
            .rest(SharedHotspot::rest, SharedHotspotBuilder::rest);

    static final Table<Screen, ScreenBuilder> SCREEN = Table.<Screen, ScreenBuilder>of(
                    ScreenBuilder::builder, ScreenBuilder::build)
            .id("screen", Screen::id, ScreenBuilder::id)
            .always("title", TEXT, "", Screen::title, ScreenBuilder::title)
            .always("form", Codec.word(Form.values(), Form::word), Form.PAGE, Screen::form, ScreenBuilder::form)
            .always(
                    "status",
                    Codec.word(Status.values(), Status::word),
                    Status.DRAFT,
                    Screen::status,
                    ScreenBuilder::status)
            .unless("", "section", TEXT, Screen::section, ScreenBuilder::section)
            .unless(false, "end", FLAG, Screen::end, ScreenBuilder::end)
            .unless(false, "home", FLAG, Screen::home, ScreenBuilder::home)
            .maybe("copyOf", TEXT, Screen::copyOf, ScreenBuilder::copyOf)
            .maybe(
                    "closedBy",
                    Codec.words("closer", Closer.class, Closer::word),
                    Screen::closedBy,
                    ScreenBuilder::closedBy)
            .unless(USUAL, "overlay", Codec.object(OVERLAY), Screen::overlay, ScreenBuilder::overlay)
            .unless(List.of(), "expects", ValueJson.EXPECTS, Screen::expects, ScreenBuilder::expects)
            .unless(List.of(), "mocks", Codec.list("mock", MockJson.MOCK), Screen::mocks, ScreenBuilder::mocks)
            .unless(List.of(), "states", Codec.list("state", STATE), Screen::states, ScreenBuilder::states)
            .unless(List.of(), "hotspots", Codec.list("hotspot", HOTSPOT), Screen::hotspots, ScreenBuilder::hotspots)
            .unless(List.of(), "links", LinkJson.LINKS, Screen::links, ScreenBuilder::links)
            .rest(Screen::rest, ScreenBuilder::rest);

    private ScreenJson() {}
}
