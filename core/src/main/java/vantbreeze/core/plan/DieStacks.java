package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.die.Die;
import vantbreeze.core.die.DieFrame;
import vantbreeze.core.fold.Face;
import vantbreeze.core.layer.DieFit;
import vantbreeze.core.layer.Ground;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;

/**
 * What dies on hand could cut to lay on what lies on a face, or on the bare panel.
 *
 * @param single one layer each, the largest first
 * @param frames two or three layers, one on another with an even border
 */
public record DieStacks(List<Stack> single, List<Stack> frames) {

    /** More layers than this stand too proud to be framed. */
    private static final int MOST_LAYERS = 3;

    /**
     * Layers and their dies.
     *
     * @param layers from below, in the papers that the card wears
     */
    public record Stack(DieFrame frame, List<LayerChoice> layers) {}

    /** None on a face that can't be dressed. */
    public static DieStacks of(Face face, WorkedPlan worked, Workshop workshop) {
        Ground ground = worked.grounds().of(face);
        if (!ground.isFree()) {
            return new DieStacks(List.of(), List.of());
        }
        List<LayerChoice> usual = new Suggestion(workshop, worked).usualStack();
        Polygon beneath = worked.layers().all().stream()
                .filter(layer -> layer.face().equals(face) && layer.part() == 0)
                .max(Comparator.comparingInt(Layer::level))
                .map(Layer::shape)
                .orElse(ground.parts().get(0));
        DieFit fit =
                new DieFit(beneath, worked.sights().up(face), workshop.tools().dies());
        List<Stack> frames = new ArrayList<>();
        for (int layers = MOST_LAYERS; layers > 1; layers--) {
            fit.frames(layers).forEach(frame -> frames.add(stack(frame, usual)));
        }
        return new DieStacks(
                fit.single().stream()
                        .map(die -> stack(new DieFrame(List.of(die), Length.ZERO), usual))
                        .toList(),
                frames);
    }

    /** Mat, pattern, mat: what lies uppermost shows most. */
    private static Stack stack(DieFrame frame, List<LayerChoice> usual) {
        List<LayerChoice> layers = new ArrayList<>();
        for (Die die : frame.dies()) {
            layers.add(usual.get(layers.size() % usual.size()).cutOut(die.shape(), die.size()));
        }
        return new Stack(frame, layers);
    }
}
