/** Tables that ship on the class path, read strictly at start: begin with Table and TableRow. */
@org.jspecify.annotations.NullMarked
package undersaw.table;
