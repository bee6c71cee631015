/** Station Books: begin with BooksController and ClientForm. */
@org.jspecify.annotations.NullMarked
package undersaw.web.books;
