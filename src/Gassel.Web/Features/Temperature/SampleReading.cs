namespace Gassel.Web.Features.Temperature;

public sealed record SampleReading(DateTimeOffset At, double TempC);
