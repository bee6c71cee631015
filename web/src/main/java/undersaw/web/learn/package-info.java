/** Suggestions that learn from what the firm confirms: begin with Suggester. */
@org.jspecify.annotations.NullMarked
package undersaw.web.learn;
