package brightplumb.core.rule;

import static brightplumb.core.measure.Measure.*;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Provenance;
import brightplumb.core.measure.Reading;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.Hand;
import brightplumb.core.working.Amount;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * A body as a draft sees it: each measure an amount, and what was not taken worked out by a rule and marked as a guess.
 * A measured value always wins.
 */
public final class Body {

    private final Map<Measure, Amount> taken = new EnumMap<>(Measure.class);
    private final Map<Measure, Estimate> estimates = new EnumMap<>(Measure.class);
    /** Those on the sheet that are estimated there. */
    private final Set<Measure> worked = EnumSet.noneOf(Measure.class);

    /** Measures that begin at the waist: they give up what a garment sits below it; the crotch length twice that. */
    private static final List<Measure> FROM_THE_WAIST =
            List.of(HIP_DEPTH, BODY_RISE, KNEE_DEPTH, OUTSIDE_LEG, WAIST_TO_FLOOR);

    /** Two tapes that lie nearer to each other say nothing of the level between them, mm. */
    private static final double LEAST_LEVEL = 2 * Length.INCH;

    private Amount hipDepthAtCentre;

    private Body(Sheet sheet, Hand side) {
        sheet.readings().forEach((measure, reading) -> take(measure, reading, amount(measure, reading, side)));
        sheet.reading(HIP_DEPTH).ifPresent(r -> hipDepthAtCentre = amount(HIP_DEPTH, r, Hand.BOTH));
    }

    /**
     * What stands on the sheet without having been read off a tape on this body is as much a guess as what a rule makes
     * up.
     */
    private void take(Measure measure, Reading reading, Amount amount) {
        taken.put(measure, amount);
        if (reading.provenance() == Provenance.ESTIMATED) {
            worked.add(measure);
        }
        if (!reading.provenance().taped()) {
            estimates.put(
                    measure, new Estimate(measure, amount, reading.provenance().said()));
        }
    }

    private static Amount amount(Measure measure, Reading reading, Hand side) {
        Amount amount = read(measure, reading, side);
        return reading.provenance().taped() ? amount : amount.asEstimate();
    }

    /** A measure that was read twice is drafted with the middle of both readings, and says so. */
    private static Amount read(Measure measure, Reading reading, Hand side) {
        if (reading.second() == null) {
            return Amount.length(measure.spoken(), reading.first());
        }
        if (measure.sided() && side != Hand.BOTH) {
            return side == Hand.LEFT
                    ? Amount.length(measure.spoken() + " left", reading.first())
                    : Amount.length(measure.spoken() + " right", reading.second());
        }
        String one = measure.sided() ? " left" : " first";
        String other = measure.sided() ? " right" : " again";
        return Amount.length(measure.spoken() + one, reading.first())
                .plus(Amount.length(measure.spoken() + other, reading.second()))
                .over(2)
                .called(measure.spoken());
    }

    /**
     * The body on a sheet.
     *
     * @throws Refusal when a value cannot be a body's, or waist or hip is missing, naming each such measure
     */
    public static Body of(Sheet sheet) {
        return of(sheet, Hand.BOTH);
    }

    /** The body on a sheet, as one of its sides has it. */
    public static Body of(Sheet sheet, Hand side) {
        List<Refusal.Fault> faults = new ArrayList<>();
        for (Measure needed : List.of(WAIST_GIRTH, HIP_GIRTH)) {
            if (!sheet.has(needed)) {
                faults.add(fault(needed, needed.title() + " is needed: nothing can be drafted without it"));
            }
        }
        sheet.readings()
                .forEach((measure, reading) -> Stream.of(reading.first(), reading.second())
                        .filter(Objects::nonNull)
                        .flatMap(length -> measure.impossible(length.mm()).stream())
                        .limit(1)
                        .forEach(why -> faults.add(fault(measure, why))));
        if (faults.isEmpty()) {
            double waist = sheet.reading(WAIST_GIRTH).orElseThrow().length().mm();
            double hip = sheet.reading(HIP_GIRTH).orElseThrow().length().mm();
            if (waist > 1.6 * hip || waist < 0.4 * hip) {
                faults.add(fault(
                        WAIST_GIRTH, "This waist and this hip cannot be one body; look at both, and at their units"));
            }
        }
        if (!faults.isEmpty()) {
            throw new Refusal(faults);
        }
        Body body = new Body(sheet, side);
        body.follow();
        body.estimate();
        return body;
    }

    private static Refusal.Fault fault(Measure measure, String message) {
        return new Refusal.Fault(measure.field(), message);
    }

