package pandel.desktop.shell;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.ShrinkingMode;
import net.jqwik.api.lifecycle.BeforeContainer;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Whatever is done in whatever order, and whenever background work ends: nothing is lost, and no file gets another's
 * content.
 */
class DocumentsTest {

    private static final int STEPS = 250;

    @BeforeContainer
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @Property(tries = 60, shrinking = ShrinkingMode.OFF)
    void nothingIsLostAndNoFileGetsAnothersContent(@ForAll long seed) throws Exception {
        day(seed);
    }

    /** A save asked for while what another program wrote is loaded again. */
    @Example
    void whatIsBeingLoadedAgainIsNotWrittenOver() throws Exception {
        day(797);
    }

    /** Whether to save over a changed file is answered when another prototype is open by then. */
    @Example
    void whatIsAnsweredLateDoesNothingToWhatIsOpenThen() throws Exception {
        day(5_436_557);
    }

    /** What counts though the file holds something else is not saved. */
    @Example
    void whatIsKeptAgainstAnotherProgramIsNotSaved() throws Exception {
        day(117_327);
    }

    /** One is left while it is being saved, and that save is called off before the other is there. */
    @Example
    void whatIsNotSavedAfterAllIsAskedAboutAgain() throws Exception {
        day(31);
    }

    private static void day(long seed) throws Exception {
        Path folder = Files.createTempDirectory("pandel-office");
        try {
            WaitForAsyncUtils.waitFor(WaitForAsyncUtils.asyncFx(() -> {
                RandomOffice office = new RandomOffice(seed, folder);
                for (int i = 0; i < STEPS; i++) {
                    office.step();
                }
                office.finish();
                return null;
            }));
        } finally {
            try (var all = Files.walk(folder)) {
                for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(path);
                }
            }
        }
    }
}
