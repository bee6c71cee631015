package undersaw.files.folder;

/**
 * One file of an engagement folder.
 *
 * @param name its name in the folder
 * @param bytes its content
 */
public record FolderFile(String name, byte[] bytes) {}
