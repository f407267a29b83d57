package vantbreeze.exchange.document;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Panels that were once called otherwise: documents of that time name them so. */
final class FormerNames {

    /** Names that were once others. */
    private record Renamed(Pattern former, Function<MatchResult, String> now) {

        static Renamed of(String former, Function<MatchResult, String> now) {
            return new Renamed(Pattern.compile(former), now);
        }
    }

    /** What once were numbers of the insert's panels. */
    private static final Map<String, String> OF_INSERT = Map.of(
            "2", "Outer lower left",
            "3", "Outer upper left",
            "4", "Inner lower left",
            "6", "Inner upper left",
            "7", "Inner lower right",
            "8", "Inner upper right",
            "9", "Outer lower right",
            "11", "Outer upper right");

    private static final Map<String, List<Renamed>> BY_STRUCTURE = Map.of(
            "ring-lock",
            List.of(Renamed.of("(Ring|Disc) (left|right)", name -> "%s half of %s"
                    .formatted(upper(name.group(2)), lower(name.group(1))))),
            "offset-z",
            List.of(Renamed.of("Second leg, (foot|head)", name -> upper(name.group(1)) + " of second leg")),
            "fold-back-gate",
            List.of(Renamed.of("(Left|Right) wing, front", name -> name.group(1) + " front")),
            "threaded-concertina",
            List.of(
                    Renamed.of("(Left|Right) wing, (outer|inner)", name -> "%s %s wing"
                            .formatted(upper(name.group(2)), lower(name.group(1)))),
                    Renamed.of("Back, (left|right) half", name -> upper(name.group(1)) + " half of back")),
            "pillar-card",
            List.of(
                    Renamed.of("(Front|Back) wall, (first|second) half", name -> "%s half of %s wall"
                            .formatted(upper(name.group(2)), lower(name.group(1)))),
                    Renamed.of("(Left|Right) (\\d)", name -> "%s pillar %s".formatted(name.group(1), name.group(2)))),
            "exploding-gatefold",
            List.of(Renamed.of(
                    "Panel ([2346789]|11)", name -> requireNonNull(OF_INSERT.get(name.group(1))) + " triangle")),
            "slit-gatefold",
            List.of(Renamed.of("(Left|Right) tower (\\d+), (outer|inner)", name -> "%s %s tower %s"
                    .formatted(upper(name.group(3)), lower(name.group(1)), name.group(2)))));

    private FormerNames() {}

    /** What a panel of a structure is called now. */
    static String now(String structure, String panel) {
        for (Renamed renamed : BY_STRUCTURE.getOrDefault(structure, List.of())) {
            var name = renamed.former().matcher(panel);
            if (name.matches()) {
                return renamed.now().apply(name.toMatchResult());
            }
        }
        return panel;
    }

    private static String upper(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }

    private static String lower(String word) {
        return word.toLowerCase(Locale.ROOT);
    }
}
