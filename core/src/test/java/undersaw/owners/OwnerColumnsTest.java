package undersaw.owners;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import undersaw.calc.Plan;
import undersaw.line.LineId;
import undersaw.registry.Returns;

/** Which columns of owners are shown at once: what the return divides by (common practice, no source). */
class OwnerColumnsTest {
    private static List<String> setAside(String form, String... lines) {
        Plan plan = Returns.find(form).orElseThrow().plan(2025);
        return Stream.of(lines)
                .filter(line -> plan.line(LineId.of(line)).orElseThrow().isAside())
                .toList();
    }

    @Test
    void anSCorporationIsHeldInShares() {
        assertThat(setAside(
                        "1120-S",
                        "OWNERS/name",
                        "OWNERS/profitEnd",
                        "OWNERS/capitalEnd",
                        "OWNERSHIP/date",
                        "OWNERSHIP/profit",
                        "OWNERSHIP/loss",
                        "OWNERSHIP/capital",
                        "OWNERSHIP/shares"))
                .containsExactly(
                        "OWNERS/profitEnd",
                        "OWNERS/capitalEnd",
                        "OWNERSHIP/profit",
                        "OWNERSHIP/loss",
                        "OWNERSHIP/capital");
    }

    @Test
    void holdersOfACorporationAreKeptByPercentages() {
        assertThat(setAside("1120", "OWNERS/profitBegin", "OWNERS/profitEnd", "OWNERS/capitalEnd"))
                .containsExactly("OWNERS/profitBegin");
    }
}
