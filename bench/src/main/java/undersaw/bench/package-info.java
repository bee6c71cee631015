/** Speed, always as a ratio against something outside the project: begin with Bench. */
@org.jspecify.annotations.NullMarked
package undersaw.bench;
