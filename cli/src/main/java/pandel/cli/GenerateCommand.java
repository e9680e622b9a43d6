package pandel.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.core.generate.Generated;
import pandel.core.generate.Kind;
import pandel.core.model.Prototype;
import pandel.core.model.device.Width;
import pandel.core.model.rest.Rest;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.files.Unreadable;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeSaving;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "generate",
        mixinStandardHelpOptions = true,
        description = "Makes up a prototype for tests and benchmarks; the same for the same seed.")
final class GenerateCommand implements Callable<Integer> {

    private static final int MOST = 100_000;
    private static final int MOST_FACTS = 64;
    private static final int MOST_KILOBYTES = 20_000;
    private static final long MOST_ALL = 20_000_000;

    @Spec
    CommandSpec spec;

    @Option(names = "--screens", paramLabel = "N", required = true, description = "How many screens, 1 to 100000.")
    int screens;

    @Option(
            names = "--seed",
            paramLabel = "S",
            defaultValue = "1",
            description = "Any whole number (default: ${DEFAULT-VALUE}).")
    long seed;

    @Option(names = "--kind", defaultValue = "usual", description = "usual or nasty (default: ${DEFAULT-VALUE}).")
    Kind kind;

    @Option(
            names = "--facts",
            paramLabel = "N",
            description =
                    "Gives it so many facts, looks that ask for them and links that remember them (default: none).")
    int facts;

    @Option(
            names = "--pictures",
            paramLabel = "KB",
            description = "Gives each screen a picture of 1170×2532 pixels and about so many kilobytes.")
    int kilobytes;

    @Option(
            names = "-o",
            paramLabel = "FILE",
            required = true,
            description = "The .pandel file to write; one that is there is replaced.")
    Path out;

    @Override
    public Integer call() throws Unreadable, IOException {
        if (screens < 1 || screens > MOST) {
            throw new Unreadable("--screens must be 1 to " + MOST + ", not " + screens + ".");
        }
        if (facts < 0 || facts > MOST_FACTS) {
            throw new Unreadable("--facts must be 0 to " + MOST_FACTS + ", not " + facts + ".");
        }
        if (kilobytes < 0 || kilobytes > MOST_KILOBYTES || (long) kilobytes * screens > MOST_ALL) {
            throw new Unreadable("--pictures must be 0 to " + MOST_KILOBYTES + " KB, and all pictures together at most "
                    + MOST_ALL / 1_000_000 + " GB, not " + kilobytes + " KB for each of " + screens + ".");
        }
        Prototype prototype = Generated.of(screens, seed, kind, facts);
        try (PictureShelf shelf = new PictureShelf()) {
            if (kilobytes > 0) {
                prototype = withPictures(prototype, shelf);
            }
            PrototypeSaving.toFile(prototype, out, shelf);
        }
        spec.commandLine()
                .getOut()
                .println(out + ": " + screens + " screens, "
                        + prototype.index().ways().size() + " links");
        return ExitCode.FINE;
    }

    private Prototype withPictures(Prototype plain, PictureShelf shelf) throws IOException {
        List<Screen> screens = new ArrayList<>();
        for (Screen screen : plain.screens()) {
            String content = shelf.take(MadePicture.png(seed + screens.size(), kilobytes), "png");
            screens.add(screen.withMocks(List.of(new Picture(
                    Width.NARROW, content, MadePicture.WIDE, MadePicture.HIGH, MadePicture.SCALE, "", Rest.NONE))));
        }
        return plain.withScreens(screens);
    }
}
