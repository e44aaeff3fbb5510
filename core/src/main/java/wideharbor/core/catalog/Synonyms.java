package wideharbor.core.catalog;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Houses call the same thing by different names; a search by one finds the others. */
public final class Synonyms {
    private static final List<List<String>> SAME = List.of(
            List.of("bridge plate", "base plate", "baseplate", "rod base"),
            List.of("quick plate", "touch plate", "camera plate"),
            List.of("viewfinder", "finder", "eyepiece", "evf"),
            List.of("matte box", "mattebox", "flag box"),
            List.of("rods", "rod", "bars", "tubes", "irises"),
            List.of("monitor", "screen", "display"),
            List.of("lens support", "lens brace", "barrel support"),
            List.of("riser", "packer", "spacer"),
            List.of("legs", "tripod", "sticks"),
            List.of("hi-hat", "high hat", "low base"),
            List.of("cold shoe", "shoe"),
            List.of("rail", "nato"),
            List.of("battery", "accumulator", "brick"),
            List.of("transmitter", "tx", "sender"),
            List.of("receiver", "rx"),
            List.of("arm", "articulating arm"),
            List.of("grip", "handgrip"),
            List.of("handle", "top handle"),
            List.of("head", "fluid head", "pan head"),
            List.of("cable", "lead", "cord"),
            List.of("zoom", "long zoom"),
            List.of("allen", "hex"),
            List.of("gimbal", "three-axis", "stabiliser"));

    private Synonyms() {}

    /** The word and every other name for it, lower case, the word itself first. */
    public static List<String> of(String word) {
        String lower = word.toLowerCase(Locale.ROOT);
        return Stream.concat(
                        Stream.of(lower),
                        SAME.stream().filter(s -> s.contains(lower)).flatMap(List::stream))
                .distinct()
                .toList();
    }
}
