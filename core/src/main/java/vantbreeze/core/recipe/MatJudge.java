package vantbreeze.core.recipe;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** Whether each mat goes on some panel of its card, or on a larger mat, with a border left round it. */
record MatJudge(FreeCard card, List<Mat> mats, Ruler ruler, Allowances allowances) {

    List<Passage> findings() {
        List<Size> panels = card.assembly().pieces().stream()
                .flatMap(piece -> Panels.of(piece).all().stream())
                .map(panel -> {
                    var box = panel.shape().getEnvelopeInternal();
                    return new Size(Length.nearest(box.getWidth()), Length.nearest(box.getHeight()));
                })
                .distinct()
                .toList();
        List<Passage> findings = new ArrayList<>();
        for (Mat mat : mats) {
            List<Size> others = Stream.concat(
                            panels.stream(),
                            mats.stream().filter(other -> !other.equals(mat)).map(Mat::size))
                    .toList();
            if (mat.on() == null && others.stream().noneMatch(panel -> goesOn(mat.size(), panel))) {
                findings.add(new Passage(mat.start(), mat.end(), words(mat.size(), panels)));
            }
        }
        return findings;
    }

    private static boolean goesOn(Size mat, Size panel) {
        return smaller(mat, panel) || smaller(mat.turned(), panel);
    }

    private static boolean smaller(Size mat, Size panel) {
        return mat.isWithin(panel) && !mat.equals(panel);
    }

    private String words(Size mat, List<Size> panels) {
        Size nearest = panels.stream()
                .flatMap(panel -> Stream.of(panel, panel.turned()))
                .min(Comparator.comparing(panel -> over(mat, panel)))
                .orElseThrow();
        Length border = allowances.of(Allowance.BORDER, ruler).times(2);
        Size would = new Size(nearest.width().minus(border), nearest.height().minus(border));
        if (mat.equals(nearest)) {
            return "A mat of %s is as large as its panel: no border is left.%s".formatted(write(mat), usually(would));
        }
        String by = Stream.of(mat.width().minus(nearest.width()), mat.height().minus(nearest.height()))
                .filter(Length::isPositive)
                .map(over -> Figure.of(over, ruler).inWords())
                .collect(Collectors.joining(" and "));
        return "A mat of %s fits no panel: the nearest is %s, %s too small.%s"
                .formatted(write(mat), write(nearest), by, usually(would));
    }

    private String usually(Size would) {
        return would.width().isPositive() && would.height().isPositive()
                ? " With the usual border it would be %s.".formatted(write(would))
                : "";
    }

    private static Length over(Size mat, Size panel) {
        return mat.width()
                .minus(panel.width())
                .max(Length.ZERO)
                .plus(mat.height().minus(panel.height()).max(Length.ZERO))
                .plus(mat.width()
                        .minus(panel.width())
                        .abs()
                        .plus(mat.height().minus(panel.height()).abs())
                        .dividedBy(1000));
    }

    private String write(Size size) {
        return size.inWords(ruler);
    }
}
