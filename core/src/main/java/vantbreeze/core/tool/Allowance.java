package vantbreeze.core.tool;

import java.util.List;
import vantbreeze.core.length.Length;

/**
 * How much more, less or at least something wants to be for a card to work at the table. Each has a usual value in the
 * trade, and a maker's own in place of it.
 */
public sealed interface Allowance {

    /** By which it is kept. */
    String id();

    /** What the maker calls it. */
    String label();

    /** What it is for, and what happens without. */
    String why();

    /** Where the usual value comes from. */
    String source();

    /**
     * A length.
     *
     * @param inches the usual one of those who measure in inches
     * @param metric the usual one of those who measure in millimetres
     * @param least the least that makes sense
     * @param most the most that makes sense
     */
    record OfLength(
            String id, String label, String why, String source, Length inches, Length metric, Length least, Length most)
            implements Allowance {}

    /**
     * A number.
     *
     * @param unit as written behind it
     * @param usual what it usually is
     * @param least the least that makes sense
     * @param most the most that makes sense
     */
    record OfNumber(
            String id, String label, String why, String source, String unit, double usual, double least, double most)
            implements Allowance {}

    /** Where most of them come from. */
    String PRACTICE = "common practice, no source";
    /** Where the rest comes from. */
    String MEMORY = "our estimate, no source";

