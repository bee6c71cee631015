package undersaw.authority;

import static undersaw.authority.BusinessRules.foots;
import static undersaw.authority.BusinessRules.sum;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import undersaw.authority.FiledReturn.Owner;

/** What must foot on Form 1120-S, and what must hold of its shareholders and their Schedules K-1. */
final class SCorporationRules implements BusinessRules.FormRules {
    private static final Set<String> BARRED = Set.of("partnership", "corporation");

    private static final ScheduleRules SCHEDULES =
            new ScheduleRules("1120-S", "22", "B/11", "L/15/d", "L/27/d", "M-1/8", "K/18", "K/5a", "K/5b");

    /** A line of Schedule K and the boxes that divide it. */
    private static final OwnerRules OWNERS = new OwnerRules(
            "1120-S",
            1,
            Map.ofEntries(
                    Map.entry("K/1", List.of("1")),
                    Map.entry("K/2", List.of("2")),
                    Map.entry("K/3c", List.of("3")),
                    Map.entry("K/4", List.of("4")),
                    Map.entry("K/5a", List.of("5a")),
                    Map.entry("K/5b", List.of("5b")),
                    Map.entry("K/6", List.of("6")),
                    Map.entry("K/7", List.of("7")),
                    Map.entry("K/8a", List.of("8a")),
                    Map.entry("K/9", List.of("9")),
                    Map.entry("K/11", List.of("11")),
                    Map.entry("K/12a", List.of("12/A", "12/B", "12/G")),
                    Map.entry("K/12b", List.of("12/C", "12/D", "12/E", "12/F")),
                    Map.entry("K/12c", List.of("12/H")),
                    Map.entry("K/16a", List.of("16/A")),
                    Map.entry("K/16b", List.of("16/B")),
                    Map.entry("K/16c", List.of("16/C")),
                    Map.entry("K/16d", List.of("16/D")),
                    Map.entry("K/16e", List.of("16/E")),
                    Map.entry("K/16f", List.of("16/F")),
                    Map.entry("K/17a", List.of("17/A")),
                    Map.entry("K/17b", List.of("17/B"))));

    @Override
    public String numberLine() {
        return "1120-S/hdr/D";
    }

    @Override
    public boolean amends(FiledReturn filed) {
        return filed.lines().getOrDefault("1120-S/hdr/H4", "no").equals("yes");
    }

    @Override
    public void examine(FiledReturn filed, List<Reason> reasons) {
        foots(filed, reasons, "1120-S/1c", line(filed, "1a") - line(filed, "1b"));
        foots(filed, reasons, "1120-S/3", line(filed, "1c") - line(filed, "2"));
        foots(filed, reasons, "1120-S/6", sum(filed, "3", "4", "5"));
        foots(
                filed,
                reasons,
                "1120-S/21",
                sum(filed, "7", "8", "9", "10", "11", "12", "13", "14", "15", "16", "17", "18", "19", "20"));
        foots(filed, reasons, "1120-S/22", line(filed, "6") - line(filed, "21"));
        long owed = line(filed, "23c") + line(filed, "25") - line(filed, "24z");
        foots(filed, reasons, "1120-S/26", Math.max(0, owed));
        foots(filed, reasons, "1120-S/27", Math.max(0, -owed));
        SCHEDULES.examine(filed, reasons);
        if (line(filed, "K/17c") != line(filed, "M-2/7/c")) {
            reasons.add(new Reason("PT-R14", "1120-S/M-2/7/a", "Distribution order is wrong."));
        }
        owners(filed, reasons);
        election(filed, reasons);
    }

    private static long line(FiledReturn filed, String line) {
        return filed.amount("1120-S/" + line);
    }

    private static void owners(FiledReturn filed, List<Reason> reasons) {
        if (!filed.owners().isEmpty() && OWNERS.stated(filed) < filed.owners().size()) {
            reasons.add(new Reason("PT-R03", "1120-S/hdr/I", "Count of Schedules K-1 differs."));
        }
        BigDecimal percent = BigDecimal.ZERO;
        for (Owner owner : filed.owners().values()) {
            if (BARRED.contains(owner.kind())) {
                reasons.add(new Reason(
                        "PT-R15", "OWNERS/kind@" + owner.id(), "Shareholder not allowed: " + owner.name() + "."));
            }
            percent = percent.add(percent(filed, owner.id()));
        }
        if (!filed.owners().isEmpty() && percent.compareTo(BigDecimal.valueOf(100)) != 0) {
            reasons.add(new Reason("PT-R15", "1120-S/K-1/G", "The shareholders' percentages do not add to 100."));
        }
        OWNERS.examine(filed, "hdr/H1", reasons);
    }

    private static BigDecimal percent(FiledReturn filed, String owner) {
        String text = filed.ofOwners().getOrDefault("1120-S/K-1/G", Map.of()).getOrDefault(owner, "0");
        return text.matches("\\d{1,3}(\\.\\d{1,6})?") ? new BigDecimal(text) : BigDecimal.ZERO;
    }

    private static void election(FiledReturn filed, List<Reason> reasons) {
        boolean begins = filed.lines().getOrDefault("1120-S/hdr/G", "no").equals("yes");
        if (!begins && !isBy(filed.lines().getOrDefault("1120-S/hdr/A", ""), filed.start())) {
            reasons.add(new Reason("PT-R16", "1120-S/hdr/A", "No election covers this year."));
        }
    }

    private static boolean isBy(String date, LocalDate start) {
        try {
            return !LocalDate.parse(date).isAfter(start);
        } catch (DateTimeParseException none) {
            return false;
        }
    }
}
