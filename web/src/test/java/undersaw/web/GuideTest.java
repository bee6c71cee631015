package undersaw.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The guide names keys and labels as the pages have them. */
class GuideTest {
    private static final Path GUIDE = Path.of("../docs/guide");
    private static final Pattern CODE = Pattern.compile("`[^`]*`");
    private static final Pattern BOLD = Pattern.compile("\\*\\*[^*]+\\*\\*");
    private static final Pattern LABEL = Pattern.compile("\\*([^*]+)\\*");
    private static final Pattern KEY = Pattern.compile("<kbd>([^<]+)</kbd>");

    private static String read(Path file) {
        try {
            return Files.readString(file).replaceAll("\\s+", " ");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Path> files(String folder, String ending) throws IOException {
        try (Stream<Path> all = Files.walk(Path.of(folder))) {
            return all.filter(file -> file.toString().endsWith(ending)).sorted().toList();
        }
    }

    /** What stands on the pages, in words: templates, and the captions and sentences of the code. */
    private static String pages() throws IOException {
        List<Path> sources = Stream.of(
                        files("src/main/resources/templates", ".html"),
                        files("src/main/java", ".java"),
                        files("../core/src/main/java", ".java"),
                        files("../core/src/main/resources", ".csv"),
                        files("../files/src/main/java", ".java"))
                .flatMap(List::stream)
                .toList();
        return sources.stream()
                .map(GuideTest::read)
                .collect(Collectors.joining(" "))
                .toLowerCase(Locale.ROOT);
    }

    @Test
    void everyLabelOfTheGuideStandsOnAPage() throws IOException {
        String pages = pages();
        for (Path page : files(GUIDE.toString(), ".md")) {
            String words = BOLD.matcher(CODE.matcher(read(page)).replaceAll("")).replaceAll("");
            List<String> missing = LABEL.matcher(words)
                    .results()
                    .map(found -> found.group(1).strip())
                    .filter(label -> !pages.contains(label.toLowerCase(Locale.ROOT)))
                    .toList();
            assertThat(missing).as("labels of %s that no page has", page).isEmpty();
        }
    }

    @Test
    void everyKeyOfThePagesStandsInTheGuide() {
        String guide = read(GUIDE.resolve("README.md"));
        String dialog = read(Path.of("src/main/resources/templates/fragments/frame.html"));
        List<String> keys = KEY.matcher(dialog.substring(dialog.indexOf("<dialog")))
                .results()
                .map(found -> found.group(1))
                .distinct()
                .filter(key -> !key.equals("Tab"))
                .toList();
        assertThat(keys).hasSizeGreaterThan(10);
        assertThat(keys).allSatisfy(key -> assertThat(guide).contains("`" + key + "`"));
    }

    @Test
    void theKeyOfEachStationIsTheOneThatTheGuideNames() {
        String guide = read(GUIDE.resolve("README.md"));
        List<String> stations = List.of("Books", "Map", "Adjust", "Assets", "Owners", "Return", "Check", "File");
        for (int key = 1; key <= stations.size(); key++) {
            assertThat(guide).contains("`" + key + "` [" + stations.get(key - 1) + "]");
        }
    }
}
