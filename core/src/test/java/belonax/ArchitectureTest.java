package belonax;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import belonax.needle.NeedleType;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;

/** Keeps the order of the core's packages: each may use those above it in ARCHITECTURE.md, never below. */
@AnalyzeClasses(packages = "belonax", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule ONLY_TESTS_ARE_CALLED_TESTS = noClasses().should().haveSimpleNameEndingWith("Test");

    @ArchTest
    static final ArchRule PACKAGES_STAND_IN_ORDER = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("words")
            .definedBy("belonax")
            .layer("table")
            .definedBy("belonax.rules")
            .layer("needle")
            .definedBy("belonax.needle")
            .layer("thread")
            .definedBy("belonax.thread")
            .layer("cloth")
            .definedBy("belonax.cloth")
            .layer("machine")
            .definedBy("belonax.machine")
            .layer("hazard")
            .definedBy("belonax.hazard")
            .layer("match")
            .definedBy("belonax.match")
            .layer("life")
            .definedBy("belonax.life")
            .layer("balance")
            .definedBy("belonax.balance")
            .layer("fault")
            .definedBy("belonax.fault")
            .layer("plan")
            .definedBy("belonax.plan")
            .layer("practice")
            .definedBy("belonax.practice")
            .layer("sound")
            .definedBy("belonax.sound")
            .whereLayer("table")
            .mayOnlyAccessLayers("words")
            .whereLayer("needle")
            .mayOnlyAccessLayers("words", "table")
            .whereLayer("thread")
            .mayOnlyAccessLayers("words", "table", "needle")
            .whereLayer("cloth")
            .mayOnlyAccessLayers("words", "table", "needle", "thread")
            .whereLayer("machine")
            .mayOnlyAccessLayers("words", "table", "needle", "thread", "cloth")
            .whereLayer("hazard")
            .mayOnlyAccessLayers("words", "table", "needle", "thread", "cloth", "machine")
            .whereLayer("match")
            .mayOnlyAccessLayers("words", "table", "needle", "thread", "cloth", "machine", "hazard")
            .whereLayer("life")
            .mayOnlyAccessLayers("words", "table", "needle", "thread", "cloth", "machine", "hazard", "match")
            .whereLayer("balance")
            .mayOnlyAccessLayers("words", "table", "needle", "thread", "cloth", "machine", "hazard", "match", "life")
            .whereLayer("fault")
            .mayOnlyAccessLayers(
                    "words", "table", "needle", "thread", "cloth", "machine", "hazard", "match", "life", "balance")
            .whereLayer("plan")
            .mayOnlyAccessLayers(
                    "words", "table", "needle", "thread", "cloth", "machine", "hazard", "match", "life", "balance",
                    "fault")
            .whereLayer("practice")
            .mayOnlyAccessLayers(
                    "words", "table", "needle", "thread", "cloth", "machine", "hazard", "match", "life", "balance",
                    "fault", "plan")
            .whereLayer("sound")
            .mayOnlyAccessLayers("words")
            .ensureAllClassesAreContainedInArchitecture()
            .because("a package without a place in the order has no rights yet");

    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("belonax.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule PURE_JAVA = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "belonax..",
                    "java.lang..",
                    "java.util..",
                    "java.io..",
                    "java.text..",
                    "org.apache.commons.statistics..",
                    "org.jgrapht..",
                    "org.jtransforms..",
                    "uk.me.berndporr.iirj..",
                    "java.nio.charset..",
                    "org.jspecify.annotations..")
            .because("the core knows no framework, no clock and no database");

    @ArchTest
    static final ArchRule NO_OWN_CHANCE_OR_TIME = com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses()
            .should()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.util.Random")
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(Math.class, "random");

    @ArchTest
    static final ArchRule RULES_NAME_NO_TYPE_OF_NEEDLE = noClasses()
            .that()
            .resideInAnyPackage(
                    "belonax.hazard",
                    "belonax.match",
                    "belonax.life",
                    "belonax.balance",
                    "belonax.fault",
                    "belonax.plan")
            .should(new ArchCondition<>("name a type of needle") {
                @Override
                public void check(JavaClass rule, ConditionEvents events) {
                    rule.getFieldAccessesFromSelf().stream()
                            .filter(access -> access.getTargetOwner().isEquivalentTo(NeedleType.class))
                            .filter(access -> !access.getTarget().getName().equals("ALL"))
                            .forEach(access ->
                                    events.add(SimpleConditionEvent.satisfied(access, access.getDescription())));
                }
            })
            .because("a type that is added must meet every rule that its shape deserves");
}
