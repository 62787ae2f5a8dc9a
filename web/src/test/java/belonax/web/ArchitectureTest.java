package belonax.web;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideOutsideOfPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Keeps the stops apart and the controllers thin. */
@AnalyzeClasses(packages = "belonax", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule STOPS_DO_NOT_KNOW_EACH_OTHER = slices().matching("belonax.web.(*)..")
            .should()
            .notDependOnEachOther()
            .ignoreDependency(resideInAPackage("belonax.web.."), resideInAPackage("belonax.web.shared.."))
            .because("what three stops use moves to shared, and nothing else is used by two");

    @ArchTest
    static final ArchRule SHARED_KNOWS_NO_STOP = noClasses()
            .that()
            .resideInAPackage("belonax.web.shared..")
            .should()
            .dependOnClassesThat(resideInAPackage("belonax.web..").and(resideOutsideOfPackage("belonax.web.shared..")));

    @ArchTest
    static final ArchRule THE_CORE_KNOWS_NO_WEB = noClasses()
            .that()
            .resideOutsideOfPackage("belonax.web..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("belonax.web..");

    @ArchTest
    static final ArchRule CONTROLLERS_COMPUTE_NOTHING = noClasses()
            .that()
            .areMetaAnnotatedWith("org.springframework.stereotype.Controller")
            .or()
            .areAnnotatedWith("org.springframework.stereotype.Controller")
            .should()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.lang.Math")
            .orShould()
            .dependOnClassesThat()
            .haveNameMatching(".*Repository|belonax\\..*Entity|.*EntityManager|.*JdbcTemplate")
            .orShould()
            .dependOnClassesThat()
            .haveNameMatching("java\\.util\\.stream\\.(Double|Int|Long)Stream")
            .because("they read, call the core once, and translate");

    @ArchTest
    static final ArchRule VIEWS_ARE_MADE_OF_VALUES = noClasses()
            .that()
            .haveSimpleNameEndingWith("View")
            .or()
            .haveSimpleNameEndingWith("Form")
            .should()
            .dependOnClassesThat()
            .areMetaAnnotatedWith("org.springframework.stereotype.Component")
            .orShould()
            .dependOnClassesThat()
            .areAnnotatedWith("org.springframework.stereotype.Component")
            .orShould()
            .dependOnClassesThat()
            .haveNameMatching("belonax\\.(match|balance|fault|hazard)\\."
                    + "(NeedleMatcher|SetupCheck|DialAdvisor|FaultFinder|HazardModel)")
            .because("no view or form touches a store, a matcher or an advisor");

    @ArchTest
    static final ArchRule WHAT_TEMPLATES_ASK_IS_PUBLIC = classes()
            .that()
            .haveNameMatching("belonax\\.web\\..*(View|Form)(\\$\\w+)?")
            .and()
            .areRecords()
            .and()
            .doNotHaveModifier(JavaModifier.PRIVATE)
            .should()
            .bePublic()
            .because("Spring compiles what a template asks of a public type, and tries a hundred times with any other");

    @ArchTest
    static final ArchRule ROWS_STAY_IN_THE_ROOM = noClasses()
            .that()
            .resideInAPackage("belonax.web..")
            .and()
            .resideOutsideOfPackage("belonax.web.shared.pairing") // Devices are kept by the door that lets them in.
            .should()
            .dependOnClassesThat()
            .areAnnotatedWith("jakarta.persistence.Entity")
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo("org.springframework.data.repository.Repository")
            .because("pages see values, and only the room writes");

    @ArchTest
    static final ArchRule ONLY_TESTS_ARE_CALLED_TESTS =
            noClasses().that().resideInAPackage("belonax.web..").should().haveSimpleNameEndingWith("Test");

    @ArchTest
    static final ArchRule TIME_COMES_FROM_THE_CLOCK = noClasses()
            .that()
            .haveSimpleNameNotEndingWith("CoreBeans")
            .should()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.util.UUID.class, "randomUUID");
}
