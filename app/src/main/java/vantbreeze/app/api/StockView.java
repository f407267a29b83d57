package vantbreeze.app.api;

import java.util.List;

/** What there is to choose from. */
public record StockView(List<StructureView> structures, List<RulerView> rulers, List<EnvelopeView> envelopes,
                        List<SheetView> sheets) {

    /**
     * A structure of the catalogue.
     *
     * @param panels corners of each panel of an example on its sheet
     * @param partOpen a matrix for each, as it shows best what it is
     */
    public record StructureView(String id, String name, String description, List<List<PointView>> panels,
                                List<double[]> partOpen) { }

    /** A ruler; {@code divisionMm} is for drawing. */
    public record RulerView(String id, String label, boolean inches, double divisionMm) { }

    /** An envelope with its inside size in inches and in millimetres, as each school knows it. */
    public record EnvelopeView(String id, String name, String source, SizeView inside, boolean inches) { }

    /** A sheet with its size. */
    public record SheetView(String id, String name, SizeView size) { }
}
