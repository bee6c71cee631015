/** What can be wrong with a file: begin with FileFault. */
@org.jspecify.annotations.NullMarked
package undersaw.files;
