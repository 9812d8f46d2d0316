package brightplumb.core.rule;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What can be set on a garment, in the order of the body from waist to hem. */
public enum Setting {
    WAIST_EASE("waistEase", "Waist ease", Zone.WAIST, "Ease all round", -300, 300),
    WAIST_FINISH("waistFinish", "Waist finish", Zone.WAIST, "Waist is", List.of(WaistFinish.values())),
    CENTRE_FRONT_DROP("centreFrontDrop", "Centre front drop", Zone.WAIST, "Centre front down", 0, 60),
    CENTRE_FRONT_IN("centreFrontIn", "Centre front in", Zone.WAIST, "Centre front in", 0, 50),
    CENTRE_BACK_DROP("centreBackDrop", "Centre back drop", Zone.WAIST, "Centre back down", 0, 60),
    SIDE_RISE("sideRise", "Side rise", Zone.WAIST, "Side up", 0, 40),
    BACK_IN("backIn", "Centre back in", Zone.WAIST, "Centre back in", 0, 140),
    BACK_RISE("backRise", "Back rise", Zone.WAIST, "Centre back up", 0, 100),
    CENTRE_BACK_SHAPE(
            "centreBackShape", "Centre back shape", Zone.WAIST, "Centre back", List.of(CentreBackShape.values())),
    SEAT("seat", "Seat", Zone.WAIST, "Seat", List.of(Seat.values())),
    DART_PLAN("dartPlan", "Dart plan", Zone.DARTS, "Plan", List.of(DartPlan.values())),
    DART_INTAKE_FRONT("dartIntakeFront", "Front dart intake", Zone.DARTS, "Front takes in", 0, 130),
    DART_LENGTH_FRONT("dartLengthFront", "Front dart length", Zone.DARTS, "Front dart long", 20, 300),
    DART_INTAKE_BACK("dartIntakeBack", "Back dart intake", Zone.DARTS, "Back takes in", 0, 160),
    DART_LENGTH_BACK("dartLengthBack", "Back dart length", Zone.DARTS, "Back dart long", 20, 300),
    DART_PLACE_BACK("dartPlaceBack", "Back dart place", Zone.DARTS, "Back dart from centre", 30, 250),
    HIP_EASE("hipEase", "Hip ease", Zone.HIP, "Ease all round", -300, 300),
    HIP_ALLOCATION("hipAllocation", "Hip allocation", Zone.HIP, "Back takes more", -60, 60),
    NEGATIVE_EASE("negativeEase", "Negative ease", Zone.HIP, "Less than the body", 0, 0.3),
    FRONT_HIP_OUT("frontHipOut", "Centre front out at the hip", Zone.HIP, "Centre front out", 0, 40),
    BACK_HIP_IN("backHipIn", "Centre back in at the hip", Zone.HIP, "Centre back in", 0, 80),
    RISE_EASE("riseEase", "Rise ease", Zone.CROTCH, "Deeper than the rise", -50, 150),
    CROTCH_DEPTH("crotchDepth", "Crotch depth", Zone.CROTCH, "Crotch below waist", 150, 600),
    HIP_ABOVE_CROTCH("hipAboveCrotch", "Hip line above the crotch", Zone.CROTCH, "Hip above crotch line", 0, 150),
    FRONT_EXTENSION("frontExtension", "Front extension", Zone.CROTCH, "Front fork out", 15, 200),
    BACK_EXTENSION("backExtension", "Back extension", Zone.CROTCH, "Back fork out", 30, 300),
    FORK_DROP("forkDrop", "Fork drop", Zone.CROTCH, "Back fork down", -30, 60),
    STRETCH_IN("stretchIn", "Back inseam stretched in", Zone.CROTCH, "Back inseam shorter", 0, 13),
    FRONT_CURVE("frontCurve", "Front curve", Zone.CROTCH, "Front curve", List.of(FrontCurve.values())),
    CURVE_GUIDE_FRONT("curveGuideFront", "Front curve guide", Zone.CROTCH, "Front curve at 45°", 5, 120),
    CURVE_GUIDE_BACK("curveGuideBack", "Back curve guide", Zone.CROTCH, "Back curve at 45°", 5, 160),
    LEG_SHAPE("legShape", "Leg shape", Zone.LEG, "Leg", List.of(LegShape.values())),
    BACK_INSEAM("backInseam", "Back inseam", Zone.LEG, "Back inseam", List.of(BackInseam.values())),
    THIGH("thigh", "Garment thigh", Zone.LEG, "Thigh, all round", 350, 1200),
    KNEE("knee", "Garment knee", Zone.LEG, "Knee, all round", 250, 1200),
    HEM("hem", "Hem", Zone.LEG, "Hem, all round", 180, 1600),
    SIDE_IN("sideIn", "Side in at the hem", Zone.LEG, "Front side in at hem", 0, 80),
    BACK_LEG_ADD("backLegAdd", "Back inseam wider", Zone.LEG, "Back wider at inseam", -30, 60),
    BACK_SIDE_ADD("backSideAdd", "Back side wider", Zone.LEG, "Back wider at side", -30, 60),
    LENGTH("length", "Length", Zone.HEM, "Length", 100, 1600),
    HEM_TAPER("hemTaper", "Hem taper", Zone.HEM, "In at the side", -400, 150),
    TAPER_START("taperStart", "Taper start", Zone.HEM, "Starts below hip", 12, 400),
    KNEE_LEVEL("kneeLevel", "Narrow level", Zone.HEM, "Narrowest below waist", 0, 1400),
    CENTRE_BACK_HEM("centreBackHem", "Centre back in at the hem", Zone.HEM, "In at centre back", 0, 60),
    SLIT("slit", "Slit", Zone.HEM, "Slit up from hem", 0, 900),
    STRIDE("stride", "Step", Zone.HEM, "Step to walk by", 200, 1000),
    BAND_PLACE("bandPlace", "Band place", Zone.MAKING, "Band", List.of(BandPlace.values())),
    BAND_HEIGHT("bandHeight", "Band height", Zone.MAKING, "Band high", 0, 150),
    CLOSURE("closure", "Closure", Zone.MAKING, "Closed by", List.of(Closure.values())),
    ZIP_LENGTH("zipLength", "Zip length", Zone.MAKING, "Zip long", 60, 600),
    ELASTIC("elastic", "Elastic", Zone.MAKING, "Elastic long", 300, 1500),
    ELASTIC_STRETCH("elasticStretch", "Stretch of the elastic", Zone.MAKING, "Elastic stretches", 0.1, 3),
    ALLOWANCES("allowances", "Allowances", Zone.MAKING, "Allowances", List.of(AllowanceHabit.values())),
    WAIST_ALLOWANCE("waistAllowance", "Waist allowance", Zone.MAKING, "Waist", 0, 60),
    SIDE_ALLOWANCE("sideAllowance", "Side allowance", Zone.MAKING, "Side", 0, 80),
    CROTCH_ALLOWANCE("crotchAllowance", "Crotch allowance", Zone.MAKING, "Crotch", 0, 60),
    INSEAM_ALLOWANCE("inseamAllowance", "Inseam allowance", Zone.MAKING, "Inseam", 0, 60),
    CENTRE_ALLOWANCE("centreAllowance", "Centre seam allowance", Zone.MAKING, "Centre seam", 0, 80),
    ZIP_ALLOWANCE("zipAllowance", "Zip allowance", Zone.MAKING, "Beside the zip", 0, 80),
    HEM_ALLOWANCE("hemAllowance", "Hem allowance", Zone.MAKING, "Hem turned", 0, 150),
    LET_OUT("letOut", "Let-out", Zone.MAKING, "Let-out at side", 0, 80);

