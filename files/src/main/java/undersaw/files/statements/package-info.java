/** Financial statements as documents: begin with StatementSet. */
@org.jspecify.annotations.NullMarked
package undersaw.files.statements;
