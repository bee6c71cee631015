/** Station Map: begin with MapController and MapView. */
@org.jspecify.annotations.NullMarked
package undersaw.web.map;
