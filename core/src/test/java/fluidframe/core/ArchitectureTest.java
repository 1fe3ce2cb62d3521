package fluidframe.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("fluidframe.core");

    @Test
    void theCoreKnowsOnlyTheJdkAndAFewLibrariesOfAlgorithms() {
        classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "fluidframe.core..",
                        "java..",
                        "javax.sound.midi..",
                        "javax.xml.stream..",
                        "com.ibm.icu..",
                        "org.hipparchus..",
                        "org.apache.commons.text.similarity..",
                        "org.apache.commons.lang3..",
                        "com.github.difflib..",
                        "org.jgrapht..",
                        "org.chocosolver..")
                .check(CORE);
    }

    @Test
    void itsPackagesDependOneWay() {
        SlicesRuleDefinition.slices()
                .matching("fluidframe.core.(*)..")
                .should()
                .beFreeOfCycles()
                .check(CORE);
    }
}
