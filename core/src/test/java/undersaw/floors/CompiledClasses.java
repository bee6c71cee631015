package undersaw.floors;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import org.objectweb.asm.AnnotationVisitor;
import org.objectweb.asm.ClassReader;
import org.objectweb.asm.ClassVisitor;
import org.objectweb.asm.Handle;
import org.objectweb.asm.Label;
import org.objectweb.asm.MethodVisitor;
import org.objectweb.asm.Opcodes;

/** The compiled classes of a module, looked into for what no rule on names and types sees. */
public final class CompiledClasses {
    private final List<ClassReader> classes;

    private CompiledClasses(List<ClassReader> classes) {
        this.classes = classes;
    }

    /**
     * A text in a class.
     *
     * @param type the class
     * @param line the line of its source
     * @param text the text; what joined texts leave open stands as {@code \1}
     */
    public record Text(String type, int line, String text) {}

    /** The classes that lie with one of them. */
    public static CompiledClasses with(Class<?> one) {
        try {
            Path folder = Path.of(
                    one.getProtectionDomain().getCodeSource().getLocation().toURI());
            try (Stream<Path> files = Files.walk(folder)) {
                return new CompiledClasses(files.filter(each -> each.toString().endsWith(".class"))
                        .map(CompiledClasses::read)
                        .toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (URISyntaxException e) {
            throw new IllegalStateException(e);
        }
    }

    private static ClassReader read(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            return new ClassReader(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Every text that a method or an annotation on it holds. */
    public List<Text> texts() {
        List<Text> texts = new ArrayList<>();
        classes.forEach(each -> accept(each, type -> new TextsOfMethod(type, texts::add)));
        return texts;
    }

    /** The methods that compute in floating point, with the line. */
    public List<String> floating() {
        List<String> found = new ArrayList<>();
        classes.forEach(each -> accept(each, type -> new FloatingInMethod(type, found::add)));
        return found;
    }

    private static void accept(ClassReader reader, Function<String, MethodVisitor> look) {
        String type = reader.getClassName().replace('/', '.');
        reader.accept(
                new ClassVisitor(Opcodes.ASM9) {
                    @Override
                    public MethodVisitor visitMethod(
                            int access, String name, String descriptor, String signature, String[] exceptions) {
                        return look.apply(type);
                    }
                },
                ClassReader.SKIP_FRAMES);
    }

    private static class InMethod extends MethodVisitor {
        final String type;
        int line;

        InMethod(String type) {
            super(Opcodes.ASM9);
            this.type = type;
        }

        @Override
        public void visitLineNumber(int number, Label start) {
            line = number;
        }
    }

    private static final class TextsOfMethod extends InMethod {
        private final Consumer<Text> found;

        TextsOfMethod(String type, Consumer<Text> found) {
            super(type);
            this.found = found;
        }

        @Override
        public void visitLdcInsn(Object value) {
            say(value);
        }

        @Override
        public void visitInvokeDynamicInsn(String called, String descriptor, Handle handle, Object... arguments) {
            for (Object each : arguments) {
                say(each);
            }
        }

        @Override
        public AnnotationVisitor visitAnnotation(String descriptor, boolean visible) {
            return new AnnotationVisitor(Opcodes.ASM9) {
                @Override
                public void visit(String name, Object value) {
                    say(value);
                }

                @Override
                public AnnotationVisitor visitArray(String name) {
                    return this;
                }
            };
        }

        private void say(Object value) {
            if (value instanceof String text) {
                found.accept(new Text(type, line, text));
            }
        }
    }

    private static final class FloatingInMethod extends InMethod {
        private static final String DOUBLE_OR_FLOAT = "[DF]";
        private final Consumer<String> found;

        FloatingInMethod(String type, Consumer<String> found) {
            super(type);
            this.found = found;
        }

        @Override
        public void visitInsn(int opcode) {
            boolean floating = switch (opcode) {
                case Opcodes.DADD, Opcodes.DSUB, Opcodes.DMUL, Opcodes.DDIV, Opcodes.DREM, Opcodes.DNEG -> true;
                case Opcodes.FADD, Opcodes.FSUB, Opcodes.FMUL, Opcodes.FDIV, Opcodes.FREM, Opcodes.FNEG -> true;
                case Opcodes.I2D, Opcodes.L2D, Opcodes.I2F, Opcodes.L2F, Opcodes.DRETURN, Opcodes.FRETURN -> true;
                default -> false;
            };
            say(floating);
        }

        @Override
        public void visitMethodInsn(int opcode, String owner, String name, String descriptor, boolean anInterface) {
            say(descriptor.replaceAll("L[^;]*;", "").matches(".*" + DOUBLE_OR_FLOAT + ".*"));
        }

        @Override
        public void visitFieldInsn(int opcode, String owner, String name, String descriptor) {
            say(descriptor.matches("\\[*" + DOUBLE_OR_FLOAT));
        }

        private void say(boolean floating) {
            if (floating) {
                found.accept(type + ":" + line);
            }
        }
    }
}
