/** Addresses and values of return lines: begin with LineId, LineKey and Value. */
@org.jspecify.annotations.NullMarked
package undersaw.line;
