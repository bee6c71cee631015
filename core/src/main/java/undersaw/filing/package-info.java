/** What a sealed filing is: begin with FilingContent, Seal and DispatchState. */
@org.jspecify.annotations.NullMarked
package undersaw.filing;