    /** Where on the body, or in the work, a setting belongs. */
    public enum Zone {
        WAIST("Waist"),
        DARTS("Darts"),
        HIP("Hip"),
        CROTCH("Crotch"),
        LEG("Leg"),
        HEM("Length and hem"),
        MAKING("Making");

        private final String title;

        Zone(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    private static final Map<String, Setting> BY_KEY =
            Arrays.stream(values()).collect(Collectors.toMap(Setting::key, Function.identity()));

    private final String key;
    private final String title;
    private final Zone zone;
    private final String label;
    private final double least;
    private final double most;
    private final List<Choice> choices;

    Setting(String key, String title, Zone zone, String label, double least, double most) {
        this(key, title, zone, label, least, most, List.of());
    }

    Setting(String key, String title, Zone zone, String label, List<Choice> choices) {
        this(key, title, zone, label, 0, 0, choices);
    }

    Setting(String key, String title, Zone zone, String label, double least, double most, List<Choice> choices) {
        this.key = key;
        this.title = title;
        this.zone = zone;
        this.label = label;
        this.least = least;
        this.most = most;
        this.choices = choices;
    }

    /** Its name in requests. */
    public String key() {
        return key;
    }

    /** Its full name at the bench. */
    public String title() {
        return title;
    }

    /** Its name inside a formula. */
    public String spoken() {
        return title.toLowerCase(java.util.Locale.ROOT);
    }

    public Zone zone() {
        return zone;
    }

    /** Its short name beneath its zone's heading. */
    public String label() {
        return label;
    }

    /** The smallest amount that is taken: mm, or a ratio. */
    public double least() {
        return least;
    }

    /** The largest amount that is taken: mm, or a ratio. */
    public double most() {
        return most;
    }

    /** The named choices; empty for an amount. */
    public List<Choice> choices() {
        return choices;
    }

    public boolean isChoice() {
        return !choices.isEmpty();
    }

    /** Whether the amount is a plain ratio, not a length. */
    public boolean isRatio() {
        return this == NEGATIVE_EASE || this == ELASTIC_STRETCH;
    }

    /** The facts that tell what it came to, one a family, where the body or the plan has the last word; else none. */
    public List<String> resultOf() {
        return switch (this) {
            case DART_INTAKE_FRONT -> List.of("dart.intake.front");
            case DART_INTAKE_BACK -> List.of("dart.intake.back");
            case BACK_IN -> List.of("centre.back.in", "back.in");
            case CENTRE_FRONT_DROP -> List.of("centre.front.drop");
            case SIDE_RISE -> List.of("side.rise");
            case BACK_RISE -> List.of("back.rise");
            case BACK_HIP_IN -> List.of("back.hip.in");
            case FRONT_EXTENSION -> List.of("crotch.extension.front");
            case BACK_EXTENSION -> List.of("crotch.extension.back");
            case FORK_DROP -> List.of("fork.drop");
            case CURVE_GUIDE_FRONT -> List.of("crotch.guide.front");
            case CURVE_GUIDE_BACK -> List.of("crotch.guide.back");
            case DART_PLACE_BACK -> List.of("dart.place.back");
            case KNEE -> List.of("knee.girth");
            case HEM -> List.of("hem.girth");
            default -> List.of();
        };
    }

    /** The setting of that key, if there is one. */
    public static Optional<Setting> of(String key) {
        return Optional.ofNullable(BY_KEY.get(key));
    }
}
