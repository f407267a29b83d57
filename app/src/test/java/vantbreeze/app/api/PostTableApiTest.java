package vantbreeze.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.jayway.jsonpath.JsonPath;
import org.junit.jupiter.api.Test;
import vantbreeze.core.post.PostTables;

/** Tables of postal services as a maker types them: prices, limits, areas of their own. */
class PostTableApiTest extends StockApi {

    private static final String KITE_MAIL = "{'name':'Kite mail','length':{'from':'9 cm','to':'250'},"
            + "'width':{'from':'','to':'6 in'},'thickness':{'from':'','to':'5'},'weight':{'from':'','to':'%s'},"
            + "'together':'','ratio':{'from':'','to':''},'machine':{'from':'1.3','to':'2.5'},'square':'0,40',"
            + "'stiff':'','price':'%s','source':'the counter, today'}";

    private static String kiteMail(String grams, String price) {
        return KITE_MAIL.formatted(grams, price);
    }

    /** What is shown is what is typed: put back as it is shown, every shipped service is the shipped one. */
    @Test
    void whatIsShownCanBeTyped() throws Exception {
        JsonNode tables = new ObjectMapper().readTree(text(look("/api/post")));
        assertThat(tables).hasSizeGreaterThan(3);
        for (JsonNode table : tables) {
            for (JsonNode service : table.get("services")) {
                String path = "/api/post/%s/services/%s"
                        .formatted(table.get("id").asText(), service.get("id").asText());
                change(path, service.get("typed").toString()).andExpect(status().isOk());
            }
        }
        assertThat(stock().own().post()).containsExactlyInAnyOrderElementsOf(PostTables.all());
        look("/api/post").andExpect(jsonPath("$[?(@.isChanged == true)]", hasSize(0)));
    }

    /** All priced, the cheapest that takes it is told first, with its price. */
    @Test
    void pricesAreTypedAndTold() throws Exception {
        String area = JsonPath.read(text(send("/api/post", "{'area':'Kite town','currency':'eur'}")), "$[0].id");
        look("/api/post")
                .andExpect(jsonPath("$[0].currency").value("EUR"))
                .andExpect(jsonPath("$[0].isOwn").value(true));
        send("/api/post/" + area + "/services", kiteMail("500", "2,10")).andExpect(status().isOk());
        String answer = text(send("/api/post/" + area + "/services", kiteMail("900", "1.85")));
        String second = JsonPath.read(answer, "$[0].services[1].id");
        String card = JsonPath.read(
                text(send("/api/cards", "{'structure':'side-fold','ruler':'mm','width':'148','height':'104'}")),
                "$.id");
        perform(get("/api/cards/" + card + "/post").param("area", area))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.services[0].id").value(second))
                .andExpect(jsonPath("$.services[0].price").value("1.85 EUR"))
                .andExpect(jsonPath("$.services[0].takes").value(true));
        // what is square pays 0.40 more
        String square = JsonPath.read(
                text(send("/api/cards", "{'structure':'side-fold','ruler':'mm','width':'120','height':'120'}")),
                "$.id");
        perform(get("/api/cards/" + square + "/post").param("area", area))
                .andExpect(jsonPath("$.services[0].price").value("2.25 EUR"))
                .andExpect(jsonPath("$.services[0].dearer", containsString("odd shape")));
        perform(delete("/api/post/" + area + "/services/" + second)).andExpect(jsonPath("$[0].services", hasSize(1)));
        perform(delete("/api/post/" + area)).andExpect(jsonPath("$[?(@.id == '%s')]".formatted(area), hasSize(0)));
    }

    /** A shipped table keeps its place when it is changed, and is as it was at a press. */
    @Test
    void aShippedTableIsChangedAndBack() throws Exception {
        change("/api/post/de/services/de-standard", kiteMail("25", "0.95"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[3].id").value("de"))
                .andExpect(jsonPath("$[3].isChanged").value(true))
                .andExpect(jsonPath("$[3].services[0].typed.name").value("Kite mail"))
                .andExpect(jsonPath("$[3].services", hasSize(4)));
        perform(delete("/api/post/de"))
                .andExpect(jsonPath("$[3].isChanged").value(false))
                .andExpect(jsonPath("$[3].services[0].typed.weight.to").value("20"));
    }

    @Test
    void whatCannotBeIsTold() throws Exception {
        String services = "/api/post/de/services";
        send(services, kiteMail("many", ""))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("weight"))
                .andExpect(jsonPath("$.detail", containsString("Type one, like 20")));
        send(services, kiteMail("", "")).andExpect(jsonPath("$.detail", containsString("needs a limit")));
        send(services, kiteMail("20", "free")).andExpect(jsonPath("$.field").value("price"));
        send(services, kiteMail("20", "").replace("9 cm", "900"))
                .andExpect(jsonPath("$.field").value("length"))
                .andExpect(jsonPath("$.detail", containsString("Swap them")));
        send("/api/post", "{'area':' ','currency':'EUR'}")
                .andExpect(jsonPath("$.field").value("area"));
        send("/api/post", "{'area':'Kite town','currency':'kites'}")
                .andExpect(jsonPath("$.field").value("currency"));
        change(services + "/none", kiteMail("20", "")).andExpect(status().isNotFound());
        perform(delete("/api/post/moon")).andExpect(status().isNotFound());
        look("/api/post").andExpect(jsonPath("$[*].isChanged", hasItem(false)));
    }
}
