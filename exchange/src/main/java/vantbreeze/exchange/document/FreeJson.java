package vantbreeze.exchange.document;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.free.Stance;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Material;

/**
 * A free card in a plan document: pieces, joins and poses. Lists that are not there are empty.
 *
 * @param quarterTurns how far it is held turned, rounded down to quarters, as earlier builds know it
 * @param eighthTurns the same in eighths, where it is no number of quarters
 */
record FreeJson(
        List<PieceJson> pieces,
        List<JoinJson> joins,
        List<List<PanelText>> overs,
        int quarterTurns,
        @IfThere @Nullable Integer eighthTurns,
        @IfThere @Nullable String base,
        List<PoseJson> poses,
        double showing,
        double lean,
        boolean lies) {

    /** A piece; {@code material} only where it is no card. */
    record PieceJson(
            String name,
            @IfThere @Nullable Material material,
            List<SpotText> outline,
            List<ScoreJson> scores,
            List<LineJson> slits,
            List<PanelJson> panels,
            List<List<SpotText>> holes) {

        static PieceJson of(Piece piece) {
            return new PieceJson(
                    piece.name(),
                    piece.material() == Material.CARD ? null : piece.material(),
                    SpotText.all(piece.outline()),
                    piece.creases().stream().map(ScoreJson::of).toList(),
                    piece.slits().stream().map(LineJson::of).toList(),
                    piece.panelNames().stream()
                            .map(name -> new PanelJson(name.name(), new SpotText(name.within())))
                            .toList(),
                    piece.openings().stream().map(SpotText::all).toList());
        }

        Piece piece() {
            return new Piece(
                    name,
                    SpotText.spots(outline),
                    scores.stream().map(ScoreJson::crease).toList(),
                    slits.stream().map(LineJson::line).toList(),
                    panels.stream()
                            .map(panel -> new PanelName(panel.at.spot(), panel.name))
                            .toList(),
                    holes.stream().map(SpotText::spots).toList(),
                    material == null ? Material.CARD : material);
        }
    }

    /** A score. */
    record ScoreJson(SpotText from, SpotText to, Fold fold) {
        static ScoreJson of(Crease crease) {
            return new ScoreJson(
                    new SpotText(crease.line().from()),
                    new SpotText(crease.line().to()),
                    crease.fold());
        }

        Crease crease() {
            return new Crease(new Stretch(from.spot(), to.spot()), fold);
        }
    }

    /** A slit. */
    record LineJson(SpotText from, SpotText to) {
        static LineJson of(Stretch line) {
            return new LineJson(new SpotText(line.from()), new SpotText(line.to()));
        }

        Stretch line() {
            return new Stretch(from.spot(), to.spot());
        }
    }

    /** The name of the panel that a spot lies in. */
    record PanelJson(String name, SpotText at) {}

    /** Two panels glued. */
    record JoinJson(
            PanelText on,
            Side onSide,
            PanelText glued,
            Side gluedSide,
            SpotText at,
            SpotText its,
            double turn,
            boolean slides,
            List<SpotText> area,
            @IfThere @Nullable String foam) {

        static JoinJson of(Join join) {
            return new JoinJson(
                    new PanelText(join.on()),
                    join.onSide(),
                    new PanelText(join.glued()),
                    join.gluedSide(),
                    new SpotText(join.at().on()),
                    new SpotText(join.at().glued()),
                    join.at().turnDegrees(),
                    join.slides(),
                    SpotText.all(join.area()),
                    join.foam().isPositive() ? join.foam().exactMillimetres().toPlainString() : null);
        }

        Join join() {
            return new Join(
                    on.panel(),
                    onSide,
                    glued.panel(),
                    gluedSide,
                    new Attachment(at.spot(), its.spot(), turn),
                    slides,
                    SpotText.spots(area),
                    foam == null ? Length.ZERO : SpotText.length(foam));
        }
    }

    /** A pose the card goes through. */
    record PoseJson(String name, boolean closed, List<AngleJson> angles, List<SlideJson> slides) {
        static PoseJson of(Stance stance) {
            return new PoseJson(
                    stance.name(),
                    stance.isClosed(),
                    stance.angles().stream()
                            .map(angle -> new AngleJson(angle.one(), angle.other(), angle.degrees()))
                            .toList(),
                    stance.slides().stream()
                            .map(slide -> new SlideJson(slide.panel(), slide.millimetres()))
                            .toList());
        }

        Stance stance() {
            return new Stance(
                    name,
                    closed,
                    angles.stream()
                            .map(angle -> new Stance.Angle(angle.one, angle.other, angle.degrees))
                            .toList(),
                    slides.stream()
                            .map(slide -> new Stance.Slide(slide.panel, slide.mm))
                            .toList());
        }
    }

    /** How far the fold between two panels is closed. */
    record AngleJson(String one, String other, double degrees) {}

    /** How far a panel is drawn out. */
    record SlideJson(String panel, double mm) {}

    static FreeJson of(FreeCard card) {
        Assembly assembly = card.assembly();
        return new FreeJson(
                assembly.pieces().stream().map(PieceJson::of).toList(),
                assembly.joins().stream().map(JoinJson::of).toList(),
                assembly.overs().stream()
                        .map(over -> List.of(new PanelText(over.above()), new PanelText(over.below())))
                        .toList(),
                Math.floorMod(assembly.eighthTurns(), 8) / 2,
                assembly.eighthTurns() % 2 == 0 ? null : assembly.eighthTurns(),
                assembly.base(),
                card.stances().stream().map(PoseJson::of).toList(),
                card.showing(),
                card.lean(),
                card.lies());
    }

    /** @throws RuntimeException when it is no free card */
    FreeCard card() {
        Assembly assembly = new Assembly(
                pieces.stream().map(PieceJson::piece).toList(),
                joins.stream().map(JoinJson::join).toList(),
                overs.stream()
                        .map(over -> new Over(over.get(0).panel(), over.get(1).panel()))
                        .toList(),
                eighthTurns == null ? 2 * Math.floorMod(quarterTurns, 4) : eighthTurns,
                base);
        return new FreeCard(assembly, poses.stream().map(PoseJson::stance).toList(), showing, lean, lies);
    }
}
