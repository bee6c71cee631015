package undersaw.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class FloorsTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("undersaw");

    @Test
    void dependenciesPointDownward() {
        noClasses()
                .that()
                .resideInAPackage("undersaw.store..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("undersaw.web..", "undersaw.files..", "undersaw.authority..")
                .check(ALL);
        noClasses()
                .that()
                .resideInAPackage("undersaw.files..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("undersaw.web..", "undersaw.store..", "undersaw.authority..")
                .check(ALL);
    }

    @Test
    void theAuthorityIsToldApartByThePublishedFormatOnly() {
        noClasses()
                .that()
                .resideInAPackage("undersaw.authority..")
                .should()
                .dependOnClassesThat()
                .resideOutsideOfPackages(
                        "undersaw.authority..",
                        "java..",
                        "javax..",
                        "com.sun..",
                        "org.w3c..",
                        "org.xml..",
                        "org.jspecify..")
                .check(ALL);
        noClasses()
                .that()
                .resideOutsideOfPackage("undersaw.authority..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("undersaw.authority..")
                .check(ALL);
    }

    @Test
    void pagesKnowNoReturnByName() {
        noClasses()
                .that()
                .resideInAnyPackage("undersaw.web..", "undersaw.store..", "undersaw.files..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("undersaw.us..")
                .check(ALL);
    }

    @Test
    void stationsDoNotKnowOneAnother() {
        slices().matching("undersaw.web.(*)..").should().beFreeOfCycles().check(ALL);
    }
}
