package undersaw.us.scorporation;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import undersaw.check.Check;
import undersaw.us.depreciation.DepreciationChecks;
import undersaw.us.passthrough.PassthroughChecks;

/** The checks of an S corporation. */
final class SCorporationChecks {
    static final PassthroughChecks CHECKS = new PassthroughChecks(
            SCorporationLines.LINES, Set.of("B/3", "B/11", "B/16"), own(), OwnerAccountChecks.all());

    private SCorporationChecks() {}

    private static List<Check> own() {
        return Stream.of(
                        DepreciationChecks.ofPassthrough(),
                        OfficerChecks.all(),
                        AnswerChecks.all(),
                        ShareholderChecks.all(),
                        DistributionChecks.all(),
                        TaxChecks.all(),
                        EquityChecks.all())
                .flatMap(List::stream)
                .toList();
    }
}
