package pandel.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.core.edit.Naming;
import pandel.core.edit.linking.BroughtLink;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.files.Unreadable;
import pandel.files.gather.FileTitle;
import pandel.files.gather.Gathering;
import pandel.files.picture.Thumbnails;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeSaving;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "new",
        mixinStandardHelpOptions = true,
        description = "Makes a prototype file, empty or from a folder of pictures.")
final class NewCommand implements Callable<Integer> {

    @Spec
    CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "The .pandel file to make; it must not exist yet.")
    Path file;

    @Option(
            names = "--from",
            paramLabel = "PICTURES",
            description = "Makes a screen of each PNG, JPEG, SVG, WebP, GIF and BMP in it, and of each page"
                    + " of a PDF and picture of an HTML image map, with their links; or of one such file.")
    Path from;

    @Option(names = "--folders", description = "Takes the folders inside it too, each as a section.")
    boolean folders;

    @Override
    public Integer call() throws Unreadable, IOException {
        if (Files.exists(file)) {
            throw new Unreadable("“" + file + "” exists already; name a file that does not.");
        }
        SecureRandom random = new SecureRandom();
        Prototype prototype =
                Prototype.empty(FileTitle.of(file.getFileName().toString().replaceAll("\\.pandel$", ""))
                        .title());
        try (PictureShelf shelf = new PictureShelf()) {
            if (from != null) {
                Gathering.Found found = Gathering.look(List.of(from));
                List<Path> pictures = new ArrayList<>(found.pictures());
                for (Path inside : found.inside()) {
                    if (folders) {
                        pictures.addAll(Gathering.find(List.of(inside)));
                    } else {
                        spec.commandLine()
                                .getErr()
                                .println("pandel: The folder “" + inside.getFileName()
                                        + "” in it is left out; take it too, as a section, with --folders.");
                    }
                }
                found.leftOut().forEach(sentence -> spec.commandLine().getErr().println("pandel: " + sentence));
                if (pictures.isEmpty()) {
                    throw new Unreadable("There are no PNG, JPEG, SVG, WebP, GIF or BMP pictures in “" + from
                            + "”, so nothing was made.");
                }
                Optional<Gathering.Gathered> gathered = new Gathering(shelf, Thumbnails.ofUser())
                        .withSections(found.inside())
                        .take(pictures, Set.of(), new Naming(random::nextInt), done -> {}, () -> false);
                Gathering.Gathered taken = gathered.orElseThrow();
                taken.problems().forEach(p -> spec.commandLine().getErr().println("pandel: " + p));
                if (taken.screens().isEmpty()) {
                    throw new Unreadable(
                            "None of the pictures in “" + from + "” could be taken in, so nothing was made.");
                }
                taken.told().forEach(t -> spec.commandLine().getErr().println("pandel: " + t));
                prototype = ScreenEdits.add(taken.screens()).applyTo(prototype);
                prototype = BroughtLink.edit(
                                taken.links(),
                                taken.screens().stream().map(Screen::id).toList(),
                                new Naming(random::nextInt))
                        .applyTo(prototype);
            }
            PrototypeSaving.toFile(prototype, file, shelf);
        }
        spec.commandLine().getOut().println(file + ": " + prototype.screens().size() + " screens");
        return ExitCode.FINE;
    }
}
