/** Engagements that are open, computed and changed: begin with Workspace, OpenEngagement and Dispatcher. */
@org.jspecify.annotations.NullMarked
package undersaw.web.desk;
