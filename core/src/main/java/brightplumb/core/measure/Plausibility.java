package brightplumb.core.measure;

import static brightplumb.core.measure.Measure.*;

import java.util.ArrayList;
import java.util.List;

/**
 * Second thoughts about a sheet: readings that may be right but that a careful cutter would take again. They warn and
 * never refuse. The regressions are ordinary least squares over the 507 adults of Heinz, Peterson, Johnson and Kerr,
 * Journal of Statistics Education 11(2), 2003; the other limits are common practice, no source.
 */
public final class Plausibility {

    /**
     * A doubt about one reading.
     *
     * @param measure where to look
     * @param id a stable name
     * @param text what is odd, in plain words
     */
    public record Doubt(Measure measure, String id, Sentence text) {}

    private static final double INCH = Length.INCH;

    private final Sheet sheet;
    private final List<Doubt> doubts = new ArrayList<>();

    private Plausibility(Sheet sheet) {
        this.sheet = sheet;
    }

    /** The doubts about a sheet, in tape order of the rules; empty when all agrees. */
    public static List<Doubt> of(Sheet sheet) {
        Plausibility p = new Plausibility(sheet);
        p.units();
        p.readings();
        p.girths();
        p.depths();
        return List.copyOf(p.doubts);
    }

    private double mm(Measure measure) {
        return sheet.mm(measure);
    }

    private void doubt(Measure measure, String id, String text) {
        doubts.add(new Doubt(measure, id, Sentence.of(text)));
    }

    private void units() {
        for (Measure girth : List.of(WAIST_GIRTH, HIP_GIRTH, BUST_GIRTH)) {
            if (mm(girth) < 450) {
                doubt(
                        girth,
                        "unit",
                        girth.title() + " is very small for a body. Was it read in inches and typed as centimetres?");
            } else if (mm(girth) > 2000) {
                doubt(
                        girth,
                        "unit",
                        girth.title() + " is over two metres. Was it read in centimetres and typed as inches?");
            }
        }
        if (mm(HIP_DEPTH) < 100 || mm(HIP_DEPTH) > 350) {
            doubt(
                    HIP_DEPTH,
                    "hip-depth",
                    "Waist to hip is usually 7 to 11 in (18 to 28 cm). Take it again down the side.");
        }
    }

    private void readings() {
        sheet.readings().forEach((measure, reading) -> {
            if (reading.apart() > (measure.sided() ? 2 * INCH : INCH / 2)) {
                doubt(
                        measure,
                        "readings-apart",
                        measure.sided()
                                ? measure.title()
                                        + " differs much from left to right. Take both sides again to be sure."
                                : "The two readings of " + measure.spoken() + " lie far apart. Take it a third time.");
            }
        });
    }

    private void girths() {
        if (mm(WAIST_GIRTH) > mm(HIP_GIRTH)) {
            doubt(
                    WAIST_GIRTH,
                    "waist-over-hip",
                    "The waist is larger than the hip. It happens; if it is so, the draft goes straight at the side, "
                            + "without darts.");
        }
        apart(WAIST_GIRTH, 1.14 * mm(HIP_GIRTH) - 334, 79, "hip");
        apart(THIGH_GIRTH, 0.553 * mm(HIP_GIRTH) + 33.5, 25, "hip");
        apart(KNEE_GIRTH, 0.288 * mm(HIP_GIRTH) + 84, 18, "hip");
        apart(ANKLE_GIRTH, 0.525 * mm(KNEE_GIRTH) + 32, 13, "knee");
        double arcs = mm(FRONT_HIP_ARC) + mm(BACK_HIP_ARC);
        if (Math.abs(arcs - mm(HIP_GIRTH)) > INCH / 4) {
            doubt(
                    BACK_HIP_ARC,
                    "arcs",
                    "Front hip and back hip together do not make the hip. One of the three tapes slipped.");
        }
    }

    private void apart(Measure measure, double expected, double deviation, String from) {
        if (Math.abs(mm(measure) - expected) > 3 * deviation) {
            doubt(
                    measure,
                    "unlikely",
                    measure.title() + " is far from what the " + from
                            + " leads one to expect. Take it again to be sure.");
        }
    }

    /** A level that was taken both from the waist and from the shoulder is one level. */
    private void agree(Measure level, Measure longer, Measure shorter) {
        if (Math.abs(mm(longer) - mm(shorter) - mm(level)) > INCH / 2) {
            String text = level.title() + " and " + longer.spoken() + " less " + shorter.spoken()
                    + " do not agree. They are two ways to one level; take both again.";
            doubt(level, "two-ways", text);
            doubt(longer, "two-ways", text);
        }
    }

    private void depths() {
        double byHip = mm(HIP_GIRTH) / 4;
        if (mm(BODY_RISE) < byHip - INCH) {
            doubt(
                    BODY_RISE,
                    "rise-short",
                    "The rise is short for this hip. Was it taken seated, from the waist to the seat?");
        }
        if (mm(BODY_RISE) > byHip + 3 * INCH) {
            doubt(BODY_RISE, "rise-long", "The rise is long for this hip. Was the seat hard and flat?");
        }
        if (mm(CROTCH_LENGTH) < 2 * mm(BODY_RISE)) {
            doubt(
                    CROTCH_LENGTH,
                    "crotch-length",
                    "The crotch length is less than twice the rise; the tape cannot have gone all the way round.");
        }
        if (Math.abs(mm(INSIDE_LEG) + mm(BODY_RISE) - mm(OUTSIDE_LEG)) > INCH) {
            doubt(INSIDE_LEG, "legs", "Inside leg and rise together miss the outside leg by more than an inch.");
        }
        agree(HIP_DEPTH, SHOULDER_TO_HIP, SHOULDER_TO_WAIST);
        agree(KNEE_DEPTH, SHOULDER_TO_KNEE, SHOULDER_TO_WAIST);
        agree(WAIST_TO_FLOOR, SHOULDER_TO_FLOOR, SHOULDER_TO_WAIST);
        double ankle = mm(WAIST_TO_FLOOR) - 3 * INCH;
        if (Math.abs(ankle - mm(OUTSIDE_LEG)) > INCH / 2) {
            String text = "Outside leg and waist to floor do not agree: the ankle lies some {3} above the floor.";
            doubt(OUTSIDE_LEG, "two-ways", text);
            doubt(WAIST_TO_FLOOR, "two-ways", text);
        }
        if (mm(HIP_DEPTH) > mm(BODY_RISE)) {
            doubt(HIP_DEPTH, "hip-below-seat", "The hip lies below the seat: waist to hip is longer than the rise.");
        }
    }
}
