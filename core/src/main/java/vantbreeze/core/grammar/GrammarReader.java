package vantbreeze.core.grammar;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a grammar's text. */
final class GrammarReader {

    private static final Pattern CLASS = Pattern.compile("([A-Z_]+):(.*)");
    private static final Pattern RULE = Pattern.compile("([a-z][a-z-]*)(?: !([\\d.]+))? = (.*)");
    private static final Pattern SIGN =
            Pattern.compile("\\s*(?:\"(?<words>[^\"]+)\"|(?<rule>[a-z][a-z-]*)|(?<term>[A-Z_]+)|(?<sign>[()|?*+]))");

    private final String text;
    private final Map<String, Rule> rules = new LinkedHashMap<>();
    private final Map<String, Set<String>> classes = new LinkedHashMap<>();

    GrammarReader(String text) {
        this.text = text;
    }

    /** A rule whose lines are still being gathered. */
    private record Lines(
            String name, double cost, StringBuilder written, List<String> meaning, List<String> examples) {}

    Grammar grammar() {
        List<Lines> gathered = new ArrayList<>();
        for (String line : text.lines().toList()) {
            Matcher ofClass = CLASS.matcher(line);
            Matcher ofRule = RULE.matcher(line);
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            if (ofClass.matches()) {
                classes.computeIfAbsent(ofClass.group(1), name -> new LinkedHashSet<>())
                        .addAll(Arrays.asList(ofClass.group(2).strip().split("\\s+")));
            } else if (ofRule.matches()) {
                double cost = ofRule.group(2) == null ? 0 : Double.parseDouble(ofRule.group(2));
                gathered.add(new Lines(
                        ofRule.group(1),
                        cost,
                        new StringBuilder(ofRule.group(3)),
                        new ArrayList<>(),
                        new ArrayList<>()));
            } else if (gathered.isEmpty()) {
                throw new IllegalArgumentException("No rule is begun: " + line);
            } else {
                goOn(gathered.get(gathered.size() - 1), line.strip());
            }
        }
        gathered.forEach(this::add);
        return new Grammar(rules, classes);
    }

    private static void goOn(Lines rule, String line) {
        switch (line.charAt(0)) {
            case '|' -> rule.written.append(' ').append(line);
            case '>' -> rule.examples.add(line.substring(1).strip());
            case ':' -> rule.meaning.add(line.substring(1).strip());
            default -> throw new IllegalArgumentException("Neither a rule nor a part of one: " + line);
        }
    }

    private void add(Lines rule) {
        if (rules.containsKey(rule.name)) {
            throw new IllegalArgumentException("Rule " + rule.name + " is written twice.");
        }
        String written = rule.written.toString();
        rules.put(
                rule.name,
                new Rule(
                        rule.name,
                        rule.cost,
                        written,
                        new RightSide(rule.name, written).all(),
                        String.join(" ", rule.meaning),
                        rule.examples));
    }

    /** The right side of a rule. */
    private static final class RightSide {

        private final String rule;
        private final List<String> signs = new ArrayList<>();
        private int at;

        RightSide(String rule, String written) {
            this.rule = rule;
            Matcher sign = SIGN.matcher(written);
            int end = 0;
            while (sign.find() && sign.start() == end) {
                signs.add(sign.group().strip());
                end = sign.end();
            }
            if (!written.substring(end).isBlank()) {
                throw fault("can't be read from here on: " + written.substring(end));
            }
        }

        private IllegalArgumentException fault(String words) {
            return new IllegalArgumentException("Rule %s %s".formatted(rule, words));
        }

        private String peek() {
            return at < signs.size() ? signs.get(at) : "";
        }

        Expression all() {
            Expression all = choice();
            if (at < signs.size()) {
                throw fault("has a ) too many.");
            }
            return all;
        }

        private Expression choice() {
            List<Expression> parts = new ArrayList<>(List.of(row()));
            while (peek().equals("|")) {
                at++;
                parts.add(row());
            }
            return parts.size() == 1 ? parts.get(0) : new Expression.Choice(parts);
        }

        private Expression row() {
            List<Expression> parts = new ArrayList<>();
            while (!peek().isEmpty() && !peek().equals("|") && !peek().equals(")")) {
                parts.add(repeated());
            }
            if (parts.isEmpty()) {
                throw fault("has a part with nothing in it.");
            }
            return parts.size() == 1 ? parts.get(0) : new Expression.Row(parts);
        }

        private Expression repeated() {
            Expression part = one();
            while ("?*+".contains(peek()) && !peek().isEmpty()) {
                String sign = signs.get(at++);
                part = new Expression.Repeat(part, !sign.equals("+"), !sign.equals("?"));
            }
            return part;
        }

        private Expression one() {
            String sign = signs.get(at++);
            if (sign.equals("(")) {
                Expression inner = choice();
                if (!peek().equals(")")) {
                    throw fault("has a ( that nothing closes.");
                }
                at++;
                return inner;
            }
            if (sign.startsWith("\"")) {
                List<Expression> words = Arrays.stream(
                                sign.substring(1, sign.length() - 1).split(" "))
                        .<Expression>map(Expression.Word::new)
                        .toList();
                return words.size() == 1 ? words.get(0) : new Expression.Row(words);
            }
            if ("?*+".contains(sign)) {
                throw fault("repeats nothing at " + sign);
            }
            return Character.isUpperCase(sign.charAt(0)) || sign.startsWith("_")
                    ? new Expression.Term(sign)
                    : new Expression.Named(sign);
        }
    }
}
