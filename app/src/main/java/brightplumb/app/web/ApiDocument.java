package brightplumb.app.web;

import brightplumb.app.printing.OutputFile;
import brightplumb.core.fitting.Place;
import brightplumb.core.garment.Catalogue;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sentence;
import brightplumb.core.pattern.Layer;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Posture;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The published description of the interface. What we answer with is always whole, so every property of a view is
 * required.
 */
@Configuration
class ApiDocument {

    /** Properties that hold amounts by name, and what an amount is in them. */
    private static final Map<String, String> AMOUNTS =
            Map.of("settings", "SettingValue", "changes", "SettingValue", "measures", "TapeValue");

    // A reference to another view cannot say for itself that it may be null.
    private static final Set<String> MAY_BE_NULL = Set.of(
            "CheckView.remedy", "NoticeView.remedy", "CutBookView.outline", "TicketView.outline", "EvidenceView.room");

    /**
     * Properties that hold names which are declared in the core, and all that they can be. Found when the document is
     * asked for: the catalogue takes a while to be built.
     */
    private static Map<String, List<String>> names() {
        return Map.of(
                "MeasureView.key", measures(),
                "DoubtView.measure", measures(),
                "EstimateView.measure", measures(),
                "CheckView.id", checks(),
                "CheckView.posture", postures(),
                "EvidenceView.check", checks(),
                "PieceView.layer", layers(),
                "LayView.layer", layers(),
                "RemarkView.level", places());
    }

    private static List<String> measures() {
        return Arrays.stream(Measure.values()).map(Measure::key).toList();
    }

    private static List<String> checks() {
        return Catalogue.checks().stream().map(CheckId::id).toList();
    }

    private static List<String> postures() {
        return Arrays.stream(Posture.values())
                .map(posture -> posture.name().toLowerCase(Locale.ROOT))
                .toList();
    }

    private static List<String> places() {
        return Arrays.stream(Place.values()).map(Place::id).toList();
    }

    private static List<String> layers() {
        return Arrays.stream(Layer.values()).map(Layer::id).toList();
    }

    @Bean
    OpenAPI document() {
        return new OpenAPI()
                .info(new Info()
                        .title("Bright Plumb")
                        .version("1")
                        .description("Lengths are millimetres, angles degrees."))
                .servers(List.of(new Server().url("/")));
    }

    static {
        // A file is its bytes, however it is written.
        SpringDocUtils.getConfig()
                .replaceWithClass(Sentence.class, String.class)
                .replaceWithSchema(OutputFile.class, ofType("string").format("byte"));
    }

    @Bean
    OpenApiCustomizer wholeViews() {
        return api -> {
            var schemas = api.getComponents().getSchemas();
            schemas.forEach(ApiDocument::complete);
            schemas.values().forEach(ApiDocument::amounts);
            names().forEach((property, all) -> named(schemas, property, all));
            Schema<Object> number = ofType("number");
            Schema<Object> level = ofType("object");
            level.addProperty("from", ofType("string")._enum(List.of("waist", "knee", "ankle", "floor")));
            level.addProperty("add", ofType("number"));
            level.required(List.of("from", "add"));
            schemas.put("SettingValue", new JsonSchema().oneOf(List.of(number, ofType("string"), level)));
            Schema<Object> two = ofType("array");
            two.items(ofType("number")).minItems(2).maxItems(2);
            @SuppressWarnings("unchecked") // The library answers its own kind without its content.
            Schema<Object> read = new JsonSchema().oneOf(List.of(number, two));
            Schema<Object> told = ofType("object");
            told.addProperty("mm", read);
            told.addProperty("from", ofType("string")._enum(List.of("measured", "estimated", "table")));
            told.required(List.of("mm", "from"));
            schemas.put("TapeValue", new JsonSchema().oneOf(List.of(number, two, told)));
        };
    }

    @SuppressWarnings({"rawtypes", "unchecked"})
    private static void named(Map<String, Schema> schemas, String property, List<String> all) {
        String[] path = property.split("\\.", 2);
        Schema schema = schemas.get(path[0]);
        if (schema == null || !schema.getProperties().containsKey(path[1])) {
            throw new IllegalStateException("The document has no " + property);
        }
        ((Schema<Object>) schema.getProperties().get(path[1])).setEnum(List.copyOf(all));
    }

    private static Schema<Object> ofType(String type) {
        Schema<Object> schema = new JsonSchema();
        schema.types(Set.of(type));
        return schema;
    }

    /**
     * A map of amounts says what they are, so that nobody has to guess: a length or ratio or a choice's id, a tape read
     * once or twice.
     */
    @SuppressWarnings({"rawtypes", "unchecked"})
    private static void amounts(Schema schema) {
        Map<String, Schema> properties = schema.getProperties();
        if (properties == null) {
            return;
        }
        AMOUNTS.forEach((name, type) -> {
            Schema property = properties.get(name);
            if (property != null
                    && property.getAdditionalProperties() instanceof Schema values
                    && values.get$ref() == null) {
                property.setAdditionalProperties(new JsonSchema().$ref("#/components/schemas/" + type));
            }
        });
    }

    @SuppressWarnings({"rawtypes", "unchecked"})
    private static void complete(String name, Schema schema) {
        Map<String, Schema> properties = schema.getProperties();
        if ((name.endsWith("View") || name.startsWith("Page")) && properties != null) {
            schema.setRequired(properties.keySet().stream()
                    .filter(p -> !MAY_BE_NULL.contains(name + "." + p))
                    .toList());
        }
    }
}
