package wideharbor.format;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Tally;
import wideharbor.core.memo.Helpers;

/**
 * {@code harbor checks FILE…}: for each check how many subjects it looked at in these packages, and how that ended.
 * Exit 0: every check looked at something; 1: some looked at nothing; 2: a file is unreadable.
 */
@Command(
        name = "harbor checks",
        description =
                "For each check: subjects looked at, fine, found, undecided, not checked, over the packages given.",
        mixinStandardHelpOptions = true)
public final class ChecksCommand implements Callable<Integer> {
    private static final String LINE = "%-24s %7s %7s %7s %10s %12s   %s";

    @Parameters(arity = "1..*", paramLabel = "FILE", description = "*.harbor.json files")
    private List<Path> files = List.of();

    @Spec
    private CommandSpec spec = CommandSpec.create();

    public static void main(String[] args) {
        System.exit(run(args, CheckCommand.writer(System.out), CheckCommand.writer(System.err)));
    }

    static int run(String[] args, PrintWriter out, PrintWriter err) {
        return new CommandLine(new ChecksCommand()).setOut(out).setErr(err).execute(args);
    }

    @Override
    public Integer call() {
        CheckEngine engine = CheckEngine.standard(Helpers.onEveryCore());
        Map<String, Tally> all = new LinkedHashMap<>();
        for (Path file : files) {
            try {
                var job = new HarborCodec().read(Files.readAllBytes(file));
                Tally.of(engine, engine.judge(job).report()).forEach(t -> all.merge(t.check(), t, Tally::plus));
            } catch (IOException e) {
                return unreadable(file, "cannot be read");
            } catch (HarborFormatException e) {
                return unreadable(file, e.problems().get(0).toString());
            }
        }
        return print(all);
    }

    private int unreadable(Path file, String why) {
        spec.commandLine().getErr().println("Unreadable: " + file + System.lineSeparator() + "  " + why);
        return CheckCommand.UNREADABLE;
    }

    private int print(Map<String, Tally> all) {
        PrintWriter out = spec.commandLine().getOut();
        out.println(line("check", "looked", "fine", "found", "undecided", "not checked", ""));
        all.values()
                .forEach(t -> out.println(
                        line(t.check(), t.looked(), t.fine(), t.found(), t.undecided(), t.notChecked(), t.title())));
        List<String> nothing = all.values().stream()
                .filter(t -> t.looked() == 0)
                .map(Tally::check)
                .toList();
        out.println();
        out.println(
                nothing.isEmpty()
                        ? all.size() + " checks, each looked at something."
                        : "Looked at nothing: " + String.join(", ", nothing));
        return nothing.isEmpty() ? CheckCommand.CLEAR : CheckCommand.HELD;
    }

    private static String line(Object... cells) {
        return String.format(Locale.ROOT, LINE, cells).stripTrailing();
    }
}
