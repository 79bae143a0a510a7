package longshoulder.desktop;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

/** Which rooms of the window know which. */
@AnalyzeClasses(packages = "longshoulder.desktop", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule NO_CIRCLES = SlicesRuleDefinition.slices().matching("longshoulder.desktop.(*)..").should()
            .beFreeOfCycles();

    /** Whatever else is drawn is described in the core and drawn by the pen there. */
    @ArchTest
    static final ArchRule ONLY_PAINT_PAINTS = ArchRuleDefinition.noClasses().that()
            .resideOutsideOfPackages("longshoulder.desktop.paint", "longshoulder.desktop").should()
            .dependOnClassesThat().resideInAnyPackage("java.awt..", "javafx.scene.canvas..");
}
