/** The corporation income tax return: begin with CorporationReturn and CorporationForms. */
@org.jspecify.annotations.NullMarked
package undersaw.us.corporation;
