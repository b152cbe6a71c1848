package ablemedic;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.Tree;
import com.sun.source.tree.VariableTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreeScanner;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javax.lang.model.element.Modifier;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** How big things may grow, in every module and its tests: beyond this they are taken apart. */
@Tag("thorough")
class HabitsTest {
    private static final int MOST_PARAMETERS = 6;
    private static final int MOST_COMPONENTS = 10;
    private static final int MOST_LINES = 300;
    private static final Set<String> NAMED = Set.of("GetMapping", "PostMapping", "ParameterizedTest");

    @Test
    void noListOfParametersIsTooLongToRead() throws IOException {
        List<String> tooLong = new ArrayList<>();
        int methods = 0;
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
            JavacTask task = (JavacTask) compiler.getTask(
                    null, files, null, List.of("-proc:none"), null, files.getJavaFileObjectsFromPaths(sources()));
            for (CompilationUnitTree unit : task.parse()) {
                Lists lists = new Lists(tooLong);
                lists.scan(unit, null);
                methods += lists.methods;
            }
        }
        assertThat(methods).isGreaterThan(3_000);
        assertThat(tooLong).isEmpty();
    }

    @Test
    void noFileIsTooLongToRead() throws IOException {
        List<String> tooLong = new ArrayList<>();
        for (Path source : sources()) {
            String text = Files.readString(source).replaceAll("(?s)/\\*.*?\\*/", "");
            long lines = text.lines()
                    .map(String::strip)
                    .filter(line -> !line.isEmpty()
                            && !line.startsWith("//")
                            && !line.startsWith("import ")
                            && !line.startsWith("package "))
                    .count();
            if (lines >= MOST_LINES) {
                tooLong.add(source.getFileName() + ": " + lines);
            }
        }
        assertThat(tooLong).isEmpty();
    }

    private static List<Path> sources() throws IOException {
        List<Path> all = new ArrayList<>();
        for (String module : List.of("core", "app", "bench")) {
            try (Stream<Path> found = Files.walk(Path.of("..", module, "src"))) {
                found.filter(path -> path.toString().endsWith(".java")).forEach(all::add);
            }
        }
        return all;
    }

    /** Finds the lists that are too long. */
    private static final class Lists extends TreeScanner<Void, Void> {
        private final List<String> found;
        private String of = "";
        private boolean inRecord;
        private int methods;

        Lists(List<String> found) {
            this.found = found;
        }

        @Override
        public Void visitClass(ClassTree type, Void nothing) {
            String outer = of;
            boolean outerRecord = inRecord;
            inRecord = type.getKind() == Tree.Kind.RECORD;
            of = type.getSimpleName().toString();
            if (inRecord) {
                long components = type.getMembers().stream()
                        .filter(VariableTree.class::isInstance)
                        .map(VariableTree.class::cast)
                        .filter(field -> !field.getModifiers().getFlags().contains(Modifier.STATIC))
                        .count();
                if (components > MOST_COMPONENTS) {
                    found.add("record " + of + ": " + components);
                }
            }
            super.visitClass(type, nothing);
            of = outer;
            inRecord = outerRecord;
            return null;
        }

        @Override
        public Void visitMethod(MethodTree method, Void nothing) {
            methods++;
            if (method.getParameters().size() > (named(method) ? MOST_COMPONENTS : MOST_PARAMETERS)) {
                found.add(of + "." + method.getName() + ": "
                        + method.getParameters().size());
            }
            return super.visitMethod(method, nothing);
        }

        /**
         * Whether its parameters are filled by name or by column: the components of a record, the query of a request,
         * the columns of a table of cases.
         */
        private boolean named(MethodTree method) {
            return method.getName().contentEquals("<init>") && inRecord
                    || method.getModifiers().getAnnotations().stream()
                            .map(one -> one.getAnnotationType().toString())
                            .anyMatch(NAMED::contains);
        }
    }
}
