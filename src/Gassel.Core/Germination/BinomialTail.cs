using MathNet.Numerics;

namespace Gassel.Core.Germination;

internal static class BinomialTail
{
    /// <summary>P(X ≥ least), X ~ Binomial(trials, success), as a regularized incomplete Beta function. 1 for least 0.</summary>
    public static double AtLeast(int least, int trials, double success)
    {
        if (least <= 0)
            return 1;
        if (least > trials || success <= 0)
            return 0;
        return success >= 1 ? 1 : SpecialFunctions.BetaRegularized(least, trials - least + 1, success);
    }
}
