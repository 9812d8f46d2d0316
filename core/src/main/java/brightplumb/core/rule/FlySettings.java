package brightplumb.core.rule;

/** What can be set on a fly. */
public final class FlySettings {

    public static final Setting FLY_WIDTH = Setting.length("flyWidth", "Fly width", Zone.MAKING, "Fly wide", 20, 80);

    public static final Setting FALSE_FLY =
            Setting.length("falseFly", "False fly", Zone.MAKING, "False fly wide", 15, 80);

    private FlySettings() {}
}
