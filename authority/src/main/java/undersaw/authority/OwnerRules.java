package undersaw.authority;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import undersaw.authority.FiledReturn.Owner;

/**
 * What must hold of owners and their Schedules K-1, whatever the form.
 *
 * @param form its code
 * @param fewest owners that there must be
 * @param boxes each line of Schedule K with the boxes that divide it
 */
record OwnerRules(String form, int fewest, Map<String, List<String>> boxes) {
    /** The number of owners of the year, as the return says it, for each a Schedule K-1. */
    long stated(FiledReturn filed) {
        long amount = filed.amount(form + "/hdr/I");
        String count = filed.lines().getOrDefault(form + "/hdr/I", "0");
        return amount != 0 || !count.matches("\\d{1,9}") ? amount : Long.parseLong(count);
    }

    void examine(FiledReturn filed, String lastYear, List<Reason> reasons) {
        if (filed.owners().size() < fewest) {
            reasons.add(new Reason("PT-R04", form + "/hdr/I", "Owners are missing."));
        }
        Set<String> numbers = new HashSet<>(Set.of(filed.number()));
        boolean last = filed.lines().getOrDefault(form + "/" + lastYear, "no").equals("yes");
        for (Owner owner : filed.owners().values()) {
            if (owner.number().isEmpty() || !numbers.add(owner.number())) {
                reasons.add(
                        new Reason("PT-R10", "OWNERS/tin@" + owner.id(), "Owner number wrong: " + owner.name() + "."));
            }
            String marked =
                    filed.ofOwners().getOrDefault(form + "/K-1/final", Map.of()).getOrDefault(owner.id(), "no");
            if (last && !marked.equals("yes")) {
                reasons.add(new Reason(
                        "PT-R17", form + "/K-1/final@" + owner.id(), "Last-year mark missing: " + owner.name() + "."));
            }
        }
        boxes.forEach((whole, parts) -> divided(filed, whole, parts, reasons));
    }

    /** A line that its boxes do not come to; the owner who bears most of it is named. */
    private void divided(FiledReturn filed, String whole, List<String> parts, List<Reason> reasons) {
        long sum = 0;
        long largest = -1;
        String place = form + "/" + whole;
        String name = "";
        for (String box : parts) {
            for (Map.Entry<String, Long> each :
                    filed.amounts(form + "/K-1/" + box).entrySet()) {
                sum += each.getValue();
                if (Math.abs(each.getValue()) > largest) {
                    largest = Math.abs(each.getValue());
                    place = form + "/K-1/" + box + "@" + each.getKey();
                    name = filed.owners().get(each.getKey()).name();
                }
            }
        }
        long stands = filed.amount(form + "/" + whole);
        if (sum != stands) {
            reasons.add(new Reason(
                    "PT-R05",
                    place,
                    "Schedules K-1 differ from Schedule K, line " + whole.substring(2) + ", by " + (sum - stands)
                            + (name.isEmpty() ? "." : "; look at " + name + ".")));
        }
    }
}
