package fluidframe.app;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import org.junit.jupiter.api.Test;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

class ArchitectureTest {

    private final JavaClasses app = new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("fluidframe");

    @Test
    void theCoreKnowsNothingOfTheApplication() {
        noClasses().that().resideInAPackage("fluidframe.core..").should().dependOnClassesThat().resideInAPackage("fluidframe.app..").check(app);
    }

    @Test
    void resourcesReachStoredThingsOnlyThroughShelves() {
        noClasses().that().haveSimpleNameEndingWith("Resource").should().dependOnClassesThat().haveSimpleNameEndingWith("Repository")
                .orShould().dependOnClassesThat().areAnnotatedWith(Entity.class).check(app);
    }
}
