package undersaw.files.sheet;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.calc.Portion;
import undersaw.calc.Posting;
import undersaw.engagement.NumbersShown;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.RowList;
import undersaw.form.formula.Total;
import undersaw.law.LawKey;
import undersaw.law.LawValue;
import undersaw.ledger.Account;
import undersaw.ledger.Carryover;
import undersaw.ledger.Payment;
import undersaw.line.LineKey;
import undersaw.line.Value;
import undersaw.money.Money;

/**
 * The whole return as a workbook with live formulas, one sheet a form.
 *
 * <p>Columns of a form's sheet: line, caption, this year, what a typed-over line would hold, last year. Accounts,
 * what each brings, payments, carryovers and the law stand on sheets of their own. Every formula carries the value
 * that it has, so that a preview or a program that computes nothing shows the return; forms without a figure stand
 * last, grey.
 */
public final class ReturnWorkbook {
    private static final String ACCOUNTS = "Accounts";
    private static final int LONGEST_NAME = 31;
    private static final Optional<Value> ZERO = Optional.of(Value.of(Money.ZERO));

    private final Calculation calculation;
    private final NumbersShown numbers;
    private final WorkbookCells cells;
    private final Map<String, Integer> accountRows = new HashMap<>();
    private final Map<Form, String> sheetNames = new HashMap<>();

    private ReturnWorkbook(Calculation calculation, NumbersShown numbers) {
        this.calculation = calculation;
        this.numbers = numbers;
        cells = new WorkbookCells(calculation);
    }

    /** The workbook as XLSX bytes, with whole numbers of taxpayers. */
    public static byte[] write(Calculation calculation) {
        return write(calculation, NumbersShown.FULL);
    }

    /** The workbook as XLSX bytes. */
    public static byte[] write(Calculation calculation, NumbersShown numbers) {
        try (WorkbookSheets sheets = new WorkbookSheets(calculation.snapshot().heading())) {
            new ReturnWorkbook(calculation, numbers).fill(sheets);
            return sheets.bytes();
        } catch (IOException e) {
            throw new UncheckedIOException("the workbook cannot be written", e);
        }
    }

    private void fill(WorkbookSheets sheets) {
        place();
        List<Form> forms = calculation.plan().forms();
        List<Form> empty = forms.stream().filter(form -> !hasFigures(form)).toList();
        forms.stream()
                .filter(form -> !empty.contains(form))
                .forEach(form -> form(sheets.sheet(sheetNames.get(form), true), form));
        accounts(sheets.sheet(ACCOUNTS, true));
        postings(sheets.sheet(WorkbookCells.POSTINGS, true));
        rows(sheets.sheet(WorkbookCells.ROWS, true));
        payments(sheets.sheet(WorkbookCells.PAYMENTS, true));
        carryovers(sheets.sheet(WorkbookCells.CARRYOVERS, true));
        law(sheets.sheet(WorkbookCells.LAW, true));
        empty.forEach(form -> form(sheets.sheet(sheetNames.get(form), false), form));
    }

    /** Whether anything but zeros and noes stands on a form. */
    private boolean hasFigures(Form form) {
        return lines(form).stream()
                .flatMap(line -> calculation.valuesOf(line).stream())
                .map(LineValue::value)
                .anyMatch(value -> value instanceof Value.Amount amount
                        ? !amount.money().isZero()
                        : !value.plain().equals("no"));
    }

    /** Gives every figure its cell before the first formula refers to one. */
    private void place() {
        for (Form form : calculation.plan().forms()) {
            String title = form.title().replaceAll("[^A-Za-z0-9 -]", "");
            String name =
                    title.substring(0, Math.min(LONGEST_NAME, title.length())).strip();
            sheetNames.put(form, name);
            List<Line> lines = lines(form);
            lines.stream().filter(Line::isRepeating).forEach(cells::putColumn);
            for (int i = 0; i < lines.size(); i++) {
                boolean replaced = calculation
                        .value(lines.get(i).id())
                        .flatMap(LineValue::replacedAmount)
                        .isPresent();
                cells.putLine(lines.get(i).id(), name, i + 1, replaced);
            }
        }
        List<LineKey> all = allRows();
        for (int i = 0; i < all.size(); i++) {
            cells.putRow(all.get(i), i + 1);
        }
        List<LawKey> keys = calculation.plan().law();
        for (int i = 0; i < keys.size(); i++) {
            cells.putLaw(keys.get(i), i + 1);
        }
        cells.putLastRow(WorkbookCells.POSTINGS, allPostings().size());
        List<Total> totals = calculation.plan().totalsOfSome();
        totals.forEach(cells::putParts);
        cells.putLastRow(WorkbookCells.ROWS, all.size() + membersOf(totals));
        cells.putLastRow(
                WorkbookCells.PAYMENTS,
                calculation.snapshot().lists().payments().size());
        cells.putLastRow(
                WorkbookCells.CARRYOVERS,
                calculation.snapshot().lists().carryovers().size());
        List<Account> accounts = accounts();
        for (int i = 0; i < accounts.size(); i++) {
            accountRows.put(accounts.get(i).number(), i + 2);
        }
    }

