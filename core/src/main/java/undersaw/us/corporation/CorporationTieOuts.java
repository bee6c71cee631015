package undersaw.us.corporation;

import java.util.ArrayList;
import java.util.List;
import undersaw.calc.Statement;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.form.Line;
import undersaw.form.Part;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Payment;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.returns.CarryoverYear;
import undersaw.us.depreciation.DepreciationTies;

/** The pairs of figures of a corporation's return that must agree (common practice, no source). */
final class CorporationTieOuts {
    private CorporationTieOuts() {}

    static List<TieOut> of(Examination look) {
        List<TieOut> ties = new ArrayList<>();
        if (!look.says("1120/K/13", "yes")) {
            ties.add(lines(
                    look,
                    "TO-01b",
                    new Named("Opening assets", "1120/L/15/b"),
                    new Named("liabilities and equity", "1120/L/28/b")));
            ties.add(lines(
                    look,
                    "TO-01d",
                    new Named("Closing assets", "1120/L/15/d"),
                    new Named("liabilities and equity", "1120/L/28/d")));
            ties.add(lines(
                    look, "TO-02", new Named("Schedule M-1 line 10", "1120/M-1/10"), new Named("line 28", "1120/28")));
            ties.add(lines(
                    look,
                    "TO-03",
                    new Named("Schedule M-2 line 8", "1120/M-2/8"),
                    new Named("Schedule L line 25", "1120/L/25/d")));
            ties.add(lines(
                    look,
                    "TO-04",
                    new Named("Schedule M-2 line 1", "1120/M-2/1"),
                    new Named("Schedule L line 25, opening", "1120/L/25/b")));
        }
        if (look.says("1120/hdr/A4", "yes")) {
            ties.add(lines(
                    look,
                    "TO-31",
                    new Named("Schedule M-3 line 30, column a", "1120/M-3/II/30/a"),
                    new Named("Part I line 11", "1120/M-3/I/11")));
            ties.add(lines(
                    look,
                    "TO-32",
                    new Named("Schedule M-3 line 30, column d", "1120/M-3/II/30/d"),
                    new Named("line 28", "1120/28")));
        }
        ties.add(lines(
                look,
                "TO-05",
                new Named("Schedule M-2 line 2", "1120/M-2/2"),
                new Named("Schedule M-1 line 1", "1120/M-1/1")));
        ties.add(new TieOut(
                "TO-06",
                "Net income of the trial balance",
                bookIncome(look),
                "Schedule M-1 line 1",
                look.amount("1120/M-1/1"),
                LineId.of("1120/M-1/1")));
        if (look.has("1125-A/8")) {
            ties.add(lines(
                    look,
                    "TO-07",
                    new Named("Form 1125-A opening inventory", "1125-A/1"),
                    new Named("Schedule L line 3, opening", "1120/L/3/b")));
            ties.add(lines(
                    look,
                    "TO-08",
                    new Named("Form 1125-A closing inventory", "1125-A/7"),
                    new Named("Schedule L line 3", "1120/L/3/d")));
            ties.add(lines(look, "TO-29", new Named("Line 2", "1120/2"), new Named("Form 1125-A line 8", "1125-A/8")));
        }
        if (look.has("1125-E/2")) {
            ties.add(new TieOut(
                    "TO-10",
                    "Form 1125-E line 4",
                    look.amount("1125-E/4"),
                    "officers' pay on the books",
                    look.calculation().posted(LineId.of("1120/12")).roundedToDollars(),
                    LineId.of("1125-E/4")));
        }
        ties.add(lines(look, "TO-11", new Named("Schedule C line 23", "1120/C/23/a"), new Named("line 4", "1120/4")));
        ties.add(lines(
                look, "TO-12", new Named("Schedule C line 24", "1120/C/24/c"), new Named("line 29b", "1120/29b")));
        ties.add(lines(
                look,
                "TO-15",
                new Named("Exempt interest, question 9", "1120/K/9"),
                new Named("Schedule M-1 line 7a", "1120/M-1/7a")));
        ties.add(lines(look, "TO-20", new Named("Schedule J line 12", "1120/J/12"), new Named("line 31", "1120/31")));
        ties.add(lines(look, "TO-21", new Named("Schedule J line 23", "1120/J/23"), new Named("line 33", "1120/33")));
        ties.add(payments(look));
        ties.addAll(linesThatAgree(look));
        ties.addAll(carryovers(look));
        ties.addAll(booksThatAgree(look));
        ties.add(accountsOnPage1(look));
        ties.addAll(statements(look));
        return List.copyOf(ties);
    }

