package longshoulder.core;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

@AnalyzeClasses(packages = "longshoulder.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule NO_CIRCLES = SlicesRuleDefinition.slices().matching("longshoulder.core.(*)..").should()
            .beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_SCREEN_NO_FILES_NO_CLOCK = ArchRuleDefinition.noClasses().should()
            .dependOnClassesThat().resideInAnyPackage("javafx..", "java.awt..", "java.io", "java.nio..", "java.time..");
}
