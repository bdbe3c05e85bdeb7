using Gassel.Core.Record;
using Gassel.Data;

namespace Gassel.Web.Features.Tables;

/// <summary>Plants of a batch at a stage.</summary>
internal sealed record PlantRow(ShelvedBatch Batch, string CommonName, PlantStage Stage, int Reached, int Alive, int Dormant);
