package undersaw.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static undersaw.files.sheet.Books.account;
import static undersaw.files.sheet.Books.closing;

import com.github.miachm.sods.OfficeCurrency;
import com.github.miachm.sods.Sheet;
import com.github.miachm.sods.SpreadSheet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Currency;
import java.util.List;
import java.util.function.Consumer;
import org.apache.poi.ss.usermodel.SheetVisibility;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;

/** Spreadsheets and audit files, made by libraries that know nothing of ours. */
class SpreadsheetsTest {
    private static byte[] workbook(Consumer<XSSFWorkbook> fill) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (XSSFWorkbook workbook = new XSSFWorkbook()) {
            fill.accept(workbook);
            workbook.getCreationHelper().createFormulaEvaluator().evaluateAll();
            workbook.write(bytes);
        }
        return bytes.toByteArray();
    }

    private static void row(XSSFSheet sheet, int row, Object... cells) {
        var target = sheet.createRow(row);
        for (int i = 0; i < cells.length; i++) {
            if (cells[i] instanceof Number number) {
                target.createCell(i).setCellValue(number.doubleValue());
            } else if (cells[i].toString().startsWith("=")) {
                target.createCell(i).setCellFormula(cells[i].toString().substring(1));
            } else {
                target.createCell(i).setCellValue(cells[i].toString());
            }
        }
    }

    @Test
    void readsAWorkbookWithFormulasByTheirValues() throws IOException {
        StagedBooks staged = Books.read(workbook(book -> {
            XSSFSheet sheet = book.createSheet("TB 2025");
            row(sheet, 0, "Harbor Nets, Inc.");
            row(sheet, 2, "Account", "Name", "Debit", "Credit");
            row(sheet, 3, 1000, "Cash", "=1000+250.5", "");
            row(sheet, 4, 3000, "Stock", "", 1000);
            row(sheet, 5, 4000, "Sales", "", 0.1 + 0.2 + 250.2);
            row(sheet, 6, "", "Total", "=SUM(C4:C6)", "=SUM(D4:D6)");
        }));
        assertThat(closing(staged, "1000")).isEqualTo("1250.50");
        assertThat(closing(staged, "4000")).isEqualTo("-250.50");
        assertThat(staged.leftOut()).singleElement().asString().startsWith("Row 7, a subtotal");
    }

    @Test
    void namesHiddenSheetsAndReadsTheOneThatIsChosen() throws IOException {
        byte[] bytes = workbook(book -> {
            row(book.createSheet("Cover"), 0, "Trial balance", "see next sheet");
            XSSFSheet sheet = book.createSheet("Figures");
            row(sheet, 0, "Account", "Name", "Balance");
            row(sheet, 1, 1000, "Cash", 5);
            row(sheet, 2, 4000, "Sales", -5);
            book.createSheet("Workings");
            book.setSheetVisibility(2, SheetVisibility.HIDDEN);
        });
        SourceFile file = SourceFile.of("books.xlsx", bytes);
        BooksReader.Look look = BooksReader.look(file, "Figures");
        assertThat(look.sheets()).containsExactly("Cover", "Figures");
        StagedBooks staged = BooksReader.read(file, look.plan(), Books.NEW_CLIENT, each -> {});
        assertThat(closing(staged, "1000")).isEqualTo("5");
        assertThat(staged.notes()).contains("Sheet \"Workings\" is hidden and was not read.");
    }

    @Test
    void readsDatesOfAWorkbook() throws IOException {
        StagedBooks staged = Books.read(workbook(book -> {
            XSSFSheet sheet = book.createSheet("Ledger");
            row(sheet, 0, "Date", "Account", "Name", "Amount");
            var style = book.createCellStyle();
            style.setDataFormat(book.createDataFormat().getFormat("m/d/yyyy"));
            for (int i = 1; i <= 2; i++) {
                row(sheet, i, "", i == 1 ? 1000 : 4000, i == 1 ? "Cash" : "Sales", i == 1 ? 7 : -7);
                sheet.getRow(i).getCell(0).setCellStyle(style);
                sheet.getRow(i).getCell(0).setCellValue(LocalDate.of(2025, 3, 1));
            }
        }));
        assertThat(staged.transactions()).isEqualTo(2);
        assertThat(closing(staged, "1000")).isEqualTo("7");
    }

    @Test
    void theSheetThatHoldsTheBooksIsFoundBehindACover() throws IOException {
        StagedBooks staged = Books.read(workbook(book -> {
            row(book.createSheet("Cover"), 0, "Harbor Nets, Inc.", "Prepared by", "quill");
            XSSFSheet sheet = book.createSheet("Sheet2");
            row(sheet, 0, "Account", "Name", "Balance");
            row(sheet, 1, 1000, "Cash", 5);
            row(sheet, 2, 4000, "Sales", -5);
        }));
        assertThat(closing(staged, "1000")).isEqualTo("5");
        assertThat(staged.notes()).anyMatch(note -> note.contains("Sheet Sheet2 was read"));
    }

    @Test
    void ofTwoYearsOfSheetsTheYearsOwnIsReadAndOfTwoAlikeOneIsAskedFor() throws IOException {
        for (boolean dated : new boolean[] {true, false}) {
            StagedBooks staged = Books.read(workbook(book -> {
                for (int year = 2024; year <= 2025; year++) {
                    XSSFSheet sheet = book.createSheet(dated ? "TB " + year : "TB " + (char) ('A' + year - 2024));
                    row(sheet, 0, "Account", "Name", "Balance");
                    row(sheet, 1, 1000, "Cash", year);
                    row(sheet, 2, 4000, "Sales", -year);
                }
            }));
            if (dated) {
                assertThat(closing(staged, "1000")).isEqualTo("2025");
            } else {
                assertThat(Books.fault(staged)).contains("Several sheets look like a trial balance");
            }
        }
    }

    @Test
    void aBalanceSheetAndAnIncomeStatementOnTwoSheetsAreReadTogether() throws IOException {
        StagedBooks staged = Books.read(workbook(book -> {
            XSSFSheet balance = book.createSheet("Balance Sheet");
            row(balance, 0, "Harbor Nets", "");
            row(balance, 1, "", "Dec 31, 2025");
            row(balance, 2, "Assets", "");
            row(balance, 3, "Cash", 900);
            row(balance, 4, "Total Assets", 900);
            row(balance, 5, "Liabilities", "");
            row(balance, 6, "Loan from bank", 500);
            row(balance, 7, "Equity", "");
            row(balance, 8, "Capital stock", 100);
            row(balance, 9, "Net Income", 300);
            XSSFSheet income = book.createSheet("P&L");
            row(income, 0, "Harbor Nets", "");
            row(income, 1, "", "Jan - Dec 2025");
            row(income, 2, "Income", "");
            row(income, 3, "Sales", 1000);
            row(income, 4, "Expenses", "");
            row(income, 5, "Rent", 700);
            row(income, 6, "Net Income", 300);
        }));
        assertThat(closing(staged, "Loan from bank")).isEqualTo("-500");
        assertThat(closing(staged, "Sales")).isEqualTo("-1000");
        assertThat(account(staged, "Rent").onIncomeStatement()).isTrue();
        assertThat(staged.netIncome().toString()).isEqualTo("300");
    }

    @Test
    void aDamagedWorkbookIsRefused() throws IOException {
        byte[] whole = workbook(book -> row(book.createSheet("A"), 0, "Account", "Name", "Balance"));
        assertThat(Books.fault(Books.read(Arrays.copyOf(whole, whole.length / 2))))
                .contains("damaged");
        assertThat(Books.fault(Books.read("PK\u0003\u0004not really".getBytes(StandardCharsets.ISO_8859_1))))
                .contains("archive and not a spreadsheet");
    }

    @Test
    void aFormulaWithoutAValueNamesItsCell() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (org.dhatim.fastexcel.Workbook book = new org.dhatim.fastexcel.Workbook(bytes, "Test", "1.0")) {
            var sheet = book.newWorksheet("TB");
            sheet.value(0, 0, "Account");
            sheet.value(0, 1, "Name");
            sheet.value(0, 2, "Balance");
            sheet.value(1, 0, "1000");
            sheet.value(1, 1, "Cash");
            sheet.formula(1, 2, "2+3");
        }
        assertThat(Books.fault(Books.read(bytes.toByteArray())))
                .contains("Cell C2 holds a formula without a saved value");
    }

    @Test
    void readsAnOpenDocumentSpreadsheet() throws IOException {
        SpreadSheet book = new SpreadSheet();
        Sheet sheet = new Sheet("Figures", 4, 3);
        sheet.getRange(0, 0, 4, 3).setValues(new Object[][] {
            {"Account", "Name", "Balance"},
            {1000.0, "Cash", new OfficeCurrency(Currency.getInstance("USD"), 1250.5)},
            {3000.0, "Stock", -1000.0},
            {"4000", "Sales", -250.5}
        });
        book.appendSheet(sheet);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        book.save(bytes);
        StagedBooks staged = Books.read(bytes.toByteArray());
        assertThat(closing(staged, "1000")).isEqualTo("1250.50");
        assertThat(closing(staged, "4000")).isEqualTo("-250.50");
    }

    private static String auditFile() throws IOException {
        try (InputStream stream = SpreadsheetsTest.class.getResourceAsStream("audit-file.xml")) {
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void readsBalancesAndJournalLinesOfAnAuditFile() throws IOException {
        SourceFile file = SourceFile.of("saft.xml", auditFile().getBytes(StandardCharsets.UTF_8));
        for (String sheet : List.of("Accounts", "Journal lines")) {
            BooksReader.Look look = BooksReader.look(file, sheet);
            StagedBooks staged = BooksReader.read(file, look.plan(), Books.NEW_CLIENT, each -> {});
            assertThat(closing(staged, "1000")).isEqualTo("1250.50");
            assertThat(account(staged, "1000").opening().toString()).isEqualTo("1000");
            assertThat(closing(staged, "4000")).isEqualTo("-250.50");
            assertThat(account(staged, "4000").onIncomeStatement()).isTrue();
            assertThat(account(staged, "4000").name()).isEqualTo("Sales");
        }
    }

    @Test
    void anAuditFileThatBreaksOffOrCallsForOtherFilesIsRefused() throws IOException {
        String broken = auditFile().substring(0, auditFile().indexOf("<GeneralLedgerEntries>"));
        assertThat(Books.fault(broken)).contains("breaks off");
        String outside = auditFile()
                .replace("<AuditFile", "<!DOCTYPE AuditFile [<!ENTITY x SYSTEM \"file:///etc/hostname\">]><AuditFile");
        assertThat(Books.read(outside.replace(">Cash<", ">&x;<")).toString()).doesNotContain("localhost");
    }

    @Test
    void aHundredThousandRowsTakeNoMoreMemoryThanTheirAccounts() {
        StringBuilder text = new StringBuilder("Date,Ref,Account,Name,Amount\n");
        for (int i = 0; i < 50_000; i++) {
            text.append("2025-05-05,J").append(i % 100).append(",1000,Cash,1.01\n");
            text.append("2025-05-05,J").append(i % 100).append(",4000,Sales,-1.01\n");
        }
        long[] seen = new long[1];
        SourceFile file = SourceFile.of("ledger.csv", text.toString().getBytes(StandardCharsets.UTF_8));
        StagedBooks staged =
                BooksReader.read(file, BooksReader.look(file, "").plan(), Books.NEW_CLIENT, each -> seen[0]++);
        assertThat(seen[0]).isEqualTo(100_000);
        assertThat(closing(staged, "1000")).isEqualTo("50500");
    }
}
