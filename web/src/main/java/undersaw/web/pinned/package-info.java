/** Notes and files pinned to places of an engagement: begin with Pinned. */
@org.jspecify.annotations.NullMarked
package undersaw.web.pinned;
