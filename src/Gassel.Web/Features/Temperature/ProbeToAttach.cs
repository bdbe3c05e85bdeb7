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

/// <param name="Device">The probe to ask from now on.</param>
public sealed record ProbeToAttach(DeviceKind Device);
