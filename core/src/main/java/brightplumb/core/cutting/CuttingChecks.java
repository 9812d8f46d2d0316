package brightplumb.core.cutting;

import brightplumb.core.rule.Cloth;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import java.util.ArrayList;
import java.util.List;

/** The inspections of pieces as they are cut, allowances counted: for every garment. */
public final class CuttingChecks {

    /** The names of them all. */
    public static final List<CheckId> IDS = List.of(HemTurns.ID, SlitTurns.ID, SeamsHold.ID, ClothWideEnough.ID);

    private CuttingChecks() {}

    /** All that apply to these pieces on this cloth. */
    public static List<Check> of(List<CutPiece> pieces, Cloth cloth) {
        List<Check> checks = new ArrayList<>();
        if (HemTurns.applies(pieces)) {
            checks.add(HemTurns.of(pieces));
        }
        if (SlitTurns.applies(pieces)) {
            checks.add(SlitTurns.of(pieces));
        }
        if (SeamsHold.applies(pieces)) {
            checks.add(SeamsHold.of(pieces, cloth));
        }
        checks.add(ClothWideEnough.of(pieces, cloth));
        return List.copyOf(checks);
    }
}