    /** Lines that carry one figure in two places. */
    private static List<TieOut> linesThatAgree(Examination look) {
        List<TieOut> ties = new ArrayList<>();
        ties.add(lines(look, "TO-13", new Named("Schedule D line 18", "1120/D/18"), new Named("line 8", "1120/8")));
        Money depreciation =
                look.amount("4562/22").minus(look.amount("4562/22/cogs")).minus(look.amount("4562/22/other"));
        ties.add(new TieOut(
                "TO-14",
                "Form 4562 line 22, on page 1",
                depreciation,
                "line 20",
                look.amount("1120/20"),
                LineId.of("4562/22")));
        ties.add(lines(
                look, "TO-16", new Named("Question 12", "1120/K/12"), new Named("losses available", "1120/W-NOL/2")));
        ties.add(lines(
                look,
                "TO-23",
                new Named("Total assets in the heading", "1120/hdr/D"),
                new Named("Schedule L line 15", "1120/L/15/d")));
        ties.add(new TieOut(
                "TO-24",
                "Line 37, credited and refunded",
                look.amount("1120/37").plus(look.amount("1120/37r")),
                "line 36",
                look.amount("1120/36"),
                LineId.of("1120/37")));
        ties.addAll(DepreciationTies.of(look, false));
        return ties;
    }

    /** What is left, used and ended comes to what was there. */
    private static List<TieOut> carryovers(Examination look) {
        List<CarryoverYear> years = CorporationCarryforwards.years(look.calculation());
        return List.of(
                carryover(
                        look,
                        years,
                        CarryoverKind.NOL,
                        new Tie("TO-17", "losses", List.of("29a"), List.of("W-NOL/11", "W-CHAR/11"))),
                carryover(
                        look,
                        years,
                        CarryoverKind.CHARITABLE,
                        new Tie("TO-18", "gifts", List.of("19", "W-CHAR/11"), List.of("W-CHAR/1"))),
                carryover(
                        look,
                        years,
                        CarryoverKind.CAPITAL_LOSS,
                        new Tie("TO-19", "capital losses", List.of("W-CAP/3"), List.of("W-CAP/5"))));
    }

    /** What is held against one another for a kind of carryover. */
    private record Tie(String code, String words, List<String> used, List<String> ofTheYear) {}

    private static TieOut carryover(Examination look, List<CarryoverYear> years, CarryoverKind kind, Tie tie) {
        List<CarryoverYear> own =
                years.stream().filter(year -> year.kind() == kind).toList();
        Money after = Money.sum(own.stream()
                        .map(year -> year.left().plus(year.expired()))
                        .toList())
                .plus(Money.sum(tie.used().stream()
                        .map(line -> look.amount("1120/" + line))
                        .toList()));
        Money before = Money.sum(look.snapshot().lists().carryovers().stream()
                        .filter(each -> each.kind() == kind)
                        .map(each -> each.amount().roundedToDollars())
                        .toList())
                .plus(Money.sum(tie.ofTheYear().stream()
                        .map(line -> look.amount("1120/" + line))
                        .toList()));
        return new TieOut(
                tie.code(),
                "Used, ended and left " + tie.words(),
                after,
                tie.words() + " of earlier years and of this one",
                before,
                LineId.of("1120/" + tie.used().get(0)));
    }

