using Gassel.Core;

namespace Gassel.Web.Features.Lists;

/// <summary>In which order batches are listed.</summary>
public enum BatchOrder
{
    [Words("newest first")]
    Newest,

    [Words("next work first")]
    Due,

    [Words("by name")]
    Name,

    [Words("most plants first")]
    Plants,
}
