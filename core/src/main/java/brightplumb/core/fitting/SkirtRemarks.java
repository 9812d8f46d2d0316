package brightplumb.core.fitting;

import static brightplumb.core.pattern.Half.BACK;
import static brightplumb.core.pattern.Half.FRONT;
import static brightplumb.core.rule.HemSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.WaistSettings.*;

import brightplumb.core.measure.Length;
import brightplumb.core.rule.CentreBackShape;
import brightplumb.core.rule.Seat;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.truing.StridesFreely;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What a fitting says of a skirt. Common practice, no source. */
public final class SkirtRemarks {

    private static final double QUARTER = Length.INCH / 4;

    /** Every remark, from the waist down. */
    public static final List<Remark> ALL = List.of(
            new Remark(
                    "folds-below-front-waist",
                    "Cloth lies in folds across the front below the waist",
                    FRONT,
                    Place.WAIST,
                    "The front is too long at its centre.",
                    "Drop the centre front {0.5}",
                    SkirtRemarks::dropFront),
            new Remark(
                    "back-waist-stands-away",
                    "The back waist stands away or rides up",
                    BACK,
                    Place.WAIST,
                    "The centre back is straight where the back is hollow.",
                    "Hollow the centre back and drop it {0.25}",
                    SkirtRemarks::hollow),
            new Remark(
                    "back-waist-dragged-down",
                    "The back waist is dragged down when she sits",
                    BACK,
                    Place.WAIST,
                    "The back is too short at its centre.",
                    "Raise the centre back {0.5}",
                    worn -> worn.moved(CENTRE_BACK_DROP, -0.5)),
            new Remark(
                    "side-swings-forward",
                    "The side seam swings forward",
                    FRONT,
                    Place.HIP,
                    "The front has too little of the hip.",
                    "Move {0.25} from the back to the front",
                    worn -> worn.moved(HIP_ALLOCATION, -0.25)),
            new Remark(
                    "side-swings-back",
                    "The side seam swings back",
                    BACK,
                    Place.HIP,
                    "The back has too little of the hip.",
                    "Move {0.25} from the front to the back",
                    worn -> worn.moved(HIP_ALLOCATION, 0.25)),
            new Remark(
                    "back-hangs-flat",
                    "The back hangs flat and shapeless under the zip",
                    BACK,
                    Place.HIP,
                    "The centre back is straight.",
                    "Shape the centre back round: in {0.5} at the waist and at the hem",
                    worn -> worn.choice(CENTRE_BACK_SHAPE, CentreBackShape.class) == CentreBackShape.ROUND
                            ? Map.of()
                            : Map.of(CENTRE_BACK_SHAPE, CentreBackShape.ROUND)),
            new Remark(
                    "false-bump-behind",
                    "A bump stands out under the seat that is not hers",
                    BACK,
                    Place.HIP,
                    "The seat is shaped more than it is.",
                    "Shape the seat less, or not at all",
                    SkirtRemarks::flatter),
            new Remark(
                    "loose-at-the-side",
                    "Loose at the side, in stretch cloth",
                    FRONT,
                    Place.HIP,
                    "Too little negative ease.",
                    "Take each side in {0.5} on either edge",
                    SkirtRemarks::takeIn),
            new Remark(
                    "tight-at-the-knee",
                    "Tight at the knees in walking",
                    BACK,
                    Place.KNEE,
                    "Too narrow too low down.",
                    "Raise the narrow level {2}, and slit it for the step",
                    SkirtRemarks::freeTheKnee));

    private SkirtRemarks() {}

    private static Map<Setting, SettingValue> dropFront(Worn worn) {
        // Where the waist is wider than the hip the front stays level whatever is set.
        boolean level = worn.effectiveAmount(CENTRE_FRONT_DROP) == 0
                && worn.set().amount(CENTRE_FRONT_DROP).value() > 0;
        return level ? Map.of() : worn.moved(CENTRE_FRONT_DROP, 0.5);
    }

    private static Map<Setting, SettingValue> hollow(Worn worn) {
        Map<Setting, SettingValue> change = new HashMap<>(worn.moved(CENTRE_BACK_DROP, 0.25));
        if (worn.choice(CENTRE_BACK_SHAPE, CentreBackShape.class) == CentreBackShape.STRAIGHT) {
            change.put(CENTRE_BACK_SHAPE, CentreBackShape.WAIST);
        }
        return change;
    }

    private static Map<Setting, SettingValue> flatter(Worn worn) {
        return switch (worn.choice(CENTRE_BACK_SHAPE, CentreBackShape.class)) {
            case UNDER_SEAT ->
                switch (worn.choice(SEAT, Seat.class)) {
                    case FULL -> Map.of(SEAT, Seat.MEDIUM);
                    case MEDIUM -> Map.of(SEAT, Seat.SLIGHT);
                    case SLIGHT -> Map.of(CENTRE_BACK_SHAPE, CentreBackShape.STRAIGHT);
                };
            case ROUND, HOLLOW, WAIST_TO_HIP -> Map.of(CENTRE_BACK_SHAPE, CentreBackShape.WAIST);
            case STRAIGHT, WAIST -> Map.of();
        };
    }

    private static Map<Setting, SettingValue> takeIn(Worn worn) {
        if (!worn.set().cloth().stretches()) {
            return Map.of();
        }
        Map<Setting, SettingValue> change = new HashMap<>(worn.moved(HIP_EASE, -2));
        change.putAll(worn.moved(WAIST_EASE, -2));
        return change;
    }

    private static Map<Setting, SettingValue> freeTheKnee(Worn worn) {
        Map<Setting, SettingValue> change = new HashMap<>();
        if (worn.effectiveAmount(KNEE_LEVEL) > 0) {
            change.putAll(worn.moved(KNEE_LEVEL, -2));
        }
        double slit = Math.ceil(worn.wanted(StridesFreely.ID) / QUARTER) * QUARTER;
        double now = worn.effectiveAmount(SLIT);
        if (slit > now || change.isEmpty()) {
            change.put(SLIT, SLIT.value(Math.min(SLIT.most(), Math.max(slit, now + Length.INCH))));
        }
        return change;
    }
}