    private List<Line> lines(Form form) {
        return form.lines().stream()
                .filter(line -> line.stands(calculation.plan().year()))
                .toList();
    }

    private void form(WorkbookSheet sheet, Form form) {
        sheet.header("Line", "Caption", "This year", "As computed", "Last year");
        List<Line> lines = lines(form);
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            int row = i + 1;
            sheet.text(row, 0, line.id().text());
            sheet.text(row, 1, line.caption());
            if (!line.isRepeating()) {
                // rows stand on a sheet of their own
                figure(sheet, row, line);
            }
        }
        sheet.widths(14, 60, 16, 16, 16);
    }

    private void figure(WorkbookSheet sheet, int row, Line line) {
        Optional<LineValue> value = calculation.value(line.id());
        boolean typed = value.flatMap(LineValue::typedFact).isPresent();
        if (typed) {
            value(sheet, row, line, value.get().value());
        }
        int column = typed ? 3 : 2;
        Optional<Value> computed =
                typed ? value.flatMap(LineValue::replacedAmount).map(Value::of) : value.map(LineValue::value);
        if (line.rule().isPresent()) {
            sheet.formula(
                    row, column, expression(line), line.kind() == LineKind.AMOUNT ? computed.or(() -> ZERO) : computed);
        } else if (line.yesWhen().isPresent()) {
            String rule = "IF(" + line.yesWhen().get().cell(cells) + ",\"yes\",\"no\")";
            sheet.formula(row, column, rule, computed);
        } else if (!typed && value.isPresent()) {
            value(sheet, row, line, value.get().value());
        }
        calculation.snapshot().prior().amount(line.id()).ifPresent(last -> sheet.dollars(row, 4, last));
    }

    /** The line's rule; nothing while its part is not needed. */
    private String expression(Line line) {
        cells.write(line);
        String rule = line.rule().orElseThrow().cell(cells);
        return line.gate()
                .map(gate -> "IF(" + gate.cell(cells) + "," + rule + ",0)")
                .orElse(rule);
    }

    private void value(WorkbookSheet sheet, int row, Line line, Value value) {
        if (value instanceof Value.Amount amount) {
            sheet.amount(row, 2, amount.money(), line.isInCents());
        } else if (line.holdsTaxpayerNumber()) {
            sheet.text(row, 2, numbers.shown(value.plain()));
        } else {
            sheet.text(row, 2, value.plain());
        }
    }

    private List<Account> accounts() {
        return calculation.snapshot().accounts().values().stream()
                .sorted(Account.byNumber())
                .toList();
    }

    private void accounts(WorkbookSheet sheet) {
        sheet.header("Account", "Name", "Opening", "Adjusted closing");
        for (Account account : accounts()) {
            int row = accountRows.get(account.number()) - 1;
            sheet.text(row, 0, account.number());
            sheet.text(row, 1, account.name());
            sheet.cents(row, 2, account.opening());
            sheet.cents(row, 3, calculation.adjusted(account));
        }
        sheet.widths(14, 40, 16, 16);
    }

    private List<Posting> allPostings() {
        List<Posting> all = new ArrayList<>();
        accounts().forEach(account -> all.addAll(calculation.postingsOf(account.number())));
        return all;
    }

    private void postings(WorkbookSheet sheet) {
        sheet.header("Account", "Line", "Amount", "Why");
        List<Posting> all = allPostings();
        for (int i = 0; i < all.size(); i++) {
            Posting posting = all.get(i);
            sheet.text(i + 1, 0, posting.account());
            sheet.text(i + 1, 1, posting.place().toString());
            sheet.text(i + 1, 3, posting.why());
            if (posting.portion() == Portion.FIXED || posting.amount().isZero()) {
                sheet.cents(i + 1, 2, posting.amount());
            } else {
                sheet.formulaInCents(i + 1, 2, balance(posting), posting.amount());
            }
        }
    }

    private String balance(Posting posting) {
        Account account = calculation.snapshot().accounts().get(posting.account());
        boolean opening = posting.portion() == Portion.OPENING;
        String cell = ACCOUNTS + (opening ? "!$C$" : "!$D$") + accountRows.get(posting.account());
        boolean turned = posting.amount().isNegative()
                != (opening ? account.opening() : calculation.adjusted(account)).isNegative();
        String part = switch (posting.portion()) {
            case HALF -> "ROUND(" + cell + "*0.5,2)";
            case REST_OF_HALF -> "(" + cell + "-ROUND(" + cell + "*0.5,2))";
            default -> cell;
        };
        return turned ? "-" + part : part;
    }

    /** Every cell of every list: what is typed where it is, and each computed column in all rows. */
    private List<LineKey> allRows() {
        List<LineKey> keys = new ArrayList<>();
        for (RowList list : calculation.plan().lists()) {
            List<String> rows = calculation.rowsOf(list);
            for (Line line : list.lines()) {
                List<String> filled = line.isTyped() ? calculation.instances(line.id()) : rows;
                filled.forEach(row -> keys.add(line.id().in(row)));
            }
        }
        // parts that repeat for members that another part lists
        for (Form form : calculation.plan().forms()) {
            lines(form).stream()
                    .filter(line -> line.isRepeating() && line.part().listName().isEmpty())
                    .forEach(line -> calculation
                            .instances(line.id())
                            .forEach(member -> keys.add(line.id().in(member))));
        }
        return keys;
    }

    private void rows(WorkbookSheet sheet) {
        sheet.header("Line", "Row", "Value");
        List<LineKey> all = allRows();
        for (int i = 0; i < all.size(); i++) {
            LineKey key = all.get(i);
            sheet.text(i + 1, 0, key.line().text());
            sheet.text(i + 1, 1, key.instance());
            Line line = calculation.plan().line(key.line()).orElseThrow();
            Optional<LineValue> value = calculation.value(key);
            if (line.rule().isPresent() && value.flatMap(LineValue::typedFact).isEmpty()) {
                cells.enter(key);
                sheet.formula(
                        i + 1, 2, expression(line), value.map(LineValue::value).or(() -> ZERO));
                cells.leave();
            } else {
                value(sheet, i + 1, line, value.orElseThrow().value());
            }
        }
        parts(sheet, all.size() + 1);
    }

    private int membersOf(List<Total> totals) {
        return totals.stream().mapToInt(total -> members(total).size()).sum();
    }

    private List<String> members(Total total) {
        return calculation.instances(total.line());
    }

    /** What each member brings to a total that does not count all of them. */
    private void parts(WorkbookSheet sheet, int from) {
        int row = from;
        for (Total total : calculation.plan().totalsOfSome()) {
            String name = cells.putParts(total);
            for (String member : members(total)) {
                sheet.text(row, 0, name);
                sheet.text(row, 1, member);
                cells.enter(total.line().in(member));
                String counted = "IF(" + total.which().orElseThrow().cell(cells) + "," + cells.of(total.line()) + ",0)";
                sheet.formula(row, 2, counted, Optional.of(Value.of(calculation.part(total, member))));
                cells.leave();
                row++;
            }
        }
    }

    private void payments(WorkbookSheet sheet) {
        sheet.header("Date", "Kind", "Amount");
        List<Payment> payments = calculation.snapshot().lists().payments();
        for (int i = 0; i < payments.size(); i++) {
            sheet.text(i + 1, 0, payments.get(i).date().toString());
            sheet.text(i + 1, 1, payments.get(i).kind().word());
            sheet.cents(i + 1, 2, payments.get(i).amount());
        }
    }

    private void carryovers(WorkbookSheet sheet) {
        sheet.header("Kind", "Year", "Amount");
        List<Carryover> carryovers = calculation.snapshot().lists().carryovers();
        for (int i = 0; i < carryovers.size(); i++) {
            sheet.text(i + 1, 0, carryovers.get(i).kind().word());
            sheet.number(i + 1, 1, BigDecimal.valueOf(carryovers.get(i).year()));
            sheet.cents(i + 1, 2, carryovers.get(i).amount());
        }
    }

    private void law(WorkbookSheet sheet) {
        sheet.header("Figure", "Value", "Unit", "Citation");
        List<LawKey> keys = calculation.plan().law();
        for (int i = 0; i < keys.size(); i++) {
            LawValue value = calculation.law().value(keys.get(i));
            sheet.text(i + 1, 0, value.key().key());
            sheet.number(i + 1, 1, new BigDecimal(value.text()));
            sheet.text(i + 1, 2, value.unit().name());
            sheet.text(i + 1, 3, value.citation());
        }
    }
}
