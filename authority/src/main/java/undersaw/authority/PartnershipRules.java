package undersaw.authority;

import static undersaw.authority.BusinessRules.foots;
import static undersaw.authority.BusinessRules.sum;

import java.util.List;
import java.util.Map;
import java.util.Set;
import undersaw.authority.FiledReturn.Owner;

/** What must foot on Form 1065, and what must hold of its partners and their Schedules K-1. */
final class PartnershipRules implements BusinessRules.FormRules {
    private static final Set<String> INELIGIBLE = Set.of("partnership", "trust", "disregarded");

    private static final ScheduleRules SCHEDULES =
            new ScheduleRules("1065", "23", "B/4", "L/14/d", "L/22/d", "M-1/9", "ANI/1", "K/6a", "K/6b");

    /** A line of Schedule K and the boxes that divide it. */
    private static final OwnerRules OWNERS = new OwnerRules(
            "1065",
            2,
            Map.ofEntries(
                    Map.entry("K/1", List.of("1")),
                    Map.entry("K/2", List.of("2")),
                    Map.entry("K/3c", List.of("3")),
                    Map.entry("K/4a", List.of("4a")),
                    Map.entry("K/4b", List.of("4b")),
                    Map.entry("K/4c", List.of("4c")),
                    Map.entry("K/5", List.of("5")),
                    Map.entry("K/6a", List.of("6a")),
                    Map.entry("K/6b", List.of("6b")),
                    Map.entry("K/7", List.of("7")),
                    Map.entry("K/8", List.of("8")),
                    Map.entry("K/9a", List.of("9a")),
                    Map.entry("K/10", List.of("10")),
                    Map.entry("K/12", List.of("12")),
                    Map.entry("K/13a", List.of("13/A", "13/B", "13/G")),
                    Map.entry("K/13b", List.of("13/C", "13/D", "13/E", "13/F")),
                    Map.entry("K/13c", List.of("13/H")),
                    Map.entry("K/14a", List.of("14/A")),
                    Map.entry("K/18a", List.of("18/A")),
                    Map.entry("K/18b", List.of("18/B")),
                    Map.entry("K/18c", List.of("18/C")),
                    Map.entry("K/19a", List.of("19/A")),
                    Map.entry("K/21", List.of("21"))));

    @Override
    public String numberLine() {
        return "1065/hdr/D";
    }

    @Override
    public boolean amends(FiledReturn filed) {
        return filed.lines().getOrDefault("1065/hdr/G5", "no").equals("yes");
    }

    @Override
    public void examine(FiledReturn filed, List<Reason> reasons) {
        foots(filed, reasons, "1065/1c", line(filed, "1a") - line(filed, "1b"));
        foots(filed, reasons, "1065/3", line(filed, "1c") - line(filed, "2"));
        foots(filed, reasons, "1065/8", sum(filed, "3", "4", "5", "6", "7"));
        foots(
                filed,
                reasons,
                "1065/22",
                sum(filed, "9", "10", "11", "12", "13", "14", "15", "16c", "17", "18", "19", "20", "21"));
        foots(filed, reasons, "1065/23", line(filed, "8") - line(filed, "22"));
        foots(filed, reasons, "1065/28", sum(filed, "24", "25", "26", "27"));
        SCHEDULES.examine(filed, reasons);
        if (!filed.owners().isEmpty() && OWNERS.stated(filed) != filed.owners().size()) {
            reasons.add(new Reason("PT-R03", "1065/hdr/I", "Count of Schedules K-1 differs."));
        }
        OWNERS.examine(filed, "hdr/G2", reasons);
        audits(filed, reasons);
    }

    private static long line(FiledReturn filed, String line) {
        return filed.amount("1065/" + line);
    }

    /** Elected out of the central regime by those who may, or represented (IRC 6221(b), 6223). */
    private static void audits(FiledReturn filed, List<Reason> reasons) {
        String out = filed.lines().getOrDefault("1065/B/31", "");
        boolean represented = List.of("name", "tin", "address", "phone").stream()
                .noneMatch(each ->
                        filed.lines().getOrDefault("1065/PR/" + each, "").isEmpty());
        boolean barred = filed.owners().values().stream().map(Owner::kind).anyMatch(INELIGIBLE::contains);
        if (out.equals("yes") ? barred : !represented) {
            reasons.add(new Reason("PT-R11", "1065/B/31", "Electing out or a representative is needed."));
        }
    }
}
