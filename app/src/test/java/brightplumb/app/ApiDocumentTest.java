package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The interface's types are made from a committed copy of the document; this keeps the copy true. */
class ApiDocumentTest {

    private static final Path COMMITTED = Path.of("../web/openapi.json");

    @Test
    void the_committed_document_is_the_live_one() throws IOException {
        JsonMapper json =
                JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
        JsonNode live = Application.demo().get("/v3/api-docs").json();
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(COMMITTED, json.writeValueAsString(live) + "\n");
        }
        assertThat(json.readTree(COMMITTED.toFile()))
                .as("run ./plumb test -Dopenapi.write=true to take over a change")
                .isEqualTo(live);
    }
}
