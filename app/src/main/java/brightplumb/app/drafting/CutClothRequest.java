package brightplumb.app.drafting;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A correction of a garment that is cut.
 *
 * @param worn the garment as it was cut
 * @param settings what the correction sets: mm, a ratio or a choice's id
 * @param cut the pieces that are cut already, by name; none where it is missing
 */
record CutClothRequest(PreviewRequest worn, Map<String, Object> settings, List<String> cut) {

    CutClothRequest {
        settings = settings == null ? Map.of() : settings;
        cut = cut == null ? List.of() : List.copyOf(cut);
    }

    /** The garment with the correction made. */
    PreviewRequest corrected() {
        Map<String, Object> set = new LinkedHashMap<>();
        if (worn.settings() != null) {
            set.putAll(worn.settings());
        }
        set.putAll(settings);
        return worn.setting(set);
    }
}
