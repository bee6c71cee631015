package undersaw.files.xml;

import java.io.ByteArrayOutputStream;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import undersaw.calc.LineValue;
import undersaw.calc.Statement;
import undersaw.engagement.Address;
import undersaw.engagement.Client;
import undersaw.filing.FiledOwner;
import undersaw.filing.FilingContent;
import undersaw.line.Value;

/** The filing in the published format {@code filing-1.xsd}. */
public final class FilingXml {
    private static final String NAMESPACE = "urn:undersaw:filing:1";
    private static final String SCHEMA = "/undersaw/schema/filing-1.xsd";
    private static final Pattern FORM = Pattern.compile("<filing[^>]* form=\"([A-Za-z0-9-]+)\"");

    private FilingXml() {}

    /**
     * The filing as bytes; the same content and submission always give the same bytes.
     *
     * @param content what is sent
     * @param submission a UUID that names this submission for ever
     */
    public static byte[] write(FilingContent content, String submission) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(bytes, "UTF-8");
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("filing");
            xml.writeDefaultNamespace(NAMESPACE);
            xml.writeAttribute("submission", submission);
            xml.writeAttribute("form", content.heading().form());
            xml.writeAttribute("year", String.valueOf(content.heading().period().lawYear()));
            filer(xml, content.heading().client());
            period(xml, content);
            people(xml, content);
            owners(xml, content.owners());
            lines(xml, content.lines());
            statements(xml, content.statements());
            xml.writeEndElement();
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("the filing cannot be written", e);
        }
        return bytes.toByteArray();
    }

    private static void filer(XMLStreamWriter xml, Client client) throws XMLStreamException {
        Address address = client.address();
        xml.writeStartElement("filer");
        element(xml, "name", client.name());
        element(xml, "number", client.number().digits());
        element(xml, "line1", address.line1());
        if (!address.line2().isEmpty()) {
            element(xml, "line2", address.line2());
        }
        element(xml, "city", address.city());
        if (!address.region().isEmpty()) {
            element(xml, "region", address.region());
        }
        element(xml, "postalCode", address.postalCode());
        element(xml, "country", address.country());
        xml.writeEndElement();
    }

    private static void period(XMLStreamWriter xml, FilingContent content) throws XMLStreamException {
        xml.writeEmptyElement("period");
        xml.writeAttribute("start", content.heading().period().start().toString());
        xml.writeAttribute("end", content.heading().period().end().toString());
    }

    private static void people(XMLStreamWriter xml, FilingContent content) throws XMLStreamException {
        xml.writeEmptyElement("signer");
        xml.writeAttribute("name", content.heading().client().contact().name());
        xml.writeAttribute("title", content.heading().client().contact().title());
        xml.writeEmptyElement("preparer");
        xml.writeAttribute("name", content.preparer());
        xml.writeAttribute("firm", content.firm());
    }

    private static void owners(XMLStreamWriter xml, List<FiledOwner> owners) throws XMLStreamException {
        if (owners.isEmpty()) {
            return;
        }
        xml.writeStartElement("owners");
        for (FiledOwner owner : owners) {
            xml.writeEmptyElement("owner");
            xml.writeAttribute("id", owner.id());
            xml.writeAttribute("name", owner.name());
            attribute(xml, "number", owner.number());
            attribute(xml, "kind", owner.kind());
            attribute(xml, "role", owner.role());
            attribute(xml, "address", owner.address());
        }
        xml.writeEndElement();
    }

    /** Left out where there is nothing to say. */
    private static void attribute(XMLStreamWriter xml, String name, String text) throws XMLStreamException {
        if (!text.isEmpty()) {
            xml.writeAttribute(name, text);
        }
    }

    private static void lines(XMLStreamWriter xml, List<LineValue> lines) throws XMLStreamException {
        xml.writeStartElement("lines");
        for (LineValue line : lines) {
            boolean amount = line.value() instanceof Value.Amount;
            xml.writeStartElement(amount ? "amount" : "answer");
            xml.writeAttribute("id", line.key().line().text());
            if (!line.key().instance().isEmpty()) {
                xml.writeAttribute("instance", line.key().instance());
            }
            xml.writeCharacters(
                    amount
                            ? String.valueOf(line.amount().dollars())
                            : line.value().plain());
            xml.writeEndElement();
        }
        xml.writeEndElement();
    }

    private static void statements(XMLStreamWriter xml, List<Statement> statements) throws XMLStreamException {
        if (statements.isEmpty()) {
            return;
        }
        xml.writeStartElement("statements");
        for (Statement statement : statements) {
            xml.writeStartElement("statement");
            xml.writeAttribute("id", statement.line().text());
            for (Statement.Row row : statement.rows()) {
                xml.writeStartElement("row");
                xml.writeAttribute("caption", row.caption());
                xml.writeCharacters(String.valueOf(row.amount().dollars()));
                xml.writeEndElement();
            }
            xml.writeEndElement();
        }
        xml.writeEndElement();
    }

    private static void element(XMLStreamWriter xml, String name, String text) throws XMLStreamException {
        xml.writeStartElement(name);
        xml.writeCharacters(text);
        xml.writeEndElement();
    }

    /** SHA-256 of the bytes in lower-case hexadecimal. */
    public static String digest(byte[] filing) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(filing));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }

    /** What the published schema says against the filing; empty when it is valid. */
    public static List<String> validate(byte[] filing) {
        return PublishedFormat.fault(schemaOf(filing), filing).stream().toList();
    }

    /** The schema of the filing's form where it has one of its own, the common one otherwise. */
    private static URL schemaOf(byte[] filing) {
        Matcher form = FORM.matcher(new String(filing, StandardCharsets.UTF_8));
        URL own =
                form.find() ? FilingXml.class.getResource("/undersaw/schema/filing-" + form.group(1) + "-1.xsd") : null;
        return own == null ? Objects.requireNonNull(FilingXml.class.getResource(SCHEMA)) : own;
    }

    /** The filing as text, for reading. */
    public static String text(byte[] filing) {
        return new String(filing, StandardCharsets.UTF_8).replace("><", ">\n<");
    }
}
