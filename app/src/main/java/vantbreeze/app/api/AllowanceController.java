package vantbreeze.app.api;

import jakarta.validation.Valid;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Entry;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** What the maker allows for: the trade's values, and their own in place of some. */
@RestController
@RequestMapping("/api/stock/allowances")
class AllowanceController {

    /**
     * One allowance.
     *
     * @param figure what it is
     * @param own whether that is the maker's own
     * @param usual what the trade takes, of those who measure as the maker does
     * @param elsewhere what those take who measure the other way, where that is another
     */
    public record AllowanceView(
            String id,
            String label,
            String why,
            String source,
            FigureView figure,
            boolean own,
            FigureView usual,
            @Nullable FigureView elsewhere) {}

    /** Allowances that are looked at together. */
    public record AllowanceGroup(String label, List<AllowanceView> allowances) {}

    /**
     * An allowance as typed.
     *
     * @param text what the maker wrote; left out for the trade's
     * @param divisions instead: how many marks of the ruler it is shown on to move it by
     */
    public record NewAllowance(@Nullable @MaybeText String text, @Nullable Integer divisions) {}

    private final StockRoom stock;

    AllowanceController(StockRoom stock) {
        this.stock = stock;
    }

    /** All of them, as they are for a maker with that ruler. */
    @GetMapping
    List<AllowanceGroup> all(@RequestParam String ruler) {
        Written written = Written.on(ruler);
        Allowances own = stock.own().tools().allowances();
        return Allowance.GROUPS.stream()
                .map(group -> new AllowanceGroup(
                        group.label(),
                        group.allowances().stream()
                                .map(one -> view(one, own, written.ruler()))
                                .toList()))
                .toList();
    }

    /** Sets one; it then holds on every ruler. */
    @PutMapping("/{id}")
    List<AllowanceGroup> set(
            @PathVariable String id, @RequestParam String ruler, @Valid @RequestBody NewAllowance asked) {
        Ruler inForce = Written.on(ruler).ruler();
        Allowance allowance = Allowance.ALL.stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotHere("There is no such allowance. Look at the list again."));
        stock.change(own -> own.with(own.tools().with(changed(own.tools().allowances(), allowance, asked, inForce))));
        return all(ruler);
    }

    private static Allowances changed(Allowances own, Allowance allowance, NewAllowance asked, Ruler ruler) {
        try {
            if (allowance instanceof Allowance.OfLength length) {
                return own.with(length, length(own, length, asked, ruler));
            }
            Allowance.OfNumber number = (Allowance.OfNumber) allowance;
            return own.with(number, number(own, number, asked));
        } catch (ValidationException refused) {
            throw refused;
        } catch (IllegalArgumentException senseless) {
            throw new ValidationException(allowance.id(), String.valueOf(senseless.getMessage()));
        }
    }

    private static @Nullable Length length(
            Allowances own, Allowance.OfLength allowance, NewAllowance asked, Ruler ruler) {
        if (asked.divisions() != null) {
            Length present = own.of(allowance, ruler);
            return Entry.moved(present, asked.divisions(), shownOn(present, ruler));
        }
        return asked.text() == null ? null : Entry.read(allowance.id(), asked.text(), ruler);
    }

    private static @Nullable Double number(Allowances own, Allowance.OfNumber allowance, NewAllowance asked) {
        if (asked.divisions() != null) {
            return own.of(allowance) + Entry.within(asked.divisions()) * step(allowance);
        }
        if (asked.text() == null) {
            return null;
        }
        String figure =
                asked.text().replace(allowance.unit(), "").replace(',', '.').strip();
        try {
            return Double.valueOf(figure);
        } catch (NumberFormatException unreadable) {
            throw new ValidationException(
                    allowance.id(),
                    "\"%s\" is no number. Type a figure, like %s.".formatted(figure, allowance.usual()));
        }
    }

    /** A tenth of what is about one, ten of what goes into hundreds. */
    private static double step(Allowance.OfNumber allowance) {
        return allowance.most() <= 4 ? 0.1 : allowance.most() > 200 ? 10 : 1;
    }

    private static AllowanceView view(Allowance one, Allowances own, Ruler ruler) {
        if (one instanceof Allowance.OfLength length) {
            Length usual = ruler.isInches() ? length.inches() : length.metric();
            Length elsewhere = ruler.isInches() ? length.metric() : length.inches();
            return new AllowanceView(
                    one.id(),
                    one.label(),
                    one.why(),
                    one.source(),
                    figure(own.of(length, ruler), ruler),
                    own.lengths().containsKey(one.id()),
                    figure(usual, ruler),
                    usual.equals(elsewhere) ? null : figure(elsewhere, ruler));
        }
        Allowance.OfNumber number = (Allowance.OfNumber) one;
        return new AllowanceView(
                one.id(),
                one.label(),
                one.why(),
                one.source(),
                FigureView.of(own.of(number), number.unit()),
                own.numbers().containsKey(one.id()),
                FigureView.of(number.usual(), number.unit()),
                null);
    }

    /** As on a ruler that has a mark there, or between two marks exactly. */
    private static FigureView figure(Length length, Ruler ruler) {
        Ruler shown = shownOn(length, ruler);
        return shown.marks(length) ? FigureView.of(length, shown) : FigureView.of(length.millimetres(), "mm");
    }

    /** The finest ruler of the maker's, or of the others where only that has a mark there. */
    private static Ruler shownOn(Length length, Ruler ruler) {
        Ruler own = ruler.isInches() ? Ruler.THIRTY_SECONDS : Ruler.MM_HALF;
        Ruler other = ruler.isInches() ? Ruler.MM_HALF : Ruler.THIRTY_SECONDS;
        return !own.marks(length) && other.marks(length) ? other : own;
    }
}
