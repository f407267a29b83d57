package vantbreeze.app.door;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;

/** A disk with less room than is wanted: read as ever, take nothing in, and say so. */
@SpringBootTest(
        properties = {"spring.datasource.url=jdbc:h2:mem:room", "vantbreeze.least-free-bytes=9000000000000000000"})
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class RoomTest {

    @TempDir
    private static Path folder;

    @DynamicPropertySource
    static void inAFolderOfItsOwn(DynamicPropertyRegistry settings) {
        settings.add("vantbreeze.data", () -> folder.toString());
    }

    @Autowired
    private MockMvc web;

    @Test
    void nothingIsTakenInAndWhatIsKeptIsShown() throws Exception {
        web.perform(get("/api/cards")).andExpect(status().isOk());
        web.perform(post("/api/cards")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"structure\":\"z-fold\",\"ruler\":\"mm\",\"width\":\"126\",\"height\":\"92\"}"))
                .andExpect(status().isInsufficientStorage())
                .andExpect(jsonPath("$.type").value("urn:vantbreeze:problem:disk-full"));
        web.perform(get("/api/cards"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$").isEmpty());
    }
}
