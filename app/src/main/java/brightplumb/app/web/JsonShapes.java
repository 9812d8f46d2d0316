package brightplumb.app.web;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** How values are read that JSON has no shape of its own for. */
@Configuration
class JsonShapes {

    @Bean
    JsonMapperBuilderCustomizer daysAsText() {
        return builder -> builder.addModule(new SimpleModule("days").addDeserializer(LocalDate.class, new IsoDay()));
    }

    /** A draft is some thousand numbers, and the plain way of writing one takes longer than laying it off. */
    @Bean
    JsonMapperBuilderCustomizer numbersQuickly() {
        return builder -> builder.enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER);
    }

    /** A day as 2026-11-25 and in no other way: no number of days, no list of numbers. */
    private static final class IsoDay extends StdDeserializer<LocalDate> {

        private static final int LENGTH = "2026-11-25".length();

        IsoDay() {
            super(LocalDate.class);
        }

        @Override
        public LocalDate deserialize(JsonParser parser, DeserializationContext context) {
            String text = parser.currentToken() == JsonToken.VALUE_STRING ? parser.getString() : "";
            try {
                if (text.length() == LENGTH) {
                    return LocalDate.parse(text);
                }
            } catch (DateTimeParseException unreadable) {
                // said below, like every other shape
            }
            return (LocalDate) context.handleWeirdStringValue(LocalDate.class, text, "a day is written 2026-11-25");
        }
    }
}
