/** Station Adjust: begin with EntriesController. */
@org.jspecify.annotations.NullMarked
package undersaw.web.adjust;
