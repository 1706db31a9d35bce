package eventide.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

/** Which way dependencies point. */
public class HouseRulesTest {
    private final JavaClasses classes = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("eventide");

    @Test
    public void theTradeKnowsNoFramework() {
        noClasses()
                .that()
                .resideOutsideOfPackage("eventide.server..")
                .should()
                .dependOnClassesThat()
                .resideOutsideOfPackages("eventide..", "java..")
                .because("the rules of the job are plain Java, tested alone")
                .check(classes);
    }

    @Test
    public void coreHasNoClock() {
        noClasses()
                .that()
                .resideOutsideOfPackage("eventide.server..")
                .and()
                .doNotHaveSimpleName("IngredientDictionary")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.io..", "java.net..", "java.nio..", "java.sql..")
                .because("core does no I/O; the dictionary alone reads its own data, once")
                .check(classes);
    }

    @Test
    public void corePackagesPointUpTheList() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("shape")
                .definedBy("eventide.shape..")
                .layer("air")
                .definedBy("eventide.air..")
                .layer("hair")
                .definedBy("eventide.hair..")
                .layer("product")
                .definedBy("eventide.product..")
                .layer("routine")
                .definedBy("eventide.routine..")
                .layer("drying")
                .definedBy("eventide.drying..")
                .layer("check")
                .definedBy("eventide.check..")
                .layer("outcome")
                .definedBy("eventide.outcome..")
                .layer("planner")
                .definedBy("eventide.planner..")
                .layer("chair")
                .definedBy("eventide.chair..")
                .layer("log")
                .definedBy("eventide.log..")
                .layer("server")
                .definedBy("eventide.server..")
                .whereLayer("chair")
                .mayOnlyBeAccessedByLayers("server")
                .whereLayer("planner")
                .mayOnlyBeAccessedByLayers("chair", "server")
                .whereLayer("log")
                .mayOnlyBeAccessedByLayers("server")
                .whereLayer("outcome")
                .mayOnlyBeAccessedByLayers("planner", "chair", "server")
                .whereLayer("check")
                .mayOnlyBeAccessedByLayers("outcome", "planner", "chair", "server")
                .whereLayer("drying")
                .mayOnlyBeAccessedByLayers("check", "outcome", "planner", "chair", "log", "server")
                .whereLayer("routine")
                .mayOnlyBeAccessedByLayers("drying", "check", "outcome", "planner", "chair", "log", "server")
                .because("arrows point up the list only")
                .check(classes);
    }
}
