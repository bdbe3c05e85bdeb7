using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public readonly record struct DailyMinimumInput
{
    public required DateOnly Date { get; init; }

    /// <summary>Null where it is missing.</summary>
    public double? MinC { get; init; }
}
