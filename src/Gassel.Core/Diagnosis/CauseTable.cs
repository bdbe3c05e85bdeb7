namespace Gassel.Core.Diagnosis;

/// <summary>
/// What the rules said of 20,000 made-up seasons, by cause. Counted by the test that made them up (CausesProvedTests), which holds it
/// against seasons drawn anew.
/// </summary>
public static class CauseTable
{
    public static IReadOnlyDictionary<Cause, CauseOdds> Of { get; } =
        new Dictionary<Cause, CauseOdds>
        {
            [Cause.NotTimeYet] = new(1523, [1840, 558, 0, 0], [0, 0, 0, 16046]),
            [Cause.ChillingShort] = new(1231, [2738, 161, 172, 0], [0, 2352, 1892, 7964]),
            [Cause.WarmStepMissing] = new(217, [328, 0, 0, 0], [0, 0, 0, 2836]),
            [Cause.CoatNotBroken] = new(287, [332, 43, 0, 0], [0, 1563, 0, 1740]),
            [Cause.TooCold] = new(1523, [1667, 277, 137, 0], [0, 2608, 2688, 11067]),
            [Cause.TooHot] = new(1523, [1541, 163, 240, 68], [30, 967, 2781, 12654]),
            [Cause.CoveredThoughItNeedsLight] = new(303, [347, 0, 26, 8], [42, 0, 228, 2963]),
            [Cause.LitThoughItNeedsDark] = new(73, [85, 0, 4, 4], [13, 0, 65, 783]),
            [Cause.TooDeep] = new(1220, [1500, 0, 112, 0], [109, 1213, 946, 10950]),
            [Cause.OldOrEmptySeed] = new(1523, [1329, 492, 190, 4], [485, 4331, 2508, 9105]),
            [Cause.DriedOut] = new(1523, [794, 972, 41, 203], [202, 2084, 454, 13694]),
            [Cause.DrownedOrRotted] = new(1523, [1876, 120, 4, 1], [4, 12846, 154, 3439]),
            [Cause.Frost] = new(1523, [1489, 19, 43, 300], [19, 93, 1524, 14957]),
            [Cause.Pests] = new(1523, [1663, 266, 14, 71], [62, 444, 3867, 12057]),
        };
}
