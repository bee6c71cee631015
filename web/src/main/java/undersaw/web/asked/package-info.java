/** What the client was asked for and what has come: begin with AskedController. */
@org.jspecify.annotations.NullMarked
package undersaw.web.asked;
