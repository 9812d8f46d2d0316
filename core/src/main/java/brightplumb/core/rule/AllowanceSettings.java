package brightplumb.core.rule;

/** What is added outside the sewn lines. */
public final class AllowanceSettings {

    public static final Setting ALLOWANCES =
            Setting.choice("allowances", "Allowances", Zone.MAKING, "Allowances", AllowanceHabit.values());
    public static final Setting WAIST_ALLOWANCE =
            Setting.length("waistAllowance", "Waist allowance", Zone.MAKING, "Waist", 0, 60);
    public static final Setting SIDE_ALLOWANCE =
            Setting.length("sideAllowance", "Side allowance", Zone.MAKING, "Side", 0, 80);
    public static final Setting CROTCH_ALLOWANCE =
            Setting.length("crotchAllowance", "Crotch allowance", Zone.MAKING, "Crotch", 0, 60);
    public static final Setting INSEAM_ALLOWANCE =
            Setting.length("inseamAllowance", "Inseam allowance", Zone.MAKING, "Inseam", 0, 60);
    public static final Setting CENTRE_ALLOWANCE =
            Setting.length("centreAllowance", "Centre seam allowance", Zone.MAKING, "Centre seam", 0, 80);
    public static final Setting ZIP_ALLOWANCE =
            Setting.length("zipAllowance", "Zip allowance", Zone.MAKING, "Beside the zip", 0, 80);
    public static final Setting HEM_ALLOWANCE =
            Setting.length("hemAllowance", "Hem allowance", Zone.MAKING, "Hem turned", 0, 150);
    public static final Setting LET_OUT = Setting.length("letOut", "Let-out", Zone.MAKING, "Let-out at side", 0, 80);

    private AllowanceSettings() {}
}
