using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Features.Site;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Temperature;

/// <param name="Saved">True where the fit is now used for every container of its kind.</param>
/// <param name="Refused">Rows that could not be used, by reason.</param>
public sealed record CalibrationView(ContainerCalibration Fit, bool Saved, IReadOnlyList<string> Refused);
