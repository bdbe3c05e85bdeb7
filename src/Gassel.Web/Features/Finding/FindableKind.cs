using Gassel.Core;

namespace Gassel.Web.Features.Finding;

/// <summary>What can be looked for.</summary>
public enum FindableKind
{
    [Words("batch")]
    Batch,

    [Words("vessel")]
    Vessel,

    [Words("seed lot")]
    Lot,

    [Words("species")]
    Species,

    [Words("trial")]
    Trial,

    [Words("wish")]
    Wish,

    [Words("place")]
    Place,

    [Words("note")]
    Note,

    [Words("person")]
    Person,
}
