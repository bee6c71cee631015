package undersaw.files.xml;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URL;
import java.util.Optional;
import javax.xml.XMLConstants;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.SchemaFactory;
import javax.xml.validation.Validator;
import org.xml.sax.SAXException;

/** Holds XML against the schema that is published for it (W3C XML Schema 1.0). */
final class PublishedFormat {
    private PublishedFormat() {}

    /** Why a document breaks its schema; absent where it keeps it. */
    static Optional<String> fault(URL schema, byte[] xml) {
        try {
            SchemaFactory factory = SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI);
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            // a form's own schema narrows the common one, which lies beside it
            factory.setProperty(XMLConstants.ACCESS_EXTERNAL_SCHEMA, "file,jar:file,jar:nested");
            Validator validator = factory.newSchema(schema).newValidator();
            validator.setProperty(XMLConstants.ACCESS_EXTERNAL_DTD, "");
            validator.validate(new StreamSource(new ByteArrayInputStream(xml)));
            return Optional.empty();
        } catch (SAXException invalid) {
            return Optional.of(String.valueOf(invalid.getMessage()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
