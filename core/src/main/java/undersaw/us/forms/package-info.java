/**
 * Forms that several returns use: each takes what it needs of a return through its sockets, and names no return. Begin
 * with Form1125A.
 */
@org.jspecify.annotations.NullMarked
package undersaw.us.forms;
