/** Tables in and out: begin with TrialBalanceReader, StagedBooks and ReturnWorkbook. */
@org.jspecify.annotations.NullMarked
package undersaw.files.sheet;
