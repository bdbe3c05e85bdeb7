using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Growing;
using Gassel.Core.Record;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

/// <param name="SpacingCm">Between plants.</param>
public sealed record SpacingRequest(int Plants, double SpacingCm);
