package fluidframe.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ArchitectureTest {

    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("fluidframe");

    @Test
    void theCoreKnowsNothingOfTheApplication() {
        noClasses()
                .that()
                .resideInAPackage("fluidframe.core..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("fluidframe.app..")
                .check(APP);
    }

    @Test
    void resourcesReachStoredThingsOnlyThroughStores() {
        noClasses()
                .that()
                .haveSimpleNameEndingWith("Resource")
                .should()
                .dependOnClassesThat()
                .haveSimpleNameEndingWith("Repository")
                .orShould()
                .dependOnClassesThat()
                .areAnnotatedWith(Entity.class)
                .check(APP);
    }

    @ParameterizedTest
    @ValueSource(strings = {"core", "app"})
    void theHouseIsAsItsPlanSays(String house) throws IOException {
        String root = "fluidframe." + house + ".";
        List<List<String>> storeys = plan(house);
        Set<String> above = new LinkedHashSet<>();
        for (List<String> storey : storeys) {
            above.addAll(storey);
            for (String room : storey) {
                String[] others = above.stream()
                        .filter(other -> !other.equals(room))
                        .map(other -> root + other + "..")
                        .toArray(String[]::new);
                noClasses()
                        .that()
                        .resideInAPackage(root + room + "..")
                        .should()
                        .dependOnClassesThat()
                        .resideInAnyPackage(others)
                        .allowEmptyShould(false)
                        .check(APP);
            }
        }
        Set<String> there = APP.stream()
                .map(JavaClass::getPackageName)
                .filter(name -> name.startsWith(root))
                .map(name -> name.substring(root.length()).split("\\.")[0])
                .collect(Collectors.toSet());
        assertThat(above).as("rooms in docs/architecture.md").containsExactlyInAnyOrderElementsOf(there);
    }

    /** The rooms of each storey, from the top: the words before the wide gap in the plan's lines. */
    private static List<List<String>> plan(String house) throws IOException {
        return Files.readAllLines(Path.of("..", "docs", "architecture.md")).stream()
                .dropWhile(line -> !line.equals("```" + house))
                .skip(1)
                .takeWhile(line -> !line.equals("```"))
                .map(line -> List.of(line.split(" {2,}")[0].split(" ")))
                .toList();
    }
}
