package brightplumb.core.measure;

import static brightplumb.core.measure.Measure.Run.ALONG;
import static brightplumb.core.measure.Measure.Run.ROUND;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The measures of a body, in the order a tape takes them, with how each is taken. Common practice, no source. */
public enum Measure {
    WAIST_GIRTH(
            "waistGirth",
            "Waist",
            ROUND,
            "waist",
            "Round the narrowest part, or where the garment will sit. Tape level and snug, a finger under it."),
    HIP_DEPTH(
            "hipDepth",
            "Waist to hip",
            ALONG,
            "hip",
            "Down the side from the waist to the level of the hip tape. Look from the side to find that level."),
    HIP_GIRTH(
            "hipGirth",
            "Hip",
            ROUND,
            "hip",
            "Round the fullest part of the seat, feet together, tape level all the way. Two fingers flat under the "
                    + "tape."),
    FRONT_HIP_ARC(
            "frontHipArc", "Front hip", ALONG, "hip", "From side seam to side seam across the front, at hip level."),
    BACK_HIP_ARC(
            "backHipArc",
            "Back hip",
            ALONG,
            "hip",
            "From side seam to side seam across the seat, at hip level. Front and back together make the hip."),
    BODY_RISE(
            "bodyRise",
            "Rise, seated",
            ALONG,
            "crotch",
            "Seated upright on a hard flat seat: down the side from the waist to the seat."),
    CROTCH_LENGTH(
            "crotchLength",
            "Crotch length",
            ALONG,
            "crotch",
            "From the front waist between the legs to the back waist, easy, not pulled."),
    THIGH_GIRTH("thighGirth", "Thigh", ROUND, "thigh", "Round the fullest part of the thigh, just under the crotch."),
    KNEE_DEPTH("kneeDepth", "Waist to knee", ALONG, "knee", "From the front waist to the middle of the knee."),
    KNEE_GIRTH("kneeGirth", "Knee", ROUND, "knee", "Round the knee, slightly bent."),
    ANKLE_GIRTH("ankleGirth", "Ankle", ROUND, "ankle", "Round the ankle. A hem must also pass the heel."),
    OUTSIDE_LEG("outsideLeg", "Outside leg", ALONG, "ankle", "Down the side from the waist to the ankle or hem."),
    WAIST_TO_FLOOR(
            "waistToFloor",
            "Waist to floor",
            ALONG,
            "ankle",
            "Down the side from the waist to the floor, in the shoes that will be worn."),
    INSIDE_LEG("insideLeg", "Inside leg", ALONG, "ankle", "From the crotch down the inside of the leg to the ankle."),
    BUST_GIRTH("bustGirth", "Bust", ROUND, "bust", "Round the fullest part of the bust, tape level at the back."),
    BUST_SPAN("bustSpan", "Bust span", ALONG, "bust", "Straight across from bust point to bust point."),
    SHOULDER_WIDTH(
            "shoulderWidth", "Shoulder", ALONG, "shoulder", "Across the back from shoulder end to shoulder end."),
    ACROSS_BACK("acrossBack", "Across back", ALONG, "shoulder", "From armhole to armhole across the shoulder blades."),
    SHOULDER_TO_BUST(
            "shoulderToBust",
            "Shoulder to bust",
            ALONG,
            "bust",
            "From the neck end of the shoulder down to the bust point."),
    SHOULDER_TO_WAIST(
            "shoulderToWaist",
            "Shoulder to waist",
            ALONG,
            "waist",
            "From the neck end of the shoulder over the bust to the waist."),
    SHOULDER_TO_HIP(
            "shoulderToHip",
            "Shoulder to hip",
            ALONG,
            "hip",
            "From the neck end of the shoulder down to the level of the hip tape."),
    SHOULDER_TO_KNEE(
            "shoulderToKnee",
            "Shoulder to knee",
            ALONG,
            "knee",
            "From the neck end of the shoulder over the bust and straight down to the middle of the knee."),
    SHOULDER_TO_FLOOR(
            "shoulderToFloor",
            "Shoulder to floor",
            ALONG,
            "ankle",
            "From the neck end of the shoulder over the bust and straight down to the floor, in the shoes it is worn "
                    + "with."),
    TOP_EDGE_GIRTH(
            "topEdgeGirth",
            "Round the top edge",
            ROUND,
            "bust",
            "Round body and both arms, arms hanging, where an edge off the shoulder will sit."),
    ARMHOLE_GIRTH("armholeGirth", "Armhole", ROUND, "shoulder", "Round the arm over the shoulder end, arm relaxed."),
    NECK_GIRTH("neckGirth", "Neck", ROUND, "shoulder", "Round the base of the neck."),
    HEAD_GIRTH("headGirth", "Head", ROUND, "head", "Round the brow and the back of the head."),
    VERTICAL_TRUNK(
            "verticalTrunk",
            "Trunk loop",
            ALONG,
            "crotch",
            "From the shoulder down the front, between the legs and up the back to the same shoulder."),
    SLEEVE_LENGTH("sleeveLength", "Sleeve", ALONG, "shoulder", "From the shoulder end over a bent elbow to the wrist."),
    UPPER_ARM_GIRTH("upperArmGirth", "Upper arm", ROUND, "bust", "Round the fullest part of the upper arm."),
    WRIST_GIRTH("wristGirth", "Wrist", ROUND, "waist", "Round the wrist bone."),
    STATURE("stature", "Height", ALONG, "head", "Barefoot against a wall, from the floor to the crown.");

