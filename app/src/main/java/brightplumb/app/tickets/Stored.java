package brightplumb.app.tickets;

import brightplumb.app.drafting.ClothView;
import brightplumb.app.drafting.PreviewRequest;
import brightplumb.core.garment.MadeWith;
import brightplumb.core.rule.Way;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What tickets and revisions keep as JSON, and the steps that bring what was kept in an older shape up to today's. A
 * new field of a cloth or a request is a new format with one step; old rows stay as they were written.
 */
@Component
class Stored {

    /** The shape that is written today. */
    static final int FORMAT = 6;

    /** The step from each format to the next, on a cloth by itself. */
    private static final List<Consumer<ObjectNode>> CLOTH = List.of(
            cloth -> cloth.put("drape", "medium"),
            cloth -> {},
            cloth -> cloth.put("repeat", 0).put("shrinkage", 0),
            // A cloth was taken to stretch both ways alike.
            cloth -> cloth.put("stretchAlong", cloth.path("stretch").asDouble()).put("sheer", false),
            // Woven cloth frays, a knit does not.
            cloth -> cloth.put("frays", cloth.path("stretch").asDouble() == 0));

    /** The step from each format to the next, on a request but for its cloth. */
    private static final List<Consumer<ObjectNode>> REQUEST =
            List.of(request -> {}, Stored::ofBlocks, request -> {}, request -> {}, request -> {});

    /** The way, in each of these recipes, whose construction amounts became a way of their own. */
    private static final Map<String, String> RECIPES = Map.of(
            "tailored-shorts", "house",
            "drawcord-shorts", "house",
            "lounge-shorts", "arc",
            "box-fold-palazzo", "sixteenth");

    /** Before garments were made whole, a draft was its block; and a recipe's construction amounts held in its way. */
    private static void ofBlocks(ObjectNode request) {
        request.putArray("without").add(MadeWith.ALL);
        String way = RECIPES.get(request.path("cut").asString());
        if (way != null && way.equals(request.path("way").asString(way))) {
            request.put("way", Way.BENCH);
        }
    }

    private final JsonMapper json;

    Stored(JsonMapper json) {
        this.json = json;
    }

    String write(Object value) {
        return json.writeValueAsString(value);
    }

    /** A cloth that was written in a format. */
    ClothView cloth(String written, int format) {
        return json.treeToValue(upToDate((ObjectNode) json.readTree(written), format), ClothView.class);
    }

    /** A request that was written in a format. */
    PreviewRequest request(String written, int format) {
        ObjectNode request = (ObjectNode) json.readTree(written);
        if (request.get("cloth") instanceof ObjectNode cloth) {
            upToDate(cloth, format);
        }
        REQUEST.subList(format - 1, REQUEST.size()).forEach(step -> step.accept(request));
        return json.treeToValue(request, PreviewRequest.class);
    }

    private static ObjectNode upToDate(ObjectNode cloth, int format) {
        if (format > FORMAT) {
            throw new IllegalStateException("Written by a newer application, in format " + format);
        }
        CLOTH.subList(format - 1, CLOTH.size()).forEach(step -> step.accept(cloth));
        return cloth;
    }
}
