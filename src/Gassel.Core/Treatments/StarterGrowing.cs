using static Gassel.Core.Treatments.Appetite;
using static Gassel.Core.Treatments.LeaveClock;

namespace Gassel.Core.Treatments;

/// <summary>How the seedlings of the starter species grow on (starter values, from memory).</summary>
internal static class StarterGrowing
{
    /// <summary>What they go by in the open; null for by the seed and the stage.</summary>
    public static WaterRegime? Water(string id) =>
        id is "swamp-milkweed" or "cardinal-flower" or "purple-pitcher-plant" ? WaterRegime.NeverDry : null;

    /// <summary>Null for a kind that is not in the starter library.</summary>
    public static GrowingOn? Of(string id) =>
        id switch
        {
            "alumroot" => Weeks(8, 14, Little),
            "prairie-smoke" => Weeks(8, 12, Usual),
            "western-iris" => Weeks(10, 16, Slow),
            // one leaf a year: by its roots and the seasons, not by a clock
            "western-trillium" or "bloodroot" or "small-camas" or "meadow-death-camas" => new(Appetite: Slow),
            "balsamroot" or "nineleaf-biscuitroot" => Stands(Slow),
            "goldenbanner" or "blue-wild-indigo" or "sundial-lupine" => Stands(Little),
            "scarlet-gilia" or "parsnip-buckwheat" => Stands(Little),
            "elegant-penstemon" or "foxglove-beardtongue" or "little-bluestem" or "indian-ricegrass" => AtLeaves(Little),
            "blanketflower" or "globemallow" => AtLeaves(Usual, repotWeeks: 5),
            "red-osier-dogwood" => AtLeaves(Heavy, repotWeeks: 8),
            "common-milkweed" or "swamp-milkweed" => new(Height, LeaveHeightMm: 75, Appetite: Usual),
            "butterfly-milkweed" => Stands(Little),
            "dense-blazing-star" or "wild-columbine" or "wild-strawberry" => Weeks(8, 12, Usual),
            "cardinal-flower" => Weeks(8, 12, Little),
            // six months in the sowing pot at most
            "purple-pitcher-plant" => Weeks(12, 26, None),
            "black-eyed-susan" or "purple-coneflower" => AtLeaves(Usual, repotWeeks: 5),
            "sugar-maple" or "balsam-fir" or "blue-spruce" => Weeks(10, 20, Slow),
            "saskatoon"
            or "mock-orange"
            or "snowbrush"
            or "smooth-sumac"
            or "snowberry"
            or "blue-flax"
            or "cutleaf-coneflower"
            or "wild-bergamot"
            or "new-england-aster"
            or "spotted-joe-pye-weed"
            or "eastern-redbud"
            or "flowering-dogwood" => AtLeaves(Usual),
            _ => null,
        };

    private static GrowingOn AtLeaves(Appetite appetite, int? repotWeeks = null) =>
        new(TrueLeaves, Appetite: appetite, RepotWeeks: repotWeeks);

    private static GrowingOn Weeks(int from, int to, Appetite appetite) =>
        new(LeaveClock.Weeks, LeaveFromWeeks: from, LeaveToWeeks: to, Appetite: appetite);

    /// <summary>Tap roots.</summary>
    private static GrowingOn Stands(Appetite appetite) => new(Never, Appetite: appetite);
}
