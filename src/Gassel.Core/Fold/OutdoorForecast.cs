namespace Gassel.Core.Fold;

/// <summary>
/// When seed that stands outdoors has had its cold and comes up, by the container model and the weather known. One forecast for every view:
/// page of the
/// container, of the batch, count, plan, ribbon and calendar. A model, uncalibrated unless its kind of vessel was.
/// </summary>
/// <param name="ColdNeed">Days of cold that break its dormancy.</param>
/// <param name="ColdUsual">Days it usually gets; not below the need.</param>
/// <param name="ColdMetOn">Day with enough of them.</param>
/// <param name="From">The first tenth of what comes up.</param>
/// <param name="Half">Half of it.</param>
/// <param name="To">Nine tenths.</param>
public sealed record OutdoorForecast(double ColdNeed, double ColdUsual, DateOnly ColdMetOn, DateOnly From, DateOnly Half, DateOnly To);
