package brightplumb.core.cutting;

import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.AllowanceHabit;
import brightplumb.core.rule.AllowanceSettings;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import java.util.Map;

/**
 * What is added outside each sewn edge: the one profile, by layer, role and end of the edge. The bench's habit says it, a cut or a hand may
 * say otherwise for all edges of a role.
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

    private final Settings set;
    private final AllowanceHabit habit;

    private Allowances(Settings set) {
        this.set = set;
        this.habit = set.choice(AllowanceSettings.ALLOWANCES, AllowanceHabit.class);
    }

    /** The profile in force. */
    public static Allowances of(Settings set) {
        return new Allowances(set);
    }

    /** What is added outside an edge, mm. */
    public Allowance on(Piece piece, Edge edge) {
        if (edge.end() == End.FOLD || edge.end() == End.RAW || edge.end() == End.BOUND) {
            return Allowance.NONE;
        }
        Setting setting = SET.get(edge.role());
        double amount = setting != null && set.knows(setting)
                ? set.amount(setting).value()
                : habit.seam().mm();
        double letOut = edge.role().equals(EdgeRole.SIDE)
                ? set.amount(AllowanceSettings.LET_OUT).value()
                : 0;
        return new Allowance(amount, letOut, edge.end() == End.HEM || edge.end() == End.CASING);
    }
}
