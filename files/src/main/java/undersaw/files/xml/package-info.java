/** The filing as it is sent and what comes back: begin with FilingXml and AcknowledgementXml. */
@org.jspecify.annotations.NullMarked
package undersaw.files.xml;
