package vantbreeze.app.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.tool.Allowance;

/** How the festival's cards are dressed. */
record Wardrobe(Workshop workshop) {

    /** What a card is made of, its mat and its layer; a null mat leaves the layer on the card itself. */
    private record Outfit(@Nullable String card, @Nullable String mat, String layer) {}

    private static final Map<String, Outfit> OUTFITS = Map.of(
            "Kite festival invitation", new Outfit("own-sky", "own-dusk", "own-tails"),
            "Thank-you for the helpers", new Outfit(null, "own-sun", "own-picnic"),
            "Prize card, longest tail", new Outfit(null, "own-poppy", "own-night"),
            "Workshop for twelve, practice card", new Outfit(null, null, "own-lantern"),
            "Gate for the mayor", new Outfit("own-sky", "own-poppy", "own-tails"),
            "Kite theatre for the bandstand", new Outfit(null, "own-poppy", "own-awning"),
            "Gift-card pocket for the helpers", new Outfit("own-sky", "own-meadow", "own-picnic"),
            "Programme of the two days", new Outfit(null, "own-dusk", "own-awning"),
            "How the kite got its tail", new Outfit(null, null, "own-tails"),
            "Row of kites for the window", new Outfit(null, "own-sun", "own-lantern"));

    Plan dressed(Plan plan) {
        Outfit outfit = OUTFITS.get(plan.name());
        if (outfit == null) {
            return plan;
        }
        Plan made = plan.withCardstock(outfit.card());
        WorkedPlan bare = workshop.work(made);
        Length border = workshop.tools().allowances().of(Allowance.BORDER, plan.ruler());
        List<LayerChoice> stack = new ArrayList<>();
        if (outfit.mat() != null) {
            stack.add(LayerChoice.of(outfit.mat(), border));
        }
        stack.add(LayerChoice.of(outfit.layer(), border));
        Dressing dressing = new Suggestion(workshop, bare).dressing(stack);
        return made.withDressing(
                switch (plan.structureId()) {
                    case "gatefold" -> gate(dressing, stack, border);
                    case "stage" -> theatre(dressing, border);
                    case "never-ending" -> story(dressing, border);
                    default -> dressing;
                });
    }

    /** One paper runs across the gate's front and is cut where it opens; plain inside for the programme. */
    private static Dressing gate(Dressing dressing, List<LayerChoice> stack, Length border) {
        List<FaceName> front =
                List.of(new FaceName(0, "Left flap", Side.BACK), new FaceName(0, "Right flap", Side.BACK));
        return dressing.without(front)
                .with(new Dressed(front, stack, List.of()))
                .with(Dressed.of(
                        new FaceName(0, "Back", Side.FACE),
                        List.of(LayerChoice.of("own-poppy", border), LayerChoice.of("paper-120", border))));
    }

    /** Kites fly at the back of the stage, the band before it carries the name. */
    private static Dressing theatre(Dressing dressing, Length border) {
        return dressing.with(
                        Dressed.of(new FaceName(0, "Back", Side.FACE), List.of(LayerChoice.of("own-night", border))))
                .with(Dressed.of(
                        new FaceName(1, "Band", Side.FACE),
                        List.of(LayerChoice.of("own-sun", border), LayerChoice.of("paper-120", border))));
    }

    /** Four faces, four papers: each piece's two sides differ. */
    private static Dressing story(Dressing dressing, Length border) {
        List<String> papers = List.of("own-tails", "own-lantern", "own-picnic", "own-awning");
        Dressing told = dressing;
        for (Dressed dressed : dressing.all()) {
            FaceName face = dressed.faces().get(0);
            int which = (face.piece() < 2 ? 0 : 1) + (face.side() == Side.FACE ? 0 : 2);
            told = told.with(dressed.layered(List.of(LayerChoice.of(papers.get(which), border))));
        }
        return told;
    }
}
