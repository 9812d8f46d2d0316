package brightplumb.core.rule;

import static brightplumb.core.rule.Setting.*;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Kinds of garment that are drafted alike, so that ways of drafting can be compared within one. */
public enum Family {
    SKIRT(
            "Skirts",
            EnumSet.complementOf(EnumSet.of(
                    WAIST_FINISH,
                    CENTRE_FRONT_IN,
                    BACK_RISE,
                    DART_PLACE_BACK,
                    FRONT_HIP_OUT,
                    BACK_HIP_IN,
                    RISE_EASE,
                    CROTCH_DEPTH,
                    HIP_ABOVE_CROTCH,
                    FRONT_EXTENSION,
                    BACK_EXTENSION,
                    FORK_DROP,
                    STRETCH_IN,
                    FRONT_CURVE,
                    BACK_INSEAM,
                    CURVE_GUIDE_FRONT,
                    CURVE_GUIDE_BACK,
                    LEG_SHAPE,
                    THIGH,
                    KNEE,
                    HEM,
                    SIDE_IN,
                    BACK_LEG_ADD,
                    BACK_SIDE_ADD,
                    ELASTIC,
                    ELASTIC_STRETCH,
                    CROTCH_ALLOWANCE,
                    INSEAM_ALLOWANCE))),
    LEGS(
            "Trousers and shorts",
            EnumSet.complementOf(EnumSet.of(
                    CENTRE_BACK_DROP,
                    CENTRE_BACK_SHAPE,
                    SEAT,
                    DART_PLAN,
                    HEM_TAPER,
                    TAPER_START,
                    KNEE_LEVEL,
                    CENTRE_BACK_HEM,
                    SLIT,
                    STRIDE,
                    CENTRE_ALLOWANCE)));

    private final String title;
    private final List<Setting> settings;

    Family(String title, Set<Setting> settings) {
        this.title = title;
        this.settings =
                Arrays.stream(Setting.values()).filter(settings::contains).toList();
    }

    public String title() {
        return title;
    }

    /** What can be set on such a garment, in the order of the body. */
    public List<Setting> settings() {
        return settings;
    }

    /** The choices of a setting that such a garment can have. */
    public List<Choice> choices(Setting setting) {
        return setting.choices().stream()
                .filter(choice -> this != SKIRT || choice != Closure.FLY)
                .toList();
    }
}
