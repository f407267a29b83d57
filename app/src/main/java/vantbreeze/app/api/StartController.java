package vantbreeze.app.api;

import java.util.List;
import org.springframework.lang.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.core.fit.Proposal;
import vantbreeze.core.fit.Proposals;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Refusal;
import vantbreeze.core.plan.Workshop;

/** What there is to choose from, and the sizes that follow from an envelope, a finished size or a sheet. */
@RestController
@RequestMapping("/api")
class StartController {

    /** What a maker has to start from. */
    public enum Start { ENVELOPE, SIZE, SHEET }

    private final Workshop workshop;

    StartController(Workshop workshop) {
        this.workshop = workshop;
    }

    @GetMapping("/stock")
    StockView stock() {
        return new StockView(
                workshop.catalogue().all().stream()
                        .map(structure -> new StockView.StructureView(structure.id(), structure.name(), structure.title().does())).toList(),
                List.of(Ruler.values()).stream()
                        .map(r -> new StockView.RulerView(r.id(), r.label(), r.isInches(), r.division().millimetres())).toList(),
                workshop.envelopes().all().stream().map(StartController::envelope).toList(),
                workshop.sheets().all().stream()
                        .map(s -> new StockView.SheetView(s.id(), s.name(), SizeView.of(s.size(), Ruler.EIGHTHS))).toList(),
                workshop.cardstocks().byId().entrySet().stream()
                        .map(stock -> new StockView.CardstockView(stock.getKey(), stock.getValue().name())).toList());
    }

    @GetMapping("/starts")
    List<ProposalView> starts(@RequestParam Start from, @RequestParam String structure, @RequestParam String ruler,
                              @RequestParam String sheet, @RequestParam(required = false) @Nullable String envelope,
                              @RequestParam(required = false) @Nullable String width,
                              @RequestParam(required = false) @Nullable String height) {
        Written written = Written.on(ruler);
        Proposals proposals = workshop.proposals(workshop.structure(structure), written.ruler(), workshop.sheet(sheet));
        List<Proposal> found = switch (from) {
            case ENVELOPE -> proposals.forEnvelope(workshop.envelope(required(envelope)));
            case SHEET -> proposals.forSheet();
            case SIZE -> List.of(proposals.forSize(
                    new Size(written.measure("width", width), written.measure("height", height))));
        };
        return found.stream().map(proposal -> ProposalView.of(proposal, written.ruler())).toList();
    }

    private static String required(@Nullable String envelope) {
        if (envelope == null || envelope.isBlank()) {
            throw new Refusal("envelope", "Choose the envelope you have.");
        }
        return envelope;
    }

    private static StockView.EnvelopeView envelope(Envelope envelope) {
        boolean inches = envelope.source() == Envelope.Source.TRADE_INCH;
        return new StockView.EnvelopeView(envelope.id(), envelope.name(), envelope.source().label(),
                SizeView.of(envelope.inside(), inches ? Ruler.EIGHTHS : Ruler.MM_1), inches);
    }
}
