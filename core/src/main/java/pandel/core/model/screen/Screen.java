package pandel.core.model.screen;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import pandel.core.model.device.Width;
import pandel.core.model.link.Link;
import pandel.core.model.rest.Rest;
import pandel.core.model.value.Expected;

/**
 * One thing a person sees.
 *
 * @param title may be empty, which is a finding
 * @param section the band it stands in; empty: none
 * @param end whether using the prototype may rightly stop here
 * @param home whether the screens that lead to one another around it are where a person is meant to stay
 * @param closedBy what closes an overlay opened with this screen; empty: as usual for its form
 * @param overlay how it stands where it is open above others
 * @param expects the values it expects
 * @param copyOf id of the screen it was copied from; empty: it was made anew
 * @param mocks one for each width it was drawn for
 * @param hotspots its own, without the shared ones
 * @param links its own causes: waits, and gestures on the whole screen
 */
@RecordBuilder
public record Screen(
        String id,
        String title,
        Form form,
        Status status,
        String section,
        boolean end,
        boolean home,
        Optional<String> copyOf,
        Optional<Set<Closer>> closedBy,
        Overlay overlay,
        List<Expected> expects,
        List<Mock> mocks,
        List<State> states,
        List<Hotspot> hotspots,
        List<Link> links,
        Rest rest)
        implements ScreenBuilder.With {

    public Screen {
        closedBy = closedBy.map(Set::copyOf);
        expects = List.copyOf(expects);
        mocks = List.copyOf(mocks);
        states = List.copyOf(states);
        hotspots = List.copyOf(hotspots);
        links = List.copyOf(links);
    }

    /** A draft page with nothing on it. */
    public static Screen page(String id, String title) {
        return new Screen(
                id,
                title,
                Form.PAGE,
                Status.DRAFT,
                "",
                false,
                false,
                Optional.empty(),
                Optional.empty(),
                Overlay.USUAL,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Rest.NONE);
    }

    /** The title, or words that stand for a title not given. */
    public String shownTitle() {
        return title.isBlank() ? "Untitled" : title;
    }

    /** What closes an overlay opened with it. */
    public Set<Closer> closers() {
        return closedBy.orElseGet(() -> Closer.usualFor(form));
    }

    /** The mock of the plain look for a width: its own, else the next narrower, else the next wider. */
    public Optional<Mock> mockFor(Width width) {
        return mockFor(mocks, width);
    }

    public static Optional<Mock> mockFor(List<Mock> mocks, Width width) {
        Optional<Mock> narrower = Optional.empty();
        Optional<Mock> wider = Optional.empty();
        for (Mock mock : mocks) {
            if (mock.on().compareTo(width) <= 0) {
                narrower =
                        narrower.filter(m -> m.on().compareTo(mock.on()) >= 0).or(() -> Optional.of(mock));
            } else {
                wider = wider.filter(m -> m.on().compareTo(mock.on()) <= 0).or(() -> Optional.of(mock));
            }
        }
        Optional<Mock> found = wider;
        return narrower.or(() -> found);
    }

    /** The state of that id. */
    public Optional<State> state(String stateId) {
        return states.stream().filter(s -> s.id().equals(stateId)).findFirst();
    }

    /** The plain mocks and those of every state. */
    public Stream<Mock> allMocks() {
        return Stream.concat(mocks.stream(), states.stream().flatMap(s -> s.mocks().stream()));
    }

    /** The words laid on the pictures of all its looks. */
    public Stream<String> laidWords() {
        return allMocks().flatMap(m -> m.patches().stream()).map(Patch::words);
    }

    /** The same with the mocks of every look changed alike. */
    public Screen withEveryMock(UnaryOperator<List<Mock>> change) {
        return withMocks(change.apply(mocks))
                .withStates(states.stream()
                        .map(s -> s.withMocks(change.apply(s.mocks())))
                        .toList());
    }

    /** Closed by these alone besides its own links. */
    public Screen withClosers(Closer... closers) {
        Set<Closer> set = EnumSet.noneOf(Closer.class);
        set.addAll(List.of(closers));
        return withClosedBy(Optional.of(set));
    }

    /** Closed as usual for its form. */
    public Screen closedAsUsual() {
        return withClosedBy(Optional.empty());
    }
}
