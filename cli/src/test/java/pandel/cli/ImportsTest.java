package pandel.cli;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Who may import whom. */
class ImportsTest {

    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("pandel");

    @Test
    void coreUsesTheJdkAloneWithoutFilesInterfaceClockOrChance() {
        classes()
                .that()
                .resideInAPackage("pandel.core..")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "pandel.core..", "java.lang..", "java.util..", "java.text..", "org.jspecify..", "org.jgrapht..")
                .check(ALL);
        noClasses()
                .that()
                .resideInAPackage("pandel.core..")
                .and()
                .resideOutsideOfPackage("pandel.core.generate..")
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.util.Random")
                .check(ALL);
    }

    @Test
    void importsGoOneWay() {
        noClasses()
                .that()
                .resideInAPackage("pandel.files..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("pandel.desktop..", "pandel.cli..", "javafx..")
                .check(ALL);
        noClasses()
                .that()
                .resideInAPackage("pandel.desktop..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("pandel.cli..", "picocli..")
                .check(ALL);
        slices().matching("pandel.core.(*)..").should().beFreeOfCycles().check(ALL);
        slices().matching("pandel.files.(*)..").should().beFreeOfCycles().check(ALL);
        slices().matching("pandel.(*)..").should().beFreeOfCycles().check(ALL);
    }

    @Test
    void oneStageKnowsNoOther() {
        List<String> stages = List.of("mocks", "links", "map", "play", "check");
        for (String stage : List.of("links", "map", "play", "check")) {
            for (String other : stages) {
                // What a screen's form looks like, and what can be done to a screen, is said in mocks for all.
                if (!other.equals(stage) && !other.equals("mocks")) {
                    noClasses()
                            .that()
                            .resideInAPackage("pandel.desktop." + stage)
                            .should()
                            .dependOnClassesThat()
                            .resideInAPackage("pandel.desktop." + other)
                            .check(ALL);
                }
            }
        }
    }

    @Test
    void onlyMainExits() {
        noClasses()
                .that()
                .doNotHaveFullyQualifiedName("pandel.cli.Main")
                .should()
                .callMethod(System.class, "exit", int.class)
                .check(ALL);
    }

    @Test
    void filesAreShort() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of(".."))) {
            List<Path> long400 = files.filter(
                            f -> f.toString().endsWith(".java") && !f.toString().contains("/target/"))
                    .filter(f -> lines(f) > 400)
                    .toList();
            assertThat(long400).isEmpty();
        }
    }

    private static long lines(Path file) {
        try (Stream<String> lines = Files.lines(file)) {
            return lines.count();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }
}
