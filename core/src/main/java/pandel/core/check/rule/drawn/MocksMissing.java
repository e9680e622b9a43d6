package pandel.core.check.rule.drawn;

import java.util.ArrayList;
import java.util.List;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.FindingWords;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Weight;
import pandel.core.check.fix.Fixes;
import pandel.core.check.solve.Solution;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.Status;
import pandel.core.play.layout.Placement;

/** {@code mock-missing}: for each named device the screens whose pictures do not fit its width. */
public final class MocksMissing {

    private MocksMissing() {}

    public static List<Finding> in(Solution solution) {
        Prototype prototype = solution.prototype();
        List<Finding> findings = new ArrayList<>();
        for (Device device : prototype.devices()) {
            List<String> misfits = prototype.screens().stream()
                    .filter(s -> s.status() != Status.PARKED)
                    .filter(s -> s.mockFor(prototype.widths().of(device.width()))
                            .filter(m -> misfits(s, m, device))
                            .isPresent())
                    .map(Screen::id)
                    .toList();
            if (!misfits.isEmpty()) {
                findings.add(Finding.about(
                                Rule.MOCK_MISSING,
                                Weight.WARNING,
                                "No picture of " + FindingWords.screens(prototype, misfits) + " fits " + device.title()
                                        + ", " + Math.round(device.width()) + " px wide.",
                                misfits,
                                misfits.stream()
                                        .filter(solution::shown)
                                        .findFirst()
                                        .flatMap(solution::walkTo))
                        .with(
                                prototype.devices().size() > 1
                                        ? List.of(Fixes.withoutDevice(prototype, device))
                                        : List.of()));
            }
        }
        return findings;
    }

    /** Pages and sheets fill the width; dialogs and panels stand at their own size where there is room. */
    private static boolean misfits(Screen screen, Mock mock, Device device) {
        return screen.form() == Form.PAGE || screen.form() == Form.SHEET
                ? !Placement.fits(device.width(), mock.width())
                : mock.width() > device.width() * 4 / 3;
    }
}
