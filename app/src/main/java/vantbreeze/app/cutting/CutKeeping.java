package vantbreeze.app.cutting;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Service;
import vantbreeze.app.cards.Card;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.CutPlan;
import vantbreeze.core.cutting.Offcuts;
import vantbreeze.core.plan.CutDone;

/** What is cut is taken from the stock, and what is left over put in; and that taken back. */
@Service
public class CutKeeping {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    /** Longest part of a card's name in the name of its offcuts. */
    private static final int LONGEST = 80;

    private final StockRoom stock;
    private final Clock clock = Clock.system(ZoneId.systemDefault());

    CutKeeping(StockRoom stock) {
        this.stock = stock;
    }

    /** A day as offcuts are called by it: "2 Dec". */
    public static String inWords(LocalDate day) {
        return DAY.format(day);
    }

    /**
     * A card has been cut as planned.
     *
     * @throws ValidationException when no sheet is cut, or there are too many sheets to keep
     */
    public void done(Card card, CutPlan plan) {
        if (plan.papers().stream().allMatch(paper -> paper.solution().patterns().isEmpty())) {
            throw new ValidationException("cutting", "This plan cuts no sheet. Give it one to cut from first.");
        }
        LocalDate today = LocalDate.now(clock);
        String name = card.plan().name();
        Offcuts offcuts = Offcuts.of(
                plan,
                card.worked().tools(),
                card.plan().ruler(),
                "from %s, %s"
                        .formatted(
                                name.length() > LONGEST ? name.substring(0, LONGEST - 1) + "…" : name, inWords(today)),
                StockRoom::newId);
        CutDone done = new CutDone(
                StockRoom.newId(),
                card.id().toString(),
                name,
                today,
                offcuts.taken(),
                offcuts.kept().stream().map(sheet -> sheet.id()).toList());
        stock.change(own -> own.cut(done, offcuts.kept()));
    }

    /**
     * That was not cut after all.
     *
     * @throws ValidationException when nothing is known of it
     */
    public void takeBack(String id) {
        stock.change(own -> own.uncut(id));
    }

    /** When a card was cut, the last first. */
    public List<CutDone> of(Card card) {
        return stock.own().cuts().stream()
                .filter(done -> done.card().equals(card.id().toString()))
                .sorted((one, other) -> other.day().compareTo(one.day()))
                .toList();
    }
}
