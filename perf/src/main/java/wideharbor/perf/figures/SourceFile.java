package wideharbor.perf.figures;

import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.LineMap;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.DocTrees;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreePath;
import com.sun.source.util.TreePathScanner;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javax.lang.model.element.Modifier;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

/**
 * What is counted of a source file, read with the compiler's own parser.
 *
 * @param lines that are neither blank nor comment
 * @param methods lines of each method and constructor with a body, without blank lines and comments
 * @param parameters of each method and constructor; a record's components are its shape, not parameters
 * @param types public types, nested ones among them
 * @param silent names of those without a word of documentation
 * @param wide lines over 120 columns
 */
record SourceFile(
        Path path,
        int lines,
        List<Integer> methods,
        List<Integer> parameters,
        int types,
        List<String> silent,
        List<String> longMethods,
        int wide) {
    private static final int COLUMNS = 120;
    private static final int LONG = 40;
    private static final int MANY = 4;

    static List<SourceFile> read(List<Path> files) throws IOException {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        try (StandardJavaFileManager manager = compiler.getStandardFileManager(null, null, null)) {
            JavacTask task = (JavacTask) compiler.getTask(
                    null, manager, d -> {}, List.of("-proc:none"), null, manager.getJavaFileObjectsFromPaths(files));
            List<SourceFile> all = new ArrayList<>();
            for (CompilationUnitTree unit : task.parse()) {
                all.add(read(unit, DocTrees.instance(task)));
            }
            return all;
        }
    }

    private static SourceFile read(CompilationUnitTree unit, DocTrees trees) throws IOException {
        Path path = Path.of(unit.getSourceFile().toUri());
        List<String> text = Files.readAllLines(path);
        boolean[] code = codeLines(text);
        Counter counter = new Counter(unit, trees, code);
        counter.scan(new TreePath(unit), null);
        return new SourceFile(
                path,
                count(code, 1, text.size()),
                counter.methods,
                counter.parameters,
                counter.types,
                counter.silent,
                counter.longMethods,
                (int) text.stream().filter(l -> l.length() > COLUMNS).count());
    }

    /** By line, from 1: whether it is code. Comments here stand on lines of their own, as the formatter has them. */
    private static boolean[] codeLines(List<String> text) {
        boolean[] code = new boolean[text.size() + 1];
        boolean inComment = false;
        for (int i = 0; i < text.size(); i++) {
            String line = text.get(i).strip();
            boolean opens = line.startsWith("/*");
            code[i + 1] = !line.isEmpty() && !inComment && !opens && !line.startsWith("//");
            inComment = (inComment || opens) && !line.contains("*/");
        }
        return code;
    }

    private static int count(boolean[] code, long from, long to) {
        int n = 0;
        for (long i = from; i <= to; i++) {
            n += code[(int) i] ? 1 : 0;
        }
        return n;
    }

    /** Walks one file. */
    private static final class Counter extends TreePathScanner<Void, Void> {
        private final List<Integer> methods = new ArrayList<>();
        private final List<Integer> parameters = new ArrayList<>();
        private final List<String> silent = new ArrayList<>();
        private final List<String> longMethods = new ArrayList<>();
        private int types;
        private final CompilationUnitTree unit;
        private final DocTrees trees;
        private final boolean[] code;

        Counter(CompilationUnitTree unit, DocTrees trees, boolean[] code) {
            this.unit = unit;
            this.trees = trees;
            this.code = code;
        }

        @Override
        public Void visitClass(ClassTree type, Void nothing) {
            if (isPublic(type)) {
                types++;
                if (trees.getDocComment(getCurrentPath()) == null) {
                    silent.add(type.getSimpleName().toString());
                }
            }
            return super.visitClass(type, null);
        }

        private boolean isPublic(ClassTree type) {
            Set<Modifier> modifiers = type.getModifiers().getFlags();
            boolean inInterface = getCurrentPath().getParentPath().getLeaf().getKind() == Tree.Kind.INTERFACE;
            return modifiers.contains(Modifier.PUBLIC)
                    || inInterface && !type.getSimpleName().isEmpty();
        }

        /** A record's compact constructor repeats the record's shape: it has no parameter list of its own. */
        private boolean isCompact(MethodTree method) {
            try {
                CharSequence text = unit.getSourceFile().getCharContent(true);
                SourcePositions positions = trees.getSourcePositions();
                int from = (int) positions.getStartPosition(unit, method);
                int body = (int) positions.getStartPosition(unit, method.getBody());
                return method.getReturnType() == null
                        && text.subSequence(from, body).toString().indexOf('(') < 0;
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        }

        @Override
        public Void visitMethod(MethodTree method, Void nothing) {
            SourcePositions positions = trees.getSourcePositions();
            long end = positions.getEndPosition(unit, method);
            if (method.getBody() != null && end >= 0) {
                LineMap map = unit.getLineMap();
                long from = map.getLineNumber(positions.getStartPosition(unit, method));
                int length = count(code, from, map.getLineNumber(end));
                methods.add(length);
                parameters.add(isCompact(method) ? 0 : method.getParameters().size());
                if (length > LONG) {
                    longMethods.add(method.getName() + " " + length);
                }
                if (parameters.get(parameters.size() - 1) > MANY && Boolean.getBoolean("figures.parameters")) {
                    longMethods.add(
                            method.getName() + " with " + parameters.get(parameters.size() - 1) + " parameters,");
                }
            }
            return super.visitMethod(method, null);
        }
    }
}
