package belonax;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideOutsideOfPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import belonax.needle.NeedleType;
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
import java.util.stream.Stream;

/** Keeps the order of the core's packages: each may use those above it in ARCHITECTURE.md, never below. */
@AnalyzeClasses(packages = "belonax", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule ONLY_TESTS_ARE_CALLED_TESTS = noClasses().should().haveSimpleNameEndingWith("Test");

    /** Lowest first; {@code belonax.sound} stands beside them. */
    private static final List<String> ORDER = Stream.of(
                    "",
                    ".rules",
                    ".needle",
                    ".thread",
                    ".cloth",
                    ".machine",
                    ".hazard",
                    ".match",
                    ".life",
                    ".balance",
                    ".fault",
                    ".plan",
                    ".practice")
            .map("belonax"::concat)
            .toList();

    @ArchTest
    static void packages_use_only_those_below_them(JavaClasses all) {
        for (int i = 0; i < ORDER.size(); i++) {
            List<String> above = new ArrayList<>(ORDER.subList(i + 1, ORDER.size()));
            above.add("belonax.sound");
            noClasses()
                    .that()
                    .resideInAPackage(ORDER.get(i))
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(above.toArray(String[]::new))
                    .check(all);
        }
    }

    @ArchTest
    static final ArchRule SOUND_KNOWS_THE_WORDS_ALONE = noClasses()
            .that()
            .resideInAPackage("belonax.sound")
            .should()
            .dependOnClassesThat(resideInAPackage("belonax.*").and(resideOutsideOfPackage("belonax.sound")));

    @ArchTest
    static void every_package_has_a_place_in_the_order(JavaClasses all) {
        assertThat(all.stream().map(JavaClass::getPackageName).distinct())
                .filteredOn(name -> !name.equals("belonax.sound"))
                .isSubsetOf(ORDER);
    }

    @ArchTest
    static final ArchRule NO_STATIC_IS_WRITTEN =
            fields().that().areStatic().should().beFinal();

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
    static final ArchRule NO_OWN_CHANCE_OR_TIME = noClasses()
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
