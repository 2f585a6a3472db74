package bivouac.handover.tk;

import java.util.Map;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The texts of a program as JSON. */
final class TkTexts {

    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private TkTexts() {}

    static String file(Map<String, String> texts) {
        return MAPPER.writeValueAsString(texts) + "\n";
    }
}