    /** Which way the tape runs. */
    public enum Run {
        /** A girth. */
        ROUND,
        /** A depth, an arc or a length. */
        ALONG
    }

    /** Nothing on a body is longer (mm). */
    public static final double MOST = 4000;

    private static final Map<String, Measure> BY_KEY =
            Arrays.stream(values()).collect(Collectors.toMap(Measure::key, Function.identity()));

    private final String key;
    private final String title;
    private final Run run;
    private final String level;
    private final Sentence how;

    Measure(String key, String title, Run run, String level, String how) {
        this.key = key;
        this.title = title;
        this.run = run;
        this.level = level;
        this.how = Sentence.of(how);
    }

    /** Returns the path of its field in a request. */
    public FieldPath field() {
        return FieldPath.MEASURES.of(key);
    }

    /** The measure's name in files and requests. */
    public String key() {
        return key;
    }

    /** Its name at the bench. */
    public String title() {
        return title;
    }

    /** Which way the tape runs. */
    public Run run() {
        return run;
    }

    /** The level of the standing figure it lies at. */
    public String level() {
        return level;
    }

    /** How it is taken. */
    public Sentence how() {
        return how;
    }

    /** Whether it lies on one side of the body, so that left and right may differ. */
    public boolean sided() {
        return switch (this) {
            case HIP_DEPTH, OUTSIDE_LEG, INSIDE_LEG, THIGH_GIRTH, KNEE_GIRTH, ANKLE_GIRTH -> true;
            default -> false;
        };
    }

    /** Its name inside a sentence or a formula: {@code hip}, {@code waist to hip}. */
    public String spoken() {
        return title.toLowerCase(java.util.Locale.ROOT);
    }

    /** The measure of that key, if there is one. */
    public static Optional<Measure> of(String key) {
        return Optional.ofNullable(BY_KEY.get(key));
    }

    /**
     * Why a length cannot be this measure of a body, if it cannot: zero, negative or over 400 cm; or so little that it
     * is another unit's number (a waist under 20 cm, a depth under 45 mm).
     */
    public Optional<String> impossible(double mm) {
        if (Double.isNaN(mm) || Double.isInfinite(mm)) {
            return Optional.of(title + " is not a number");
        }
        if (mm <= 0) {
            return Optional.of(title + " must be more than zero");
        }
        if (mm > MOST) {
            return Optional.of(title + " is over 400 cm; no body is, so look at the unit");
        }
        if (mm < least()) {
            return Optional.of(
                    title + " is too small for a body; it looks like inches or centimetres sent as millimetres");
        }
        return Optional.empty();
    }

    /** The least a body can measure here, mm; anything under it is another unit's number. */
    private double least() {
        return switch (this) {
            case WAIST_GIRTH, HIP_GIRTH, BUST_GIRTH -> 200;
            case STATURE -> 400;
            case FRONT_HIP_ARC, BACK_HIP_ARC, CROTCH_LENGTH, VERTICAL_TRUNK -> 100;
            case OUTSIDE_LEG,
                    INSIDE_LEG,
                    KNEE_DEPTH,
                    WAIST_TO_FLOOR,
                    SHOULDER_TO_KNEE,
                    SHOULDER_TO_FLOOR,
                    TOP_EDGE_GIRTH -> 100;
            default -> run == ROUND ? 60 : 45;
        };
    }
}
