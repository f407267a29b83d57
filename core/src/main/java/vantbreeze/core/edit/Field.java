package vantbreeze.core.edit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import vantbreeze.core.check.PlaceToWrite;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.hand.Hand;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Slide;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Supplies;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/** Something about a card that is set by itself. */
public sealed interface Field
        permits Decision,
                Field.OfChoice,
                Field.OfMeasure,
                Field.OfPanel,
                Field.OfPiece,
                Field.OfPrint,
                Field.OfWriting {

    /** Before the name of a panel whose width is meant. */
    String PANEL = "panel:";

    /** Before the name of a piece whose cardstock is meant; behind it which of that name, where it is not the first. */
    String PIECE = "piece:";

    /** A piece's name, and which of that name it is. */
    Pattern NTH = Pattern.compile("(.*)#([1-9]\\d{0,3})", Pattern.DOTALL);

    /** Before the name of a piece whose print is slid across, or up. */
    String PRINT_ACROSS = "print-across:";

    String PRINT_UP = "print-up:";

    /** What it is called where fields are told apart by name. */
    String id();

    /**
     * The plan with it set.
     *
     * @throws ValidationException when it can't be set so
     */
    Plan set(Plan plan, Workshop workshop, Entry entry);

    /**
     * The field of a card that is called so.
     *
     * @throws ValidationException when what the card builds on is not there
     */
    static Field find(String id, Plan plan, Workshop workshop) {
        return Decision.ALL.stream()
                .filter(decision -> decision.id().equals(id))
                .map(Field.class::cast)
                .findFirst()
                .orElseGet(() -> ofDesign(id, plan, workshop));
    }

    private static Field ofDesign(String id, Plan plan, Workshop workshop) {
        if (id.startsWith(PANEL)) {
            return new OfPanel(bare(id));
        }
        if (id.startsWith(PIECE)) {
            return new OfPiece(called(id.substring(PIECE.length())));
        }
        if (id.startsWith(PRINT_ACROSS) || id.startsWith(PRINT_UP)) {
            return OfPrint.parse(id);
        }
        if (id.equals(PlaceToWrite.FIELD)) {
            return new OfWriting();
        }
        boolean isChoice = workshop.structure(plan).choices().stream()
                .anyMatch(choice -> choice.id().equals(id));
        return isChoice ? new OfChoice(id) : new OfMeasure(id);
    }

    /** The measure's id or the panel's name that a field of a design stands for. */
    static String bare(String id) {
        return id.startsWith(PANEL) ? id.substring(PANEL.length()) : id;
    }

    /** How wide each panel of a free card is, by its name; nothing where the card follows a structure. */
    static Map<String, Length> widths(Plan plan) {
        Map<String, Length> widths = new LinkedHashMap<>();
        if (plan.isFree()) {
            plan.drawn().assembly().pieces().forEach(piece -> Panels.of(piece)
                    .all()
                    .forEach(panel -> widths.put(panel.name(), panel.width())));
        }
        return widths;
    }

    /** Something to choose about a structure. */
    record OfChoice(String id) implements Field {
        @Override
        public Plan set(Plan plan, Workshop workshop, Entry entry) {
            return plan.choosing(workshop.structure(plan), id, entry.words());
        }
    }

    /** A measure of a structure. */
    record OfMeasure(String id) implements Field {
        @Override
        public Plan set(Plan plan, Workshop workshop, Entry entry) {
            Structure structure = workshop.structure(plan);
            Optional<Parameter> parameter = structure.parameter(id);
            if (entry.isEmpty() && parameter.filter(Parameter::follows).isPresent()) {
                return plan.usually(structure, id);
            }
            Length present = parameter
                    .filter(one -> one.isAsked(plan.measures()))
                    .map(one -> structure.measure(id, plan.measures()))
                    .orElse(null);
            return plan.changing(structure, id, entry.measure(id, present, plan.ruler()));
        }
    }

    /** How wide a panel of a free card is. */
    record OfPanel(String panel) implements Field {
        @Override
        public String id() {
            return PANEL + panel;
        }

        @Override
        public Plan set(Plan plan, Workshop workshop, Entry entry) {
            Length present = widths(plan).get(panel);
            if (present == null) {
                throw new ValidationException(id(), "There is no panel \"%s\" here any more.".formatted(panel));
            }
            Length width = entry.measure(id(), present, plan.ruler());
            return new Hand(workshop, plan).widened(panel, width).plan();
        }
    }

    /** The piece that is written with its name and which of that name it is. */
    private static PieceId called(String text) {
        Matcher nth = NTH.matcher(text);
        return nth.matches() ? new PieceId(nth.group(1), Integer.parseInt(nth.group(2))) : PieceId.of(text);
    }

    /** The pieces of a card that are cut alike with one, of the same cardstock. */
    private static List<PieceId> alike(PieceId piece, String field, Plan plan, Workshop workshop) {
        Structure structure = workshop.structure(plan);
        List<Piece> pieces =
                structure.assemble(plan.completed(structure).measures()).pieces();
        List<PieceId> ids = PieceId.all(pieces);
        int meant = ids.indexOf(piece);
        if (meant < 0) {
            throw new ValidationException(field, "There is no piece \"%s\" here any more.".formatted(piece.inWords()));
        }
        Supplies supplies = plan.supplies();
        return IntStream.range(0, ids.size())
                .filter(i -> pieces.get(i).equals(pieces.get(meant))
                        && Objects.equals(supplies.cardstockOf(ids.get(i)), supplies.cardstockOf(piece)))
                .mapToObj(ids::get)
                .toList();
    }

    /** A place to write, made in one of the ways that are offered. */
    record OfWriting() implements Field {
        @Override
        public String id() {
            return PlaceToWrite.FIELD;
        }

        @Override
        public Plan set(Plan plan, Workshop workshop, Entry entry) {
            return new WritingPlace(workshop.work(plan), workshop).made(entry.words());
        }
    }

    /** How far the print of a piece, and of those cut alike with it, is slid. */
    record OfPrint(PieceId piece, boolean isAcross) implements Field {

        static OfPrint parse(String id) {
            boolean across = id.startsWith(PRINT_ACROSS);
            return new OfPrint(called(id.substring((across ? PRINT_ACROSS : PRINT_UP).length())), across);
        }

        @Override
        public String id() {
            return "%s%s#%s".formatted(isAcross ? PRINT_ACROSS : PRINT_UP, piece.name(), piece.nth());
        }

        @Override
        public Plan set(Plan plan, Workshop workshop, Entry entry) {
            Supplies after = plan.supplies();
            Slide before = after.slides().getOrDefault(piece, Slide.NONE);
            Length length = entry.measure(id(), isAcross ? before.across() : before.up(), plan.ruler())
                    .max(Length.ZERO);
            Slide slid = isAcross ? new Slide(length, before.up()) : new Slide(before.across(), length);
            for (PieceId one : alike(piece, id(), plan, workshop)) {
                after = after.sliding(one, slid);
            }
            return plan.withSupplies(after);
        }
    }

    /** What a piece, and those cut alike with it, are made of, where that is another cardstock than the card's. */
    record OfPiece(PieceId piece) implements Field {

        @Override
        public String id() {
            return "%s%s#%s".formatted(PIECE, piece.name(), piece.nth());
        }

        @Override
        public Plan set(Plan plan, Workshop workshop, Entry entry) {
            Supplies after = plan.supplies();
            for (PieceId one : alike(piece, id(), plan, workshop)) {
                after = after.withCardstock(one, entry.id());
            }
            return plan.withSupplies(after);
        }
    }
}
