package belonax.room;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Keeps the house of what is kept: no page in it, no circle between its rooms, none of them crowded. */
@AnalyzeClasses(packages = "belonax.room", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    private static final int MAX_TYPES = 15;

    @ArchTest
    static final ArchRule NO_PAGES = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "jakarta.servlet..",
                    "org.springframework.web..",
                    "org.springframework.ui..",
                    "org.thymeleaf..",
                    "belonax.web..");

    /** Lowest first, as ARCHITECTURE.md tells it. */
    private static final List<String> ORDER = Stream.of(
                    "usecase",
                    "event",
                    "card",
                    "settings",
                    "machine",
                    "workbench",
                    "needle",
                    "life",
                    "drawer",
                    "supply",
                    "balance",
                    "care",
                    "trouble",
                    "practice",
                    "sound",
                    "plan",
                    "archive",
                    "start",
                    "demo")
            .map("belonax.room."::concat)
            .toList();

    @ArchTest
    static void packages_use_only_those_below_them(JavaClasses all) {
        for (int i = 0; i < ORDER.size() - 1; i++) {
            String[] above = ORDER.subList(i + 1, ORDER.size()).toArray(String[]::new);
            noClasses()
                    .that()
                    .resideInAPackage(ORDER.get(i))
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(above)
                    .check(all);
        }
    }

    @ArchTest
    static void every_package_has_a_place_in_the_order(JavaClasses all) {
        assertThat(all.stream().map(JavaClass::getPackageName).distinct())
                .filteredOn(name -> name.startsWith("belonax.room."))
                .isSubsetOf(ORDER);
    }

    /** What is written once for all threads is a lock or a cache, and stands in an object that Spring hands out. */
    @ArchTest
    static final ArchRule NO_STATIC_IS_WRITTEN =
            fields().that().areStatic().should().beFinal();

    @ArchTest
    static final ArchRule THE_ROOT_KNOWS_NO_ROOM = classes()
            .that()
            .resideInAPackage("belonax.room")
            .should()
            .onlyDependOnClassesThat()
            .resideOutsideOfPackage("belonax.room.*..");

    @ArchTest
    static final ArchRule ONLY_TESTS_ARE_CALLED_TESTS = noClasses().should().haveSimpleNameEndingWith("Test");

    @ArchTest
    static final ArchRule TIME_COMES_FROM_THE_CLOCK = noClasses()
            .should()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.util.UUID.class, "randomUUID");

    @ArchTest
    static void no_package_is_crowded(JavaClasses all) {
        Map<String, Long> types = all.stream()
                .filter(JavaClass::isTopLevelClass)
                .collect(Collectors.groupingBy(JavaClass::getPackageName, Collectors.counting()));

        assertThat(types).allSatisfy((name, count) -> assertThat(count).isLessThanOrEqualTo(MAX_TYPES));
    }
}
