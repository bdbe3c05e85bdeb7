using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Web.Features.Yard;

/// <param name="SumDegreeDays">Gathered up to today.</param>
public sealed record ThermalNeedView(double T10, double T50, double T90, double SumDegreeDays);
