using Gassel.Core.Record;
using Gassel.Data.Readings;

namespace Gassel.Web.Features.Temperature;

/// <summary>A place among others.</summary>
/// <param name="Series">Thermometers and files of it.</param>
public sealed record PlaceOverview(Place Place, PlaceTemperature Now, IReadOnlyList<ReadingSeries> Series);
