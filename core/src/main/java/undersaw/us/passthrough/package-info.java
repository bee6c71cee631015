/** What partnerships and S corporations have in common: begin with PassthroughPostings and ScheduleM1. */
@org.jspecify.annotations.NullMarked
package undersaw.us.passthrough;
