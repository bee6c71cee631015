/** What makes up one kind of return: begin with ReturnKind and Suggestions. */
@org.jspecify.annotations.NullMarked
package undersaw.returns;
