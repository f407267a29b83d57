package vantbreeze.core.edit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.hand.Hand;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Supplies;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/** Something about a card that is set by itself. */
public sealed interface Field permits Decision, Field.OfChoice, Field.OfMeasure, Field.OfPanel, Field.OfPiece {

    /** Before the name of a panel whose width is meant. */
    String PANEL = "panel:";

    /** Before the name of a piece whose cardstock is meant; behind it which of that name, where it is not the first. */
    String PIECE = "piece:";

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
            return OfPiece.parse(id);
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

    /** What a piece, and those cut alike with it, are made of, where that is another cardstock than the card's. */
    record OfPiece(PieceId piece) implements Field {

        private static final Pattern NTH = Pattern.compile("(.*)#([1-9]\\d{0,3})", Pattern.DOTALL);

        static OfPiece parse(String id) {
            String name = id.substring(PIECE.length());
            Matcher nth = NTH.matcher(name);
            return new OfPiece(
                    nth.matches() ? new PieceId(nth.group(1), Integer.parseInt(nth.group(2))) : PieceId.of(name));
        }

        @Override
        public String id() {
            return "%s%s#%s".formatted(PIECE, piece.name(), piece.nth());
        }

        @Override
        public Plan set(Plan plan, Workshop workshop, Entry entry) {
            Structure structure = workshop.structure(plan);
            List<Piece> pieces =
                    structure.assemble(plan.completed(structure).measures()).pieces();
            List<PieceId> ids = PieceId.all(pieces);
            int meant = ids.indexOf(piece);
            if (meant < 0) {
                throw new ValidationException(
                        id(), "There is no piece \"%s\" here any more.".formatted(piece.inWords()));
            }
            Supplies before = plan.supplies();
            Supplies after = before;
            for (int i = 0; i < ids.size(); i++) {
                if (pieces.get(i).equals(pieces.get(meant))
                        && Objects.equals(before.cardstockOf(ids.get(i)), before.cardstockOf(piece))) {
                    after = after.withCardstock(ids.get(i), entry.id());
                }
            }
            return plan.withSupplies(after);
        }
    }
}
