package undersaw.floors;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Random;
import org.junit.jupiter.api.Test;
import undersaw.money.Money;

class FloorsTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("undersaw");

    @Test
    void corePackagesHaveNoCycles() {
        slices().matching("undersaw.(**)").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void coreKnowsNoFrameworkDatabaseNetworkOrFile() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "java.sql..",
                        "javax.sql..",
                        "java.net..",
                        "java.nio.file..",
                        "org.slf4j..")
                .check(CORE);
    }

    @Test
    void coreHasNoClockAndNoChanceOfItsOwn() {
        noClasses().should().dependOnClassesThat().areAssignableTo(Clock.class).check(CORE);
        noClasses().should().dependOnClassesThat().areAssignableTo(Random.class).check(CORE);
        noClasses().should().callMethod(LocalDate.class, "now").check(CORE);
    }

    @Test
    void coreCountsInWholeCentsNeverInFloatingPoint() {
        // how alike two names are is no amount of money
        assertThat(CompiledClasses.with(Money.class).floating())
                .filteredOn(place -> !place.startsWith("undersaw.suggestions."))
                .isEmpty();
        assertThat(CompiledClasses.with(Money.class).floating())
                .as("the look sees floating point where it is")
                .isNotEmpty();
    }
}
