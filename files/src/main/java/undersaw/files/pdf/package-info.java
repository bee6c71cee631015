/** The return as a readable document: begin with ReturnPdf and PrintMark. */
@org.jspecify.annotations.NullMarked
package undersaw.files.pdf;
