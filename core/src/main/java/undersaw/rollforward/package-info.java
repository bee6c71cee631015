/** Beginning the next year from this one: begin with RollForward. */
@org.jspecify.annotations.NullMarked
package undersaw.rollforward;
