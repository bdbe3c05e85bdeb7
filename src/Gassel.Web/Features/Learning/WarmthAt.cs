using Gassel.Core.Germination;

namespace Gassel.Web.Features.Learning;

/// <summary>Days from sowing at one temperature.</summary>
public sealed record WarmthAt(double TempC, WarmthDays Days);
