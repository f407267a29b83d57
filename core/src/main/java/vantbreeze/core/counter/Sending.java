package vantbreeze.core.counter;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Wrapping;
import vantbreeze.core.post.PostItem;

/**
 * A card as it shall be sent.
 *
 * @param card itself
 * @param wraps its wraps that go along, those that go round it first before those that go round them
 * @param envelope a bought one round all of it; null for none
 * @param giftCards how many gift cards lie in it
 */
public record Sending(WorkedPlan card, List<WorkedPlan> wraps, @Nullable Envelope envelope, int giftCards) {

    /** So many gift cards at the most. */
    public static final int MOST_GIFTS = 12;

    /** So much larger is a bought envelope outside than inside, mm; common practice, no source. */
    private static final double LARGER = 2;

    /** Its paper, g/m²: 80 to 120 are sold; common practice, no source. */
    private static final double PAPER = 100;

    /** Its paper's thickness, mm; common practice, no source. */
    private static final double THIN = 0.13;

    /** With seams and flap it has so many times the area of its front; common practice, no source. */
    private static final double SHEETS = 2.3;

    /** @throws ValidationException where there are too many gift cards, or less than none */
    public Sending {
        wraps = List.copyOf(wraps);
        if (giftCards < 0 || giftCards > MOST_GIFTS) {
            throw new ValidationException(
                    "gift", "Between 0 and %s gift cards go along. Type it again.".formatted(MOST_GIFTS));
        }
    }

    /** What is handed in at the counter, with a stamp on it. */
    public PostItem item() {
        return mailing().item(card.tools().allowances());
    }

    /** What it is made up of. */
    public Mailing mailing() {
        List<ClosedCard> round = new ArrayList<>();
        wraps.forEach(wrap -> round.add(wrap.closedCard()));
        if (envelope != null) {
            round.add(bought(envelope, Wrapping.all(card, wraps).thickness()));
        }
        return new Mailing(card.closedCard(), round, giftCards, true);
    }

    /** How it sits in the bought envelope, with what goes round it in that; nothing where there is none. */
    public Optional<EnvelopeFit> fit() {
        return Optional.ofNullable(envelope)
                .map(bought -> EnvelopeFit.of(
                        Wrapping.all(card, wraps), bought, card.tools().allowances()));
    }

    /** A box is as thick as it is deep, even where what lies in it is thinner. */
    private static ClosedCard bought(Envelope envelope, double within) {
        double width = envelope.inside().width().millimetres() + LARGER;
        double height = envelope.inside().height().millimetres() + LARGER;
        double empty = Math.max(0, envelope.depth().millimetres() - within);
        return ClosedCard.sheet(width, height, empty + 2 * THIN, SHEETS * width * height / 1e6 * PAPER);
    }

    /**
     * The same of a card after a change; its wraps follow it.
     *
     * @throws ValidationException where the plan can't be worked out
     */
    public Sending after(Saving saving) {
        WorkedPlan other = card.workshop().work(saving.plan());
        List<WorkedPlan> round = new ArrayList<>();
        for (WorkedPlan wrap : wraps) {
            round.add(card.workshop().work(Wrapping.following(wrap.plan(), other, round)));
        }
        return new Sending(other, round, envelope, giftCards);
    }
}