    /** Accounts against the lines that they lead to, and this year's opening against last year's closing. */
    private static List<TieOut> booksThatAgree(Examination look) {
        List<TieOut> ties = new ArrayList<>();
        Money change = balances(look, "inventory-change");
        if (!change.isZero()) {
            ties.add(new TieOut(
                    "TO-09",
                    "Change of inventory on the books",
                    change.roundedToDollars(),
                    "Schedule L line 3, opening less closing",
                    look.amount("1120/L/3/b").minus(look.amount("1120/L/3/d")),
                    LineId.of("1125-A/7")));
        }
        ties.add(new TieOut(
                "TO-27",
                "Federal tax accounts",
                look.calculation().posted(LineId.of("1120/M-1/2")).roundedToDollars(),
                "Schedule M-1 line 2",
                look.amount("1120/M-1/2"),
                LineId.of("1120/M-1/2")));
        if (look.snapshot().prior().isKnown()) {
            ties.add(new TieOut(
                    "TO-25",
                    "Assets at the end of last year",
                    look.snapshot().prior().amount(LineId.of("1120/L/15/d")).orElse(Money.ZERO),
                    "Schedule L line 15, opening",
                    look.amount("1120/L/15/b"),
                    LineId.of("1120/L/15/b")));
        }
        return ties;
    }

    private static Money balances(Examination look, String treatment) {
        return Money.sum(look.calculation().books().treated(treatment).stream()
                .map(number -> look.snapshot().accounts().get(number))
                .map(look.calculation()::adjusted)
                .toList());
    }

    /** What accounts bring to page 1 against the lines that nothing else feeds and nobody typed over. */
    private static TieOut accountsOnPage1(Examination look) {
        List<Line> fed = look.calculation().plan().parts().stream()
                .filter(part -> part.code().equals("1") || part.code().equals("2"))
                .flatMap(part -> look.calculation().plan().linesOf(part).stream())
                .filter(line -> line.isBooksOnly() && !look.isTyped(line.id().text()))
                .toList();
        return new TieOut(
                "TO-26",
                "Accounts of lines that they alone feed",
                Money.sum(fed.stream()
                        .map(line -> look.calculation().posted(line.id()).roundedToDollars())
                        .toList()),
                "these lines on page 1",
                Money.sum(fed.stream().map(look.calculation()::amount).toList()),
                LineId.of("1120/1a"));
    }

    /** The printed rows of each statement against its line. */
    private static List<TieOut> statements(Examination look) {
        List<TieOut> ties = new ArrayList<>();
        for (Part part : look.calculation().plan().parts()) {
            look.calculation().plan().linesOf(part).stream()
                    .filter(line -> line.hasStatement() && look.calculation().holds(part))
                    .filter(line -> !look.calculation().amount(line).isZero())
                    .forEach(line -> ties.add(new TieOut(
                            "TO-30",
                            "Statement of line " + line.id(),
                            Money.sum(Statement.of(look.calculation(), line).rows().stream()
                                    .map(Statement.Row::amount)
                                    .toList()),
                            "line " + line.id(),
                            look.calculation().amount(line),
                            line.id())));
        }
        return ties;
    }

    /** A line with the words that name it. */
    private record Named(String caption, String line) {}

    private static TieOut lines(Examination look, String code, Named left, Named right) {
        return new TieOut(
                code,
                left.caption(),
                look.amount(left.line()),
                right.caption(),
                look.amount(right.line()),
                LineId.of(left.line()));
    }

    private static Money bookIncome(Examination look) {
        return look.calculation().books().expense().negated().roundedToDollars();
    }

    private static TieOut payments(Examination look) {
        Money listed = Money.sum(
                look.snapshot().lists().payments().stream().map(Payment::amount).toList());
        Money onReturn = Money.sum(List.of(
                look.amount("1120/J/13"),
                look.amount("1120/J/14"),
                look.amount("1120/J/17"),
                look.amount("1120/J/18")));
        return new TieOut(
                "TO-22",
                "Payments listed",
                listed.roundedToDollars(),
                "Schedule J payments",
                onReturn,
                LineId.of("1120/J/19"));
    }
}
