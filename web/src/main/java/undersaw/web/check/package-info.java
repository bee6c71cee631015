/** Station Check: begin with CheckController and Finding. */
@org.jspecify.annotations.NullMarked
package undersaw.web.check;
