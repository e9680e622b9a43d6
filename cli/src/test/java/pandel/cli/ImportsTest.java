package pandel.cli;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaPackage;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.GabowStrongConnectivityInspector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;
import org.junit.jupiter.api.Test;

/** Who may import whom, and how large the rooms are. */
class ImportsTest {

    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("pandel");

    private static final int LARGEST_RING = 3;
    private static final int LARGEST_ROOM = 25;
    private static final int LONGEST_FILE = 400;

    @Test
    void coreUsesTheJdkAloneWithoutFilesInterfaceClockOrChance() {
        classes()
                .that()
                .resideInAPackage("pandel.core..")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "pandel.core..",
                        "java.lang..",
                        "java.util..",
                        "java.text..",
                        "org.jspecify..",
                        "org.jgrapht..",
                        "com.carrotsearch.hppc..",
                        "io.soabase..")
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
    void thePlayerUsesCoreAloneAndTheBrowserOnlyWhereItMeetsIt() {
        classes()
                .that()
                .resideInAPackage("pandel.player..")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "pandel.player..",
                        "pandel.core.model..",
                        "pandel.core.play..",
                        "java.lang..",
                        "java.util..",
                        "org.jspecify..",
                        "org.teavm.jso..")
                .check(ALL);
        noClasses()
                .that()
                .resideInAPackage("pandel.player..")
                .and()
                .doNotHaveSimpleName("Browser")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.teavm..")
                .check(ALL);
    }

    @Test
    void modulesImportOneWay() {
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
    }

    @Test
    void noPackagesImportOneAnotherInARing() {
        assertThat(rings(JavaClass::getPackageName, 1)).isEmpty();
    }

    @Test
    void noMoreThanThreeClassesKnowOneAnotherInARing() {
        assertThat(rings(ImportsTest::outermost, LARGEST_RING)).isEmpty();
    }

    /** Strongly connected parts of what depends on what, those with more members than that. */
    private static List<Set<String>> rings(Function<JavaClass, String> unit, int most) {
        Graph<String, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);
        ALL.forEach(from -> from.getDirectDependenciesFromSelf().forEach(dependency -> {
            JavaClass to = dependency.getTargetClass().getBaseComponentType();
            if (to.getPackageName().startsWith("pandel.") && !isGenerated(from) && !isGenerated(to)) {
                String a = unit.apply(from);
                String b = unit.apply(to);
                graph.addVertex(a);
                graph.addVertex(b);
                if (!a.equals(b)) {
                    graph.addEdge(a, b);
                }
            }
        }));
        return new GabowStrongConnectivityInspector<>(graph)
                .stronglyConnectedSets().stream()
                        .filter(ring -> ring.size() > most)
                        .<Set<String>>map(TreeSet::new)
                        .toList();
    }

    private static String outermost(JavaClass one) {
        return one.getName().replaceFirst("\\$.*", "");
    }

    /** Builders are made from their records. */
    private static boolean isGenerated(JavaClass one) {
        return outermost(one).endsWith("Builder");
    }

    /** A stage asks the window through {@code pandel.desktop.stage}, and leaves the other stages alone. */
    @Test
    void oneStageKnowsNeitherAnotherNorTheShell() {
        List<String> stages = List.of("mocks", "links", "map", "play", "check");
        for (String stage : stages) {
            Stream.concat(stages.stream().filter(s -> !s.equals(stage)), Stream.of("shell"))
                    .forEach(other -> noClasses()
                            .that()
                            .resideInAPackage("pandel.desktop." + stage + "..")
                            .should()
                            .dependOnClassesThat()
                            .resideInAPackage("pandel.desktop." + other + "..")
                            .check(ALL));
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
    void roomsAreSmall() {
        Map<String, Long> large = new TreeMap<>();
        Set<JavaPackage> packages = ALL.getPackage("pandel").getSubpackagesInTree();
        packages.forEach(p -> {
            long files = p.getClasses().stream()
                    .filter(c -> !c.isNestedClass() && !c.getName().matches(".*(package-info|Builder)"))
                    .count();
            if (files > LARGEST_ROOM) {
                large.put(p.getName(), files);
            }
        });
        assertThat(large).isEmpty();
    }

    @Test
    void filesAreShort() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of(".."))) {
            assertThat(files.filter(f -> f.toString().endsWith(".java"))
                            .filter(f -> !f.toString().contains("/target/"))
                            .filter(f -> lines(f) > LONGEST_FILE))
                    .isEmpty();
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
