package vantbreeze.exchange.handout;

import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.build.BuildStep;
import vantbreeze.core.build.BuildStep.Reading;
import vantbreeze.core.build.BuildStep.Shown;
import vantbreeze.core.build.PaperColours;
import vantbreeze.core.build.StepKind;
import vantbreeze.core.build.StepPicture;
import vantbreeze.core.build.StepWords;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.WorkedPlan;

/**
 * A card on one page of HTML 5 that needs no server and no network: what it is, how it folds, frame by frame, and every
 * step with its figures, in both units, and its picture. Written so that it is well-formed XML too.
 */
public final class Handout {

    /** Frames of the folding. */
    private static final int FRAMES = 25;

    private static final String PLAIN = "#fffdf8";

    private static final String STYLE =
            """
            body{margin:0 auto;max-width:46rem;padding:1rem;font:1.1rem/1.5 Georgia,serif;
            color:#1e2a33;background:#f8f5ee}
            h1{font-size:1.9rem;margin:.3em 0}h2{font-size:1.35rem;margin:1.6em 0 .2em;border-top:1px solid}
            ol,ul{padding-left:1.4em}.figure{font-weight:bold;font-size:1.25em}.other{color:#4a5660}
            .mind{border-left:.3rem solid #a3341f;padding-left:.6rem}.from{font-style:italic;color:#4a5660;margin:0}
            svg{display:block;width:100%;max-height:19rem;margin:.5rem 0}
            svg path{stroke:#1e2a33;stroke-width:.4;stroke-linejoin:round;fill-rule:evenodd}
            svg .film{fill:#46748a22;stroke-width:.8}svg .glue{fill:#0b5cad44;stroke:#0b5cad}
            svg .lit-layer,svg .lit{stroke:#0b5cad;stroke-width:1.4}
            svg .valley{stroke-dasharray:3 2}svg .mountain{stroke-dasharray:4 1.2 .6 1.2 .6 1.2}
            svg .unassigned{stroke-dasharray:.6 1.2}
            .frame{display:none}.frame.now{display:block}input[type=range]{width:100%;height:2.75rem}
            @media print{input,.frame{display:none}.frame.now{display:block}
            h2{break-after:avoid}section{break-inside:avoid}}
            """;

    private static final String SCRIPT =
            """
            var range=document.getElementById('fold'),frames=document.querySelectorAll('.frame');
            range.addEventListener('input',function(){for(var i=0;i!==frames.length;i++)
            frames[i].classList.toggle('now',i===+range.value)});
            """;

    private final WorkedPlan card;
    private final BuildPlan building;
    private final Ruler ruler;
    private final Ruler other;
    private final XMLStreamWriter page;
    private final SvgPicture pictures;

    private Handout(WorkedPlan card, XMLStreamWriter page) {
        this.card = card;
        this.building = card.of(BuildPlan.STAGE);
        this.ruler = card.ruler();
        this.other = ruler.elsewhere();
        this.page = page;
        PaperColours colours = new PaperColours(card);
        this.pictures = new SvgPicture(page, patch -> colours.of(patch).orElse(PLAIN));
    }

    /** The page of a card. */
    public static String of(WorkedPlan card) {
        StringWriter text = new StringWriter();
        text.write("<!DOCTYPE html>\n");
        try {
            XMLStreamWriter page = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            new Handout(card, page).write();
            page.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("writing to memory", impossible);
        }
        return text.toString();
    }

    private void write() throws XMLStreamException {
        page.writeStartElement("html");
        page.writeAttribute("lang", "en");
        page.writeStartElement("head");
        page.writeEmptyElement("meta");
        page.writeAttribute("charset", "utf-8");
        page.writeEmptyElement("meta");
        page.writeAttribute("name", "viewport");
        page.writeAttribute("content", "width=device-width, initial-scale=1");
        element("title", card.plan().name());
        element("style", STYLE);
        page.writeEndElement();
        page.writeStartElement("body");
        element("h1", card.plan().name());
        element(
                "p",
                "%s. Closed %s (%s), %s thick."
                        .formatted(card.structure().name(), size(ruler), size(other), card.thickness()));
        folding();
        for (int i = 0; i < building.steps().size(); i++) {
            step(i, building.steps().get(i));
        }
        element("script", SCRIPT);
        page.writeEndElement();
        page.writeEndElement();
    }

    private String size(Ruler on) {
        return Figure.of(card.footprint().width(), on)
                .by(Figure.of(card.footprint().height(), on));
    }

    private void folding() throws XMLStreamException {
        List<StepPicture> frames = building.folding(FRAMES);
        if (frames.isEmpty()) {
            return;
        }
        Envelope box = new Envelope();
        frames.forEach(frame -> box.expandToInclude(frame.box()));
        element("h2", "How it folds");
        for (int i = 0; i < frames.size(); i++) {
            String title = String.format(Locale.ROOT, "Folding, %d of %d", i + 1, frames.size());
            pictures.draw(frames.get(i), box, i == frames.size() / 2 ? "frame now" : "frame", title);
        }
        page.writeEmptyElement("input");
        page.writeAttribute("type", "range");
        page.writeAttribute("id", "fold");
        page.writeAttribute("aria-label", "How far closed");
        page.writeAttribute("min", "0");
        page.writeAttribute("max", Integer.toString(frames.size() - 1));
        page.writeAttribute("value", Integer.toString(frames.size() / 2));
    }

    private void step(int number, BuildStep step) throws XMLStreamException {
        page.writeStartElement("section");
        element("h2", String.format(Locale.ROOT, "%d. %s", number + 1, step.what()));
        if (!step.how().isEmpty()) {
            element("p", step.how());
        }
        if (!step.readings().isEmpty()) {
            page.writeStartElement(step.readings().size() > 1 ? "ol" : "ul");
            for (Reading reading : step.readings()) {
                reading(reading);
            }
            page.writeEndElement();
        }
        for (String caution : step.cautions()) {
            page.writeStartElement("p");
            page.writeAttribute("class", "mind");
            page.writeCharacters(caution);
            page.writeEndElement();
        }
        picture(building.overview(number), step.what());
        if (step.id().kind() == StepKind.GLUE) {
            picture(building.picture(number, step.readings().size()), step.what());
        }
        page.writeEndElement();
    }

    private void picture(StepPicture picture, String title) throws XMLStreamException {
        if (!picture.patches().isEmpty()) {
            pictures.draw(picture, picture.box(), "step", title);
            page.writeStartElement("p");
            page.writeAttribute("class", "from");
            page.writeCharacters(picture.from());
            page.writeEndElement();
        }
    }

    private void reading(Reading reading) throws XMLStreamException {
        page.writeStartElement("li");
        List<Shown> figures = reading.figures();
        if (!figures.isEmpty()) {
            span("figure", StepWords.figures(figures, ruler));
            page.writeCharacters(" ");
            span("other", "(%s)".formatted(StepWords.figures(figures, other)));
            page.writeCharacters(reading.words().isEmpty() ? "" : ": ");
        }
        page.writeCharacters(reading.words());
        page.writeEndElement();
    }

    private void span(String kind, String text) throws XMLStreamException {
        page.writeStartElement("span");
        page.writeAttribute("class", kind);
        page.writeCharacters(text);
        page.writeEndElement();
    }

    private void element(String name, String text) throws XMLStreamException {
        page.writeStartElement(name);
        page.writeCharacters(text);
        page.writeEndElement();
    }
}
