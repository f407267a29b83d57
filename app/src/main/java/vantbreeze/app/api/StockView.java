package vantbreeze.app.api;

import java.util.List;

/** What there is to choose from. */
public record StockView(
        List<StructureView> structures,
        List<RulerView> rulers,
        List<EnvelopeView> envelopes,
        List<SheetView> sheets,
        List<PaperView> cardstocks) {

    /** A structure of the catalogue. */
    public record StructureView(String id, String name, String does) {}

    /** A ruler; {@code divisionMm}, and the grooves and length of the board that goes with it, are for drawing. */
    public record RulerView(
            String id, String label, boolean inches, double divisionMm, double grooveMm, double boardMm) {}

    /** An envelope with its inside size in inches and in millimetres, as each school knows it. */
    public record EnvelopeView(String id, String name, String source, SizeView inside, boolean inches) {}

    /** A sheet with its size. */
    public record SheetView(String id, String name, SizeView size) {}
}
