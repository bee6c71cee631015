/** The return of a small exempt organization, Form 990-EZ: begin with NonprofitReturn. */
@org.jspecify.annotations.NullMarked
package undersaw.us.nonprofit;
