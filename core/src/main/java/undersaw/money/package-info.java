/** Amounts and shares: begin with Money and Percent. */
@org.jspecify.annotations.NullMarked
package undersaw.money;
