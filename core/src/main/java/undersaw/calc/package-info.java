/** Evaluates a return against a snapshot: begin with Calculation, Plan and Lineage. */
@org.jspecify.annotations.NullMarked
package undersaw.calc;
