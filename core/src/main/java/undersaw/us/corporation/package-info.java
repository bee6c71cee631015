/** The corporation income tax return: begin with CorporationReturn, Form1120 and Treatments1120. */
@org.jspecify.annotations.NullMarked
package undersaw.us.corporation;
