package brightplumb.app.tickets;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.formats.sheet.DrawnPattern;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/** A drawn pattern as it is kept: a place is two numbers, a straight line four, a curve eight. */
@Component
class DrawnPatterns {

    private final JsonMapper json;

    DrawnPatterns(JsonMapper json) {
        this.json = json.rebuild()
                .addModule(new SimpleModule("lines")
                        .addSerializer(new PointOut())
                        .addDeserializer(Point.class, new PointIn())
                        .addSerializer(new SegmentOut())
                        .addDeserializer(Segment.class, new SegmentIn())
                        .addDeserializer(Line.class, new LineIn()))
                .build();
    }

    String write(DrawnPattern pattern) {
        return json.writeValueAsString(pattern);
    }

    DrawnPattern read(String written) {
        return json.readValue(written, DrawnPattern.class);
    }

    private static void write(JsonGenerator out, Point... places) {
        out.writeStartArray();
        for (Point place : places) {
            out.writeNumber(place.x());
            out.writeNumber(place.y());
        }
        out.writeEndArray();
    }

    private static Point at(double[] numbers, int place) {
        return Point.of(numbers[2 * place], numbers[2 * place + 1]);
    }

    private static final class PointOut extends StdSerializer<Point> {
        PointOut() {
            super(Point.class);
        }

        @Override
        public void serialize(Point point, JsonGenerator out, SerializationContext context) {
            write(out, point);
        }
    }

    private static final class PointIn extends StdDeserializer<Point> {
        PointIn() {
            super(Point.class);
        }

        @Override
        public Point deserialize(JsonParser in, DeserializationContext context) {
            return at(in.readValueAs(double[].class), 0);
        }
    }

    private static final class SegmentOut extends StdSerializer<Segment> {
        SegmentOut() {
            super(Segment.class);
        }

        @Override
        public void serialize(Segment segment, JsonGenerator out, SerializationContext context) {
            if (segment instanceof Cubic cubic) {
                write(out, cubic.from(), cubic.c1(), cubic.c2(), cubic.to());
            } else {
                write(out, segment.from(), segment.to());
            }
        }
    }

    private static final class SegmentIn extends StdDeserializer<Segment> {
        SegmentIn() {
            super(Segment.class);
        }

        @Override
        public Segment deserialize(JsonParser in, DeserializationContext context) {
            double[] n = in.readValueAs(double[].class);
            return n.length == 4 ? new Line(at(n, 0), at(n, 1)) : new Cubic(at(n, 0), at(n, 1), at(n, 2), at(n, 3));
        }
    }

    private static final class LineIn extends StdDeserializer<Line> {
        LineIn() {
            super(Line.class);
        }

        @Override
        public Line deserialize(JsonParser in, DeserializationContext context) {
            double[] n = in.readValueAs(double[].class);
            return new Line(at(n, 0), at(n, 1));
        }
    }
}
