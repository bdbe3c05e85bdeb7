namespace Gassel.Core.Germination;

/// <summary>
/// What cold does to germination, by own batches: mean = 1 / (1 + e^−(A + B · days)), with batches that differ among themselves.
/// </summary>
/// <param name="A">Logit of the mean without cold; null where no fit is possible.</param>
/// <param name="B">Of a day of cold.</param>
/// <param name="Rho">Likeness of two seeds of one batch beyond their cold, 0 to 1; 0 is the binomial.</param>
/// <param name="LogLikelihood">With its constant.</param>
/// <param name="At">In the order asked.</param>
/// <param name="Loss">Null where nothing was compared.</param>
/// <param name="Speaks">False where a plan must not go by it.</param>
/// <param name="Reason">Why not; null where it speaks.</param>
public sealed record ColdEffect(
    double? A,
    double? B,
    double? Rho,
    double? LogLikelihood,
    IReadOnlyList<ColdPoint> At,
    ColdLoss? Loss,
    bool Speaks,
    string? Reason,
    IReadOnlyList<string> Working
);
