package pandel.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.desktop.Measured;
import pandel.files.Unreadable;
import pandel.files.store.PrototypeFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "measure",
        mixinStandardHelpOptions = true,
        description = "Measures the window with a prototype, off-screen.")
final class MeasureCommand implements Callable<Integer> {

    private static final int TAPS = 120;
    private static final int STEPS = 400;
    private static final int EDITS = 30;

    /** What can be measured. */
    enum What {
        START,
        FRAMES,
        SCROLL,
        VITALS,
        SAVE
    }

    @Spec
    CommandSpec spec;

    @Parameters(
            index = "0",
            paramLabel = "start|frames|scroll|vitals|save",
            description = {
                "start: until the window is shown, and all pictures of its first stage are",
                "frames: time between frames while something moves in play, at phone fit, half of the motions "
                        + "interrupted",
                "scroll: time between frames while the gallery is scrolled from its first card to its last and back",
                "vitals: from an edit until its checks are told",
                "save: time between frames while FILE is saved to itself"
            })
    What what;

    @Parameters(index = "1", paramLabel = "FILE", description = "A .pandel file, or a folder saved by Pandel.")
    Path file;

    @Override
    public Integer call() throws Unreadable, IOException, InterruptedException {
        PrototypeFile.open(file);
        String told = switch (what) {
            case START -> {
                Measured.Startup start = Measured.startup(file);
                yield "window shown after " + start.shown() + " ms, all pictures of the first stage after "
                        + start.firstSight() + " ms from the start of the process, "
                        + (start.firstSight() - start.shown()) + " ms from the start of opening";
            }
            case FRAMES -> "while something moved: " + told(Measured.frames(file, TAPS));
            case SCROLL -> "while the gallery scrolled: " + told(Measured.scrolling(file, STEPS));
            case VITALS -> {
                Measured.Vitals vitals = Measured.vitals(file, EDITS);
                yield "from an edit to its vitals: median %.0f ms, longest %.0f ms of %d; median %.0f ms where only words change"
                        .formatted(vitals.median(), vitals.longest(), vitals.edits(), vitals.renamed());
            }
            case SAVE -> {
                Measured.Saving saving = Measured.saving(file);
                yield "saved in %.1f s (%d MB); meanwhile: %s"
                        .formatted(saving.seconds(), Files.size(file) >> 20, told(saving.frames()));
            }
        };
        spec.commandLine().getOut().println(told + peak());
        return ExitCode.FINE;
    }

    private static String told(Measured.Frames frames) {
        return "%d frames, median %.1f ms, 95 of 100 within %.1f ms, longest %.1f ms"
                .formatted(frames.count(), frames.median(), frames.p95(), frames.longest());
    }

    /** The most memory the process ever held, where the system tells. */
    private static String peak() throws IOException {
        Path status = Path.of("/proc/self/status");
        return !Files.isReadable(status)
                ? ""
                : Files.readAllLines(status).stream()
                        .filter(l -> l.startsWith("VmHWM:"))
                        .map(l -> "; peak memory " + Long.parseLong(l.replaceAll("\\D", "")) / 1024 + " MB")
                        .findFirst()
                        .orElse("");
    }
}
