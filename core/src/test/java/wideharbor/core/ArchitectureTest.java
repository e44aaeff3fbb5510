package wideharbor.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.NullMarked;
import org.junit.jupiter.api.Assertions;
import wideharbor.core.catalog.ItemType;

/** The table of who may use whom is the architecture of the core; docs/architecture shows the same. */
@AnalyzeClasses(packages = "wideharbor.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    private static final Map<String, List<String>> MAY_USE = Map.ofEntries(
            Map.entry("memo", List.of()),
            Map.entry("calendar", List.of("brief", "build", "catalog", "dispatch", "id", "job")),
            Map.entry(
                    "book",
                    List.of(
                            "analysis",
                            "assembly",
                            "balance",
                            "brief",
                            "build",
                            "catalog",
                            "changeover",
                            "check",
                            "dispatch",
                            "geometry",
                            "id",
                            "job",
                            "media",
                            "power",
                            "quantity",
                            "rig",
                            "sheet",
                            "signal",
                            "stock",
                            "tool")),
            Map.entry("stock", List.of("quantity")),
            Map.entry("photo", List.of("quantity")),
            Map.entry("media", List.of("id", "quantity", "catalog", "build", "brief", "job")),
            Map.entry("note", List.of("id", "quantity", "standard", "catalog", "build", "job")),
            Map.entry("quantity", List.of()),
            Map.entry("id", List.of("quantity")),
            Map.entry("geometry", List.of("quantity")),
            Map.entry("standard", List.of("quantity")),
            Map.entry("catalog", List.of("id", "memo", "quantity", "geometry", "standard")),
            Map.entry("brief", List.of("id", "quantity", "catalog")),
            Map.entry("build", List.of("id", "quantity", "catalog")),
            Map.entry("rig", List.of("id", "memo", "quantity", "geometry", "standard", "catalog", "build")),
            Map.entry(
                    "clearance", List.of("id", "memo", "quantity", "geometry", "standard", "catalog", "build", "rig")),
            Map.entry("front", List.of("id", "quantity", "geometry", "standard", "catalog", "build", "rig")),
            Map.entry("people", List.of("id", "quantity", "geometry", "brief", "catalog", "build", "rig", "clearance")),
            Map.entry("merge", List.of("id", "quantity", "catalog", "build")),
            Map.entry("tool", List.of("id", "catalog", "build", "rig")),
            Map.entry("balance", List.of("id", "quantity", "geometry", "catalog", "build", "rig")),
            Map.entry("power", List.of("id", "memo", "quantity", "catalog", "build", "rig", "brief")),
            Map.entry(
                    "signal",
                    List.of("id", "memo", "quantity", "geometry", "catalog", "build", "rig", "power", "brief", "job")),
            Map.entry("job", List.of("id", "quantity", "brief", "build", "catalog")),
            Map.entry(
                    "changeover",
                    List.of(
                            "id",
                            "memo",
                            "balance",
                            "quantity",
                            "brief",
                            "build",
                            "catalog",
                            "rig",
                            "clearance",
                            "job",
                            "analysis")),
            Map.entry(
                    "analysis",
                    List.of(
                            "id",
                            "memo",
                            "quantity",
                            "geometry",
                            "standard",
                            "catalog",
                            "build",
                            "rig",
                            "brief",
                            "job",
                            "balance",
                            "clearance",
                            "power",
                            "signal",
                            "tool",
                            "people")),
            Map.entry(
                    "assembly",
                    List.of(
                            "id",
                            "job",
                            "quantity",
                            "geometry",
                            "standard",
                            "catalog",
                            "build",
                            "rig",
                            "brief",
                            "balance",
                            "clearance",
                            "tool",
                            "analysis")),
            Map.entry(
                    "plates",
                    List.of("id", "quantity", "geometry", "standard", "brief", "catalog", "build", "rig", "clearance")),
            Map.entry(
                    "edit",
                    List.of(
                            "id",
                            "memo",
                            "quantity",
                            "geometry",
                            "standard",
                            "catalog",
                            "build",
                            "rig",
                            "brief",
                            "job",
                            "balance",
                            "power",
                            "signal",
                            "people",
                            "changeover",
                            "plates",
                            "stock",
                            "analysis")),
            Map.entry(
                    "check",
                    List.of(
                            "id",
                            "media",
                            "memo",
                            "quantity",
                            "front",
                            "geometry",
                            "standard",
                            "catalog",
                            "build",
                            "rig",
                            "brief",
                            "job",
                            "balance",
                            "clearance",
                            "power",
                            "signal",
                            "tool",
                            "people",
                            "changeover",
                            "analysis",
                            "edit")),
            Map.entry(
                    "drawing",
                    List.of(
                            "id",
                            "memo",
                            "quantity",
                            "front",
                            "geometry",
                            "standard",
                            "catalog",
                            "build",
                            "rig",
                            "brief",
                            "job",
                            "balance",
                            "clearance",
                            "power",
                            "signal",
                            "people",
                            "analysis")),
            Map.entry(
                    "sheet",
                    List.of(
                            "id",
                            "media",
                            "memo",
                            "quantity",
                            "front",
                            "geometry",
                            "standard",
                            "catalog",
                            "build",
                            "rig",
                            "brief",
                            "job",
                            "balance",
                            "clearance",
                            "power",
                            "signal",
                            "people",
                            "changeover",
                            "analysis",
                            "edit",
                            "check",
                            "drawing")),
            Map.entry(
                    "benchtest",
                    List.of(
                            "id",
                            "media",
                            "quantity",
                            "geometry",
                            "standard",
                            "catalog",
                            "build",
                            "rig",
                            "brief",
                            "job",
                            "balance",
                            "power",
                            "signal",
                            "analysis")),
            Map.entry(
                    "dispatch",
                    List.of(
                            "id",
                            "stock",
                            "analysis",
                            "quantity",
                            "geometry",
                            "brief",
                            "balance",
                            "build",
                            "catalog",
                            "check",
                            "job",
                            "rig",
                            "tool")));

    @ArchTest
    static void packagesUseOnlyWhatTheTableAllows(JavaClasses core) {
        MAY_USE.forEach((name, allowed) -> {
            List<String> packages =
                    new ArrayList<>(List.of("java..", "org.jspecify..", "org.jgrapht..", "io.soabase.."));
            packages.add("wideharbor.core." + name + "..");
            allowed.forEach(a -> packages.add("wideharbor.core." + a + ".."));
            classes()
                    .that()
                    .resideInAPackage("wideharbor.core." + name + "..")
                    .should()
                    .onlyDependOnClassesThat()
                    .resideInAnyPackage(packages.toArray(String[]::new))
                    .check(core);
        });
        Assertions.assertEquals(34, MAY_USE.size());
    }

    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("wideharbor.core.(*)..").should().beFreeOfCycles();

    /** What is kept is worked out outside of any lock, by threads that the caller names: see the package memo. */
    @ArchTest
    static final ArchRule NOTHING_IS_WORKED_OUT_IN_A_LOCK = noClasses()
            .that()
            .resideOutsideOfPackage("wideharbor.core.memo")
            .should()
            .dependOnClassesThat()
            .areAssignableTo(java.util.concurrent.ConcurrentMap.class)
            .orShould()
            .callMethod(java.util.Collection.class, "parallelStream")
            .orShould()
            .callMethod(java.util.List.class, "parallelStream");

    @ArchTest
    static final ArchRule FIELDS_ARE_FINAL = fields().that()
            .areDeclaredInClassesThat()
            .areTopLevelClasses()
            .and()
            .areDeclaredInClassesThat()
            .doNotHaveSimpleName("Results")
            .and()
            .areDeclaredInClassesThat()
            .haveSimpleNameNotEndingWith("Builder")
            .should()
            .beFinal();

    @ArchTest
    static final ArchRule NO_CLOCK = noClasses()
            .should()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.LocalDateTime.class, "now")
            .orShould()
            .callMethod(System.class, "currentTimeMillis");

    /** What a part is called decides nothing: a name is for people, capabilities and classes are for checks. */
    @ArchTest
    static final ArchRule NAMES_DECIDE_NOTHING = noClasses()
            .that()
            .resideInAPackage("wideharbor.core.check..")
            .should(new ArchCondition<>("judge a part by a piece of its name") {
                @Override
                public void check(JavaClass type, ConditionEvents events) {
                    boolean asksNames = type.getMethodCallsFromSelf().stream()
                            .anyMatch(c -> c.getTarget().getOwner().isEquivalentTo(ItemType.class)
                                    && c.getTarget().getName().equals("name"));
                    boolean looksInText = type.getMethodCallsFromSelf().stream()
                            .anyMatch(c -> c.getTarget().getOwner().isEquivalentTo(String.class)
                                    && List.of("startsWith", "endsWith", "matches")
                                            .contains(c.getTarget().getName()));
                    if (asksNames && looksInText) {
                        events.add(SimpleConditionEvent.satisfied(type, type.getName() + " looks into a part's name"));
                    }
                }
            });

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
