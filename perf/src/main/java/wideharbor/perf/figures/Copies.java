package wideharbor.perf.figures;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import net.sourceforge.pmd.cpd.CPDConfiguration;
import net.sourceforge.pmd.cpd.CpdAnalysis;
import net.sourceforge.pmd.cpd.Mark;
import net.sourceforge.pmd.cpd.Match;
import net.sourceforge.pmd.lang.java.JavaLanguageModule;

/** Blocks of the same code in two places, as PMD's CPD finds them. */
final class Copies {
    /** About six lines of this code; shorter ones are idioms. */
    private static final int TOKENS = 60;

    private static final int LINES = 6;

    private Copies() {}

    /** In words, one for each block; every check has a card, and imports are nobody's wit. */
    static List<String> find(List<Path> folders) throws IOException {
        CPDConfiguration configuration = new CPDConfiguration();
        configuration.setMinimumTileSize(TOKENS);
        configuration.setOnlyRecognizeLanguage(JavaLanguageModule.getInstance());
        folders.forEach(configuration::addInputPath);
        List<String> found = new ArrayList<>();
        try (CpdAnalysis analysis = CpdAnalysis.create(configuration)) {
            analysis.performAnalysis(report -> {
                for (Match match : report.getMatches()) {
                    if (match.getLineCount() >= LINES && !isFrame(match)) {
                        found.add(inWords(match));
                    }
                }
            });
        }
        return found;
    }

    private static boolean isFrame(Match match) {
        Mark first = match.getFirstMark();
        try {
            List<String> lines =
                    Files.readAllLines(Path.of(first.getLocation().getFileId().getAbsolutePath()));
            int from = first.getLocation().getStartLine() - 1;
            int to = Math.min(lines.size(), first.getLocation().getEndLine());
            long frame = lines.subList(from, to).stream()
                    .filter(l -> l.startsWith("import ")
                            || l.contains("CheckCard")
                            || l.contains("return CARD;")
                            || l.contains("public void run(RigAnalysis"))
                    .count();
            return frame >= 2;
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static String inWords(Match match) {
        StringBuilder words = new StringBuilder(match.getLineCount() + " lines:");
        for (Mark mark : match) {
            words.append(' ')
                    .append(Path.of(mark.getLocation().getFileId().getAbsolutePath())
                            .getFileName())
                    .append(':')
                    .append(mark.getLocation().getStartLine());
        }
        return words.toString();
    }
}
