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
    CENTRE_FRONT_DROP("centreFrontDrop", "Centre front drop", Zone.WAIST, "Centre front down", 0, 60),
    CENTRE_BACK_DROP("centreBackDrop", "Centre back drop", Zone.WAIST, "Centre back down", 0, 60),
    SIDE_RISE("sideRise", "Side rise", Zone.WAIST, "Side up", 0, 40),
    BACK_IN("backIn", "Centre back in", Zone.WAIST, "Centre back in", 0, 60),
    CENTRE_BACK_SHAPE(
            "centreBackShape", "Centre back shape", Zone.WAIST, "Centre back", List.of(CentreBackShape.values())),
    SEAT("seat", "Seat", Zone.WAIST, "Seat", List.of(Seat.values())),
    DART_PLAN("dartPlan", "Dart plan", Zone.DARTS, "Plan", List.of(DartPlan.values())),
    DART_INTAKE_FRONT("dartIntakeFront", "Front dart intake", Zone.DARTS, "Front takes in", 0, 130),
    DART_LENGTH_FRONT("dartLengthFront", "Front dart length", Zone.DARTS, "Front dart long", 20, 300),
    DART_INTAKE_BACK("dartIntakeBack", "Back dart intake", Zone.DARTS, "Back takes in", 0, 160),
    DART_LENGTH_BACK("dartLengthBack", "Back dart length", Zone.DARTS, "Back dart long", 20, 300),
    HIP_EASE("hipEase", "Hip ease", Zone.HIP, "Ease all round", -300, 300),
    HIP_ALLOCATION("hipAllocation", "Hip allocation", Zone.HIP, "Back takes more", -60, 60),
    NEGATIVE_EASE("negativeEase", "Negative ease", Zone.HIP, "Less than the body", 0, 0.3),
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
    ALLOWANCES("allowances", "Allowances", Zone.MAKING, "Allowances", List.of(AllowanceHabit.values())),
    WAIST_ALLOWANCE("waistAllowance", "Waist allowance", Zone.MAKING, "Waist", 0, 60),
    SIDE_ALLOWANCE("sideAllowance", "Side allowance", Zone.MAKING, "Side", 0, 80),
    CENTRE_ALLOWANCE("centreAllowance", "Centre seam allowance", Zone.MAKING, "Centre seam", 0, 80),
    ZIP_ALLOWANCE("zipAllowance", "Zip allowance", Zone.MAKING, "Beside the zip", 0, 80),
    HEM_ALLOWANCE("hemAllowance", "Hem allowance", Zone.MAKING, "Hem turned", 0, 150),
    LET_OUT("letOut", "Let-out", Zone.MAKING, "Let-out at side", 0, 80);

    /** Where on the body, or in the work, a setting belongs. */
    public enum Zone {
        WAIST("Waist"),
        DARTS("Darts"),
        HIP("Hip"),
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
        return this == NEGATIVE_EASE;
    }

    /** The fact that tells what it came to, where the body or the dart plan has the last word. */
    public Optional<String> resultOf() {
        return switch (this) {
            case DART_INTAKE_FRONT -> Optional.of("dart.intake.front");
            case DART_INTAKE_BACK -> Optional.of("dart.intake.back");
            case BACK_IN -> Optional.of("centre.back.in");
            case CENTRE_FRONT_DROP -> Optional.of("centre.front.drop");
            case SIDE_RISE -> Optional.of("side.rise");
            default -> Optional.empty();
        };
    }

    /** The setting of that key, if there is one. */
    public static Optional<Setting> of(String key) {
        return Optional.ofNullable(BY_KEY.get(key));
    }
}
