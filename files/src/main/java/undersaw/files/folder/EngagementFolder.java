package undersaw.files.folder;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import undersaw.engagement.Heading;
import undersaw.engagement.Snapshot;
import undersaw.files.FileFault;
import undersaw.law.Law;
import undersaw.registry.Returns;

/**
 * One engagement as a folder of open files, or the same files in a zip.
 *
 * <p>Every fault of every file is reported at once. Files that this version does not read are named, never dropped in
 * silence. {@code prior-lines.csv} ({@code line,amount}) and {@code set-asides.csv}
 * ({@code diagnostic,reason,by,saying}) are additions of ours: last year's figures and answered queries.
 */
public final class EngagementFolder {
    private static final Set<String> KNOWN = Set.of(
            EngagementJson.FILE,
            BooksFiles.TRIAL_BALANCE,
            BooksFiles.MAPPING,
            BooksFiles.ENTRIES,
            TypedFiles.FACTS,
            TypedFiles.PAYMENTS,
            TypedFiles.CARRYOVERS,
            TypedFiles.SET_ASIDES,
            TypedFiles.PRIOR_LINES,
            WorkFiles.SPLITS,
            WorkFiles.PAIRS,
            WorkFiles.REPEATS,
            WorkFiles.WORKSHEETS,
            WorkFiles.CARRIED,
            SignedFiles.TYPED_BY,
            SignedFiles.MAPPED_BY);
    private static final long LARGEST_ZIP = 50_000_000;

    private EngagementFolder() {}

    /** Reads a folder on disk; a missing one is a fault. */
    public static ReadFolder read(Path folder) {
        if (!Files.isDirectory(folder)) {
            return new ReadFolder(
                    null, List.of(FileFault.whole(folder.toString(), "expected a folder with engagement.json in it")));
        }
        Map<String, FolderFile> files = new TreeMap<>();
        try (Stream<Path> paths = Files.list(folder)) {
            for (Path path : paths.filter(Files::isRegularFile).toList()) {
                String name = path.getFileName().toString();
                files.put(name, new FolderFile(name, Files.readAllBytes(path)));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return read(files);
    }

    /** Reads the same files from a zip. */
    public static ReadFolder readZip(byte[] zip) {
        Map<String, FolderFile> files = new TreeMap<>();
        try (ZipInputStream stream = new ZipInputStream(new ByteArrayInputStream(zip))) {
            long size = 0;
            for (ZipEntry entry = stream.getNextEntry(); entry != null; entry = stream.getNextEntry()) {
                byte[] bytes = stream.readNBytes((int) (LARGEST_ZIP - size + 1));
                size += bytes.length;
                if (size > LARGEST_ZIP) {
                    return new ReadFolder(
                            null, List.of(FileFault.whole(entry.getName(), "is larger than 50 million bytes")));
                }
                String name = entry.getName().substring(entry.getName().lastIndexOf('/') + 1);
                if (!name.isEmpty()) {
                    files.put(name, new FolderFile(name, bytes));
                }
            }
        } catch (IOException broken) {
            return new ReadFolder(null, List.of(FileFault.whole("zip", "cannot be read: " + broken.getMessage())));
        }
        return read(files);
    }

    private static ReadFolder read(Map<String, FolderFile> files) {
        List<FileFault> faults = new ArrayList<>();
        FolderFile json = files.get(EngagementJson.FILE);
        if (json == null) {
            faults.add(FileFault.whole(EngagementJson.FILE, "is missing"));
            return new ReadFolder(null, faults);
        }
        Heading heading = EngagementJson.read(json, faults);
        if (heading == null || !isHeld(heading, faults)) {
            return new ReadFolder(null, faults);
        }
        Snapshot snapshot = Snapshot.empty(heading);
        nameUnknown(snapshot, files, faults);
        snapshot = BooksFiles.read(snapshot, files, faults);
        snapshot = TypedFiles.read(snapshot, files, faults);
        snapshot = ListFiles.read(snapshot, files, faults);
        snapshot = WorkFiles.read(snapshot, files, faults);
        snapshot = SignedFiles.read(snapshot, files, faults);
        return new ReadFolder(snapshot, faults);
    }

    private static void nameUnknown(Snapshot snapshot, Map<String, FolderFile> files, List<FileFault> faults) {
        Set<String> lists = ListFiles.names(snapshot);
        files.keySet().stream()
                .filter(name -> !KNOWN.contains(name) && !lists.contains(name) && !name.equals("README.md"))
                .forEach(name -> faults.add(FileFault.whole(name, "is not read by this version. Remove it.")));
    }

    private static boolean isHeld(Heading heading, List<FileFault> faults) {
        if (Returns.find(heading.form()).isEmpty()) {
            faults.add(new FileFault(
                    EngagementJson.FILE,
                    0,
                    "return.form",
                    heading.form(),
                    "expected one of "
                            + Returns.all().stream().map(kind -> kind.code()).toList()));
            return false;
        }
        int year = heading.period().lawYear();
        if (!Law.holds(year)) {
            faults.add(new FileFault(
                    EngagementJson.FILE,
                    0,
                    "return.start",
                    heading.period().start().toString(),
                    "The law is held for years beginning in " + Law.FIRST_YEAR + " to " + Law.LAST_YEAR));
            return false;
        }
        return true;
    }

    /** The files of an engagement, by name. */
    public static List<FolderFile> write(Snapshot snapshot) {
        List<FolderFile> files = new ArrayList<>();
        files.add(new FolderFile(EngagementJson.FILE, EngagementJson.write(snapshot.heading())));
        files.addAll(BooksFiles.write(snapshot));
        files.addAll(TypedFiles.write(snapshot));
        files.addAll(ListFiles.write(snapshot));
        files.addAll(WorkFiles.write(snapshot));
        files.addAll(SignedFiles.write(snapshot));
        return files;
    }

    /** The files of an engagement in a zip. */
    public static byte[] writeZip(Snapshot snapshot) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (FolderFile file : write(snapshot)) {
                zip.putNextEntry(new ZipEntry(file.name()));
                zip.write(file.bytes());
                zip.closeEntry();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }
}
