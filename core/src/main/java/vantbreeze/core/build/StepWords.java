package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.build.BuildStep.Reading;
import vantbreeze.core.build.BuildStep.Shown;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;

/** Steps in sentences, for paper. */
public final class StepWords {

    private StepWords() {}

    /** What to do, and under that one line for each reading. */
    public static List<String> lines(BuildStep step, Ruler ruler) {
        List<String> lines = new ArrayList<>();
        lines.add(step.how().isEmpty() ? step.what() + "." : "%s. %s".formatted(step.what(), step.how()));
        step.readings().forEach(reading -> lines.add(line(reading, ruler)));
        lines.addAll(step.cautions());
        return lines;
    }

    private static String line(Reading reading, Ruler ruler) {
        String figures = figures(reading.figures(), ruler);
        if (figures.isEmpty() || reading.words().isEmpty()) {
            return figures + reading.words() + ".";
        }
        return "%s: %s.".formatted(figures, reading.words());
    }

    /** "35 mm", "120 × 80 mm", "16 ↑ 27 – 48 mm"; empty for none. */
    public static String figures(List<Shown> figures, Ruler ruler) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < figures.size(); i++) {
            Figure figure = Figure.of(figures.get(i).length(), ruler);
            String sign = figures.get(i).sign();
            text.append(i == 0 ? "" : " ").append(sign == null ? "" : sign + " ");
            text.append(
                    i == figures.size() - 1
                            ? figure.inWords()
                            : (figure.isExact() ? "" : Figure.NEARLY + " ") + figure.printed());
        }
        return text.toString();
    }
}
