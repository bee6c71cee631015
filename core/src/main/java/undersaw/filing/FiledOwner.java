package undersaw.filing;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.engagement.TaxpayerNumber;
import undersaw.line.LineId;
import undersaw.owners.OwnerRegister;
import undersaw.owners.OwnerStatements;

/**
 * An owner as the filing names one.
 *
 * @param id the row in the register, as lines name it
 * @param name the owner's name; the row's where there is none
 * @param number nine digits, or masked; empty where none is known
 * @param kind of person or entity; empty where it is not said
 * @param role in the entity; empty where it is not said
 * @param address in one line
 */
public record FiledOwner(String id, String name, String number, String kind, String role, String address) {
    private static final List<String> ADDRESS = List.of("line1", "city", "region", "postalCode", "country");

    /** The owners whom any of the lines belongs to. */
    static List<FiledOwner> of(Calculation year, List<LineValue> lines) {
        Set<String> named = lines.stream()
                .map(value -> year.member(value.key(), OwnerRegister.ROWS))
                .collect(Collectors.toSet());
        return OwnerStatements.owners(year).stream()
                .filter(named::contains)
                .map(owner -> of(year, owner))
                .toList();
    }

    /** One owner of a return. */
    public static FiledOwner of(Calculation year, String owner) {
        return new FiledOwner(
                owner,
                OwnerRegister.name(year, owner),
                answer(year, "tin", owner).replace("-", ""),
                answer(year, "kind", owner),
                answer(year, "role", owner),
                ADDRESS.stream()
                        .map(column -> answer(year, column, owner))
                        .flatMap(part -> part.isEmpty() ? Stream.empty() : Stream.of(part))
                        .collect(Collectors.joining(", ")));
    }

    private static String answer(Calculation year, String column, String owner) {
        return year.value(LineId.of("OWNERS/" + column).in(owner))
                .map(value -> value.value().plain())
                .orElse("");
    }

    /** The same with all but the last four digits of the number hidden. */
    public FiledOwner masked() {
        return new FiledOwner(id, name, TaxpayerNumber.masked(number), kind, role, address);
    }
}
