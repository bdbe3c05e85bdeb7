namespace Gassel.Web.Features.Yard;

/// <param name="SumDegreeDays">Gathered up to today.</param>
public sealed record ThermalNeedView(double T10, double T50, double T90, double SumDegreeDays);
