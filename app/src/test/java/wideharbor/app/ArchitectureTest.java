package wideharbor.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import jakarta.persistence.Entity;
import org.jspecify.annotations.NullMarked;

@AnalyzeClasses(
        packages = "wideharbor.app",
        importOptions = {ImportOption.DoNotIncludeTests.class})
class ArchitectureTest {
    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("wideharbor.app.(*)..").should().beFreeOfCycles();

    /** Rows stay behind the package that owns them: everyone else gets the core's own objects. */
    @ArchTest
    static final ArchRule ENTITIES_STAY_HOME =
            classes().that().areAnnotatedWith(Entity.class).should().bePackagePrivate();

    @ArchTest
    static final ArchRule CONTROLLERS_DO_NOT_TOUCH_THE_STORE = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .dependOnClassesThat()
            .haveSimpleNameEndingWith("Store");

    /** A store turns rows into objects and back; who judges is above it. */
    @ArchTest
    static final ArchRule STORES_JUDGE_NOTHING = noClasses()
            .that()
            .haveSimpleNameEndingWith("Store")
            .or()
            .haveSimpleName("JobReader")
            .or()
            .haveSimpleName("JobList")
            .or()
            .haveSimpleName("Acceptances")
            .should()
            .dependOnClassesThat()
            .haveSimpleName("CheckEngine")
            .orShould()
            .dependOnClassesThat()
            .haveSimpleName("Remedies")
            .orShould()
            .dependOnClassesThat()
            .haveSimpleName("Reports");

    /**
     * No answer is worked out inside a cache's lock, and no request leans on the machine's common pool: see judging.
     */
    @ArchTest
    static final ArchRule NOTHING_IS_WORKED_OUT_IN_A_LOCK = noClasses()
            .should()
            .callMethod(
                    com.github.benmanes.caffeine.cache.Cache.class,
                    "get",
                    Object.class,
                    java.util.function.Function.class)
            .orShould()
            .callMethod(java.util.Collection.class, "parallelStream")
            .orShould()
            .callMethod(java.util.List.class, "parallelStream");

    /** What may be absent says so; a package that is not marked would be passed over by the compiler's check. */
    @ArchTest
    static final ArchRule EVERY_PACKAGE_IS_NULL_MARKED = classes()
            .should(new ArchCondition<>("be in a marked package") {
                @Override
                public void check(JavaClass type, ConditionEvents events) {
                    if (!type.getPackage().isAnnotatedWith(NullMarked.class)) {
                        events.add(SimpleConditionEvent.violated(type, type.getPackageName() + " is not @NullMarked"));
                    }
                }
            });
}
