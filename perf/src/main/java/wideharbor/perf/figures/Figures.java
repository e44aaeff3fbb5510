package wideharbor.perf.figures;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** The code in figures: what {@code ./harbor figures} prints, a module a line, and beneath it what is out of bounds. */
public final class Figures {
    private static final int MOST_LINES = 260;
    private static final int MOST_PARAMETERS = 4;

    private Figures() {}

    /** @param modules folders with {@code src/main/java} and {@code src/test/java} */
    public static void main(String[] modules) throws IOException {
        System.out.println("| module | files | lines a file: median, p90, max | lines a method: median, p90, max "
                + "| over 4 parameters | public types documented | lines over 120 | tests |");
        System.out.println("|---|---:|---|---|---:|---:|---:|---:|");
        List<String> outOfBounds = new ArrayList<>();
        List<Path> main = new ArrayList<>();
        for (String module : modules) {
            main.add(Path.of(module, "src", "main", "java"));
            row(module, outOfBounds);
        }
        outOfBounds.forEach(System.out::println);
        List<String> copies = Copies.find(main);
        System.out.println();
        System.out.println("Copied blocks of six lines and more: " + copies.size());
        copies.forEach(c -> System.out.println("- " + c));
    }

    private static void row(String module, List<String> outOfBounds) throws IOException {
        List<SourceFile> main = SourceFile.read(javaFiles(Path.of(module, "src", "main", "java")));
        List<SourceFile> tests = SourceFile.read(javaFiles(Path.of(module, "src", "test", "java")));
        int code = sum(main);
        int tested = sum(tests);
        int[] parameters = all(main, SourceFile::parameters);
        long wide = Arrays.stream(parameters).filter(p -> p > MOST_PARAMETERS).count();
        int types = main.stream().mapToInt(SourceFile::types).sum();
        int silent = main.stream().mapToInt(f -> f.silent().size()).sum();
        System.out.printf(
                Locale.ROOT,
                "| %s | %d | %s | %s | %.1f %% | %d of %d | %d | %.0f %% |%n",
                module,
                main.size(),
                spread(main.stream().mapToInt(SourceFile::lines).toArray()),
                spread(all(main, SourceFile::methods)),
                100.0 * wide / Math.max(1, parameters.length),
                types - silent,
                types,
                Stream.concat(main.stream(), tests.stream())
                        .mapToInt(SourceFile::wide)
                        .sum(),
                100.0 * tested / Math.max(1, code + tested));
        for (SourceFile file : main) {
            String name = file.path().getFileName().toString();
            if (file.lines() > MOST_LINES) {
                outOfBounds.add("- " + name + ": " + file.lines() + " lines");
            }
            file.longMethods().forEach(m -> outOfBounds.add("- " + name + ": " + m + " lines"));
            file.silent().forEach(t -> outOfBounds.add("- " + name + ": " + t + " is not documented"));
        }
    }

    private interface Counted {
        List<Integer> of(SourceFile file);
    }

    private static int[] all(List<SourceFile> files, Counted counted) {
        return files.stream()
                .flatMap(f -> counted.of(f).stream())
                .mapToInt(Integer::intValue)
                .toArray();
    }

    private static int sum(List<SourceFile> files) {
        return files.stream().mapToInt(SourceFile::lines).sum();
    }

    private static String spread(int[] values) {
        int[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted.length == 0
                ? "none"
                : at(sorted, 0.5) + ", " + at(sorted, 0.9) + ", " + sorted[sorted.length - 1];
    }

    private static int at(int[] sorted, double share) {
        return sorted[(int) Math.min(sorted.length - 1.0, Math.floor(share * sorted.length))];
    }

    private static List<Path> javaFiles(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(f -> f.toString().endsWith(".java") && !f.endsWith("package-info.java"))
                    .sorted()
                    .toList();
        }
    }
}
