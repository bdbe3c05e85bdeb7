using static Gassel.Core.Treatments.LifeCycle;
using static Gassel.Core.Treatments.SiteLight;
using static Gassel.Core.Treatments.SiteMoisture;

namespace Gassel.Core.Treatments;

/// <summary>How the starter species live where they are planted (starter values, from memory).</summary>
internal static class StarterPlanted
{
    /// <summary>Null for a kind that is not in the starter library.</summary>
    public static Planted? Of(string id) =>
        id switch
        {
            // id => life, flowers in its nth year, spacing cm, light from and to, moisture from and to
            "balsamroot" => new(Perennial, 5, 45, Sun, Sun, Dry, Medium),
            "small-camas" => new(Perennial, 4, 15, PartShade, Sun, Medium, Wet),
            "meadow-death-camas" => new(Perennial, 4, 15, Sun, Sun, Dry, Medium),
            "saskatoon" => new(Woody, 4, 200, PartShade, Sun, Dry, Medium),
            "mock-orange" => new(Woody, 4, 180, PartShade, Sun, Dry, Medium),
            "red-osier-dogwood" => new(Woody, 4, 180, PartShade, Sun, Medium, Wet),
            "western-iris" => new(Perennial, 3, 30, Sun, Sun, Medium, Wet),
            "elegant-penstemon" => new(Perennial, 2, 40, Sun, Sun, Dry, Medium),
            "scarlet-gilia" => new(Biennial, 2, 25, Sun, Sun, Dry, Dry),
            "parsnip-buckwheat" => new(Perennial, 3, 40, Sun, Sun, Dry, Dry),
            "indian-ricegrass" => new(Perennial, 2, 40, Sun, Sun, Dry, Dry),
            "alumroot" => new(Perennial, 2, 30, PartShade, Sun, Dry, Medium),
            "prairie-smoke" => new(Perennial, 2, 30, Sun, Sun, Dry, Medium),
            "blanketflower" => new(Perennial, 2, 30, Sun, Sun, Dry, Medium, EarlyWeeks: 8),
            "blue-flax" => new(Perennial, 2, 30, Sun, Sun, Dry, Medium, EarlyWeeks: 10),
            "globemallow" => new(Perennial, 2, 90, PartShade, Sun, Medium, Wet),
            "goldenbanner" => new(Perennial, 3, 45, PartShade, Sun, Dry, Medium),
            "snowbrush" => new(Woody, 5, 150, PartShade, Sun, Dry, Medium),
            "smooth-sumac" => new(Woody, 4, 250, Sun, Sun, Dry, Medium),
            "snowberry" => new(Woody, 3, 120, Shade, Sun, Dry, Medium),
            "nineleaf-biscuitroot" => new(Perennial, 4, 30, Sun, Sun, Dry, Medium),
            "western-trillium" => new(Perennial, 7, 30, Shade, PartShade, Medium, Medium),
            "common-milkweed" => new(Perennial, 2, 60, Sun, Sun, Dry, Medium),
            "butterfly-milkweed" => new(Perennial, 2, 45, Sun, Sun, Dry, Medium),
            "swamp-milkweed" => new(Perennial, 2, 60, PartShade, Sun, Medium, Wet),
            "purple-coneflower" => new(Perennial, 2, 45, PartShade, Sun, Medium, Medium),
            "black-eyed-susan" => new(Biennial, 2, 30, Sun, Sun, Dry, Medium, EarlyWeeks: 8),
            "cutleaf-coneflower" => new(Perennial, 2, 90, PartShade, Sun, Medium, Wet),
            "wild-bergamot" => new(Perennial, 2, 60, PartShade, Sun, Dry, Medium),
            "new-england-aster" => new(Perennial, 2, 60, Sun, Sun, Medium, Wet),
            "dense-blazing-star" => new(Perennial, 3, 30, Sun, Sun, Medium, Wet),
            "wild-columbine" => new(Perennial, 2, 30, Shade, Sun, Dry, Medium),
            "cardinal-flower" => new(Perennial, 2, 30, PartShade, Sun, Wet, Wet),
            "foxglove-beardtongue" => new(Perennial, 2, 45, PartShade, Sun, Dry, Medium),
            "little-bluestem" => new(Perennial, 2, 45, Sun, Sun, Dry, Medium),
            "spotted-joe-pye-weed" => new(Perennial, 2, 90, PartShade, Sun, Wet, Wet),
            "blue-wild-indigo" => new(Perennial, 4, 90, PartShade, Sun, Dry, Medium),
            "sundial-lupine" => new(Perennial, 3, 30, Sun, Sun, Dry, Dry),
            "eastern-redbud" => new(Woody, 5, 500, PartShade, Sun, Medium, Medium),
            "sugar-maple" => new(Woody, 25, 800, Shade, Sun, Medium, Medium),
            "balsam-fir" => new(Woody, 15, 400, Shade, Sun, Medium, Wet),
            "blue-spruce" => new(Woody, 20, 400, Sun, Sun, Medium, Medium),
            "flowering-dogwood" => new(Woody, 6, 400, Shade, Sun, Medium, Medium),
            "purple-pitcher-plant" => new(Perennial, 4, 30, Sun, Sun, Wet, Wet),
            "wild-strawberry" => new(Perennial, 2, 30, PartShade, Sun, Dry, Medium),
            "bloodroot" => new(Perennial, 3, 15, Shade, PartShade, Medium, Medium),
            _ => null,
        };
}
