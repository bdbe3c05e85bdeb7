namespace Gassel.Core.Yard;

/// <summary>A time of danger inside a container, without a break.</summary>
/// <param name="From">Beginning of the first hour.</param>
/// <param name="To">End of the last.</param>
public sealed record InsideWarning(InsideDanger Danger, DateTimeOffset From, DateTimeOffset To, double WorstC, string Words);
