package pandel.core.check.fix;

import java.util.Optional;
import pandel.core.check.finding.Fix;
import pandel.core.edit.value.Carrying;
import pandel.core.model.Index.Way;
import pandel.core.model.link.Target;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Source;

/** Ways to mend what is found about values. */
public final class ValueFixes {

    private ValueFixes() {}

    public static Fix expect(Screen screen, String name) {
        return new Fix(
                "Let the screen expect “" + name + "”",
                "“" + screen.shownTitle() + "” does not expect it.",
                "“" + screen.shownTitle() + "” expects it, as a text, and can do without.",
                Carrying.expect(screen, Expected.text(name).withRequired(false)));
    }

    public static Fix needNot(Screen screen, Expected expected) {
        return new Fix(
                "Let the screen do without “" + expected.name() + "”",
                "“" + screen.shownTitle() + "” needs it.",
                "“" + screen.shownTitle() + "” can do without it.",
                Carrying.expect(screen, expected.withRequired(false)));
    }

    public static Fix carryNoMore(Way way, Target target, String name) {
        return new Fix(
                "Carry “" + name + "” no more",
                "The link carries it.",
                "The link does not carry it.",
                Carrying.carry(way.link(), target, name, Optional.empty()));
    }

    public static Fix carryGiven(Way way, Target target, String name) {
        return new Fix(
                "Carry the “" + name + "” that the screen was given",
                "The link carries none.",
                "The link carries what its own screen was given.",
                Carrying.carry(way.link(), target, name, Optional.of(new Source.Given(name))));
    }
}
