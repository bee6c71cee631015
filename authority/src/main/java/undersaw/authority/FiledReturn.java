package undersaw.authority;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URL;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.dom.DOMSource;
import javax.xml.validation.SchemaFactory;
import javax.xml.validation.Validator;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.SAXException;

/**
 * A filing as the authority reads it: only what the published format says.
 *
 * @param submission the submission's id
 * @param form the form's code
 * @param year the tax year
 * @param number the filer's nine digits
 * @param name the filer's name
 * @param start first day of the period
 * @param end last day of the period
 * @param lines amounts and answers by line, repeating lines left out
 * @param owners those who are told what to take up, by their names in the lines
 * @param ofOwners amounts and answers of lines that stand once an owner, by line and owner
 */
record FiledReturn(
        String submission,
        String form,
        int year,
        String number,
        String name,
        LocalDate start,
        LocalDate end,
        Map<String, String> lines,
        Map<String, Owner> owners,
        Map<String, Map<String, String>> ofOwners) {

    /** An owner as the filing names one; number and kind are empty where they are not said. */
    record Owner(String id, String name, String number, String kind) {}

    /** A filing that could be read, or the reasons why it could not. */
    record Reading(@Nullable FiledReturn filed, List<String> faults) {}

    /** Parses and validates; document types and outside references are refused. */
    static Reading read(byte[] bytes) {
        List<String> faults = new ArrayList<>();
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setNamespaceAware(true);
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            Document document = factory.newDocumentBuilder().parse(new ByteArrayInputStream(bytes));
            validate(document, faults);
            return new Reading(of(document.getDocumentElement(), faults), faults);
        } catch (SAXException notXml) {
            faults.add("The file is not XML: " + notXml.getMessage());
            return new Reading(null, faults);
        } catch (ParserConfigurationException | IOException e) {
            throw new IllegalStateException("the filing cannot be read", e);
        }
    }

    private static void validate(Document document, List<String> faults) throws SAXException {
        String form = document.getDocumentElement().getAttribute("form").replaceAll("[^A-Za-z0-9-]", "");
        URL own = FiledReturn.class.getResource("/undersaw/schema/filing-" + form + "-1.xsd");
        URL schema = own == null ? FiledReturn.class.getResource("/undersaw/schema/filing-1.xsd") : own;
        try {
            SchemaFactory factory = SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI);
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setProperty(XMLConstants.ACCESS_EXTERNAL_SCHEMA, "file,jar:file");
            Validator validator = factory.newSchema(schema).newValidator();
            validator.validate(new DOMSource(document));
        } catch (SAXException invalid) {
            faults.add("The file breaks the published format: " + invalid.getMessage());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static @Nullable FiledReturn of(Element root, List<String> faults) {
        if (!faults.isEmpty()) {
            return null;
        }
        Element filer = child(root, "filer");
        Element period = child(root, "period");
        Map<String, String> lines = new HashMap<>();
        Map<String, Owner> owners = owners(root);
        Map<String, Map<String, String>> ofOwners = new HashMap<>();
        NodeList children = child(root, "lines").getChildNodes();
        for (int i = 0; i < children.getLength(); i++) {
            if (children.item(i) instanceof Element line) {
                String instance = line.getAttribute("instance");
                if (instance.isEmpty()) {
                    lines.put(line.getAttribute("id"), line.getTextContent());
                } else if (owners.containsKey(instance)) {
                    ofOwners.computeIfAbsent(line.getAttribute("id"), unused -> new TreeMap<>())
                            .put(instance, line.getTextContent());
                }
            }
        }
        return new FiledReturn(
                root.getAttribute("submission"),
                root.getAttribute("form"),
                Integer.parseInt(root.getAttribute("year")),
                child(filer, "number").getTextContent(),
                child(filer, "name").getTextContent(),
                LocalDate.parse(period.getAttribute("start")),
                LocalDate.parse(period.getAttribute("end")),
                Map.copyOf(lines),
                owners,
                Map.copyOf(ofOwners));
    }

    private static Map<String, Owner> owners(Element root) {
        Map<String, Owner> owners = new LinkedHashMap<>();
        NodeList nodes = root.getElementsByTagNameNS("*", "owner");
        for (int i = 0; i < nodes.getLength(); i++) {
            Element owner = (Element) nodes.item(i);
            owners.put(
                    owner.getAttribute("id"),
                    new Owner(
                            owner.getAttribute("id"),
                            owner.getAttribute("name"),
                            owner.getAttribute("number"),
                            owner.getAttribute("kind")));
        }
        return owners;
    }

    /** Whole dollars of a line for each owner; those without are left out. */
    Map<String, Long> amounts(String line) {
        Map<String, Long> amounts = new TreeMap<>();
        ofOwners.getOrDefault(line, Map.of()).forEach((owner, text) -> {
            if (text.matches("-?\\d{1,14}")) {
                amounts.put(owner, Long.parseLong(text));
            }
        });
        return amounts;
    }

    private static Element child(Element parent, String name) {
        return (Element) parent.getElementsByTagNameNS("*", name).item(0);
    }

    /** The amount on a line; 0 where the line is absent. */
    long amount(String line) {
        String text = lines.getOrDefault(line, "0");
        return text.matches("-?\\d{1,14}") ? Long.parseLong(text) : 0;
    }
}
