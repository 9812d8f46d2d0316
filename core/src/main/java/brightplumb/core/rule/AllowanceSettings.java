package brightplumb.core.rule;

import brightplumb.core.pattern.EdgeRole;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What is added outside the sewn lines. */
public final class AllowanceSettings {

    public static final Setting ALLOWANCES =
            Setting.choice("allowances", "Allowances", Zone.MAKING, "Allowances", AllowanceHabit.values());
    public static final Setting WAIST_ALLOWANCE =
            Setting.length("waistAllowance", "Waist allowance", Zone.MAKING, "Waist", 0, 60);
    public static final Setting SIDE_ALLOWANCE =
            Setting.length("sideAllowance", "Side allowance", Zone.MAKING, "Side", 0, 80);
    public static final Setting CROTCH_ALLOWANCE =
            Setting.length("crotchAllowance", "Crotch allowance", Zone.MAKING, "Crotch", 0, 60);
    public static final Setting INSEAM_ALLOWANCE =
            Setting.length("inseamAllowance", "Inseam allowance", Zone.MAKING, "Inseam", 0, 60);
    public static final Setting CENTRE_ALLOWANCE =
            Setting.length("centreAllowance", "Centre seam allowance", Zone.MAKING, "Centre seam", 0, 80);
    public static final Setting ZIP_ALLOWANCE = Setting.length(
                    "zipAllowance", "Zip allowance", Zone.MAKING, "Beside the zip", 0, 80)
            .when(set -> set.chose(ClosureSettings.CLOSURE, Closure.CENTRE_BACK_ZIP)
                    || set.chose(ClosureSettings.CLOSURE, Closure.FLY));
    public static final Setting HEM_ALLOWANCE =
            Setting.length("hemAllowance", "Hem allowance", Zone.MAKING, "Hem turned", 0, 150);
    public static final Setting LET_OUT = Setting.length("letOut", "Let-out", Zone.MAKING, "Let-out at side", 0, 80);

    /** How far inside its drawn line each side is sewn: what is drafted at half an inch and sewn at one. */
    public static final Setting SIDE_SEWN_IN =
            Setting.length("sideSewnIn", "Side sewn inside its line", Zone.MAKING, "Side sewn inside", 0, 40);

    /** How far inside their drawn lines the other closing seams are sewn: shoulders and inseams. */
    public static final Setting SEAM_SEWN_IN = Setting.length(
            "seamSewnIn", "Shoulder and inseam sewn inside", Zone.MAKING, "Other seams sewn inside", 0, 40);

    private static final Map<EdgeRole, Setting> SEWN_IN = Map.of(
            EdgeRole.SIDE, SIDE_SEWN_IN,
            EdgeRole.SHOULDER, SEAM_SEWN_IN,
            EdgeRole.INSEAM, SEAM_SEWN_IN);

    private static final Pattern ONE_EDGE = Pattern.compile("allowance\\.([a-z-]+)\\.([a-z.]+(#[2-9])?)");

    /**
     * The allowance of one edge of one piece, by its key: {@code allowance.front.side}; empty where a key is none such.
     */
    public static Optional<Setting> ofEdge(String key) {
        Matcher edge = ONE_EDGE.matcher(key);
        return edge.matches() ? Optional.of(ofEdge(edge.group(1), edge.group(2))) : Optional.empty();
    }

    /** The allowance of one edge of one piece. */
    public static Setting ofEdge(String piece, String edge) {
        return Setting.length(
                "allowance." + piece + "." + edge,
                "Allowance of " + piece + ", " + edge.replace('.', ' '),
                Zone.MAKING,
                piece + ", " + edge.replace('.', ' '),
                0,
                150);
    }

    /** How far inside its drawn line an edge of a role is sewn, mm; 0 where the garment has no such amount. */
    public static double sewnIn(Settings set, EdgeRole role) {
        return Optional.ofNullable(SEWN_IN.get(role))
                .filter(set::knows)
                .map(inside -> set.amount(inside).value())
                .orElse(0.0);
    }

    private AllowanceSettings() {}
}
