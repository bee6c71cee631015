/** The list of returns that can be prepared: begin with Returns. */
@org.jspecify.annotations.NullMarked
package undersaw.registry;
