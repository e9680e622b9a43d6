import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import pandel.core.edit.Edit;
import pandel.core.edit.Naming;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.StateEdits;
import pandel.core.edit.value.FactEdits;
import pandel.core.edit.value.FactWords;
import pandel.core.edit.value.ParsedWords;
import pandel.core.edit.whole.StartEdits;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;
import pandel.core.model.start.Entry;
import pandel.core.model.value.Condition;

/** Facts and looks of Hollow Lane, its pictures for a tablet, addresses and start points. */
final class LooksOfHollowLane extends Making {

    private LooksOfHollowLane(Prototype p, Naming naming) {
        super(p, naming);
    }

    /** @param looks pictures of looks, and those for a tablet under their page's title */
    static Prototype put(Prototype plain, Map<String, Picture> looks, Map<String, Picture> tablet, Naming naming)
            throws FactWords.NotUnderstood {
        LooksOfHollowLane maker = new LooksOfHollowLane(plain, naming);
        maker.remember("Sign in", "Sign in", "signed in");
        maker.remember("Me", "Sign out", "signed in is no");
        maker.remember("Confirm", "Reserve it", "reservations + 1");
        maker.remember("Extend the loan", "Keep it until Thursday", "kept longer");
        maker.remember("Notices", "Your ladder is ready", "notices are read");
        maker.look(
                "Loans",
                "Nothing reserved",
                "reservations is 0",
                looks.get("loans_nothing-reserved"),
                "Orchard ladder");
        maker.look("Loan", "Kept longer", "kept longer", looks.get("loan_kept-longer"), "Keep it longer");
        maker.look("Notices", "All read", "notices are read", looks.get("notices_all-read"));
        maker.look(
                "Me",
                "Not signed in",
                "signed in is no",
                looks.get("me_not-signed-in"),
                "My card",
                "What we tell you about",
                "House rules",
                "Invite a neighbour");
        tablet.forEach(maker::onTablet);
        maker.places();
        maker.starts();
        return maker.p;
    }

    private Hotspot hotspot(String on, String words) {
        return p.index().hotspotsOn(screen(on).id()).stream()
                .filter(h -> h.title().equals(words))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(words + " on " + on));
    }

    private void remember(String on, String words, String typed) throws FactWords.NotUnderstood {
        Link link = hotspot(on, words).links().getFirst();
        ParsedWords<Effect.Remember> said = FactWords.remember(p, typed, naming);
        edit(FactEdits.remember(link, List.of(said.what()), said.facts()));
    }

    private void look(String on, String title, String typed, Picture picture, String... hidden)
            throws FactWords.NotUnderstood {
        ParsedWords<List<Condition>> said = FactWords.conditions(p, typed, naming);
        Set<String> hides =
                List.of(hidden).stream().map(words -> hotspot(on, words).id()).collect(Collectors.toSet());
        State state = State.of(naming.fresh(title, p.index().ids()), title, said.what())
                .withMocks(List.of(picture))
                .withHides(hides);
        edit(StateEdits.add(screen(on), state, said.facts()));
    }

    private void onTablet(String on, Picture picture) {
        edit(StateEdits.mock(screen(on), Optional.empty(), picture.withOn(Width.MEDIUM)));
        edit(Edit.of(
                "for a tablet too",
                q -> q.devices().contains(DevicesOfHollowLane.TABLET)
                        ? q
                        : q.withDevices(List.of(
                                DevicesOfHollowLane.PHONE,
                                DevicesOfHollowLane.SMALL_PHONE,
                                DevicesOfHollowLane.TABLET))));
    }

    /** Where hotspots stand on the tablet’s pictures. */
    private void places() {
        String[][] rows = {
            {"Tools", "Orchard ladder", "Hand drill", "Pruning saw", "Wheelbarrow", "Hedge shears", "Four-person tent"},
            {"Loans", "Four-person tent", "Hand drill", "Orchard ladder"},
            {"Notices", "Your ladder is ready", "Closed on Tuesday", "Courses"},
            {"Me", "Opening hours", "What we tell you about", "My card", "House rules", "Invite a neighbour"}
        };
        for (String[] row : rows) {
            for (int i = 1; i < row.length; i++) {
                place(row[0], row[i], MoreOfHollowLane.cell(i - 1));
            }
        }
        place("Tools", "Search", new double[] {480, 56, 300, 48});
        String[] words = {"How to use it", "Opening hours", "Care and cost"};
        for (int i = 0; i < 3; i++) {
            place("Tool", words[i], new double[] {40 + i * 250, 660, 230, 52});
        }
        place("Tool", "Reserve", new double[] {240, 860, 340, 56});
        place("Tool", "Waiting list", new double[] {240, 936, 340, 52});
        place("Me", "Sign out", new double[] {240, 600, 340, 56});
        String[] tabs = {"Tools", "Loans", "Notices", "Me"};
        for (int i = 0; i < 4; i++) {
            place("Tools", tabs[i] + " in the strip", MoreOfHollowLane.tab(i));
        }
        // All others stand in the column in the middle.
        for (Screen screen : p.screens()) {
            for (Hotspot hotspot : p.index().hotspotsOn(screen.id())) {
                boolean drawn = screen.mocks().stream().anyMatch(m -> m.on() == Width.MEDIUM);
                if (drawn
                        && p.index()
                                .hotspot(hotspot.id())
                                .orElseThrow()
                                .areaOn(Width.MEDIUM)
                                .isEmpty()) {
                    edit(HotspotEdits.place(
                            hotspot,
                            Width.MEDIUM,
                            hotspot.areaOn(Width.NARROW).orElseThrow().moved(MoreOfHollowLane.ASIDE, 0)));
                }
            }
        }
    }

    private void place(String on, String words, double[] at) {
        edit(HotspotEdits.place(hotspot(on, words), Width.MEDIUM, new Area(at[0], at[1], at[2], at[3])));
    }

    private void starts() {
        address("/tools/{tool}", "Tool");
        address("/loans/{loan}", "Loan");
        start("Signed in", "wait 1800", "Sign in");
        start(
                "Signed in, tent kept longer",
                "wait 1800",
                "Sign in",
                "Loans in the strip",
                "Four-person tent",
                "Keep it longer",
                "Keep it until Thursday");
        start(
                "Ladder reserved",
                "wait 1800",
                "Sign in",
                "Orchard ladder",
                "Reserve",
                "Take 16 to 18",
                "Reserve it",
                "See my loans");
    }

    private void address(String address, String to) {
        edit(StartEdits.entry(new Entry(
                naming.fresh(to, p.index().ids()),
                new Target.ToScreen(screen(to).id()),
                Optional.of(address),
                Rest.NONE)));
    }

    private void start(String title, String... words) {
        edit(StartEdits.keep(Played.of(p, List.of(words))
                .end()
                .asStartPoint(naming.fresh(title, p.index().ids()), title)));
    }
}
