package vantbreeze.app.api;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is seen of a card in a list.
 *
 * @param facts what is read of it
 * @param drawn what is drawn of it; left out when it can't be opened
 */
public record SketchView(CardRowView.FactsView facts, @Nullable DrawnView drawn) {

    /**
     * A card as it shows best what it is.
     *
     * @param panels each panel as it lies on its sheet
     * @param partOpen a matrix for each panel
     * @param lies whether it is displayed lying; otherwise it stands
     * @param layers what lies on the panels, of each face from below
     * @param papers what its pieces and layers are cut from
     * @param madeOf for each panel which of these its piece is made of
     */
    public record DrawnView(
            List<ShapeView> panels,
            List<double[]> partOpen,
            boolean lies,
            List<LayerView> layers,
            List<PaperView> papers,
            List<String> madeOf) {}
}
