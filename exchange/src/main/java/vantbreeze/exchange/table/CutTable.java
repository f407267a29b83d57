package vantbreeze.exchange.table;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import vantbreeze.core.cutting.CutLayout;
import vantbreeze.core.cutting.CutPlan;
import vantbreeze.core.cutting.CutStep;
import vantbreeze.core.cutting.CutSteps;
import vantbreeze.core.cutting.PaperPlan;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.WorkedPlan;

/** The cuts of a card one after the other as comma-separated values (RFC 4180). */
public final class CutTable {

    private CutTable() {}

    /** The table of a plan; its first line names the columns. */
    public static String of(WorkedPlan worked, CutPlan plan) {
        StringWriter text = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader("paper", "step", "fence", "fence mm", "cut what", "edge at the fence", "cuts", "what to do")
                .get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (PaperPlan paper : plan.papers()) {
                for (CutStep step : CutSteps.of(CutLayout.of(paper), worked.tools(), worked.ruler())) {
                    Length set = step.set();
                    CutStep.Edge edge = step.edge();
                    printer.printRecord(
                            Cells.safe(paper.stock().name()),
                            step.number(),
                            set == null ? "" : Figure.of(set, worked.ruler()).inWords(),
                            set == null ? "" : Cells.millimetres(set),
                            Cells.safe(step.hand()),
                            edge == null ? "" : edge.inWords(),
                            step.cuts() == 0 ? "" : step.cuts() * step.passes(),
                            Cells.safe(step.words()));
                }
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException("writing to memory", impossible);
        }
        return text.toString();
    }
}
