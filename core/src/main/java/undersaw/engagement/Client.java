package undersaw.engagement;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A client's own facts, entered once.
 *
 * @param name legal name
 * @param number taxpayer number
 * @param address where it is
 * @param formed the day it was formed; null while unknown
 * @param formedIn state or country where it was formed
 * @param activity what it does
 * @param contact who signs
 */
public record Client(
        String name,
        TaxpayerNumber number,
        Address address,
        @Nullable LocalDate formed,
        String formedIn,
        Activity activity,
        Contact contact) {
    /** A client of whom only name and number are known. */
    public static Client named(String name, TaxpayerNumber number) {
        return new Client(name, number, Address.empty(), null, "", Activity.unknown(), Contact.nobody());
    }

    public Client withNumber(TaxpayerNumber newNumber) {
        return new Client(name, newNumber, address, formed, formedIn, activity, contact);
    }
}
