using Gassel.Data.Devices;
using Gassel.Data.People;
using Gassel.Data.Readings;
using Gassel.Data;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Demo;

/// <param name="Today">The day that the demo shows now.</param>
/// <param name="Readings">What the simulated thermometers said meanwhile.</param>
public sealed record Walked(DateOnly Today, int Readings);
