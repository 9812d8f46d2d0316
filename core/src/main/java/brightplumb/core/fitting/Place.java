package brightplumb.core.fitting;

import java.util.Locale;

/** Where on the standing figure something is seen, from the top down. */
public enum Place {
    SHOULDER,
    BUST,
    WAIST,
    HIP,
    CROTCH,
    THIGH,
    KNEE,
    HEM;

    /** Returns its name in requests. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
