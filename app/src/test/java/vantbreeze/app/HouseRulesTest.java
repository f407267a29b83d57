package vantbreeze.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Dependencies point one way: core, exchange, app. */
@AnalyzeClasses(packages = "vantbreeze", importOptions = ImportOption.DoNotIncludeTests.class)
class HouseRulesTest {

    @ArchTest
    static final ArchRule CORE_KNOWS_NOBODY = noClasses()
            .that()
            .resideInAPackage("vantbreeze.core..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "vantbreeze.exchange..",
                    "vantbreeze.app..",
                    "org.springframework..",
                    "jakarta..",
                    "com.fasterxml..",
                    "org.apache.pdfbox..");

    @ArchTest
    static final ArchRule EXCHANGE_KNOWS_ONLY_CORE = noClasses()
            .that()
            .resideInAPackage("vantbreeze.exchange..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("vantbreeze.app..", "org.springframework..", "jakarta..");

    @ArchTest
    static final ArchRule THE_STORE_KNOWS_NOTHING_OF_THE_WEB = noClasses()
            .that()
            .resideInAPackage("vantbreeze.app.store..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("vantbreeze.app.api..", "vantbreeze.app.cards..", "org.springframework.web..");

    @ArchTest
    static final ArchRule THE_WEB_ASKS_THE_DRAWER_NOT_THE_STORE = noClasses()
            .that()
            .resideInAPackage("vantbreeze.app.api..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("vantbreeze.app.store..");
}
