package vantbreeze.core.texts;

import java.nio.file.*;
import java.util.*;
import org.junit.jupiter.api.Test;

class DumpTest {
    @Test
    void dump() throws Exception {
        Map<String, String> seen = new LinkedHashMap<>();
        AllTexts.cards().forEach(card -> {
            for (Said s : AllTexts.of(card)) seen.putIfAbsent(s.text(), s.where());
            for (Said s : AllTexts.dressed(card)) seen.putIfAbsent(s.text(), s.where());
        });
        StringBuilder b = new StringBuilder();
        seen.forEach((t, w) -> b.append(w).append("\t").append(t).append("\n"));
        Files.writeString(Path.of("/tmp/texts.txt"), b.toString());
    }
}
