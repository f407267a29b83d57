package vantbreeze.app.api;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.plan.OwnStock;

/**
 * A house asked about the maker's own stock, which is the usual one again after each test: one house for all these
 * classes, which take turns.
 */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:stock")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
@ResourceLock("the maker's own stock")
abstract class StockApi {

    @Autowired
    private MockMvc web;

    @Autowired
    private StockRoom stock;

    @AfterEach
    void asBefore() {
        stock.change(own -> OwnStock.usual());
    }

    final StockRoom stock() {
        return stock;
    }

    final ResultActions perform(MockHttpServletRequestBuilder asked) throws Exception {
        return web.perform(asked);
    }

    final ResultActions look(String path) throws Exception {
        return perform(get(path));
    }

    /** @param body as JSON, whose quotes may be single ones */
    final ResultActions send(MockHttpServletRequestBuilder to, String body) throws Exception {
        return perform(to.contentType(MediaType.APPLICATION_JSON).content(body.replace('\'', '"')));
    }

    final ResultActions send(String path, String body) throws Exception {
        return send(post(path), body);
    }

    final ResultActions change(String path, String body) throws Exception {
        return send(put(path), body);
    }

    /** Changes the tools of the maker's table, and nothing beside them. */
    final ResultActions otherTools() throws Exception {
        return change(
                "/api/stock/own/tools",
                "{'inches':{'name':'a','groove':'1/8','length':'12'},"
                        + "'metric':{'name':'b','groove':'5','length':'300'},'bed':'12','stopsInside':false}");
    }

    /** The body of an answer that succeeded. */
    static String text(ResultActions answered) throws Exception {
        return answered.andExpect(status().is2xxSuccessful())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }
}
