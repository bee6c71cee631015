package undersaw.web.books;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.returns.PostalCodes;

/** States and ZIP codes as they are typed (GeoNames; first digits by state: common practice, no source). */
class AddressCheckTest {
    @ParameterizedTest
    @CsvSource({
        "Massachussets,02139,region",
        "ma,2139,postalCode",
        "ME,02139,postalCode",
        "XX,02139,region",
    })
    void whatCannotBeIsNamedByItsField(String state, String zip, String field) {
        assertThat(new AddressCheck("US", state, zip).problems()).containsOnlyKeys(field);
    }

    @ParameterizedTest
    @CsvSource({"MA,02139", "ma,02139-1234", "ME,04999", "'',''", "PR,00901", "MA,''"})
    void whatCanBeIsTaken(String state, String zip) {
        assertThat(new AddressCheck("US", state, zip).problems()).isEmpty();
    }

    @Test
    void otherCountriesAreLeftAlone() {
        assertThat(new AddressCheck("GB", "Dorset", "BH20 5RN").problems()).isEmpty();
    }

    @Test
    void aListedCodeHasItsTown() {
        assertThat(PostalCodes.place("04101-1234")).contains(new PostalCodes.Place("Portland", "ME"));
        assertThat(PostalCodes.place("")).isEmpty();
        assertThat(PostalCodes.stateOf("99")).isEmpty();
    }
}
