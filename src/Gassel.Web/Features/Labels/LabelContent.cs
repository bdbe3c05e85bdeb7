using Gassel.Core;

namespace Gassel.Web.Features.Labels;

/// <summary>Which labels of a part.</summary>
public enum LabelContent
{
    /// <summary>One for the inside and one for the outside.</summary>
    [Words("inside and outside")]
    Both,

    [Words("outside only")]
    Outside,

    [Words("inside only")]
    Inside,
}
