/** What-if studies: kinds of entity beside one another, and copies of an engagement to change at will. */
@org.jspecify.annotations.NullMarked
package undersaw.web.study;
