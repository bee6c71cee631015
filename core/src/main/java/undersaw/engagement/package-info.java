/** The client, the engagement, and the snapshot everything is computed from: begin with Snapshot and Change. */
@org.jspecify.annotations.NullMarked
package undersaw.engagement;
