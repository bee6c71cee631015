/** The first page: begin with DocketController. */
@org.jspecify.annotations.NullMarked
package undersaw.web.docket;