    /** A tab that holds. */
    OfLength TAB = length(
            "tab", "Tab", "As wide as a tab is made: it holds what is pulled at.", PRACTICE, half(), mm(13), 3, 60);
    /** The narrowest tab that holds at all. */
    OfLength LEAST_TAB = length(
            "least-tab", "Narrowest tab", "A narrower tab does not hold.", PRACTICE, quarter(), quarter(), 2, 30);
    /** A tab that is out of sight and not pulled at. */
    OfLength HIDDEN_TAB = length(
            "hidden-tab",
            "Hidden tab",
            "As wide as a tab is made that nobody pulls at and that shall not show.",
            PRACTICE,
            quarter(),
            mm(7),
            2,
            30);
    /** Glue along a fold. */
    OfLength GLUE_STRIP = length(
            "glue-strip",
            "Glue at the end of a band",
            "How much of each end of a band or bridge is glued, along the fold.",
            PRACTICE,
            half(),
            mm(13),
            2,
            60);
    /** What a panel loses that closes a tube. */
    OfLength TUBE_SLIVER = length(
            "tube-sliver",
            "Sliver off a tube",
            "The panel that closes a tube is cut narrower by this: full width, the tube will not square.",
            PRACTICE,
            Length.ofInches(0, 1, 16),
            mm(1),
            0,
            6);
    /** How far the flaps of a gate may stay apart. */
    OfLength GATE_HAIR = length(
            "gate-hair",
            "Gap of a gate",
            "Flaps of a gate meet with a hair between them; a wider gap than this shows.",
            PRACTICE,
            Length.ofInches(0, 1, 16),
            Length.ofInches(0, 1, 16),
            0,
            10);
    /** How many calipers shorter what is wrapped wants to be, by layer. */
    OfNumber NEST_RELIEF = number(
            "nest-relief",
            "Relief of a nest",
            "What lies inside a fold wants to be shorter by so many thicknesses of the card for each layer wrapped.",
            PRACTICE,
            "× thickness",
            1,
            0,
            4);
    /** Relief that nobody minds. */
    OfLength RELIEF_MINDED = length(
            "relief-minded",
            "Relief worth telling",
            "Inside pieces are made 1/32 to 1/16 in shorter; less is taken up by burnishing.",
            PRACTICE,
            Length.ofInches(0, 1, 32),
            Length.ofInches(0, 1, 32),
            0,
            6);
    /** The border of a layer. */
    OfLength BORDER = length(
            "border",
            "Border",
            "What shows of the card round a layer, and of a layer round the next.",
            PRACTICE,
            Length.ofInches(0, 1, 8),
            Length.ofMicrometres(2500),
            0,
            40);
    /** The narrowest panel. */
    OfLength NARROWEST_PANEL = length(
            "narrowest-panel",
            "Narrowest panel",
            "People score ¼ in; a narrower panel can't be scored and burnished cleanly.",
            PRACTICE,
            mm(6),
            mm(6),
            3,
            40);
    /** The narrowest panel that only springs or spaces. */
    OfLength NARROWEST_SPRING = length(
            "narrowest-spring",
            "Narrowest spring",
            "A narrower spring, strut or end does not fold cleanly.",
            MEMORY,
            mm(5),
            mm(5),
            2,
            20);
    /** The narrowest paper between two slits. */
    OfLength NARROWEST_BRIDGE = length(
            "narrowest-bridge",
            "Narrowest bridge between slits",
            "A narrower strip of paper between two slits tears.",
            MEMORY,
            quarter(),
            mm(6),
            1,
            30);
    /** The narrowest ring. */
    OfLength THINNEST_RING =
            length("thinnest-ring", "Thinnest ring", "A thinner ring tears as it is cut.", MEMORY, mm(3), mm(3), 1, 20);
    /** A ring that holds. */
    OfLength RING = length(
            "ring",
            "Ring that holds",
            "A narrower ring bends when it is drawn over.",
            PRACTICE,
            quarter(),
            quarter(),
            1,
            30);
    /** What is left round a cut that flips. */
    OfLength FLIP_MARGIN = length(
            "flip-margin",
            "Margin of a flip",
            "What is left of the card beside a square that flips, at the least.",
            MEMORY,
            mm(6),
            mm(6),
            2,
            40);
    /** How far part-height scores, edges and steps differ at the least. */
    OfLength LEAST_STEP = length(
            "least-step",
            "Least step",
            "Steps that differ by less look like a slip of the blade.",
            MEMORY,
            mm(2),
            mm(2),
            1,
            20);
    /** The least step of a stage. */
    OfLength TIER_STEP = length("tier-step", "Least tier", "A lower tier does not show.", MEMORY, mm(3), mm(3), 1, 30);
    /** The narrowest seal of a pocket. */
    OfLength LEAST_SEAL =
            length("least-seal", "Narrowest seal", "A narrower seal of a pocket lets go.", MEMORY, mm(3), mm(3), 1, 20);
    /** How far what is tucked reaches under what holds it. */
    OfLength LEAST_HOLD = length(
            "least-hold",
            "Least hold of a tuck",
            "What is tucked in less deep slips out.",
            MEMORY,
            mm(4),
            mm(4),
            1,
            30);
    /** How far a strip that is threaded stays within its slit. */
    OfLength THREAD_HOLD = length(
            "thread-hold",
            "Hold of a threaded strip",
            "What stays of a threaded strip behind its slit; less of it slips out.",
            MEMORY,
            mm(8),
            mm(8),
            2,
            40);
    /** How much longer a slot is than what is threaded through it is high. */
    OfLength SLOT_EASE = length(
            "slot-ease",
            "Ease of a slot",
            "How much longer a slot is than the strip that goes through it is high: without it the strip binds.",
            PRACTICE,
            Length.ofInches(0, 1, 8),
            mm(2),
            0,
            10);
    /** The area of glue that holds a wing. */
    OfNumber WING_GLUE = number(
            "wing-glue",
            "Glue of a wing",
            "Area of glue that holds a wing, as of a tab of ¼ in along a side of 2 in.",
            MEMORY,
            "mm²",
            320,
            20,
            5000);
    /** Room beside what goes into a pocket. */
    OfLength POCKET_EASE = length(
            "pocket-ease",
            "Room in a pocket",
            "A gift card goes into a pocket with this to spare at the least.",
            MEMORY,
            Length.ofInches(0, 1, 16),
            Length.ofInches(0, 1, 16),
            0,
            20);
    /** What shows of what is in a pocket. */
    OfLength POCKET_GRIP = length(
            "pocket-grip",
            "Grip above a pocket",
            "What must show of a gift card to be pulled out, as for a finger.",
            MEMORY,
            mm(12),
            mm(12),
            2,
            60);
    /** The least slack in an envelope. */
    OfLength ENVELOPE_LEAST = length(
            "envelope-least",
            "Least room in an envelope",
            "With less to spare each way a card does not slide in.",
            PRACTICE,
            Length.ofInches(0, 1, 16),
            Length.ofInches(0, 1, 16),
            0,
            20);
    /** The slack in an envelope along its long side. */
    OfLength ENVELOPE_LONG = length(
            "envelope-long",
            "Room along an envelope",
            "What a card made for an envelope leaves of its long side, as A2 takes 5½ in.",
            PRACTICE,
            quarter(),
            quarter(),
            0,
            40);
    /** The slack in an envelope along its short side. */
    OfLength ENVELOPE_SHORT = length(
            "envelope-short",
            "Room up an envelope",
            "What a card made for an envelope leaves of its short side, as A2 takes 4¼ in.",
            PRACTICE,
            Length.ofInches(0, 1, 8),
            Length.ofInches(0, 1, 8),
            0,
            40);
    /** The slack beyond which a card slides about. */
    OfLength ENVELOPE_MOST = length(
            "envelope-most",
            "Most room in an envelope",
            "With more to spare one way a card slides about.",
            MEMORY,
            mm(20),
            mm(20),
            2,
            100);
    /** The thickest card in a flat envelope. */
    OfLength FLAT_ENVELOPE = length(
            "flat-envelope",
            "Thickest card in a flat envelope",
            "A thicker card wants a box envelope.",
            MEMORY,
            mm(5),
            mm(5),
            1,
            30);
    /** How much longer than the way round it a band is. */
    OfLength BAND_EASE = length(
            "band-ease",
            "Ease of a band",
            "How much longer a band or sleeve is than the way round what it holds: without it nothing slides.",
            PRACTICE,
            Length.ofInches(0, 1, 8),
            mm(3),
            0,
            20);
    /** From what thickness on a band is scored at the edges of the stack. */
    OfLength BAND_WALL = length(
            "band-wall",
            "Band scored from",
            "Round a thinner stack a band is folded once at each edge, round a thicker one scored twice.",
            PRACTICE,
            mm(4),
            mm(4),
            1,
            30);
    /** How wide a thumb notch is. */
    OfLength THUMB = length(
            "thumb",
            "Thumb notch",
            "How wide the notch of a sleeve is, so that a thumb takes hold of the card.",
            PRACTICE,
            Length.ofInches(0, 3, 4),
            mm(20),
            8,
            60);
    /** The seam of an envelope. */
    OfLength ENVELOPE_SEAM = length(
            "envelope-seam",
            "Seam of an envelope",
            "How wide the flaps are that are glued along the sides or the foot of an envelope.",
            PRACTICE,
            half(),
            mm(13),
            4,
            60);
    /** How far the flaps of an envelope from one square lie over one another. */
    OfLength SQUARE_OVERLAP = length(
            "square-overlap",
            "Overlap of a square envelope",
            "How much longer the square is than its flaps need to meet: where they overlap they are glued.",
            PRACTICE,
            half(),
            mm(13),
            4,
            60);
    /** How much smaller a liner is than the inside of its envelope. */
    OfLength LINER_GAP = length(
            "liner-gap",
            "Gap beside a liner",
            "How much narrower a liner is at each side than the inside of its envelope, so that it slips in.",
            PRACTICE,
            Length.ofInches(0, 1, 8),
            mm(3),
            0,
            20);
    /** What a liner leaves free of the flap. */
    OfLength LINER_GUM = length(
            "liner-gum",
            "Gum edge",
            "What a liner leaves free along the edge of the flap, where that is gummed.",
            PRACTICE,
            half(),
            mm(13),
            3,
            40);
    /** How wide the edges of a pocket are glued. */
    OfLength POCKET_GLUE = length(
            "pocket-glue",
            "Glued edge of a pocket page",
            "How wide a pocket is glued along each of its edges.",
            PRACTICE,
            quarter(),
            mm(6),
            2,
            20);
    /** The hole of a tag. */
    OfLength TAG_HOLE = length(
            "tag-hole",
            "Hole of a tag",
            "How wide the hole of a tag is, for ribbon or thread.",
            PRACTICE,
            quarter(),
            mm(6),
            2,
            20);
    /** What a bow takes of a ribbon. */
    OfLength RIBBON_BOW = length(
            "ribbon-bow",
            "Ribbon for a bow",
            "How much longer a ribbon is than the way round, to cross and tie a bow.",
            PRACTICE,
            Length.ofInches(18),
            mm(450),
            50,
            1_500);
    /** A step over which what slides catches. */
    OfLength CATCHES = length(
            "catches",
            "Edge that catches",
            "A wrap that slides over an edge standing up this far catches on it.",
            MEMORY,
            Length.ofMicrometres(800),
            Length.ofMicrometres(800),
            0,
            10);
    /** How uneven a letter may be for machines. */
    OfLength POST_EVEN = length(
            "post-even",
            "Uneven for the post",
            "A letter that is thicker in one place than at its edge by more than this is sorted by hand.",
            MEMORY,
            Length.ofMicrometres(1500),
            Length.ofMicrometres(1500),
            0,
            20);
    /** From what thickness on a letter is stiff. */
    OfLength POST_STIFF = length(
            "post-stiff",
            "Stiff for the post",
            "A letter from this thickness on does not bend round a roller and is sorted by hand.",
            MEMORY,
            mm(3),
            mm(3),
            1,
            30);
    /** The smallest side of a card that is proposed. */
    OfLength SMALLEST_SIDE = length(
            "smallest-side",
            "Smallest card",
            "No smaller card is proposed, whatever the sheet and the envelope.",
            MEMORY,
            mm(40),
            mm(40),
            10,
            200);
    /** What stands up so far is felt through the card. */
    OfLength RAISED = length(
            "raised",
            "Raised part",
            "What stands up this far is felt through the card; two of them must not meet face to face.",
            MEMORY,
            Length.ofMicrometres(800),
            Length.ofMicrometres(800),
            0,
            10);
    /** How much may lie inside a closed card. */
    OfLength SPRINGS_OPEN = length(
            "springs-open",
            "Layers inside a fold",
            "Where layers between the two sides of a fold add up to this much, the card springs open.",
            MEMORY,
            mm(3),
            mm(3),
            1,
            20);
    /** The width of a place to write. */
    OfLength WRITING_WIDE =
            length("writing-wide", "Place to write, wide", "Room for a few lines.", MEMORY, mm(60), mm(60), 20, 200);
    /** The height of a place to write. */
    OfLength WRITING_HIGH =
            length("writing-high", "Place to write, high", "Room for a few lines.", MEMORY, mm(40), mm(40), 10, 200);
    /** The narrowest layer. */
    OfLength NARROWEST_LAYER = length(
            "narrowest-layer",
            "Narrowest layer",
            "A narrower strip of paper can't be handled.",
            MEMORY,
            mm(5),
            mm(5),
            1,
            40);
    /** The narrowest part of a panel that is worth a layer. */
    OfLength NARROWEST_GROUND = length(
            "narrowest-ground",
            "Narrowest part for a mat",
            "A narrower part of a panel beside what is glued on it is left bare.",
            MEMORY,
            mm(8),
            mm(8),
            1,
            60);
    /** The smallest part of a panel that is worth a layer. */
    OfNumber WORTH_DRESSING = number(
            "worth-dressing",
            "Smallest part for a mat",
            "A smaller share of a panel than this, beside what is glued on it, is left bare.",
            MEMORY,
            "%",
            12,
            0,
            100);
    /** As much glue leaves no room for a mat. */
    OfNumber GLUED_AWAY = number(
            "glued-away",
            "Panel that is glued away",
            "Glue on this share of a panel or more leaves no room for a mat.",
            MEMORY,
            "%",
            50,
            10,
            100);
    /** A wider glued panel is no tab. */
    OfLength WIDEST_TAB = length(
            "widest-tab",
            "Widest tab",
            "A glued panel on one fold that is no wider is a tab and glued to the card itself: layers end beside it.",
            PRACTICE,
            mm(20),
            mm(20),
            5,
            60);
    /** Card that stands when it is layered. */
    OfNumber LAYERED_STANDS = number(
            "layered-stands",
            "Card that stands when layered",
            "Lighter card does not stand even with layers on both sides.",
            PRACTICE,
            "g/m²",
            220,
            80,
            600);
    /** Card that stands by itself. */
    OfNumber STANDS =
            number("stands", "Card that stands by itself", "Stands without layers.", PRACTICE, "g/m²", 300, 80, 600);
    /** Card that is heavy for many folds. */
    OfNumber HEAVY = number(
            "heavy",
            "Heavy card",
            "From this weight on card cracks in a bundle of many folds.",
            MEMORY,
            "g/m²",
            350,
            100,
            1000);
    /** How many folds are many. */
    OfNumber MANY_FOLDS = number(
            "many-folds", "Many folds", "From so many folds on heavy card is told of.", MEMORY, "folds", 5, 1, 100);
    /** Card that cracks across its grain. */
    OfNumber GRAIN_MATTERS = number(
            "grain-matters",
            "Card that cracks across its grain",
            "From this weight on card cracks when it is folded across its grain.",
            MEMORY,
            "g/m²",
            250,
            80,
            1000);

