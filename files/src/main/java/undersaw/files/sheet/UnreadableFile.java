package undersaw.files.sheet;

import undersaw.files.FileFault;

/** A file that cannot be read as rows at all. */
final class UnreadableFile extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient FileFault fault;

    UnreadableFile(String file, String why) {
        super(why);
        fault = FileFault.whole(file, why);
    }

    FileFault fault() {
        return fault;
    }
}
