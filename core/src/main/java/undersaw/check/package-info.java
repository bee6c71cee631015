/** Diagnostics and tie-outs: begin with Check, Diagnostic and TieOut. */
@org.jspecify.annotations.NullMarked
package undersaw.check;