    /**
     * The same body from where a garment sits below its waist: every depth gives up as much, the loop between the legs
     * twice that, and the waist is read between waist and hip, which is a guess.
     *
     * @param below mm below the waist, 0 or more
     */
    Body sitting(Amount below) {
        if (below.value() == 0) {
            return this;
        }
        Body lower = new Body();
        lower.taken.putAll(taken);
        lower.estimates.putAll(estimates);
        lower.worked.addAll(worked);
        Amount share = Amount.ratio(
                "how far down to the hip",
                Math.min(1, below.value() / hipDepth().value()));
        Amount waist = waist().plus(hip().minus(waist()).times(share))
                .called("waist where it sits")
                .asEstimate();
        lower.taken.put(WAIST_GIRTH, waist);
        lower.estimates.put(WAIST_GIRTH, new Estimate(WAIST_GIRTH, waist, "between waist and hip"));
        for (Measure measure : FROM_THE_WAIST) {
            find(measure).ifPresent(depth -> lower.lowered(measure, depth.minus(below)));
        }
        find(CROTCH_LENGTH).ifPresent(loop -> lower.lowered(CROTCH_LENGTH, loop.minus(below.times(2))));
        lower.hipDepthAtCentre = hipDepthAtCentre == null ? null : hipDepthAtCentre.minus(below);
        return lower;
    }

    private void lowered(Measure measure, Amount depth) {
        Amount named = depth.called(measure.spoken() + " from there");
        if (taken.containsKey(measure)) {
            taken.put(measure, named);
        }
        estimates.computeIfPresent(measure, (m, guess) -> new Estimate(m, named.asEstimate(), guess.rule()));
    }

    private Body() {}

    /**
     * Levels that follow from tapes that were taken: each is as good as they are, and no guess. What would come out as
     * no length is left to the rules.
     */
    private void follow() {
        follows(SHOULDER_TO_WAIST, SHOULDER_TO_HIP, HIP_DEPTH);
        follows(SHOULDER_TO_WAIST, SHOULDER_TO_KNEE, KNEE_DEPTH);
        follows(SHOULDER_TO_WAIST, SHOULDER_TO_FLOOR, WAIST_TO_FLOOR);
        follows(HIP_DEPTH, SHOULDER_TO_HIP, SHOULDER_TO_WAIST);
        follows(KNEE_DEPTH, SHOULDER_TO_KNEE, SHOULDER_TO_WAIST);
        follows(WAIST_TO_FLOOR, SHOULDER_TO_FLOOR, SHOULDER_TO_WAIST);
        follows(BODY_RISE, OUTSIDE_LEG, INSIDE_LEG);
        if (has(WAIST_TO_FLOOR)) {
            follows(OUTSIDE_LEG, taken.get(WAIST_TO_FLOOR).minus(Amount.inches("ankle to the floor", 3)));
        }
        if (has(INSIDE_LEG) && has(BODY_RISE)) {
            follows(OUTSIDE_LEG, taken.get(INSIDE_LEG).plus(taken.get(BODY_RISE)));
        }
        follows(BODY_RISE, OUTSIDE_LEG, INSIDE_LEG);
    }

    private boolean has(Measure measure) {
        return taken.containsKey(measure);
    }

    private void follows(Measure level, Measure longer, Measure shorter) {
        if (has(longer) && has(shorter)) {
            follows(level, taken.get(longer).minus(taken.get(shorter)));
        }
    }

    private void follows(Measure level, Amount amount) {
        if (!has(level) && amount.value() >= LEAST_LEVEL) {
            taken.put(level, amount);
        }
    }

