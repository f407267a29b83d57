package vantbreeze.app.api;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.fit.Proposal;
import vantbreeze.core.fit.Proposals;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Look;
import vantbreeze.core.tool.Board;

/** What there is to choose from, and the sizes that follow from an envelope, a finished size or a sheet. */
@RestController
@RequestMapping("/api")
class StartController {

    /** What a maker has to start from. */
    public enum Start {
        ENVELOPE,
        SIZE,
        SHEET
    }

    private final StockRoom stock;

    StartController(StockRoom stock) {
        this.stock = stock;
    }

    @GetMapping("/stock")
    StockView stock() {
        return new StockView(
                stock.workshop().catalogue().all().stream()
                        .map(structure -> new StockView.StructureView(
                                structure.id(),
                                structure.name(),
                                structure.title().does()))
                        .toList(),
                List.of(Ruler.values()).stream().map(this::ruler).toList(),
                stock.workshop().envelopes().all().stream()
                        .filter(envelope -> !stock.own().away().contains(envelope.id()))
                        .map(StartController::envelope)
                        .toList(),
                stock.workshop().sheets().all().stream()
                        .filter(sheet -> !stock.own().away().contains(sheet.id()))
                        .map(s -> new StockView.SheetView(s.id(), s.name(), SizeView.of(s.size(), Ruler.EIGHTHS)))
                        .toList(),
                stock.workshop().cardstocks().byId().entrySet().stream()
                        .filter(card -> !stock.own().away().contains(card.getKey()))
                        .map(card -> PaperView.of(card.getKey(), card.getValue()))
                        .toList(),
                LayerChoice.FOAMS.stream()
                        .map(foam -> Figure.of(foam, Ruler.MM_1).text())
                        .toList(),
                Arrays.stream(Look.Print.values())
                        .map(print -> new StockView.PrintView(print, print.repeat()))
                        .toList(),
                Arrays.stream(DieShape.values())
                        .map(shape -> new StockView.DieShapeView(shape.label(), shape.many(), shape.isEven()))
                        .toList());
    }

    @GetMapping("/starts")
    List<ProposalView> starts(
            @RequestParam Start from,
            @RequestParam String structure,
            @RequestParam String ruler,
            @RequestParam String sheet,
            @RequestParam(required = false) @Nullable String envelope,
            @RequestParam(required = false) @Nullable String width,
            @RequestParam(required = false) @Nullable String height) {
        Written written = Written.on(ruler);
        Proposals proposals = stock.workshop()
                .proposals(
                        stock.workshop().structure(structure),
                        written.ruler(),
                        stock.workshop().sheet(sheet));
        List<Proposal> found =
                switch (from) {
                    case ENVELOPE -> proposals.forEnvelope(stock.workshop().envelope(required(envelope)));
                    case SHEET -> proposals.forSheet();
                    case SIZE -> List.of(proposals.forSize(written.size(width, height)));
                };
        return found.stream()
                .map(proposal -> ProposalView.of(proposal, written.ruler()))
                .toList();
    }

    private StockView.RulerView ruler(Ruler ruler) {
        Board board = stock.own().tools().board(ruler);
        return new StockView.RulerView(
                ruler.id(),
                ruler.label(),
                ruler.isInches(),
                ruler.division().millimetres(),
                board.groove().millimetres(),
                board.length().millimetres());
    }

    private static String required(@Nullable String envelope) {
        if (envelope == null || envelope.isBlank()) {
            throw new ValidationException("envelope", "Choose the envelope you have.");
        }
        return envelope;
    }

    private static StockView.EnvelopeView envelope(Envelope envelope) {
        boolean inches = envelope.source() == Envelope.Source.TRADE_INCH
                || (envelope.source() == Envelope.Source.OWN
                        && Ruler.EIGHTHS.marks(envelope.inside().width())
                        && !Ruler.MM_1.marks(envelope.inside().width()));
        return new StockView.EnvelopeView(
                envelope.id(),
                envelope.name(),
                envelope.source().label(),
                SizeView.of(envelope.inside(), inches ? Ruler.EIGHTHS : Ruler.MM_1),
                envelope.depth().isPositive()
                        ? FigureView.of(envelope.depth(), inches ? Ruler.EIGHTHS : Ruler.MM_1)
                        : null,
                inches);
    }
}
