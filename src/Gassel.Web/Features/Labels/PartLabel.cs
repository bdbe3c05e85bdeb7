using Gassel.Core.Due;

namespace Gassel.Web.Features.Labels;

/// <summary>A part with what its labels say.</summary>
public sealed record PartLabel(Guid Batch, int Number, string Part, string? PlaceId, BatchLabel Label);
