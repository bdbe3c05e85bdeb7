using Gassel.Data;

namespace Gassel.Web.Features.Tables;

/// <summary>A batch and its species.</summary>
internal sealed record BatchTableRow(ShelvedBatch Batch, Core.Treatments.Species Species);
