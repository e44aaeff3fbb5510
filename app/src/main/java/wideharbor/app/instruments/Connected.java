package wideharbor.app.instruments;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wideharbor.core.benchtest.Instrument;
import wideharbor.core.quantity.Require;

/**
 * An instrument that the house has, and where it answers.
 *
 * @param id in addresses
 */
record Connected(String id, String title, Instrument kind, String host, int port) {
    private static final Pattern WRITTEN = Pattern.compile("([^|]{1,60})\\|([A-Z_]+)\\|([^|:]{1,100}):([0-9]{1,5})");

    /**
     * Reads what the house wrote: {@code title|KIND|host:port}, several divided by semicolons.
     *
     * @throws IllegalArgumentException where one is written otherwise
     */
    static List<Connected> of(String written) {
        List<Connected> all = new ArrayList<>();
        for (String one : written.split(";")) {
            if (one.isBlank()) {
                continue;
            }
            Matcher read = WRITTEN.matcher(one.strip());
            if (!read.matches()) {
                throw new IllegalArgumentException("harbor.instruments: '" + one.strip()
                        + "' is not written as title|KIND|host:port, for example Bench scale|SCALE|10.0.0.7:8471");
            }
            String title = read.group(1).strip();
            all.add(new Connected(idOf(title), title, Instrument.valueOf(read.group(2)), read.group(3), (int)
                    Require.within("Port of " + title, Integer.parseInt(read.group(4)), 1, 65_535, "")));
        }
        return all;
    }

    static String idOf(String title) {
        return Require.slug(title.toLowerCase(Locale.ROOT), 40);
    }
}
