using Gassel.Core;

namespace Gassel.Web.Features.Intake;

/// <summary>What becomes of a row.</summary>
public enum IntakeFate
{
    [Words("new")]
    Fresh,

    /// <summary>What it says is in the book; it is left as it is.</summary>
    [Words("here already")]
    Same,

    [Words("refused")]
    Refused,
}
