package undersaw.web.books;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import undersaw.returns.PostalCodes;

/**
 * An address as it is typed, held against the list of states and ZIP codes; other countries are left alone.
 *
 * @param country its country, {@code US} for the United States
 * @param region state or region
 * @param postalCode ZIP or other postal code
 */
record AddressCheck(String country, String region, String postalCode) {
    /** What is wrong, by field. */
    Map<String, String> problems() {
        Map<String, String> problems = new LinkedHashMap<>();
        if (!country.equals("US")) {
            return problems;
        }
        String state = region.strip().toUpperCase(Locale.ROOT);
        if (!state.isEmpty() && !PostalCodes.states().contains(state)) {
            problems.put("region", "A state has two letters, such as ME.");
        }
        String zip = postalCode.strip();
        if (!zip.isEmpty() && !zip.matches("\\d{5}(-?\\d{4})?")) {
            problems.put("postalCode", "A ZIP code has five digits, or nine, such as 04999 or 04999-0001.");
        } else if (!zip.isEmpty() && !problems.containsKey("region")) {
            Optional<String> of = PostalCodes.stateOf(zip);
            if (of.isPresent() && !state.isEmpty() && !of.get().equals(state)) {
                problems.put(
                        "postalCode",
                        "ZIP codes that begin so are in " + of.get() + ", and the state is " + state + ".");
            }
        }
        return problems;
    }
}
