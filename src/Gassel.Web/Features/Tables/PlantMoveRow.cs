using Gassel.Core.Record;

namespace Gassel.Web.Features.Tables;

/// <summary>Plants of a batch that came a stage further on a day.</summary>
internal sealed record PlantMoveRow(int Batch, DateOnly On, MovedOn Move);
