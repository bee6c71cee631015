package undersaw.owners;

import java.util.List;
import undersaw.calc.Calculation;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/** The register of owners: one row a shareholder, partner, member or beneficiary (common practice, no source). */
public final class OwnerRegister extends Form {
    /** The name of the list of owners. */
    public static final String LIST = "owners";

    /** The owners. */
    public static final Dimension ROWS = Dimension.rows(LIST);

    /** The place of an owner in the register; odd dollars go to the earlier of two equal claims. */
    public static final LineId PLACE = LineId.of("OWNERS/place");

    /** The shares that must come to 100 percent over all owners, each with its caption in a sentence. */
    public static final List<Share> SHARES = List.of(
            new Share(LineId.of("OWNERS/profitBegin"), "profit at the beginning"),
            new Share(LineId.of("OWNERS/profitEnd"), "profit at the end"),
            new Share(LineId.of("OWNERS/lossBegin"), "loss at the beginning"),
            new Share(LineId.of("OWNERS/lossEnd"), "loss at the end"),
            new Share(LineId.of("OWNERS/capitalBegin"), "capital at the beginning"),
            new Share(LineId.of("OWNERS/capitalEnd"), "capital at the end"));

    /** An owner's name. */
    public static final LineId NAME = LineId.of("OWNERS/name");

    /** An owner's share of capital at the end of the year. */
    public static final LineId CAPITAL_END = LineId.of("OWNERS/capitalEnd");

    /**
     * A share that owners hold.
     *
     * @param line where it stands
     * @param words what it is, inside a sentence
     */
    public record Share(LineId line, String words) {}

    /** Person or kind of entity. */
    public final Line kind;

    /** What the owner is in the entity. */
    public final Line role;

    private final Line place;
    private final Line profitEnd;
    private final Line capitalEnd;

    /** Puts the register together. */
    public OwnerRegister() {
        super("OWNERS", "Owner register");
        part("OWNERS", "Owner register", "common practice, no source")
                .worksheet()
                .at(Station.OWNERS)
                .list(LIST, "owner")
                .inOrder(() -> place());
        place = line("place", "Place in the list")
                .column("place")
                .as(LineKind.COUNT)
                .stays()
                .notTotalled()
                .aside();
        text("name", "Name");
        line("tin", "Taxpayer number").as(LineKind.TAXPAYER_NUMBER).column("tin");
        text("tinType", "Kind of number").oneOf("EIN", "SSN").aside();
        kind = text("kind", "Kind")
                .oneOf("individual", "corporation", "partnership", "trust", "estate", "exempt", "disregarded");
        text("line1", "Street").aside();
        text("city", "City").aside();
        text("region", "State or region").aside();
        text("postalCode", "Postal code").aside();
        text("country", "Country").aside();
        Line profitBegin = share("profitBegin", "Profit % at beginning").aside();
        profitEnd = share("profitEnd", "Profit % at end");
        Line lossBegin = share("lossBegin", "Loss % at beginning").aside();
        Line lossEnd = share("lossEnd", "Loss % at end").aside();
        Line capitalBegin = share("capitalBegin", "Capital % at beginning").aside();
        capitalEnd = share("capitalEnd", "Capital % at end");
        profitBegin.beginsWith(profitEnd);
        lossBegin.beginsWith(lossEnd);
        capitalBegin.beginsWith(capitalEnd);
        role = text("role", "Role").oneOf("general", "limited", "member", "shareholder", "beneficiary");
    }

    /** Where owners hold shares and no percentages, these are shown only with all columns. */
    public OwnerRegister heldInShares() {
        profitEnd.aside();
        capitalEnd.aside();
        return this;
    }

    /** What an owner is called: the name, or the row where there is none. */
    public static String name(Calculation year, String owner) {
        return year.value(NAME.in(owner)).map(value -> value.value().plain()).orElse(owner);
    }

    private Line place() {
        return place;
    }

    private Line text(String column, String caption) {
        return line(column, caption).column(column).as(LineKind.TEXT);
    }

    private Line share(String column, String caption) {
        return line(column, caption).column(column).as(LineKind.PERCENT);
    }
}