    /** What is held beside the blade. */
    OfLength LEAST_HELD = length(
            "least-held",
            "Smallest part beside the blade",
            "The larger part beside the blade must be as wide as this for fingers to keep off it; smaller ones are cut"
                    + " with a knife along a metal rule.",
            MEMORY,
            Length.ofInches(1),
            mm(25),
            5,
            80);
    /** By how much the parts of a piece overlap that no sheet is large enough for. */
    OfLength SEAM_OVERLAP = length(
            "seam-overlap",
            "Overlap of a seam",
            "A piece larger than every sheet is joined from parts that overlap by this; with less the seam gapes when"
                    + " it is handled.",
            PRACTICE,
            half(),
            mm(13),
            5,
            60);
    /** By how much cuts come out wide. */
    OfLength BLADE_BIAS = length(
            "blade-bias",
            "Bias of the trimmer",
            "What your trimmer cuts comes out wider by this each time, or narrower if it is less than nothing: the"
                    + " fence is set by as much less. Measure a strip that you cut.",
            PRACTICE,
            Length.ZERO,
            Length.ZERO,
            -3,
            3);
    /** What is worth keeping. */
    OfLength LEAST_OFFCUT = length(
            "least-offcut",
            "Smallest offcut that is kept",
            "What is left over of a sheet goes back into your papers if it is as wide and as high as this.",
            MEMORY,
            Length.ofInches(2),
            mm(50),
            5,
            200);
    /** How many sheets are cut at once. */
    OfNumber STACK_DEPTH = number(
            "stack-depth",
            "Sheets cut together",
            "Sheets that are cut alike lie on one another, so many at most, under removable tape.",
            PRACTICE,
            "sheets",
            3,
            1,
            20);

