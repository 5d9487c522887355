package ojala.acceptance;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import ojala.wire.Json;
import org.testng.annotations.Test;

/** The walls of the house: which room may know which, and what the documents must agree with. */
public class HouseRulesTest {
    private final JavaClasses all = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("ojala");

    @Test
    public void roomsDependDownwardsOnly() {
        assertThat(all.size()).isGreaterThan(150);
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("core")
                .definedBy("ojala.core..")
                .layer("git")
                .definedBy("ojala.git..")
                .layer("wire")
                .definedBy("ojala.wire..")
                .layer("server")
                .definedBy("ojala.server..")
                .layer("client")
                .definedBy("ojala.client..")
                .layer("codehost")
                .definedBy("ojala.codehost..")
                .layer("demo")
                .definedBy("ojala.demo..")
                .whereLayer("demo")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("server")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("client")
                .mayOnlyBeAccessedByLayers("demo")
                .whereLayer("codehost")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("wire")
                .mayOnlyBeAccessedByLayers("server", "client", "codehost", "demo")
                .whereLayer("git")
                .mayOnlyBeAccessedByLayers("wire", "server", "client", "codehost")
                .check(all);
    }

    @Test
    public void theHeartKnowsNoFramework() {
        classes()
                .that()
                .resideInAPackage("ojala.core..")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "ojala.core..",
                        "java..",
                        "org.jspecify..",
                        "org.snakeyaml..",
                        "com.github.luben.zstd..",
                        "com.fasterxml.aalto..",
                        "tools.jackson.core..",
                        "javax.xml.stream..",
                        "org.codehaus.stax2..")
                .check(all);
        noClasses()
                .that()
                .resideOutsideOfPackage("ojala.git..")
                .and()
                .resideOutsideOfPackage("ojala.codehost..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.eclipse.jgit..")
                .check(all);
    }

    @Test
    public void inTheHeartALaterStepIsNotCalledByAnEarlierOne() {
        noClasses()
                .that()
                .resideInAnyPackage(
                        "ojala.core.model..",
                        "ojala.core.format..",
                        "ojala.core.merge..",
                        "ojala.core.path..",
                        "ojala.core.tally..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "ojala.core.view..", "ojala.core.judge..", "ojala.core.gate..", "ojala.core.settings..")
                .check(all);
    }

    @Test
    public void theApisDescriptionIsTheOneInTheDocuments() throws IOException {
        String described = House.get().read("/openapi").toString();
        Path kept = Server.CHECKOUT.resolve("docs/openapi.json");
        assertThat(Json.mapper().readTree(Files.readString(kept)))
                .as("docs/openapi.json; fetch it anew from /api/v1/openapi")
                .isEqualTo(Json.mapper().readTree(described));
    }

    @Test
    public void nothingThatIsKeptNamesARegistry() throws IOException {
        Path console = Server.CHECKOUT.resolve("console");
        try (Stream<Path> files = Stream.of(
                console.resolve("package-lock.json"), console.resolve(".npmrc"), Server.CHECKOUT.resolve("pom.xml"))) {
            for (Path file : files.toList()) {
                assertThat(Files.readString(file))
                        .as(file.toString())
                        .doesNotContain("\"resolved\"", "<repository>", "registry=");
            }
        }
    }

    @Test
    public void everyPackageSaysWhatItIsFor() throws IOException {
        for (String module : List.of("core", "git", "wire", "server", "client", "codehost-sim", "demo", "bench")) {
            try (Stream<Path> folders = Files.walk(Server.CHECKOUT.resolve(module + "/src/main/java"))) {
                List<Path> missing = folders.filter(Files::isDirectory)
                        .filter(HouseRulesTest::holdsClasses)
                        .filter(folder -> !Files.exists(folder.resolve("package-info.java")))
                        .toList();
                assertThat(missing).isEmpty();
            }
        }
    }

    private static boolean holdsClasses(Path folder) {
        try (Stream<Path> files = Files.list(folder)) {
            return files.anyMatch(file -> file.toString().endsWith(".java"));
        } catch (IOException failure) {
            throw new java.io.UncheckedIOException(failure);
        }
    }
}
