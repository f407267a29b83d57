package vantbreeze.app.door;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.web.servlet.MockMvc;

/** Every answer tells browsers what the house's pages never do. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:headers")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class HeadersTest {

    @Autowired
    private MockMvc web;

    @ParameterizedTest
    @ValueSource(strings = {"/api/cards", "/api/cards/nonsense", "/nothing-at-all", "/v3/api-docs"})
    void areOnEveryAnswer(String path) throws Exception {
        web.perform(get(path))
                .andExpect(header().exists("Content-Security-Policy"))
                .andExpect(header().string("X-Content-Type-Options", "nosniff"))
                .andExpect(header().string("X-Frame-Options", "DENY"))
                .andExpect(header().string("Referrer-Policy", "same-origin"))
                .andExpect(header().exists("Permissions-Policy"))
                .andExpect(header().string("Cross-Origin-Resource-Policy", "same-origin"));
    }

    /** Content Security Policy 3: nothing but our own files, no script in the page, in nobody's frame. */
    @Test
    void allowNoScriptButOurOwnFiles() throws Exception {
        String policy = web.perform(get("/api/cards")).andReturn().getResponse().getHeader("Content-Security-Policy");
        assertThat(Arrays.stream(policy.split("; ")))
                .contains(
                        "default-src 'none'",
                        "script-src 'self'",
                        "object-src 'none'",
                        "base-uri 'none'",
                        "frame-ancestors 'none'");
        assertThat(policy).doesNotContain("unsafe-eval").doesNotContain("http:").doesNotContain("*");
    }

    @Test
    void aMakersCardsLieInNoCache() throws Exception {
        web.perform(get("/api/cards"))
                .andExpect(status().isOk())
                .andExpect(header().string("Cache-Control", "no-store"));
    }
}