    private void estimate() {
        guessMissing(HIP_DEPTH, "{8 in} for everyone", () -> Amount.inches("usual waist to hip", 8));
        guessMissing(
                BUST_SPAN,
                taken.containsKey(BUST_GIRTH) ? "bust ÷ 4 − {1.5 in}" : "hip ÷ 4 − {2 in}",
                () -> taken.containsKey(BUST_GIRTH)
                        ? taken.get(BUST_GIRTH).over(4).minus(Amount.inches("span allowance", 1.5))
                        : hip().over(4).minus(Amount.inches("span allowance", 2)));
        if (taken.containsKey(FRONT_HIP_ARC) || taken.containsKey(BACK_HIP_ARC)) {
            guessMissing(BACK_HIP_ARC, "hip − front hip", () -> hip().minus(taken.get(FRONT_HIP_ARC)));
            guessMissing(FRONT_HIP_ARC, "hip − back hip", () -> hip().minus(taken.get(BACK_HIP_ARC)));
        } else {
            guessMissing(FRONT_HIP_ARC, "hip ÷ 2", () -> hip().over(2));
            guessMissing(BACK_HIP_ARC, "hip ÷ 2", () -> hip().over(2));
        }
        guessMissing(BODY_RISE, "hip ÷ 4 + {1 in}", () -> hip().over(4).plus(Amount.inches("rise allowance", 1)));
        guessMissing(
                KNEE_DEPTH,
                taken.containsKey(OUTSIDE_LEG) ? "half-way between seat and ankle, {2 in} up" : "{23 in} for everyone",
                () -> taken.containsKey(OUTSIDE_LEG)
                        ? require(BODY_RISE)
                                .plus(taken.get(OUTSIDE_LEG))
                                .over(2)
                                .minus(Amount.inches("knee above the middle", 2))
                        : Amount.inches("usual waist to knee", 23));
        if (taken.containsKey(OUTSIDE_LEG)) {
            guessMissing(
                    WAIST_TO_FLOOR,
                    "outside leg + {3 in}",
                    () -> taken.get(OUTSIDE_LEG).plus(Amount.inches("ankle to the floor", 3)));
        }
        guessMissing(
                THIGH_GIRTH,
                "0.553 × hip + {33.5 mm}",
                () -> hip().times(0.553).plus(Amount.length("thigh constant", Length.mm(33.5))));
        guessMissing(
                KNEE_GIRTH,
                "0.288 × hip + {84 mm}",
                () -> hip().times(0.288).plus(Amount.length("knee constant", Length.mm(84))));
        guessMissing(
                ANKLE_GIRTH,
                "0.525 × knee + {32 mm}",
                () -> require(KNEE_GIRTH).times(0.525).plus(Amount.length("ankle constant", Length.mm(32))));
        if (taken.containsKey(BUST_GIRTH)) {
            if (!taken.containsKey(SHOULDER_TO_WAIST)) {
                guessMissing(
                        SHOULDER_TO_HIP,
                        taken.containsKey(STATURE) ? "0.37 × height" : "{24 in} for everyone",
                        () -> taken.containsKey(STATURE)
                                ? taken.get(STATURE).times(0.37)
                                : Amount.inches("usual shoulder to hip", 24));
                guessMissing(
                        SHOULDER_TO_WAIST,
                        "shoulder to hip − waist to hip",
                        () -> require(SHOULDER_TO_HIP).minus(require(HIP_DEPTH)));
            }
            guessMissing(
                    SHOULDER_TO_BUST,
                    "0.62 × shoulder to waist",
                    () -> require(SHOULDER_TO_WAIST).times(0.62));
            guessMissing(
                    SHOULDER_TO_KNEE,
                    "shoulder to waist + waist to knee",
                    () -> require(SHOULDER_TO_WAIST).plus(require(KNEE_DEPTH)));
            if (find(WAIST_TO_FLOOR).isPresent()) {
                guessMissing(
                        SHOULDER_TO_FLOOR,
                        "shoulder to waist + waist to floor",
                        () -> require(SHOULDER_TO_WAIST).plus(require(WAIST_TO_FLOOR)));
            }
        }
        guessMissing(STATURE, "{1650 mm} for everyone", () -> Amount.length("usual height", Length.cm(165)));
    }

    private void guessMissing(Measure measure, String rule, Supplier<Amount> amount) {
        if (!taken.containsKey(measure)) {
            guess(measure, amount.get(), rule);
        }
    }

    private void guess(Measure measure, Amount amount, String rule) {
        estimates.put(
                measure, new Estimate(measure, amount.called(measure.spoken()).asEstimate(), rule));
    }

    /** Returns the waist girth. */
    public Amount waist() {
        return require(WAIST_GIRTH);
    }

    /** Returns the hip girth. */
    public Amount hip() {
        return require(HIP_GIRTH);
    }

    /** Down the side from waist to hip; a usual depth where it was not taken. */
    public Amount hipDepth() {
        return require(HIP_DEPTH);
    }

    /** From waist to hip at the centre seams, which both sides share: the middle of left and right. */
    public Amount hipDepthAtCentre() {
        return hipDepthAtCentre == null ? hipDepth() : hipDepthAtCentre;
    }

    /**
     * Whether a tape or a size table says how the hip is shared between front and back. Else half of it stands in for
     * each arc, or what somebody estimated.
     */
    public boolean arcsKnown() {
        return known(FRONT_HIP_ARC) || known(BACK_HIP_ARC);
    }

    private boolean known(Measure measure) {
        return taken.containsKey(measure) && !worked.contains(measure);
    }

    /** Across the front at hip level, from side seam to side seam; half the hip where no arc was taped. */
    public Amount frontHipArc() {
        return require(FRONT_HIP_ARC);
    }

    /** Across the back at hip level, likewise. */
    public Amount backHipArc() {
        return require(BACK_HIP_ARC);
    }

    /** Whether the back hip, as taped, is no larger than the front. */
    public boolean flatSeated() {
        return arcsKnown() && backHipArc().value() <= frontHipArc().value();
    }

    /** Between the bust points; by bust or hip where it was not taken. */
    public Amount bustSpan() {
        return require(BUST_SPAN);
    }

    /** A measure, taken or estimated, if it is to be had. */
    public Optional<Amount> find(Measure measure) {
        Amount amount = taken.get(measure);
        if (amount == null && estimates.containsKey(measure)) {
            amount = estimates.get(measure).amount();
        }
        return Optional.ofNullable(amount);
    }

    /** The guess standing in for a measure, if one does. */
    public Optional<Estimate> estimateOf(Measure measure) {
        return Optional.ofNullable(estimates.get(measure));
    }

    /** Every guess, in tape order. */
    public List<Estimate> estimates() {
        return List.copyOf(estimates.values());
    }

    private Amount require(Measure measure) {
        return find(measure)
                .orElseThrow(() -> new IllegalStateException(measure.key() + " is neither taken nor estimated"));
    }
}
