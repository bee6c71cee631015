/** The web application: begin with Undersaw. */
@org.jspecify.annotations.NullMarked
package undersaw.web;
