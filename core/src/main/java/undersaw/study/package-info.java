/** What-if studies: one set of books as a corporation, an S corporation or a partnership. */
@org.jspecify.annotations.NullMarked
package undersaw.study;
