/** What preparers make of a client's books besides the return: begin with WorkingBalance, Bridge and RollForward. */
@org.jspecify.annotations.NullMarked
package undersaw.books;
