using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Features.Learning;
using Gassel.Web.Features.Seed;

namespace Gassel.Web.Features.Plan;

/// <summary>Two sowings some weeks apart.</summary>
/// <param name="FirstStart">Start of each: the usual one, or where that is past by the first way that is possible.</param>
public sealed record SecondSowingView(DateOnly FirstStart, DateOnly SecondStart, DateOnly FirstFinish, DateOnly SecondFinish, TwoSowingsResult Seeds);
