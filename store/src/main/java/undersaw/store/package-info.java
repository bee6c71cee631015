/** Keeps everything in SQLite, one class per aggregate: begin with Database, Engagements and AuditTrail. */
@org.jspecify.annotations.NullMarked
package undersaw.store;
