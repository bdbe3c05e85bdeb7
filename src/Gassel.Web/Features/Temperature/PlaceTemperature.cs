using System.Collections.Concurrent;
using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data.Readings;
using Gassel.Data;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;

namespace Gassel.Web.Features.Temperature;

/// <summary>How warm a place is, and by what.</summary>
/// <param name="At">Moment of the reading; null where nothing was measured lately.</param>
/// <param name="TypedOn">Day on which it was read by eye; null where it was not.</param>
/// <param name="Troubles">Those that last.</param>
public sealed record PlaceTemperature(double TempC, TemperatureSource Source, DateTimeOffset? At, DateOnly? TypedOn, IReadOnlyList<PlaceTrouble> Troubles);
