package brightplumb.core.fitting;

import static brightplumb.core.pattern.Half.BACK;
import static brightplumb.core.pattern.Half.FRONT;
import static brightplumb.core.rule.AllowanceSettings.SIDE_SEWN_IN;
import static brightplumb.core.rule.BodiceSettings.*;
import static brightplumb.core.rule.CrotchSettings.BACK_EXTENSION;
import static brightplumb.core.rule.CrotchSettings.CROTCH_DEPTH;
import static brightplumb.core.rule.SuitSettings.*;

import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What a fitting says of bodysuits. Common practice, no source. */
public final class SuitRemarks {

    /** Every remark, from the shoulder down. */
    public static final List<Remark> ALL = List.of(
            new Remark(
                    "suit-armhole-gapes",
                    "The armhole gapes",
                    FRONT,
                    Place.BUST,
                    "Without a sleeve it is too deep.",
                    "Bring the armhole up {0.25}",
                    worn -> worn.moved(ARMHOLE_SHALLOWER, 0.25)),
            new Remark(
                    "suit-neck-tight",
                    "The neck sits close, or is hard to get through",
                    FRONT,
                    Place.SHOULDER,
                    "The neckline is small for her.",
                    "Deepen the front neck {0.5}",
                    worn -> worn.moved(FRONT_NECK_DEPTH, 0.5)),
            new Remark(
                    "suit-short-trunk",
                    "Tight when she sits, or it drags at the shoulders",
                    FRONT,
                    Place.CROTCH,
                    "The trunk is short.",
                    "Deepen the crotch {1}",
                    worn -> worn.moved(CROTCH_DEPTH, 1)),
            new Remark(
                    "suit-crotch-loose",
                    "Loose folds at the crotch",
                    FRONT,
                    Place.CROTCH,
                    "The crotch is too wide.",
                    "Take {0.25} off each half of the strip",
                    SuitRemarks::narrower),
            new Remark(
                    "suit-seat-uncovered",
                    "The back leg edge rides up over the seat",
                    BACK,
                    Place.HIP,
                    "The back leg curve covers too little.",
                    "{0.5} more cover behind",
                    worn -> worn.moved(COVER, 0.5)),
            new Remark(
                    "suit-leg-binds",
                    "The leg edge binds at the front of the thigh",
                    FRONT,
                    Place.HIP,
                    "The front leg curve is too full.",
                    "Hollow the front leg curve {0.25}",
                    worn -> worn.moved(LEG_HOLLOW, 0.25)));

    /** Of a garment in one from the shoulder to legs with a fork. */
    public static final List<Remark> OVER_LEGS = List.of(
            new Remark(
                    "jumpsuit-armhole-gapes",
                    "The armhole gapes",
                    FRONT,
                    Place.BUST,
                    "It is too deep.",
                    "Bring the armhole up {0.25}",
                    worn -> worn.moved(ARMHOLE_SHALLOWER, 0.25)),
            new Remark(
                    "jumpsuit-short-trunk",
                    "Tight when she sits, or it drags at the shoulders",
                    FRONT,
                    Place.CROTCH,
                    "The trunk is short, and no waist seam gives.",
                    "Deepen the crotch {1.5}",
                    worn -> worn.moved(CROTCH_DEPTH, 1.5)),
            new Remark(
                    "jumpsuit-long-trunk",
                    "It hangs in folds between the legs",
                    FRONT,
                    Place.CROTCH,
                    "The crotch lies deeper than she needs.",
                    "Raise the crotch {0.5}",
                    worn -> worn.moved(CROTCH_DEPTH, -0.5)),
            new Remark(
                    "jumpsuit-seam-cuts-in",
                    "The seam cuts between the seat",
                    BACK,
                    Place.HIP,
                    "The back extension is short.",
                    "Extend the back {0.5}",
                    worn -> worn.moved(BACK_EXTENSION, 0.5)));

    /** What a fitting says of rompers. */
    public static final List<Remark> ROMPER = List.of(
            new Remark(
                    "romper-armhole-gapes",
                    "The armhole gapes",
                    FRONT,
                    Place.BUST,
                    "Without a sleeve it is too deep.",
                    "Bring the armhole up {0.25}",
                    worn -> worn.moved(ARMHOLE_SHALLOWER, 0.25)),
            new Remark(
                    "romper-short-trunk",
                    "Tight when she sits, or it drags at the shoulders",
                    FRONT,
                    Place.CROTCH,
                    "The trunk is short, and no waist seam gives.",
                    "Deepen the crotch {1.5}",
                    worn -> worn.moved(CROTCH_DEPTH, 1.5)),
            new Remark(
                    "romper-loose-side",
                    "Loose at the side",
                    FRONT,
                    Place.HIP,
                    "Too little is taken in at the seams.",
                    "Sew each side {0.25} further in",
                    worn -> worn.moved(SIDE_SEWN_IN, 0.25)));

    private SuitRemarks() {}

    private static Map<Setting, SettingValue> narrower(Worn worn) {
        Map<Setting, SettingValue> changed = new HashMap<>(worn.moved(CROTCH_WIDTH, -0.25));
        changed.putAll(worn.moved(CROTCH_WIDTH_BACK, -0.25));
        return changed;
    }
}
