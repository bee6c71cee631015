/** The engagement folder, one class per file: begin with EngagementFolder, ReadFolder and Prepare. */
@org.jspecify.annotations.NullMarked
package undersaw.files.folder;
