import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pandel.core.edit.Naming;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.screen.HotspotEdits;
import pandel.core.edit.screen.StateEdits;
import pandel.core.edit.value.Carrying;
import pandel.core.edit.value.FactWords;
import pandel.core.edit.value.ParsedWords;
import pandel.core.model.Prototype;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Source;
import pandel.core.model.value.Value;

/** Which tool, which loan: what is carried from screen to screen in Hollow Lane, and what is typed to sign in. */
final class ValuesOfHollowLane extends Making {

    private ValuesOfHollowLane(Prototype p, Naming naming) {
        super(p, naming);
    }

    static Prototype put(Prototype plain, Naming naming) throws FactWords.NotUnderstood {
        ValuesOfHollowLane maker = new ValuesOfHollowLane(plain, naming);
        maker.expect("Tool", "tool", "Orchard ladder");
        maker.expect("Choose dates", "tool", "Orchard ladder");
        maker.expect("Confirm", "tool", "Orchard ladder");
        maker.expect("Loan", "loan", "Four-person tent");
        for (String tool : List.of(
                "Orchard ladder", "Hand drill", "Pruning saw", "Wheelbarrow", "Hedge shears", "Four-person tent")) {
            maker.carry("Tools", tool, "tool", Source.of(new Value.Text(tool)));
        }
        maker.carry("Loans", "Orchard ladder", "tool", Source.of(new Value.Text("Orchard ladder")));
        maker.carry("Loans", "Hand drill", "loan", Source.of(new Value.Text("Hand drill")));
        maker.carry("Loans", "Four-person tent", "loan", Source.of(new Value.Text("Four-person tent")));
        maker.carry("Tool", "Reserve", "tool", new Source.Given("tool"));
        maker.carry("Choose dates", "Take 16 to 18", "tool", new Source.Given("tool"));
        maker.carry("Confirm", "Other dates", "tool", new Source.Given("tool"));
        maker.rows();
        maker.lay("Tool", new Patch(new Area(20, 374, 350, 40), "#ffffff", "#1f2b26", "{tool}", 26));
        maker.lay(
                "Confirm",
                new Patch(new Area(86, 182, 240, 26), "#f5f0e8", "#1f2b26", "{tool}", 16),
                new Patch(new Area(34, 60, 300, 26), "#ffffff", "#2f5f4a", "{tool}", 16));
        maker.lay("Loan", new Patch(new Area(20, 98, 350, 40), "#ffffff", "#1f2b26", "{loan}", 28));
        maker.expect("Reserved", "tool", "Orchard ladder");
        maker.carry("Confirm", "Reserve it", "tool", new Source.Given("tool"));
        maker.lay(
                "Reserved", new Patch(new Area(20, 414, 350, 28), "#dce8df", "#5f6b66", "{tool}, 16 to 18", 15, true));
        maker.signIn();
        return maker.p;
    }

    private Hotspot hotspot(String on, String words) {
        return p.index().hotspotsOn(screen(on).id()).stream()
                .filter(h -> h.title().equals(words))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(words + " on " + on));
    }

    private void expect(String on, String name, String unless) {
        edit(Carrying.expect(
                screen(on), Expected.text(name).withRequired(false).withFallback(Optional.of(new Value.Text(unless)))));
    }

    private void carry(String on, String words, String name, Source source) {
        Link link = hotspot(on, words).linkFor(Gesture.TAP).orElseThrow();
        Target target = link.effect().flatMap(Effect::target).orElseThrow();
        edit(Carrying.carry(link, target, name, Optional.of(source)));
    }

    /** The three saws that are found are one list. */
    private void rows() {
        Hotspot first = hotspot("Search", "Pruning saw");
        edit(HotspotEdits.remove(List.of(hotspot("Search", "Fret saw"), hotspot("Search", "Bow saw"))));
        edit(HotspotEdits.rename(first, "Saws"));
        for (Map.Entry<Width, Area> one : first.areas().entrySet()) {
            Area a = one.getValue();
            edit(HotspotEdits.place(
                    hotspot("Search", "Saws"), one.getKey(), new Area(a.x(), a.y() - 4, a.width(), 3 * 84)));
        }
        edit(HotspotEdits.nature(
                hotspot("Search", "Saws"),
                new Hotspot.Nature.Rows(List.of(row("Pruning saw"), row("Fret saw"), row("Bow saw")))));
        carry("Search", "Saws", "tool", new Source.OfRow("tool"));
    }

    private static Map<String, Value> row(String tool) {
        return Map.of("tool", new Value.Text(tool));
    }

    private void lay(String on, Patch... patches) {
        Picture narrow = (Picture) screen(on).mockFor(Width.NARROW).orElseThrow();
        edit(StateEdits.mock(screen(on), Optional.empty(), narrow.withPatches(List.of(patches))));
        screen(on).mocks().stream()
                .filter(m -> m.on() == Width.MEDIUM && !on.equals("Tool"))
                .map(m -> (Picture) m)
                .forEach(m -> edit(StateEdits.mock(
                        screen(on),
                        Optional.empty(),
                        m.withPatches(List.of(patches).stream()
                                .map(x -> x.withArea(x.area().moved(MoreOfHollowLane.ASIDE, 0)))
                                .toList()))));
    }

    /** Enter in the door code signs in as the button does; a number not known twice leads to help. */
    private void signIn() throws FactWords.NotUnderstood {
        field("Card number", 386);
        field("Door code", 470);
        Link tap = hotspot("Sign in", "Sign in").linkFor(Gesture.TAP).orElseThrow();
        Branch known = tap.branches().getFirst();
        ParsedWords<Effect.Remember> tries = FactWords.remember(p, "tries + 1", naming);
        edit(pandel.core.edit.value.FactEdits.put(tries.facts().getFirst()));
        ParsedWords<List<Condition>> twice = FactWords.conditions(p, "tries at least 1", naming);
        ParsedWords<List<Condition>> empty =
                FactWords.conditions(p, List.of(screen("Sign in")), "typed Card number is empty", naming);
        Branch help = Branch.of(new Effect.Advance(
                        new Target.ToScreen(screen("Ask for help").id())))
                .withOutcome(tap.branches().get(1).outcome())
                .withWhen(twice.what());
        Branch again = tap.branches()
                .get(1)
                .withEffects(
                        List.of(tries.what(), tap.branches().get(1).effects().getFirst()));
        edit(LinkEdits.change("", tap.withBranches(List.of(known, help, again))));
        Branch missing = Branch.of(
                        new Effect.Notice("Type the number on the back of your card.", Effect.Notice.USUAL_MS))
                .withWhen(empty.what());
        Branch sent = known.withOutcome(Optional.empty());
        edit(LinkEdits.link(
                hotspot("Sign in", "Door code"),
                new Link(
                        naming.fresh("submit", p.index().ids()), new Cause.Submit(), List.of(missing, sent), Rest.NONE),
                ""));
    }

    private void field(String words, double y) {
        Map<Width, Area> areas = new LinkedHashMap<>();
        areas.put(Width.NARROW, new Area(20, y, 350, 50));
        areas.put(Width.MEDIUM, new Area(20 + MoreOfHollowLane.ASIDE, y, 350, 50));
        edit(HotspotEdits.mark(
                screen("Sign in"),
                new Hotspot(
                        naming.fresh(words, p.index().ids()),
                        words,
                        areas,
                        List.of(),
                        new Hotspot.Nature.Field(),
                        java.util.Optional.empty(),
                        Rest.NONE)));
    }
}
