/** Where accounts probably go, told by their names: begin with Suggestions. */
@org.jspecify.annotations.NullMarked
package undersaw.suggestions;
