package longshoulder.files;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;

/** The window knows this module, and not the other way round. */
@AnalyzeClasses(packages = "longshoulder.files", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule NO_SCREEN = ArchRuleDefinition.noClasses().should().dependOnClassesThat()
            .resideInAnyPackage("javafx..", "longshoulder.desktop..");
}
