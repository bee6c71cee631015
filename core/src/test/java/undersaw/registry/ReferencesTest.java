package undersaw.registry;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.objectweb.asm.ClassReader;
import org.objectweb.asm.ClassVisitor;
import org.objectweb.asm.Handle;
import org.objectweb.asm.Label;
import org.objectweb.asm.MethodVisitor;
import org.objectweb.asm.Opcodes;
import undersaw.calc.Plan;
import undersaw.form.Line;
import undersaw.form.MapTarget;
import undersaw.returns.ReturnKind;

/**
 * Every line that a check, a tie-out, a posting or anything else names by its text is there in some year: a text of the
 * shape of a line in the compiled classes that no plan knows fails here, with its place.
 */
class ReferencesTest {
    /** What joined texts leave open stands as this character in the compiled recipe. */
    private static final char OPEN = '\1';

    private static final Set<String> IDS = ids();
    private static final Set<String> FORMS = forms();

    /** A text in a class. */
    private record Text(String place, String text) {}

    private static Stream<Plan> plans() {
        return Returns.all().stream().flatMap(ReferencesTest::plans);
    }

    private static Stream<Plan> plans(ReturnKind kind) {
        return IntStream.rangeClosed(kind.years().first(), kind.years().last()).mapToObj(kind::plan);
    }

    private static Set<String> ids() {
        Set<String> ids = new TreeSet<>();
        plans().forEach(plan -> {
            plan.parts()
                    .forEach(part -> plan.linesOf(part).stream().map(Line::id).forEach(id -> ids.add(id.text())));
            plan.targets().stream().map(MapTarget::id).forEach(id -> ids.add(id.text()));
        });
        Returns.all().stream()
                .flatMap(kind -> kind.treatments().stream())
                .forEach(treatment ->
                        List.of("", "/begin", "/end").forEach(column -> ids.add("TREAT/" + treatment.id() + column)));
        return ids;
    }

    private static Set<String> forms() {
        Set<String> forms = new HashSet<>();
        IDS.forEach(id -> forms.add(id.substring(0, id.indexOf('/'))));
        return forms;
    }

    /** Whether the text says it is a line, or the beginning or a pattern of one. */
    private static boolean isLine(String text) {
        int slash = text.indexOf('/');
        return slash > 0 && FORMS.contains(text.substring(0, slash)) && text.matches("[A-Za-z0-9./\\01-]+");
    }

    private static boolean isThere(String text) {
        if (text.endsWith("/")) {
            return IDS.stream().anyMatch(id -> id.startsWith(text));
        }
        if (text.indexOf(OPEN) < 0) {
            return IDS.contains(text);
        }
        Pattern pattern = Pattern.compile(Stream.of(text.split(String.valueOf(OPEN), -1))
                .map(Pattern::quote)
                .reduce((a, b) -> a + ".*" + b)
                .orElseThrow());
        return IDS.stream().anyMatch(id -> pattern.matcher(id).matches());
    }

    private static List<Text> texts() throws IOException, URISyntaxException {
        URI classes = Returns.class
                .getProtectionDomain()
                .getCodeSource()
                .getLocation()
                .toURI();
        List<Text> texts = new ArrayList<>();
        try (Stream<Path> files = Files.walk(Path.of(classes))) {
            for (Path file :
                    files.filter(each -> each.toString().endsWith(".class")).toList()) {
                try (InputStream in = Files.newInputStream(file)) {
                    ClassReader reader = new ClassReader(in);
                    reader.accept(new Texts(reader.getClassName(), texts::add), ClassReader.SKIP_FRAMES);
                }
            }
        }
        return texts;
    }

    @Test
    void everyLineNamedByItsTextIsThere() throws IOException, URISyntaxException {
        List<Text> lines = texts().stream().filter(each -> isLine(each.text())).toList();
        assertThat(lines).as("texts that are lines").hasSizeGreaterThan(500);
        assertThat(lines.stream().filter(each -> !isThere(each.text())).map(Text::toString))
                .as("lines that no year has")
                .isEmpty();
    }

    /** Hands on each text of a class with its method and line. */
    private static final class Texts extends ClassVisitor {
        private final String type;
        private final Consumer<Text> found;

        Texts(String type, Consumer<Text> found) {
            super(Opcodes.ASM9);
            this.type = type.replace('/', '.');
            this.found = found;
        }

        @Override
        public MethodVisitor visitMethod(
                int access, String name, String descriptor, String signature, String[] exceptions) {
            return new MethodVisitor(Opcodes.ASM9) {
                private int line;

                @Override
                public void visitLineNumber(int number, Label start) {
                    line = number;
                }

                @Override
                public void visitLdcInsn(Object value) {
                    say(value);
                }

                @Override
                public void visitInvokeDynamicInsn(String called, String type, Handle handle, Object... arguments) {
                    for (Object each : arguments) {
                        say(each);
                    }
                }

                private void say(Object value) {
                    if (value instanceof String text) {
                        found.accept(new Text(type + ":" + line, text));
                    }
                }
            };
        }
    }
}
