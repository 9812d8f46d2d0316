package brightplumb.core.style.shape;

import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Relaid;
import brightplumb.core.rule.DartSettings;
import brightplumb.core.rule.Setting;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.Table;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Darts given to the side seam: the same amount is taken there, and the side curved anew to the hip. Common practice,
 * no source.
 */
public final class DartIntoSide implements Operation {

    private static final SideTakes.Words GIVEN = new SideTakes.Words(
            DartSettings.DART_INTAKE_FRONT.field(),
            "The side cannot take so much in a smooth line; leave the darts where they are",
            "There is no side below the hip to curve it to",
            "measured at the waist",
            "No dart is sewn; what it took comes off the side, curved anew to the hip.");

    @Override
    public String id() {
        return "dart-into-side";
    }

    @Override
    public String title() {
        return "Darts into the side";
    }

    @Override
    public String place() {
        return "dart";
    }

    @Override
    public Rank rank() {
        return Rank.SHAPE;
    }

    @Override
    public List<Setting> reads() {
        return List.of();
    }

    @Override
    public boolean fits(Draft before) {
        return before.pieces().stream().anyMatch(DartIntoSide::darted);
    }

    private static boolean darted(Piece piece) {
        return piece.layer() == Layer.SHELL
                && !piece.darts().isEmpty()
                && piece.edge(EdgeRole.WAIST).isPresent()
                && piece.edge(EdgeRole.SIDE).isPresent();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Map<PieceId, Double> left = new LinkedHashMap<>();
        for (Piece piece : before.with(EdgeRole.WAIST)) {
            left.put(
                    piece.id(),
                    piece.dartsOn(EdgeRole.WAIST).stream()
                            .mapToDouble(Dart::intake)
                            .sum());
        }
        Pattern after = SideTakes.darts(table, before.pattern(), left, GIVEN);
        return table.finished(Relaid.joins(before.pattern(), after));
    }
}
