/** The statements of owners, one a page and as paper: begin with OwnerStatementsController. */
@org.jspecify.annotations.NullMarked
package undersaw.web.owners;