    /** The way that a finger wants. */
    OfLength FINGER_WAY = length(
            "finger-way",
            "Way for a finger",
            "What no finger comes to is added or glued before the joint that closes it in.",
            PRACTICE,
            half(),
            mm(12),
            4,
            30);

    /** What is looked at together. */
    record Group(String label, List<Allowance> allowances) {}

    /** Every one there is, as they are shown. */
    List<Group> GROUPS = List.of(
            new Group(
                    "Mats and layers",
                    List.of(
                            BORDER,
                            NARROWEST_LAYER,
                            NARROWEST_GROUND,
                            WORTH_DRESSING,
                            GLUED_AWAY,
                            RAISED,
                            SPRINGS_OPEN,
                            WRITING_WIDE,
                            WRITING_HIGH)),
            new Group(
                    "Tabs and glue",
                    List.of(TAB, LEAST_TAB, HIDDEN_TAB, WIDEST_TAB, GLUE_STRIP, WING_GLUE, LEAST_SEAL, FINGER_WAY)),
            new Group(
                    "Folds that lie in one another",
                    List.of(
                            TUBE_SLIVER,
                            NEST_RELIEF,
                            RELIEF_MINDED,
                            GATE_HAIR,
                            NARROWEST_PANEL,
                            NARROWEST_SPRING,
                            NARROWEST_BRIDGE)),
            new Group(
                    "Parts that turn, slide and step",
                    List.of(
                            RING,
                            THINNEST_RING,
                            FLIP_MARGIN,
                            LEAST_STEP,
                            TIER_STEP,
                            LEAST_HOLD,
                            THREAD_HOLD,
                            SLOT_EASE,
                            POCKET_EASE,
                            POCKET_GRIP)),
            new Group(
                    "Envelopes and sizes",
                    List.of(
                            ENVELOPE_LEAST,
                            ENVELOPE_LONG,
                            ENVELOPE_SHORT,
                            ENVELOPE_MOST,
                            FLAT_ENVELOPE,
                            SMALLEST_SIDE)),
            new Group(
                    "Wraps and post",
                    List.of(
                            BAND_EASE,
                            BAND_WALL,
                            THUMB,
                            ENVELOPE_SEAM,
                            SQUARE_OVERLAP,
                            LINER_GAP,
                            LINER_GUM,
                            POCKET_GLUE,
                            TAG_HOLE,
                            RIBBON_BOW,
                            CATCHES,
                            POST_EVEN,
                            POST_STIFF)),
            new Group("Cutting", List.of(LEAST_HELD, BLADE_BIAS, STACK_DEPTH, LEAST_OFFCUT, SEAM_OVERLAP)),
            new Group("Card", List.of(STANDS, LAYERED_STANDS, HEAVY, MANY_FOLDS, GRAIN_MATTERS)));

    /** Every one there is. */
    List<Allowance> ALL =
            GROUPS.stream().flatMap(group -> group.allowances().stream()).toList();

    private static OfLength length(
            String id, String label, String why, String source, Length inches, Length metric, int least, int most) {
        return new OfLength(id, label, why, source, inches, metric, mm(least), mm(most));
    }

    private static OfNumber number(
            String id, String label, String why, String source, String unit, double usual, double least, double most) {
        return new OfNumber(id, label, why, source, unit, usual, least, most);
    }

    private static Length half() {
        return Length.ofInches(0, 1, 2);
    }

    private static Length quarter() {
        return Length.ofInches(0, 1, 4);
    }

    private static Length mm(int millimetres) {
        return Length.ofMillimetres(millimetres);
    }
}
