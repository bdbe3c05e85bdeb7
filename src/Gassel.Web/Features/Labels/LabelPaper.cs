using Gassel.Core;

namespace Gassel.Web.Features.Labels;

/// <summary>What labels are printed on.</summary>
public enum LabelPaper
{
    /// <summary>A4 with 24 labels of 70 × 37 mm.</summary>
    [Words("A4, 24 labels of 70 × 37 mm", UnitedStates = "A4, 24 labels of 2¾ × 1½ in")]
    A4By24,

    /// <summary>A4 with 65 labels of 38 × 21 mm, for the inside alone.</summary>
    [Words("A4, 65 labels of 38 × 21 mm, inside only", UnitedStates = "A4, 65 labels of 1½ × ⅞ in, inside only")]
    A4By65,

    /// <summary>US letter with 30 labels of 2⅝ × 1 in.</summary>
    [Words("letter, 30 labels of 67 × 25 mm", UnitedStates = "letter, 30 labels of 2⅝ × 1 in")]
    LetterBy30,

    /// <summary>A roll of 62 mm.</summary>
    [Words("roll of 62 mm, cut at 35 mm", UnitedStates = "roll of 2½ in, cut at 1⅜ in")]
    Roll62,
}
