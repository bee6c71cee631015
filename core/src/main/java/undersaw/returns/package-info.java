/** What makes up one kind of return: begin with ReturnKind. */
@org.jspecify.annotations.NullMarked
package undersaw.returns;
