/** The audit trail: begin with TrailController. */
@org.jspecify.annotations.NullMarked
package undersaw.web.trail;
