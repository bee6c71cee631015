/** Rolling forward, and confirming what came from last year: begin with CarriedController. */
@org.jspecify.annotations.NullMarked
package undersaw.web.carried;
