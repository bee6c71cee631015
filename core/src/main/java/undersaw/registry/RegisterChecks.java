package undersaw.registry;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import undersaw.assets.AssetRegister;
import undersaw.books.RegisterTies;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.engagement.Station;
import undersaw.form.Section;
import undersaw.money.Money;
import undersaw.owners.OwnerRegister;

/** What the registers of assets and owners leave open. */
final class RegisterChecks {
    private static final BigDecimal WHOLE = BigDecimal.valueOf(100);

    private RegisterChecks() {}

    static List<Found> propertyNotListed(Examination look) {
        Money cost = RegisterTies.onBooks(look.calculation(), Section::isProperty);
        boolean held = look.calculation().plan().list(AssetRegister.LIST).isPresent();
        return cost.isZero() || !held || look.calculation().hasRows(AssetRegister.LIST)
                ? List.of()
                : List.of(Found.at(
                        new Place.AtStation(Station.ASSETS, "list"),
                        "Property of " + cost.printed() + " is on the books and no asset is listed. "
                                + "List the assets to hold cost and depreciation against them."));
    }

    static List<Found> registerDisagrees(Examination look) {
        return RegisterTies.of(look.calculation()).stream()
                .filter(tie -> !tie.agrees())
                .map(tie -> Found.at(
                        new Place.AtStation(Station.ASSETS, tie.code()),
                        tie.leftCaption() + " is " + tie.left().printed() + ", the asset register says "
                                + tie.right().printed() + ": a difference of "
                                + tie.difference().printed() + ". Complete the register, or correct the books."))
                .toList();
    }

    static List<Found> sharesIncomplete(Examination look) {
        List<Found> found = new ArrayList<>();
        for (OwnerRegister.Share share : OwnerRegister.SHARES) {
            List<BigDecimal> shares = look.calculation().rowValues(share.line()).stream()
                    .map(value -> new BigDecimal(value.value().plain()))
                    .toList();
            BigDecimal total = shares.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
            if (!shares.isEmpty() && total.compareTo(WHOLE) != 0) {
                found.add(Found.at(
                        new Place.AtStation(Station.OWNERS, share.line().within()),
                        "The owners' shares of " + share.words() + " come to "
                                + total.stripTrailingZeros().toPlainString() + " percent, not 100. Correct them."));
            }
        }
        return found;
    }
}
