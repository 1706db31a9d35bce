package eventide.server;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noFields;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
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
                .resideOutsideOfPackages("eventide.server..", "eventide.picture..")
                .should()
                .dependOnClassesThat()
                .resideOutsideOfPackages("eventide..", "java..", "org.apache.commons.math3..")
                .because(
                        "the rules of the job are plain Java, tested alone; linear algebra and distributions are a library's")
                .check(classes);
    }

    @Test
    public void workIsSharedAmongCoresInOneWay() {
        noClasses()
                .should()
                .callMethodWhere(target(nameMatching("parallel|parallelStream")))
                .orShould()
                .dependOnClassesThat()
                .haveNameMatching("java.util.concurrent.ForkJoin.*")
                .because(
                        "nested parallel streams and joins were seen to wait for ever; Parallel waits for nothing that has not begun")
                .check(classes);
    }

    @Test
    public void onlyLearningAndPracticeComputeWithALibrary() {
        noClasses()
                .that()
                .resideOutsideOfPackages(
                        "eventide.learning..", "eventide.practice..", "eventide.picture..", "eventide.server..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.apache.commons.math3..")
                .because("the trade's own computation is written by hand and can be followed")
                .check(classes);
    }

    @Test
    public void coreHasNoClock() {
        noClasses()
                .that()
                .resideOutsideOfPackages("eventide.server..", "eventide.picture..")
                .and()
                .doNotHaveSimpleName("IngredientDictionary")
                .and()
                .doNotHaveSimpleName("AllergyTable")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.io..", "java.net..", "java.nio..", "java.sql..")
                .because("core does no I/O; the dictionary and the table of allergies read their own data, once")
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
                .layer("wash")
                .definedBy("eventide.wash..")
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
                .layer("learning")
                .definedBy("eventide.learning..")
                .layer("diary")
                .definedBy("eventide.diary..")
                .layer("practice")
                .definedBy("eventide.practice..")
                .layer("words")
                .definedBy("eventide.words..")
                .layer("server")
                .definedBy("eventide.server..")
                .whereLayer("words")
                .mayOnlyBeAccessedByLayers("server")
                .layer("picture")
                .definedBy("eventide.picture..")
                .whereLayer("picture")
                .mayOnlyBeAccessedByLayers("server")
                .whereLayer("practice")
                .mayOnlyBeAccessedByLayers("picture", "server")
                .whereLayer("diary")
                .mayOnlyBeAccessedByLayers("words", "server")
                .whereLayer("learning")
                .mayOnlyBeAccessedByLayers("practice", "words", "server")
                .whereLayer("chair")
                .mayOnlyBeAccessedByLayers("words", "server")
                .whereLayer("planner")
                .mayOnlyBeAccessedByLayers("chair", "learning", "diary", "practice", "server")
                .whereLayer("log")
                .mayOnlyBeAccessedByLayers("learning", "diary", "practice", "words", "server")
                .whereLayer("outcome")
                .mayOnlyBeAccessedByLayers("planner", "chair", "learning", "diary", "words", "server")
                .whereLayer("check")
                .mayOnlyBeAccessedByLayers("planner", "chair", "diary", "practice", "server")
                .whereLayer("wash")
                .mayOnlyBeAccessedByLayers(
                        "check",
                        "outcome",
                        "planner",
                        "chair",
                        "log",
                        "learning",
                        "diary",
                        "practice",
                        "words",
                        "server")
                .whereLayer("drying")
                .mayOnlyBeAccessedByLayers(
                        "wash", "check", "outcome", "planner", "chair", "log", "learning", "diary", "words", "server")
                .whereLayer("routine")
                .mayOnlyBeAccessedByLayers(
                        "drying",
                        "wash",
                        "check",
                        "outcome",
                        "planner",
                        "chair",
                        "log",
                        "learning",
                        "diary",
                        "practice",
                        "words",
                        "server")
                .because("arrows point up the list only")
                .check(classes);
    }

    /** The compiler keeps a table beside each class that switches on a closed set. */
    @Test
    public void whatAnActionIsStandsBesideItAlone() {
        noFields()
                .that()
                .areDeclaredInClassesThat()
                .resideOutsideOfPackage("eventide.routine")
                .should()
                .haveNameMatching("\\$SwitchMap\\$eventide\\$routine\\$(Action|Technique)")
                .because("another action or technique is one more entry beside its name, and nothing elsewhere")
                .check(classes);
        noFields()
                .that()
                .areDeclaredInClassesThat()
                .resideOutsideOfPackage("eventide.product")
                .should()
                .haveNameMatching("\\$SwitchMap\\$eventide\\$product\\$Role")
                .because("another role of a product is one more entry beside its name, and nothing elsewhere")
                .check(classes);
    }

    /** Written out, searched, explained, laid beside each other: each room of the planner knows those before it. */
    @Test
    public void theRoomsOfThePlannerKnowThoseBeforeThem() {
        String because = "a plan is written before it is searched, and searched before it is explained";
        knowsNothingOf("compose", because, "search", "explain", "compare");
        knowsNothingOf("search", because, "explain", "compare");
        knowsNothingOf("explain", because, "compare");
    }

    private void knowsNothingOf(String room, String because, String... later) {
        for (String other : later) {
            noClasses()
                    .that()
                    .resideInAPackage("eventide.planner." + room)
                    .should()
                    .dependOnClassesThat()
                    .resideInAPackage("eventide.planner." + other)
                    .because(because)
                    .check(classes);
        }
    }

    /** Each feature, the ones it may ask, and the one class of its own it is asked through; its records go with that. */
    private enum Feature {
        FILES("CsvCell"),
        PHOTOS("Pictures"),
        CLIENTS("ClientRepository"),
        SHELF("ShelfRepository", FILES, PHOTOS),
        PRACTICE("PracticeProgress"),
        PICTURES(null, PHOTOS),
        WASHDAYS("HistoryQuery", CLIENTS, SHELF, PHOTOS),
        TODAY("Forecast", CLIENTS, WASHDAYS),
        LEARNING("LearningService", CLIENTS, PRACTICE, SHELF, WASHDAYS),
        PLANNING(null, LEARNING),
        DIARY(null, CLIENTS, LEARNING, SHELF, TODAY, WASHDAYS);

        private final String face;
        private final List<Feature> asks;

        Feature(String face, Feature... asks) {
            this.face = face;
            this.asks = List.of(asks);
        }

        /** Null for what is no feature. */
        static Feature of(JavaClass type) {
            return Stream.of(values())
                    .filter(feature -> type.getPackageName()
                            .equals("eventide.server." + feature.name().toLowerCase()))
                    .findFirst()
                    .orElse(null);
        }

        boolean shows(JavaClass type) {
            JavaClass outer = type;
            while (outer.getEnclosingClass().isPresent()) {
                outer = outer.getEnclosingClass().get();
            }
            return type.isRecord() || type.isEnum() || outer.getSimpleName().equals(face);
        }
    }

    /** A whole salon goes in and out of a file, and the demo makes one: those two know every feature, and none knows them. */
    @Test
    public void featuresMeetThroughOneClassEach() {
        classes()
                .that(DescribedPredicate.describe("are of a feature", type -> Feature.of(type) != null))
                .should(new ArchCondition<>("ask another only through its one face, and only those below") {
                    @Override
                    public void check(JavaClass type, ConditionEvents events) {
                        Feature own = Feature.of(type);
                        type.getDirectDependenciesFromSelf().forEach(arrow -> {
                            JavaClass target = arrow.getTargetClass();
                            Feature other = Feature.of(target);
                            boolean carries = target.getPackageName().matches("eventide\\.server\\.(exchange|demo)");
                            boolean allowed =
                                    other == null || other == own || own.asks.contains(other) && other.shows(target);
                            if (carries || !allowed) {
                                events.add(SimpleConditionEvent.violated(arrow, arrow.getDescription()));
                            }
                        });
                    }
                })
                .because("what is behind a feature's face can be changed without looking at the others")
                .check(classes);
    }

    @Test
    public void everyRepositoryAsksWithOneConnection() {
        classes()
                .that()
                .areAnnotatedWith(Repository.class)
                .should(new ArchCondition<>("be read-only transactions but for what they write") {
                    @Override
                    public void check(JavaClass repository, ConditionEvents events) {
                        boolean readOnly = repository
                                .tryGetAnnotationOfType(Transactional.class)
                                .map(Transactional::readOnly)
                                .orElse(false);
                        if (!readOnly) {
                            events.add(SimpleConditionEvent.violated(repository, repository.getName() + " is not"));
                        }
                    }
                })
                .because("within a transaction a second question finds the connection of the first")
                .check(classes);
    }

    @Test
    public void everyWriteIsATransaction() {
        methods()
                .that()
                .areDeclaredInClassesThat()
                .areAnnotatedWith(Repository.class)
                .and()
                .areNotPrivate()
                .and(DescribedPredicate.describe("write", HouseRulesTest::writes))
                .should()
                .beAnnotatedWith(Transactional.class)
                .because("a write that begins none is neither counted nor refused on a full disk")
                .check(classes);
    }

    /** It changes rows itself, or through a method only it and its like can call. */
    private static boolean writes(JavaMethod method) {
        return method.getMethodCallsFromSelf().stream().anyMatch(call -> {
            boolean update = call.getName().equals("update")
                    && call.getTargetOwner().isAssignableTo(JdbcClient.StatementSpec.class);
            boolean own = call.getTargetOwner().equals(method.getOwner());
            return update
                    || own
                            && call.getTarget()
                                    .resolveMember()
                                    .filter(member -> member.getModifiers().contains(JavaModifier.PRIVATE))
                                    .filter(member -> !member.equals(method) && writes(member))
                                    .isPresent();
        });
    }
}
