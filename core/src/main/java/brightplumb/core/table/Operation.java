package brightplumb.core.table;

import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.Given;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Something done to a draft: it takes one and gives one, with its own steps, pieces and joins. A block is an operation
 * on what stands above it, and begins with nothing where nothing does. No allowance, label, notch count or page is
 * named in one: each has its own place and follows from the pieces.
 */
public interface Operation {

    /** Its name in requests. */
    String id();

    /** Its name at the bench. */
    String title();

    /** Returns its place among what is done to a garment. */
    Rank rank();

    /** What it gives a garment that has one of them, as one band; an operation of the same place takes its place. */
    default String place() {
        return id();
    }

    /** The settings it reads, in the order of the body. */
    List<Setting> reads();

    /** The measures it needs beyond what the garment is drafted from. */
    default List<Measure> measures() {
        return List.of();
    }

    /**
     * What it asks of the settings before anything is drawn: amounts of its own, and of the block where it needs them
     * otherwise.
     */
    default Map<Setting, Rule> asks() {
        return Map.of();
    }

    /**
     * What it adds to a setting of the block, over whatever asks for it: what is lengthened is so much longer than it
     * was.
     */
    default Map<Setting, Function<Given, Amount>> adds() {
        return Map.of();
    }

    /**
     * What holds when a hand takes it off, where its block draws it: its setting at none. Who adds it by hand means it,
     * so that a setting of a hand that says none is passed over.
     */
    default Map<Setting, Rule> off() {
        return Map.of();
    }

    /** Whether the settings leave it something to do; a setting that says none takes it off. */
    default boolean wanted(Settings set) {
        return true;
    }

    /** Whether a draft has what it is done to; one that a hand adds where it has not is refused. */
    default boolean fits(Draft before) {
        return true;
    }

    /**
     * Does it.
     *
     * @throws brightplumb.core.measure.Refusal when it cannot be done, naming the field at fault
     */
    Draft on(Draft before, Table table);

    /** The setting that says what is added outside an edge, where that is this operation's to say; else empty. */
    default Optional<Setting> allowance(Piece piece, Edge edge) {
        return Optional.empty();
    }

    /**
     * Where what is added outside an edge is folded again, from the sewn edge outward, mm; empty where this operation
     * folds nothing there.
     *
     * @param added what is added outside the edge, mm
     */
    default List<Double> folds(Piece piece, Edge edge, double added, Settings set) {
        return List.of();
    }

    /** What is looked at because of it. */
    default List<Inspection> checks() {
        return List.of();
    }

    /** What to have at hand because of it, on the draft as it came out. */
    default List<Notion> notions(Draft after, Settings set) {
        return List.of();
    }

    /** What to mind because of it, beyond what the work at hand asks, on the draft as it came out. */
    default List<Caution> cautions(Draft after, Settings set) {
        return List.of();
    }

    /** What lies in a seam because of it, on the draft as it came out: how far the seam is sewn follows. */
    default List<InSeam> inSeams(Draft after, Settings set) {
        return List.of();
    }

    /**
     * How it is made: the steps it brings, on the draft as it came out. A seam that one of them sews is sewn at no
     * other.
     */
    default List<MakingStep> making(Draft after, Settings set) {
        return List.of();
    }
}
