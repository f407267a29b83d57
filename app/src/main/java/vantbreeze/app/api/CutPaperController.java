package vantbreeze.app.api;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.cutting.CutKeeping;
import vantbreeze.app.cutting.CuttingDesk;
import vantbreeze.app.cutting.CuttingJob;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.CutPlan;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.exchange.print.CutDrawing;
import vantbreeze.exchange.print.CutSheet;
import vantbreeze.exchange.print.OffcutLabels;
import vantbreeze.exchange.table.CutTable;

/** How a card is cut, on paper and in files. */
@RestController
@RequestMapping("/api/cards/{id}")
class CutPaperController {

    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);
    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");

    /** How long a file waits for the best plan, milliseconds; then it is the best so far. */
    private static final long PATIENCE = 20_000;

    /** The page on which each sheet is as large as it is. */
    private static final String TRUE_SIZE = "sheet";

    private final Drawer drawer;
    private final CuttingDesk desk;
    private final CutKeeping keeping;
    private final StockRoom stock;

    CutPaperController(Drawer drawer, CuttingDesk desk, CutKeeping keeping, StockRoom stock) {
        this.drawer = drawer;
        this.desk = desk;
        this.keeping = keeping;
        this.stock = stock;
    }

    private CutPlan plan(Card card) {
        CuttingJob job = desk.job(card);
        return job.within(PATIENCE)
                .or(job::soFar)
                .orElseThrow(() -> new ValidationException(
                        "cutting", "The plan is not worked out yet. Wait a moment, and ask again."));
    }

    /**
     * The sheets to scale and the steps.
     *
     * @param page of the printer, or {@value #TRUE_SIZE} for every sheet on a page as large as it is
     */
    @GetMapping("/cutting.pdf")
    ResponseEntity<byte[]> pages(@PathVariable UUID id, @RequestParam(defaultValue = "a4") String page) {
        Card card = drawer.card(id);
        byte[] pdf = page.equals(TRUE_SIZE)
                ? CutSheet.trueSize(card.worked(), plan(card))
                : CutSheet.of(card.worked(), plan(card), Printed.page(page));
        return Download.of(card.plan().name(), ", cutting.pdf", MediaType.APPLICATION_PDF, "attachment", pdf);
    }

    /** The sheets, true to size. */
    @GetMapping("/cutting.svg")
    ResponseEntity<byte[]> drawing(@PathVariable UUID id) {
        Card card = drawer.card(id);
        String svg = CutDrawing.of(card.plan().name(), plan(card));
        return Download.of(
                card.plan().name(), ", cutting.svg", SVG, "attachment", svg.getBytes(StandardCharsets.UTF_8));
    }

    /** The steps as comma-separated values. */
    @GetMapping("/cutting.csv")
    ResponseEntity<byte[]> table(@PathVariable UUID id) {
        Card card = drawer.card(id);
        String csv = CutTable.of(card.worked(), plan(card));
        return Download.of(
                card.plan().name(), ", cutting.csv", CSV, "attachment", csv.getBytes(StandardCharsets.UTF_8));
    }

    /** Labels for what was left over when the card was cut. */
    @GetMapping("/offcuts.pdf")
    ResponseEntity<byte[]> labels(@PathVariable UUID id, @RequestParam(defaultValue = "a4") String page) {
        Card card = drawer.card(id);
        Ruler ruler = card.plan().ruler();
        List<String> ids = keeping.of(card).stream()
                .flatMap(done -> done.offcuts().stream())
                .toList();
        List<OffcutLabels.OffcutLabel> labels = stock.own().sheets().stream()
                .filter(sheet -> ids.contains(sheet.id()))
                .map(sheet -> label(sheet, ruler))
                .toList();
        return Download.of(
                card.plan().name(),
                ", offcuts.pdf",
                MediaType.APPLICATION_PDF,
                "attachment",
                OffcutLabels.of(labels, Printed.page(page)));
    }

    private OffcutLabels.OffcutLabel label(StockSheet sheet, Ruler ruler) {
        String paper =
                sheet.stock().map(of -> stock.workshop().cardstock(of).name()).orElse("Any paper");
        Integer count = sheet.count();
        String many = count == null || count == 1 ? "" : " (%s of these)".formatted(count);
        return new OffcutLabels.OffcutLabel(
                Figure.of(sheet.size().width(), ruler).by(Figure.of(sheet.size().height(), ruler)),
                paper + many,
                sheet.name());
    }
}
