/** The nodes of a formula and nothing else: begin with Formula, Term and Figures. */
@org.jspecify.annotations.NullMarked
package undersaw.form.formula;
