package vantbreeze.app.api;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.paper.Look;

/** What there is to choose from. */
public record StockView(
        List<StructureView> structures,
        List<RulerView> rulers,
        List<EnvelopeView> envelopes,
        List<SheetView> sheets,
        List<PaperView> cardstocks,
        List<String> foams,
        List<PrintView> prints,
        List<DieShapeView> dieShapes) {

    /**
     * What a die may cut out.
     *
     * @param even whether one figure tells its size
     */
    public record DieShapeView(String id, String many, boolean even) {}

    /** What can be printed on a paper, and after how many millimetres it begins again. */
    public record PrintView(Look.Print id, double repeatMm) {}

    /** A structure of the catalogue. */
    public record StructureView(String id, String name, String does) {}

    /** A ruler; {@code divisionMm}, and the grooves and length of the board that goes with it, are for drawing. */
    public record RulerView(
            String id, String label, boolean inches, double divisionMm, double grooveMm, double boardMm) {}

    /**
     * An envelope with its inside size in inches or in millimetres, as its school knows it.
     *
     * @param depth of a box; left out of a flat one
     */
    public record EnvelopeView(
            String id, String name, String source, SizeView inside, @Nullable FigureView depth, boolean inches) {}

    /** A sheet with its size. */
    public record SheetView(String id, String name, SizeView size) {}
}
