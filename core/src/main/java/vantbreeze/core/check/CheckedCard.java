package vantbreeze.core.check;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.cutting.Blanks;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.layer.FaceWords;
import vantbreeze.core.layer.Grounds;
import vantbreeze.core.layer.Layers;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Tools;

/** A card as judges look at it. Each answer is worked out when it is first asked for. */
public interface CheckedCard {

    /** What it builds on. */
    Structure structure();

    /** Its measures, exact; none where it is drawn free. */
    Measures measures();

    /** Its measures if one of them is changed, and those that follow it; empty where that can't be. */
    Optional<Measures> changing(String parameter, Length length);

    /** Its measures if something is chosen otherwise; empty where that can't be. */
    Optional<Measures> choosing(String choice, String alternative);

    /** The ruler it is measured on. */
    Ruler ruler();

    /** Whether it is drawn free and not built by a structure of the catalogue. */
    boolean isFree();

    /** Whether a panel, by its index, is of something set on the card and not of the card itself. */
    boolean isSetOn(int panel);

    /** Whether there is time for what takes long; not while a line is dragged. */
    boolean isThorough();

    /** Its pieces as they lie open. */
    List<WorkedPiece> pieces();

    /** What each piece is made of. */
    List<Cardstock> stocks();

    /** What all its pieces of card are made of that have none of their own. */
    Cardstock cardstock();

    /** How it folds. */
    Folding form();

    /** Where its panels can be dressed. */
    Grounds grounds();

    /** Its layers where they lie. */
    Layers layers();

    /** What its faces are called. */
    FaceWords faceWords();

    /** It folded flat with all that lies on it. */
    ClosedCard closedCard();

    /** Its width and height when it is closed, told without what lies on it. */
    Size footprint();

    /** Whether a side of a panel is seen somewhere on its way. */
    boolean isSeen(Face face);

    /** How it sits in its envelope; null when none is chosen. */
    @Nullable
    EnvelopeFit fit();

    /** The envelope that suits it best, of all there are, if it is another than the one chosen. */
    Optional<Envelope> betterEnvelope();

    /** The sheets that a paper comes in: the maker's, else the usual ones. */
    List<StockSheet> sheetsOf(String stockId);

    /** All that is to be cut: its pieces and its layers. */
    Blanks blanks();

    /** The sheet it is cut from; null when none is chosen. */
    @Nullable
    StockSheet sheet();

    /** What is on the table. */
    Tools tools();
}
