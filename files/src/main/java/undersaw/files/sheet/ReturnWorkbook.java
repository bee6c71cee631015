package undersaw.files.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.calc.Portion;
import undersaw.calc.Posting;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.RowList;
import undersaw.form.formula.Formula;
import undersaw.law.LawKey;
import undersaw.law.LawValue;
import undersaw.ledger.Account;
import undersaw.ledger.Carryover;
import undersaw.ledger.Payment;
import undersaw.line.LineKey;
import undersaw.line.Value;

/**
 * The whole return as a workbook with live formulas, one sheet a form.
 *
 * <p>Columns of a form's sheet: line, caption, this year, what a typed-over line would hold, last year. Accounts,
 * what each brings, payments, carryovers and the law stand on sheets of their own.
 */
public final class ReturnWorkbook {
    private static final String ACCOUNTS = "Accounts";
    private static final int LONGEST_NAME = 31;

    private final Calculation calculation;
    private final WorkbookCells cells;
    private final Map<String, Integer> accountRows = new HashMap<>();
    private final Map<Form, String> sheetNames = new HashMap<>();

    private ReturnWorkbook(Calculation calculation) {
        this.calculation = calculation;
        cells = new WorkbookCells(calculation);
    }

    /** The workbook as XLSX bytes. */
    public static byte[] write(Calculation calculation) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Workbook workbook = new Workbook(bytes, "Undersaw", "1.0")) {
            new ReturnWorkbook(calculation).fill(workbook);
        } catch (IOException e) {
            throw new UncheckedIOException("the workbook cannot be written", e);
        }
        return bytes.toByteArray();
    }

    private void fill(Workbook workbook) {
        place();
        for (Form form : calculation.plan().forms()) {
            form(workbook.newWorksheet(sheetNames.get(form)), form);
        }
        accounts(workbook.newWorksheet(ACCOUNTS));
        postings(workbook.newWorksheet(WorkbookCells.POSTINGS));
        rows(workbook.newWorksheet(WorkbookCells.ROWS));
        payments(workbook.newWorksheet(WorkbookCells.PAYMENTS));
        carryovers(workbook.newWorksheet(WorkbookCells.CARRYOVERS));
        law(workbook.newWorksheet(WorkbookCells.LAW));
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
        cells.putLastRow(WorkbookCells.ROWS, all.size());
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

    private void form(Worksheet sheet, Form form) {
        header(sheet, List.of("Line", "Caption", "This year", "As computed", "Last year"));
        List<Line> lines = lines(form);
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            sheet.value(i + 1, 0, line.id().text());
            sheet.value(i + 1, 1, line.caption());
            int row = i + 1;
            Optional<LineValue> value = calculation.value(line.id());
            boolean typed = value.flatMap(LineValue::typedFact).isPresent();
            if (typed) {
                value(sheet, row, value.get().value());
            }
            int column = typed ? 3 : 2;
            if (line.isRepeating()) {
                // its rows stand on a sheet of their own
                continue;
            }
            if (line.formula().isPresent()) {
                formula(sheet, row, column, line.formula().get().cell(cells));
            } else if (line.yesWhen().isPresent()) {
                formula(sheet, row, column, "IF(" + line.yesWhen().get().cell(cells) + ",\"yes\",\"no\")");
            } else if (!typed && value.isPresent()) {
                value(sheet, row, value.get().value());
            }
            calculation.snapshot().prior().amount(line.id()).ifPresent(last -> sheet.value(row, 4, last.dollars()));
        }
        sheet.width(0, 14);
        sheet.width(1, 60);
        sheet.width(2, 16);
    }

    private static void value(Worksheet sheet, int row, Value value) {
        if (value instanceof Value.Amount amount) {
            sheet.value(row, 2, amount.money().cents() / 100.0);
        } else {
            sheet.value(row, 2, value.plain());
        }
    }

    private List<Account> accounts() {
        return calculation.snapshot().accounts().values().stream()
                .sorted(Comparator.comparing(Account::number))
                .toList();
    }

    private void accounts(Worksheet sheet) {
        header(sheet, List.of("Account", "Name", "Opening", "Adjusted closing"));
        for (Account account : accounts()) {
            int row = accountRows.get(account.number()) - 1;
            sheet.value(row, 0, account.number());
            sheet.value(row, 1, account.name());
            sheet.value(row, 2, account.opening().cents() / 100.0);
            sheet.value(row, 3, calculation.adjusted(account).cents() / 100.0);
        }
    }

    private List<Posting> allPostings() {
        List<Posting> all = new ArrayList<>();
        accounts().forEach(account -> all.addAll(calculation.postingsOf(account.number())));
        return all;
    }

    private void postings(Worksheet sheet) {
        header(sheet, List.of("Account", "Line", "Amount", "Why"));
        List<Posting> all = allPostings();
        for (int i = 0; i < all.size(); i++) {
            Posting posting = all.get(i);
            sheet.value(i + 1, 0, posting.account());
            sheet.value(i + 1, 1, posting.line().text());
            sheet.value(i + 1, 3, posting.why());
            if (posting.portion() == Portion.FIXED || posting.amount().isZero()) {
                sheet.value(i + 1, 2, posting.amount().cents() / 100.0);
            } else {
                formula(sheet, i + 1, 2, balance(posting));
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
        return keys;
    }

    private void rows(Worksheet sheet) {
        header(sheet, List.of("Line", "Row", "Value"));
        List<LineKey> all = allRows();
        for (int i = 0; i < all.size(); i++) {
            LineKey key = all.get(i);
            sheet.value(i + 1, 0, key.line().text());
            sheet.value(i + 1, 1, key.instance());
            Optional<LineValue> value = calculation.value(key);
            Optional<Formula> rule = calculation
                    .plan()
                    .line(key.line())
                    .flatMap(Line::formula)
                    .filter(formula -> value.flatMap(LineValue::typedFact).isEmpty());
            if (rule.isPresent()) {
                cells.enter(key.instance());
                formula(sheet, i + 1, 2, rule.get().cell(cells));
                cells.enter("");
            } else {
                value(sheet, i + 1, value.orElseThrow().value());
            }
        }
    }

    private void payments(Worksheet sheet) {
        header(sheet, List.of("Date", "Kind", "Amount"));
        List<Payment> payments = calculation.snapshot().lists().payments();
        for (int i = 0; i < payments.size(); i++) {
            sheet.value(i + 1, 0, payments.get(i).date().toString());
            sheet.value(i + 1, 1, payments.get(i).kind().word());
            sheet.value(i + 1, 2, payments.get(i).amount().cents() / 100.0);
        }
    }

    private void carryovers(Worksheet sheet) {
        header(sheet, List.of("Kind", "Year", "Amount"));
        List<Carryover> carryovers = calculation.snapshot().lists().carryovers();
        for (int i = 0; i < carryovers.size(); i++) {
            sheet.value(i + 1, 0, carryovers.get(i).kind().word());
            sheet.value(i + 1, 1, carryovers.get(i).year());
            sheet.value(i + 1, 2, carryovers.get(i).amount().cents() / 100.0);
        }
    }

    private void law(Worksheet sheet) {
        header(sheet, List.of("Figure", "Value", "Unit", "Citation"));
        List<LawKey> keys = calculation.plan().law();
        for (int i = 0; i < keys.size(); i++) {
            LawValue value = calculation.law().value(keys.get(i));
            sheet.value(i + 1, 0, value.key().key());
            sheet.value(i + 1, 1, new BigDecimal(value.text()));
            sheet.value(i + 1, 2, value.unit().name());
            sheet.value(i + 1, 3, value.citation());
        }
    }

    /** The writer puts formulas into XML as they are, so comparisons are escaped here. */
    private static void formula(Worksheet sheet, int row, int column, String expression) {
        sheet.formula(
                row,
                column,
                expression.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;"));
    }

    private static void header(Worksheet sheet, List<String> names) {
        for (int i = 0; i < names.size(); i++) {
            sheet.value(0, i, names.get(i));
            sheet.style(0, i).bold().set();
        }
        sheet.freezePane(0, 1);
    }
}
