package brightplumb.app.web;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/** How values are read that JSON has no shape of its own for, and how the many numbers of a draft are written. */
@Configuration
class JsonShapes {

    @Bean
    JsonMapperBuilderCustomizer daysAsText() {
        return builder -> builder.addModule(new SimpleModule("days").addDeserializer(LocalDate.class, new IsoDay()));
    }

    /** A number is written as a number, and within reason: no text, no NaN, nothing beyond a thousand kilometres. */
    @Bean
    JsonMapperBuilderCustomizer numbersWithinReason() {
        return builder -> builder.addModule(new SimpleModule("numbers")
                .addDeserializer(Double.class, new NumberWithinReason(Double.class))
                .addDeserializer(double.class, new NumberWithinReason(double.class)));
    }

    /** There is no nothing in a list. In a map it takes an entry away. */
    @Bean
    JsonMapperBuilderCustomizer nothingInLists() {
        return builder -> builder.withConfigOverride(
                List.class, list -> list.setNullHandling(JsonSetter.Value.forContentNulls(Nulls.FAIL)));
    }

    /** A draft is some thousand numbers, and the plain way of writing one takes longer than laying it off. */
    @Bean
    JsonMapperBuilderCustomizer numbersQuickly() {
        return builder -> builder.enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER);
    }

    /**
     * Places that are told to a thousandth are written down as the whole numbers that they are, with a point: shorter
     * work than finding a fraction's digits.
     */
    @Bean
    JsonMapperBuilderCustomizer placesQuickly() {
        return builder ->
                builder.addModule(new SimpleModule("places").addSerializer(double[].class, new Thousandths()));
    }

    private static final class Thousandths extends StdSerializer<double[]> {

        /** Below this a thousandth and its double are told apart with room to spare. */
        private static final long MOST = 1L << 40;

        Thousandths() {
            super(double[].class);
        }

        @Override
        public void serialize(double[] place, JsonGenerator out, SerializationContext context) {
            out.writeStartArray(place, place.length);
            for (double mm : place) {
                long thousandths = Math.round(mm * 1000);
                if (Math.abs(thousandths) < MOST && thousandths / 1000.0 == mm) {
                    out.writeNumber(written(thousandths));
                } else {
                    out.writeNumber(mm);
                }
            }
            out.writeEndArray();
        }

        /** −854 as −0.854, 6350 as 6.35, 0 as 0. */
        private static String written(long thousandths) {
            long rest = Math.abs(thousandths) % 1000;
            StringBuilder text = new StringBuilder(12);
            if (thousandths < 0) {
                text.append('-');
            }
            text.append(Math.abs(thousandths) / 1000);
            if (rest > 0) {
                text.append('.');
                for (long of = 100; rest > 0; of /= 10) {
                    text.append((char) ('0' + rest / of));
                    rest %= of;
                }
            }
            return text.toString();
        }
    }

    private static final class NumberWithinReason extends StdDeserializer<Double> {

        private static final double MOST = 1e9;

        NumberWithinReason(Class<Double> type) {
            super(type);
        }

        @Override
        public Double deserialize(JsonParser parser, DeserializationContext context) {
            if (parser.currentToken().isNumeric() && Math.abs(parser.getDoubleValue()) <= MOST) {
                return parser.getDoubleValue();
            }
            return (Double) context.handleUnexpectedToken(getValueType(context), parser);
        }

        @Override
        public Object getAbsentValue(DeserializationContext context) {
            return null;
        }
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
