package vantbreeze.exchange.handout;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.Locale;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.xml.sax.InputSource;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

/** A card on one page to hand out. */
class HandoutTest {

    private static WorkedPlan card(String name) {
        Workshop workshop = Workshop.standard();
        Structure stage = workshop.structure("stage");
        return workshop.work(
                Plan.of(name, stage.id(), stage.proportioned(Size.ofMillimetres(146, 104), Ruler.MM_1), Ruler.MM_1));
    }

    private static Document read(String page) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        return factory.newDocumentBuilder().parse(new InputSource(new StringReader(page)));
    }

    /** Read by the JDK's own XML parser: every step has a section, and the folding its frames, one of them shown. */
    @Test
    void everyStepAndHowItFolds() throws Exception {
        WorkedPlan card = card("Kite day");
        String page = Handout.of(card);
        Document read = read(page);
        assertThat(read.getElementsByTagName("section").getLength())
                .isEqualTo(card.of(BuildPlan.STAGE).steps().size());
        assertThat(page.split("class=\"frame\"", -1)).hasSize(25);
        assertThat(page.split("class=\"frame now\"", -1)).hasSize(2);
        assertThat(page).contains("35 mm").contains("in)").contains("Glue Band on Left wing");
    }

    /** It opens without the house and without a network. */
    @Test
    void nothingIsFetched() {
        String page = Handout.of(card("Kite day")).toLowerCase(Locale.ROOT);
        assertThat(page)
                .doesNotContain("src=")
                .doesNotContain("href=")
                .doesNotContain("url(")
                .doesNotContain("@import");
        assertThat(page.replace("http://www.w3.org/2000/svg", "")).doesNotContain("http");
    }

    /** A name is words and nothing else. */
    @Test
    void aNameThatLooksLikeAPageIsHarmless() throws Exception {
        String page = Handout.of(card("<script>alert('kites')</script> & more"));
        assertThat(page).doesNotContain("<script>alert");
        assertThat(read(page).getElementsByTagName("script").getLength()).isOne();
    }
}
