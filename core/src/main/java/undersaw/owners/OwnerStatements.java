package undersaw.owners;

import java.util.ArrayList;
import java.util.List;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.form.Line;
import undersaw.form.Part;
import undersaw.money.Money;

/** What each owner takes up: the boxes of a part that stands once an owner. */
public final class OwnerStatements {
    private OwnerStatements() {}

    /**
     * An amount of one owner's statement.
     *
     * @param owner the row in the register
     * @param box its number
     * @param code within the box; empty where it has none
     * @param amount what the owner takes up
     */
    public record Box(String owner, String box, String code, Money amount) {}

    /** The owners in the order of the register. */
    public static List<String> owners(Calculation year) {
        return year.plan().list(OwnerRegister.LIST).map(year::rowsOf).orElse(year.members(OwnerRegister.ROWS));
    }

    /** Every amount that is not nothing, owner by owner, in the order of the form. */
    public static List<Box> of(Calculation year, String part) {
        List<Line> lines = lines(year, part);
        List<Box> boxes = new ArrayList<>();
        for (String owner : owners(year)) {
            for (Line line : lines) {
                year.value(line.id().in(owner))
                        .map(LineValue::amount)
                        .filter(amount -> !amount.isZero())
                        .ifPresent(amount -> boxes.add(box(owner, line, amount)));
            }
        }
        return boxes;
    }

    /** The lines of amounts of a part. */
    public static List<Line> lines(Calculation year, String code) {
        return year.plan().parts().stream()
                .filter((Part part) -> part.code().equals(code))
                .flatMap(part -> year.plan().linesOf(part).stream())
                .filter(line -> line.kind().isNumber())
                .toList();
    }

    private static Box box(String owner, Line line, Money amount) {
        String[] address = line.id().within().split("/", -1);
        return new Box(owner, address[1], address.length > 2 ? address[2] : "", amount);
    }
}
