package brightplumb.core.garment;

import brightplumb.core.cutting.CuttingChecks;
import brightplumb.core.fitting.Remark;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Choice;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.Way;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Inspection;
import brightplumb.core.table.Operation;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Every cut, in the order they are offered, and everything that can be done to one. */
public final class Catalogue {

    /** The parts. */
    public static final List<Part> PARTS = List.of(Parts.SKIRT, Parts.LEGS, Parts.BODYSUIT, Parts.ROMPER);

    /** What a hand can add to a garment, or take off it. */
    public static final List<Operation> OPERATIONS = Operations.ALL;

    /** The cuts. */
    public static final List<Cut> CUTS = Stream.of(SkirtCuts.ALL, LegCuts.ALL, SuitCuts.ALL, JumpsuitCuts.ALL)
            .flatMap(List::stream)
            .toList();

    /** Anybody: enough to work every rule once. */
    private static final Sheet ANYBODY =
            Sheet.ofMillimetres(Map.of(Measure.WAIST_GIRTH, 711.2, Measure.HIP_GIRTH, 965.2));

    static {
        // Rules that need each other in a circle are a fault of the catalogue, not of whoever asks for a draft first.
        CUTS.forEach(cut -> cut.ways().forEach(way -> worked(cut, way)));
    }

    private Catalogue() {}

    private static void worked(Cut cut, Way way) {
        DraftRequest request =
                new DraftRequest(cut, way, ANYBODY, Map.of(), cut.cloth(), new MadeWith(all(OPERATIONS), Set.of()));
        Settings set = Garment.of(request).settings(Body.of(ANYBODY));
        for (Setting setting : cut.settings()) {
            try {
                if (set.knows(setting) && setting.isChoice()) {
                    set.choice(setting, Choice.class);
                } else if (set.knows(setting)) {
                    set.amount(setting);
                }
            } catch (Refusal untaped) {
                // Needs a measure that is not guessed; it is no circle.
            }
        }
    }

    private static Set<String> all(List<Operation> operations) {
        return operations.stream().map(Operation::id).collect(Collectors.toSet());
    }

    /** The cut of that name, if there is one. */
    public static Optional<Cut> of(String id) {
        return CUTS.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    /** The operation of that name, if there is one. */
    public static Optional<Operation> operation(String id) {
        return OPERATIONS.stream().filter(o -> o.id().equals(id)).findFirst();
    }

    /** The remark of that name on any garment, if there is one. */
    public static Optional<Remark> remark(String id) {
        return PARTS.stream()
                .flatMap(part -> part.remarks().stream())
                .filter(remark -> remark.id().equals(id))
                .findFirst();
    }

    /** Returns the names of all checks, in the order a cutter makes them. */
    public static List<CheckId> checks() {
        return Stream.of(
                        PARTS.stream().flatMap(part -> part.checks().stream()).map(Inspection::id),
                        OPERATIONS.stream().flatMap(o -> o.checks().stream()).map(Inspection::id),
                        CuttingChecks.IDS.stream())
                .flatMap(ids -> ids)
                .distinct()
                .toList();
    }

    /** Every way of every part, in the order they are offered. */
    public static List<Way> ways() {
        return PARTS.stream().flatMap(p -> p.ways().stream()).toList();
    }

    /** The title of a way of that name, on any garment. */
    public static Optional<String> wayTitle(String id) {
        return CUTS.stream()
                .flatMap(c -> c.ways().stream())
                .filter(w -> w.id().equals(id))
                .map(Way::title)
                .findFirst();
    }
}
