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

/// <summary>The containers that are out, by batch and part, with what the model says of their inside.</summary>
internal sealed record InsideOfContainers(IReadOnlyDictionary<(Guid Batch, string Part), YardVessel> Vessels, long Sky);
