/** The language that returns are written in: begin with Form, Line and Part. */
@org.jspecify.annotations.NullMarked
package undersaw.form;
