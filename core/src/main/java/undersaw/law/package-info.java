/** What the law fixes per year, each value with its citation: begin with Law, LawKey and LawValue. */
@org.jspecify.annotations.NullMarked
package undersaw.law;
