import java.util.List;
import java.util.Optional;
import pandel.core.edit.Naming;
import pandel.core.edit.whole.RemarkEdits;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;
import pandel.core.model.remark.Remark;
import pandel.core.model.screen.Hotspot;

/** What people who run Hollow Lane said about it. */
final class RemarksOfHollowLane extends Making {

    private int days = 2;

    private RemarksOfHollowLane(Prototype p, Naming naming) {
        super(p, naming);
    }

    static Prototype put(Prototype whole, Naming naming) {
        RemarksOfHollowLane maker = new RemarksOfHollowLane(whole, naming);
        maker.pin("Loans", "", "Can what is due today come first? People look here on their way out.", "Mira Oland");
        maker.pin("Loans", "Hand drill", "The red line says it is late. It is due today, so not late yet.", "Teo Barr");
        maker.pin("Tool", "Reserve", "Say “Reserve it for me”? My neighbours asked what it does.", "Mira Oland");
        maker.pin("Loan", "Something is broken", "Good that one does not have to call us for this.", "Teo Barr");
        maker.settle();
        maker.step();
        return maker.p;
    }

    private void pin(String screen, String hotspot, String words, String by) {
        Remark on = Remark.on(screen(screen).id(), id("remark"), words, by, day());
        Optional<String> id = p.index().hotspotsOn(on.screen()).stream()
                .filter(h -> h.title().equals(hotspot))
                .map(Hotspot::id)
                .findFirst();
        if (id.isEmpty() && !hotspot.isEmpty()) {
            throw new IllegalArgumentException(hotspot);
        }
        edit(RemarkEdits.pin(on.withHotspot(id)));
    }

    private String day() {
        return "2026-05-%02dT09:30:00Z".formatted(days++);
    }

    private void settle() {
        edit(RemarkEdits.settle(p.remarks().getLast(), true));
    }

    /** One about a moment of the way that brings the tent back. */
    private void step() {
        Journey journey = p.journeys().stream()
                .filter(j -> j.title().equals("Bring the tent back"))
                .findFirst()
                .orElseThrow();
        List<Journey.Leg> legs = journey.legs().subList(0, journey.legs().size() - 1);
        edit(RemarkEdits.pin(Remark.on(
                        legs.getLast().shown(),
                        id("remark"),
                        "From here I would go home, not back to the list.",
                        "Teo Barr",
                        day())
                .withStep(Optional.of(new Remark.Step(
                        journey.device(),
                        journey.entry(),
                        legs.stream().map(Journey.Leg::event).toList())))));
    }
}
