package brightplumb.core.fitting;

import static brightplumb.core.pattern.Half.BACK;
import static brightplumb.core.pattern.Half.FRONT;
import static brightplumb.core.rule.CrotchSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.LegSettings.*;
import static brightplumb.core.rule.WaistSettings.*;

import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** What a fitting says of trousers and shorts. Common practice, no source. */
public final class LegRemarks {

    /** What the fork's solver finds; the fork drop is found anew, or the inseams would part. */
    private static final List<Setting> SOLVED = List.of(BACK_RISE, BACK_EXTENSION);

    /** Every remark, from the waist down. */
    public static final List<Remark> ALL = Stream.of(
                    new Remark(
                            "legs-folds-below-front-waist",
                            "Cloth lies in folds across the front below the waist",
                            FRONT,
                            Place.WAIST,
                            "The front is too long at its centre.",
                            "Drop the centre front {0.5}",
                            worn -> worn.moved(CENTRE_FRONT_DROP, 0.5)),
                    new Remark(
                            "legs-back-waist-dragged-down",
                            "The back waist is dragged down when she sits",
                            BACK,
                            Place.WAIST,
                            "Too little back rise.",
                            "Raise the centre back {0.5}",
                            worn -> worn.moved(BACK_RISE, 0.5)),
                    new Remark(
                            "legs-back-waist-stands-away",
                            "The back waist stands away",
                            BACK,
                            Place.WAIST,
                            "The centre back slopes too little for the hollow of the back.",
                            "Bring the centre back in {0.25}, and down {0.25}",
                            LegRemarks::hollow),
                    new Remark(
                            "legs-seam-cuts-in",
                            "The seam cuts between the seat",
                            BACK,
                            Place.HIP,
                            "The back extension is short, its curve too hooked.",
                            "Extend the back {0.5}, flatten the curve, slope the centre",
                            LegRemarks::freeTheSeat),
                    new Remark(
                            "legs-fork-high",
                            "The seam cuts between the seat, and the fork lies high",
                            BACK,
                            Place.CROTCH,
                            "The back fork lies too high: the body slopes down toward the back.",
                            "Drop the back fork {0.5}",
                            worn -> worn.moved(FORK_DROP, 0.5)),
                    new Remark(
                            "legs-smiles-at-front-crotch",
                            "Lines smile up from the front crotch",
                            FRONT,
                            Place.CROTCH,
                            "The front extension is short.",
                            "Extend the front {0.25}",
                            worn -> worn.moved(FRONT_EXTENSION, 0.25)),
                    new Remark(
                            "legs-bags-under-seat",
                            "It bags under the seat",
                            BACK,
                            Place.THIGH,
                            "The back curve is too deep, or its extension long.",
                            "Shorten the back extension {0.5}",
                            worn -> worn.moved(BACK_EXTENSION, -0.5)),
                    new Remark(
                            "legs-tight-when-sitting",
                            "Tight between the legs when she sits",
                            FRONT,
                            Place.CROTCH,
                            "The crotch lies too high.",
                            "Deepen the crotch {0.5}",
                            worn -> worn.moved(CROTCH_DEPTH, 0.5)),
                    new Remark(
                            "legs-side-swings-forward",
                            "The side seam swings forward",
                            FRONT,
                            Place.HIP,
                            "The front has too little of the hip.",
                            "Move {0.25} from the back to the front",
                            worn -> worn.moved(HIP_ALLOCATION, -0.25)),
                    new Remark(
                            "legs-side-swings-back",
                            "The side seam swings back",
                            BACK,
                            Place.HIP,
                            "The back has too little of the hip.",
                            "Move {0.25} from the front to the back",
                            worn -> worn.moved(HIP_ALLOCATION, 0.25)),
                    new Remark(
                            "legs-twist",
                            "The leg twists round",
                            FRONT,
                            Place.KNEE,
                            "The crease is not in the middle.",
                            "Centre the leg on its crease again",
                            LegRemarks::centred))
            .map(remark -> remark.holding(SOLVED))
            .toList();

    private LegRemarks() {}

    private static Map<Setting, SettingValue> hollow(Worn worn) {
        Map<Setting, SettingValue> change = new HashMap<>(worn.moved(BACK_IN, 0.25));
        change.putAll(worn.moved(BACK_RISE, -0.25));
        return change;
    }

    private static Map<Setting, SettingValue> freeTheSeat(Worn worn) {
        Map<Setting, SettingValue> change = new HashMap<>(worn.moved(BACK_EXTENSION, 0.5));
        change.putAll(worn.moved(BACK_HIP_IN, 0.25));
        return change;
    }

    private static Map<Setting, SettingValue> centred(Worn worn) {
        double inseam = worn.effectiveAmount(BACK_LEG_ADD);
        double side = worn.effectiveAmount(BACK_SIDE_ADD);
        Map<Setting, SettingValue> change = new HashMap<>();
        if (Math.abs(inseam - side) > 0.5) {
            double each = Math.min(BACK_LEG_ADD.most(), (inseam + side) / 2);
            change.put(BACK_LEG_ADD, BACK_LEG_ADD.value(each));
            change.put(BACK_SIDE_ADD, BACK_SIDE_ADD.value(each));
        }
        if (worn.effectiveAmount(SIDE_IN) > 0) {
            change.put(SIDE_IN, SIDE_IN.value(0));
        }
        return change;
    }
}
