package undersaw.files.xml;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URL;
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.SAXException;
import undersaw.filing.DispatchState;
import undersaw.filing.Fault;

/**
 * What the authority answers about a submission.
 *
 * @param submission the submission it speaks of
 * @param state received, accepted or rejected
 * @param at when it was said
 * @param confirmation the confirmation number; empty until accepted
 * @param faults why it was rejected
 */
public record AcknowledgementXml(
        String submission, DispatchState state, OffsetDateTime at, String confirmation, List<Fault> faults) {
    private static final URL SCHEMA =
            Objects.requireNonNull(AcknowledgementXml.class.getResource("/undersaw/schema/acknowledgement-1.xsd"));

    /**
     * Reads an acknowledgement.
     *
     * @throws IllegalArgumentException when the bytes are no acknowledgement as its schema has it
     */
    public static AcknowledgementXml read(byte[] bytes) {
        Element root = parse(bytes);
        if (!root.getLocalName().equals("acknowledgement")) {
            throw new IllegalArgumentException("found <" + root.getLocalName() + ">, expected <acknowledgement>");
        }
        PublishedFormat.fault(SCHEMA, bytes).ifPresent(why -> {
            throw new IllegalArgumentException("it breaks the published format: " + why);
        });
        List<Fault> faults = new ArrayList<>();
        NodeList nodes = root.getElementsByTagNameNS("*", "fault");
        for (int i = 0; i < nodes.getLength(); i++) {
            Element fault = (Element) nodes.item(i);
            faults.add(new Fault(fault.getAttribute("code"), fault.getAttribute("line"), fault.getTextContent()));
        }
        return new AcknowledgementXml(
                root.getAttribute("submission"),
                DispatchState.parse(root.getAttribute("state")),
                at(root.getAttribute("at")),
                root.getAttribute("confirmation"),
                List.copyOf(faults));
    }

    /** Date and time; one without a zone is what the schema allows and a filing cannot use. */
    private static OffsetDateTime at(String text) {
        try {
            return OffsetDateTime.parse(text);
        } catch (DateTimeParseException notATime) {
            throw new IllegalArgumentException(
                    "found at=\"" + text + "\", expected a time such as 2026-03-09T10:00:00Z", notATime);
        }
    }

    private static Element parse(byte[] bytes) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setNamespaceAware(true);
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_DTD, "");
            return factory.newDocumentBuilder()
                    .parse(new ByteArrayInputStream(bytes))
                    .getDocumentElement();
        } catch (SAXException notXml) {
            throw new IllegalArgumentException("the answer is not XML: " + notXml.getMessage(), notXml);
        } catch (ParserConfigurationException | IOException e) {
            throw new IllegalStateException("the answer cannot be read", e);
        }
    }
}
