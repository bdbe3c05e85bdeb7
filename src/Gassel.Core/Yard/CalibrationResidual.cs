namespace Gassel.Core.Yard;

/// <summary>What was read beside what the model says with the fitted numbers.</summary>
public readonly record struct CalibrationResidual(DateTimeOffset At, double ObservedC, double ModelledC)
{
    public double ResidualK => ObservedC - ModelledC;
}
