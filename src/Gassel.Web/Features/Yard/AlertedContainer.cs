using Gassel.Core.Yard;

namespace Gassel.Web.Features.Yard;

/// <summary>One container under a warning.</summary>
public sealed record AlertedContainer(
    Guid BatchId,
    int Number,
    string Part,
    string Label,
    string CommonName,
    int Standing,
    YardWarning Warning
);
