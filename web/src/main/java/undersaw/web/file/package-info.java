/** Station File: begin with FileController. */
@org.jspecify.annotations.NullMarked
package undersaw.web.file;
