package undersaw.us.partnership;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import undersaw.check.Check;
import undersaw.us.depreciation.DepreciationChecks;
import undersaw.us.passthrough.ClosingChecks;
import undersaw.us.passthrough.OwnerNumbers;
import undersaw.us.passthrough.PassthroughChecks;

/** The checks of a partnership. */
final class PartnershipChecks {
    static final PassthroughChecks CHECKS = new PassthroughChecks(
            PartnershipLines.LINES, Set.of("B/2a", "B/2b", "B/4", "B/30", "B/31"), own(), PartnerAccountChecks.all());

    private PartnershipChecks() {}

    private static List<Check> own() {
        return Stream.of(
                        DepreciationChecks.ofPassthrough(),
                        AnswerChecks.all(),
                        PartnerChecks.all(),
                        AllocationChecks.all(),
                        PaymentChecks.all(),
                        List.of(
                                new ClosingChecks("P-0308").check(),
                                PartnershipTieOuts.BOXES.check("P-0310"),
                                new OwnerNumbers("P-0311", "1065/K-1/W/held").check()),
                        CapitalChecks.all())
                .flatMap(List::stream)
                .toList();
    }
}
