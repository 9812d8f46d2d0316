package brightplumb.core.garment;

import brightplumb.core.making.Sequence;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sentence;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Way;
import brightplumb.core.table.Operation;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A garment of the catalogue: a short recipe of parts, what is done to them, and amounts of its own.
 *
 * @param id its name in requests
 * @param title its name at the bench
 * @param about what it is, in a sentence
 * @param group the heading it is shown under
 * @param parts what it is made of, from the top
 * @param with what is done to them
 * @param ways the ways it can be drafted in: those of its first part, and its recipe's own where it has construction
 *     amounts
 * @param way the way it is drafted in unless another is asked
 * @param measures what it is drafted from, in tape order; the first are the ones it cannot do without
 * @param defaults rules of its own, which win over the way's
 * @param cloth the cloth it is made of unless another is named
 * @param order the habit it is made by unless another is asked
 */
@RecordBuilder
@RecordBuilder.Options(enableWither = false)
public record Cut(
        String id,
        String title,
        Sentence about,
        Group group,
        List<Part> parts,
        List<Operation> with,
        List<Way> ways,
        String way,
        List<Measure> measures,
        Map<Setting, Rule> defaults,
        Cloth cloth,
        Sequence order) {

    public Cut {
        parts = List.copyOf(parts);
        with = List.copyOf(with);
        ways = List.copyOf(ways);
        measures = List.copyOf(measures);
        defaults = Map.copyOf(defaults);
    }

    /** A cut of one part, drafted in its ways, with nothing done to it and in woven cloth. */
    static Cut of(
            String id,
            String title,
            String about,
            Group group,
            Part part,
            String way,
            List<Measure> measures,
            Map<Setting, Rule> defaults) {
        return new Cut(
                id,
                title,
                Sentence.of(about),
                group,
                List.of(part),
                List.of(),
                part.ways(),
                way,
                measures,
                defaults,
                Cloth.WOVEN,
                Sequence.LEG_FIRST);
    }

    /** The same cut with another part, drawn on what stands. */
    Cut and(Part part) {
        return CutBuilder.builder(this)
                .parts(Stream.concat(parts.stream(), Stream.of(part)).toList())
                .build();
    }

    /** The same cut with something done to it. */
    Cut made(Operation... operations) {
        return CutBuilder.builder(this)
                .with(Stream.concat(with.stream(), Stream.of(operations)).toList())
                .build();
    }

    /** The same cut, its recipe's construction amounts offered as a way of their own. */
    Cut recipe(Way bench) {
        return CutBuilder.builder(this)
                .ways(Stream.concat(ways.stream(), Stream.of(bench)).toList())
                .build();
    }

    /** The same cut in another cloth. */
    Cut in(Cloth other) {
        return CutBuilder.builder(this).cloth(other).build();
    }

    /** The same cut made by another habit. */
    Cut sewn(Sequence otherOrder) {
        return CutBuilder.builder(this).order(otherOrder).build();
    }

    /** The way of that name, if it can be drafted in it. */
    public Optional<Way> way(String wanted) {
        return ways.stream().filter(w -> w.id().equals(wanted)).findFirst();
    }

    /** Everything that can be set on it, whatever a hand adds or takes off, in the order of the body. */
    public List<Setting> settings() {
        return Stream.of(parts.stream().map(Part::block), with.stream(), Catalogue.OPERATIONS.stream())
                .flatMap(operations -> operations)
                .flatMap(o -> o.reads().stream())
                .distinct()
                .sorted(Comparator.comparing(Setting::zone))
                .toList();
    }
}
