package undersaw.files.folder;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import undersaw.engagement.AccountingMethod;
import undersaw.engagement.Activity;
import undersaw.engagement.Address;
import undersaw.engagement.Client;
import undersaw.engagement.Contact;
import undersaw.engagement.Heading;
import undersaw.engagement.Heading.Flag;
import undersaw.engagement.TaxpayerNumber;
import undersaw.files.FileFault;
import undersaw.law.calendar.Period;

/** {@code engagement.json}: the client and the return's heading. */
final class EngagementJson {
    static final String FILE = "engagement.json";
    private static final String FORMAT = "undersaw-engagement/1";
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private EngagementJson() {}

    static @Nullable Heading read(FolderFile source, List<FileFault> faults) {
        JsonNode root;
        try {
            root = MAPPER.readTree(source.bytes());
        } catch (JacksonException notJson) {
            faults.add(FileFault.whole(FILE, "cannot be read as JSON: " + notJson.getOriginalMessage()));
            return null;
        }
        if (!text(root, "format").equals(FORMAT)) {
            fault(faults, "format", text(root, "format"), "expected \"" + FORMAT + "\"");
        }
        JsonNode client = root.path("client");
        JsonNode form = root.path("return");
        Optional<TaxpayerNumber> number = TaxpayerNumber.parse(text(client, "tin"));
        if (number.isEmpty()) {
            fault(faults, "client.tin", text(client, "tin"), "expected nine digits such as 00-1234567");
        }
        LocalDate start = date(form, "start", faults);
        LocalDate end = date(form, "end", faults);
        if (number.isEmpty() || start == null || end == null) {
            return null;
        }
        return new Heading(
                text(form, "form"),
                client(client, number.get(), faults),
                new Period(start, end),
                method(form, faults),
                flags(form));
    }

    private static Client client(JsonNode client, TaxpayerNumber number, List<FileFault> faults) {
        JsonNode address = client.path("address");
        JsonNode contact = client.path("contact");
        return new Client(
                text(client, "name"),
                number,
                new Address(
                        text(address, "line1"),
                        text(address, "line2"),
                        text(address, "city"),
                        text(address, "region"),
                        text(address, "postalCode"),
                        text(address, "country").isEmpty() ? "US" : text(address, "country")),
                text(client, "formed").isEmpty() ? null : date(client, "formed", faults),
                text(client, "formedIn"),
                new Activity(text(client, "activityCode"), text(client, "activity"), text(client, "product")),
                new Contact(
                        text(contact, "name"), text(contact, "title"), text(contact, "phone"), text(contact, "email")));
    }

    private static @Nullable AccountingMethod method(JsonNode form, List<FileFault> faults) {
        String word = text(form, "accountingMethod");
        Optional<AccountingMethod> method = AccountingMethod.parse(word);
        if (method.isEmpty() && !word.isEmpty()) {
            fault(faults, "return.accountingMethod", word, "expected cash, accrual or other");
        }
        return method.orElse(null);
    }

    private static Set<Flag> flags(JsonNode form) {
        Set<Flag> flags = EnumSet.noneOf(Flag.class);
        for (Flag flag : Flag.values()) {
            if (form.path(name(flag)).asBoolean(false)) {
                flags.add(flag);
            }
        }
        return flags;
    }

    private static String name(Flag flag) {
        return switch (flag) {
            case INITIAL -> "initial";
            case FINAL -> "final";
            case NAME_CHANGE -> "nameChange";
            case ADDRESS_CHANGE -> "addressChange";
            case EXTENDED -> "extended";
        };
    }

    static byte[] write(Heading heading) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT);
        Client client = heading.client();
        ObjectNode about = root.putObject("client");
        about.put("name", client.name()).put("tin", client.number().printed()).put("tinType", "EIN");
        ObjectNode address = about.putObject("address");
        address.put("line1", client.address().line1())
                .put("line2", client.address().line2());
        address.put("city", client.address().city())
                .put("region", client.address().region());
        address.put("postalCode", client.address().postalCode())
                .put("country", client.address().country());
        about.put("formed", client.formed() == null ? "" : client.formed().toString());
        about.put("formedIn", client.formedIn());
        about.put("activityCode", client.activity().code())
                .put("activity", client.activity().activity());
        about.put("product", client.activity().product());
        ObjectNode contact = about.putObject("contact");
        contact.put("name", client.contact().name())
                .put("title", client.contact().title());
        contact.put("phone", client.contact().phone())
                .put("email", client.contact().email());
        ObjectNode form = root.putObject("return");
        form.put("form", heading.form()).put("year", heading.period().lawYear());
        form.put("start", heading.period().start().toString())
                .put("end", heading.period().end().toString());
        for (Flag flag : Flag.values()) {
            if (flag != Flag.EXTENDED || heading.is(flag)) {
                form.put(name(flag), heading.is(flag));
            }
        }
        form.put(
                "accountingMethod",
                heading.method() == null ? "" : heading.method().word());
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(root);
    }

    private static String text(JsonNode node, String field) {
        JsonNode value = node.path(field);
        return value.isString() ? value.stringValue().strip() : "";
    }

    private static @Nullable LocalDate date(JsonNode node, String field, List<FileFault> faults) {
        try {
            return LocalDate.parse(text(node, field));
        } catch (DateTimeParseException notADate) {
            fault(faults, field, text(node, field), "expected a date such as 2025-12-31");
            return null;
        }
    }

    private static void fault(List<FileFault> faults, String field, String found, String expected) {
        faults.add(new FileFault(FILE, 0, field, found, expected));
    }
}
