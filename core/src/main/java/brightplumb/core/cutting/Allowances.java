package brightplumb.core.cutting;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.rule.AllowanceHabit;
import brightplumb.core.rule.AllowanceSettings;
import brightplumb.core.rule.LiningSettings;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Operation;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is added outside each sewn edge: the one profile, by layer, role and end of the edge. The bench's habit says it,
 * a cut or a hand may say otherwise for all edges of a role.
 */
public final class Allowances {

    private static final Map<EdgeRole, Setting> SET = Map.of(
            EdgeRole.WAIST, AllowanceSettings.WAIST_ALLOWANCE,
            EdgeRole.SIDE, AllowanceSettings.SIDE_ALLOWANCE,
            EdgeRole.HEM, AllowanceSettings.HEM_ALLOWANCE,
            EdgeRole.INSEAM, AllowanceSettings.INSEAM_ALLOWANCE,
            EdgeRole.CROTCH, AllowanceSettings.CROTCH_ALLOWANCE,
            EdgeRole.FLY, AllowanceSettings.ZIP_ALLOWANCE,
            EdgeRole.CENTRE_BACK, AllowanceSettings.CENTRE_ALLOWANCE,
            EdgeRole.CENTRE_BACK_ZIP, AllowanceSettings.ZIP_ALLOWANCE);

    /** Less than this does not turn at an opening: an inch. Common practice, no source. */
    private static final double LEAST_TURNED = Length.INCH;

    private static final int PLACES = 24;

    private final Settings set;
    private final Pattern pattern;
    private final AllowanceHabit habit;
    private final List<Operation> done;
    private final boolean edgesByHand;

    private Allowances(Settings set, Pattern pattern, List<Operation> done) {
        this.set = set;
        this.pattern = pattern;
        this.done = done;
        this.edgesByHand = set.hands().keySet().stream()
                .anyMatch(s -> AllowanceSettings.ofEdge(s.key()).isPresent());
        this.habit = set.choice(AllowanceSettings.ALLOWANCES, AllowanceHabit.class);
    }

    /**
     * The profile in force for the pieces of a pattern.
     *
     * @param done what was done to it, blocks and operations: each says what its own edges ask
     */
    public static Allowances of(Settings set, Pattern pattern, List<Operation> done) {
        return new Allowances(set, pattern, done);
    }

    /** What is added outside an edge, mm. */
    public Allowance on(Piece piece, Edge edge) {
        boolean turned = edge.end() == End.HEM || edge.end() == End.CASING;
        if (edge.end() == End.FOLD) {
            return Allowance.NONE;
        }
        Optional<Setting> byHand = edgesByHand ? byHand(piece, edge) : Optional.empty();
        if (byHand.isPresent()) {
            return new Allowance(roomFor(byHand.get(), edge), inside(edge), turned);
        }
        return switch (edge.end()) {
            case RAW, BOUND -> Allowance.NONE;
            default -> {
                double usual = usual(piece, edge);
                yield new Allowance(usual, letOut(piece, edge), inside(edge), turned, folds(piece, edge, usual));
            }
        };
    }

    /**
     * What a hand asks outside an edge: of its own, or of the panel's edge that it fills, as a pocket's side piece does
     * under the mouth.
     */
    private Optional<Setting> byHand(Piece piece, Edge edge) {
        Stream<Setting> own = Stream.of(AllowanceSettings.ofEdge(piece.id().toString(), edge.name()));
        return Stream.concat(own, liesOnBody(piece.id()) ? Stream.empty() : filled(piece, edge))
                .filter(set::byHand)
                .findFirst();
    }

    private Stream<Setting> filled(Piece piece, Edge edge) {
        return pattern.joins().stream()
                .flatMap(j -> j.layers().stream())
                .filter(run -> run.stretches().stream().anyMatch(s -> s.on(piece.id(), edge)))
                .flatMap(run -> run.stretches().stream())
                .filter(s -> s.role().equals(edge.role()) && liesOnBody(s.piece()))
                .map(s -> AllowanceSettings.ofEdge(s.piece().toString(), s.edgeName()));
    }

    private boolean liesOnBody(PieceId piece) {
        return !pattern.piece(piece).onBody().zones().isEmpty();
    }

    private double usual(Piece piece, Edge edge) {
        Setting setting = done.stream()
                .flatMap(operation -> operation.allowance(piece, edge).stream())
                .findFirst()
                .orElseGet(() -> ofLayer(piece, edge.role()));
        if (setting != null && set.knows(setting)) {
            return set.byHand(setting) && edge.end() == End.SEWN
                    ? roomFor(setting, edge)
                    : set.amount(setting).value();
        }
        boolean turns = edge.end() == End.OPENING;
        return turns ? Math.max(habit.zip().mm(), LEAST_TURNED) : habit.seam().mm();
    }

    /**
     * What a hand asks beside an edge.
     *
     * @throws Refusal where the edge is so hollow that its cut line would run into itself
     */
    private double roomFor(Setting setting, Edge edge) {
        double asked = set.amount(setting).value();
        double most = edge.run().stream()
                .filter(Cubic.class::isInstance)
                .mapToDouble(s -> ((Cubic) s).tightestHollow(PLACES))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        if (asked > most && asked > habit.seam().mm()) {
            throw new Refusal(
                    setting.field(),
                    "Along so hollow a curve an allowance of more than " + TapeWriter.inBoth(Length.mm(most))
                            + " runs into itself");
        }
        return asked;
    }

    /** What sets an edge's allowance: the lining's hem has its own; no cloth beside the shell opens or is let out. */
    private static Setting ofLayer(Piece piece, EdgeRole role) {
        return switch (piece.layer()) {
            case SHELL -> SET.get(role);
            case LINING -> role.equals(EdgeRole.HEM) ? LiningSettings.LINING_HEM : SET.get(role);
            case FUSING, POCKETING -> null;
        };
    }

    private List<Double> folds(Piece piece, Edge edge, double added) {
        return done.stream()
                .flatMap(operation -> operation.folds(piece, edge, added, set).stream())
                .toList();
    }

    private double inside(Edge edge) {
        return edge.end() == End.SEWN ? AllowanceSettings.sewnIn(set, edge.role()) : 0;
    }

    private double letOut(Piece piece, Edge edge) {
        boolean side = edge.role().equals(EdgeRole.SIDE) && piece.layer() == Layer.SHELL;
        return side ? set.amount(AllowanceSettings.LET_OUT).value() : 0;
    }
}
