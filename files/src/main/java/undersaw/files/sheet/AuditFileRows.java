package undersaw.files.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.xml.stream.Location;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;

/**
 * The standard audit file (SAF-T, OECD guidance of 2010, version 2; element names from memory) as two sheets.
 *
 * <p>Accounts with opening and closing balances on one, journal lines on the other, where opening balances come first
 * without a date. Countries add elements of their own; they are passed over.
 */
final class AuditFileRows implements RowSource {
    private static final int LONGEST_SECONDS = 60;

    static final String ACCOUNTS = "Accounts";
    static final String ENTRIES = "Journal lines";
    private static final List<String> ACCOUNT_HEADER =
            List.of("Account ID", "Account description", "Account type", "Opening balance", "Closing balance");
    private static final List<String> ENTRY_HEADER = List.of(
            "Transaction date", "Transaction ID", "Account ID", "Account description", "Memo", "Debit", "Credit");

    private final SourceFile file;

    AuditFileRows(SourceFile file) {
        this.file = file;
    }

    @Override
    public void read(String sheet, Visitor visitor) {
        // the platform's own reader bounds the attributes of an element (10,000) and the size of names
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try (InputStream stream = file.open()) {
            new Walk(visitor, sheet.equals(ENTRIES), new Bounds(file.name(), Duration.ofSeconds(LONGEST_SECONDS)))
                    .through(factory.createXMLStreamReader(stream));
        } catch (XMLStreamException broken) {
            throw broken(broken.getLocation());
        } catch (RuntimeException broken) {
            // a parser may read ahead lazily and then has no other way to say so
            if (broken.getCause() instanceof XMLStreamException cause) {
                throw broken(cause.getLocation());
            }
            throw broken;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private UnreadableFile broken(@Nullable Location location) {
        return new UnreadableFile(
                file.name(),
                "The XML breaks off or is not well formed"
                        + (location == null ? "" : " near line " + location.getLineNumber())
                        + ". Export the audit file again.");
    }

    @Override
    public List<String> sheets() {
        return List.of(ACCOUNTS, ENTRIES);
    }

    @Override
    public List<String> notes() {
        return List.of("Read as a standard audit file (SAF-T).");
    }

    /** What no audit file of a business needs: elements in elements without end, texts of millions, minutes. */
    private static final class Bounds {
        private static final int DEEPEST = 100;
        private static final int LONGEST_TEXT = 1_000_000;
        private static final int EVENTS_BETWEEN_LOOKS = 4096;

        private final String name;
        private final long end;
        private long events;

        Bounds(String name, Duration longest) {
            this.name = name;
            end = System.nanoTime() + longest.toNanos();
        }

        void event(int depth, int text) {
            if (depth > DEEPEST || text > LONGEST_TEXT) {
                throw new UnreadableFile(
                        name,
                        "The XML holds elements " + DEEPEST + " deep or a text of more than " + LONGEST_TEXT
                                + " characters, which no audit file does. Export the audit file again.");
            }
            if (++events % EVENTS_BETWEEN_LOOKS == 0 && System.nanoTime() > end) {
                throw new UnreadableFile(
                        name,
                        "Reading took more than " + LONGEST_SECONDS
                                + " seconds and was ended. Export the audit file again, a year at a time.");
            }
        }
    }

    /** One pass over the file; only the fields of the account or line at hand are held. */
    private static final class Walk {
        private final Visitor visitor;
        private final boolean entries;
        private final Deque<String> path = new ArrayDeque<>();
        private final Map<String, String> names = new HashMap<>();
        private final Map<String, String> fields = new HashMap<>();
        private final Map<String, String> transaction = new HashMap<>();
        private long row;
        private final Bounds bounds;
        private boolean wanted = true;

        Walk(Visitor visitor, boolean entries, Bounds bounds) {
            this.visitor = visitor;
            this.entries = entries;
            this.bounds = bounds;
        }

        void through(XMLStreamReader xml) throws XMLStreamException {
            give(entries ? ENTRY_HEADER : ACCOUNT_HEADER);
            StringBuilder text = new StringBuilder();
            while (wanted && xml.hasNext()) {
                int event = xml.next();
                bounds.event(path.size(), text.length());
                if (event == XMLStreamConstants.START_ELEMENT) {
                    path.push(xml.getLocalName());
                    text.setLength(0);
                    begin(xml.getLocalName());
                } else if (event == XMLStreamConstants.CHARACTERS || event == XMLStreamConstants.CDATA) {
                    text.append(xml.getTextCharacters(), xml.getTextStart(), xml.getTextLength());
                } else if (event == XMLStreamConstants.END_ELEMENT) {
                    path.pop();
                    end(xml.getLocalName(), text.toString().strip());
                    text.setLength(0);
                }
            }
        }

        private void begin(String element) {
            if (element.equals("Account") || isLine(element)) {
                fields.clear();
            } else if (element.equals("Transaction")) {
                transaction.clear();
                fields.clear();
            }
        }

        private static boolean isLine(String element) {
            return element.equals("Line") || element.equals("DebitLine") || element.equals("CreditLine");
        }

        private void end(String element, String text) {
            String within = path.isEmpty() ? "" : path.peek();
            if (element.equals("Account") && within.equals("GeneralLedgerAccounts")) {
                account();
            } else if (isLine(element) && path.contains("Transaction")) {
                line();
            } else if (within.equals("Transaction")) {
                transaction.put(element, text);
            } else if (element.equals("Amount")) {
                fields.put(within, text);
            } else if (!text.isEmpty()) {
                fields.put(element, text);
            }
        }

        private void account() {
            String id = fields.getOrDefault("AccountID", "");
            String name = fields.getOrDefault("AccountDescription", "");
            String opening = signed("OpeningDebitBalance", "OpeningCreditBalance");
            names.put(id, name);
            if (entries && !opening.isEmpty() && !opening.matches("-?0*\\.?0*")) {
                give(List.of("", "", id, name, "Opening balance", opening, ""));
            } else if (!entries) {
                give(List.of(
                        id,
                        name,
                        fields.getOrDefault("AccountType", ""),
                        opening,
                        signed("ClosingDebitBalance", "ClosingCreditBalance")));
            }
        }

        private String signed(String debit, String credit) {
            String credited = fields.getOrDefault(credit, "");
            if (credited.isEmpty() || credited.matches("0*\\.?0*") && fields.containsKey(debit)) {
                return fields.getOrDefault(debit, "");
            }
            return credited.startsWith("-") ? credited.substring(1) : "-" + credited;
        }

        private void line() {
            String id = fields.getOrDefault("AccountID", "");
            if (entries) {
                give(List.of(
                        transaction.getOrDefault("TransactionDate", ""),
                        transaction.getOrDefault("TransactionID", ""),
                        id,
                        names.getOrDefault(id, ""),
                        fields.getOrDefault("Description", transaction.getOrDefault("Description", "")),
                        fields.getOrDefault("DebitAmount", ""),
                        fields.getOrDefault("CreditAmount", "")));
            }
        }

        private void give(List<String> cells) {
            row++;
            wanted = visitor.row(row, cells);
        }
    }
}
