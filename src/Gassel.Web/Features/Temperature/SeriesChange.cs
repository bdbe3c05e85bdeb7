using Gassel.Core.Climate;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data.Devices;
using Gassel.Data.People;
using Gassel.Data.Readings;
using Gassel.Data.Rows;
using Gassel.Data;
using Gassel.Web.Features.People;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Temperature;

/// <summary>What is to change of a series; null leaves it.</summary>
/// <param name="Attached">False to ask the probe no more; its readings stay.</param>
/// <param name="Aside">True to keep it and not to use it.</param>
/// <param name="Behaviour">How a simulated device is to behave from now on.</param>
public sealed record SeriesChange(bool? Attached = null, bool? Aside = null, SimulatedBehaviour? Behaviour = null);
