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

/// <summary>A place among others.</summary>
/// <param name="Series">Thermometers and files of it.</param>
public sealed record PlaceOverview(Place Place, PlaceTemperature Now, IReadOnlyList<ReadingSeries> Series);
