package pandel.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import pandel.cli.result.ExitCode;
import pandel.core.model.Prototype;
import pandel.core.model.Version;
import pandel.core.version.Change;
import pandel.core.version.Changes;
import pandel.files.Unreadable;
import pandel.files.store.PrototypeFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code pandel diff}: what changed from one prototype, or one version of it, to another, in sentences. */
@Command(
        name = "diff",
        mixinStandardHelpOptions = true,
        description = "Says in sentences what changed from one prototype to another. Exits with 0 when they are alike, "
                + "with 1 when not.")
final class DiffCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "OLD", description = "The prototype as it was.")
    private Path old;

    @Parameters(
            index = "1",
            paramLabel = "NEW",
            arity = "0..1",
            description = "The prototype as it is; left out, that of OLD itself, with --since.")
    private Path fresh;

    @Option(
            names = "--since",
            paramLabel = "VERSION",
            description = "A version kept in OLD, by its name or id, in place of OLD as it is.")
    private String since;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Unreadable {
        if (fresh == null && since == null) {
            throw new Unreadable("Name two prototypes, or one and --since with a version kept in it.");
        }
        Prototype before = PrototypeFile.open(old).prototype();
        Prototype now = fresh == null ? before : PrototypeFile.open(fresh).prototype();
        List<Change> changes = Changes.between(since == null ? before : version(before), now);
        var out = spec.commandLine().getOut();
        changes.forEach(change -> out.println(change.sentence()));
        if (changes.isEmpty()) {
            out.println("Nothing changed.");
        }
        return changes.isEmpty() ? ExitCode.FINE : ExitCode.FINDINGS;
    }

    private Prototype version(Prototype prototype) throws Unreadable {
        Optional<Version> found = prototype.versions().stream()
                .filter(v -> v.id().equals(since) || v.title().equalsIgnoreCase(since))
                .findFirst();
        if (found.isEmpty()) {
            throw new Unreadable("No version “" + since + "” is kept in “" + old.getFileName() + "”"
                    + (prototype.versions().isEmpty()
                            ? "; none is."
                            : "; there are "
                                    + String.join(
                                            ", ",
                                            prototype.versions().stream()
                                                    .map(v -> "“" + v.title() + "”")
                                                    .toList())
                                    + "."));
        }
        return switch (found.get().content()) {
            case Version.Content.Kept kept -> kept.prototype();
            case Version.Content.Unread unread ->
                throw new Unreadable("The version “" + since + "” cannot be read. " + unread.why());
        };
    }
}
