package brightplumb.core.cut;

import brightplumb.core.measure.Measure;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Family;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import java.util.List;
import java.util.Map;

/**
 * A garment of the catalogue.
 *
 * @param id its name in requests
 * @param title its name at the bench
 * @param about what it is, in a sentence
 * @param family the garments it is drafted like
 * @param way the way it is drafted in unless another is asked
 * @param measures what it is drafted from, in tape order; the first are the ones it cannot do without
 * @param defaults rules of its own, which win over the way's
 * @param cloth the cloth it is made of unless another is named
 */
public record Cut(
        String id,
        String title,
        String about,
        Family family,
        String way,
        List<Measure> measures,
        Map<Setting, Rule> defaults,
        Cloth cloth) {

    public Cut {
        measures = List.copyOf(measures);
        defaults = Map.copyOf(defaults);
    }
}
