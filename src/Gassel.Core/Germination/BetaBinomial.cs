using MathNet.Numerics;

namespace Gassel.Core.Germination;

/// <summary>How likely a count is where seeds of one batch are alike beyond their mean; without likeness the binomial.</summary>
internal static class BetaBinomial
{
    /// <summary>Below it the beta-binomial is the binomial to the last digit.</summary>
    private const double LeastRho = 1e-9;

    /// <summary>A parameter of the beta that would be nought is taken as this.</summary>
    private const double Least = 1e-10;

    /// <summary>Beyond it a mean is none or all, and moves no more.</summary>
    private const double MostLogit = 40;

    /// <param name="constant">Logarithm of the ways to choose so many of those sown.</param>
    /// <param name="logit">Of the mean.</param>
    /// <param name="rho">Likeness, 0 to below 1.</param>
    public static double Log(int sown, int emerged, double constant, double logit, double rho)
    {
        var held = Math.Clamp(logit, -MostLogit, MostLogit);
        // log of the mean and of what is missing to one, without loss at either end
        var (up, down) = (-Log1PExp(-held), -Log1PExp(held));
        if (rho < LeastRho)
            return constant + emerged * up + (sown - emerged) * down;
        var size = (1 - rho) / rho;
        var (alpha, beta) = (Math.Max(Least, Math.Exp(up) * size), Math.Max(Least, Math.Exp(down) * size));
        return constant + SpecialFunctions.BetaLn(emerged + alpha, sown - emerged + beta) - SpecialFunctions.BetaLn(alpha, beta);
    }

    /// <summary>ln(1 + e^x), without loss where e^x is far above or far below one.</summary>
    private static double Log1PExp(double x) =>
        x switch
        {
            > 30 => x,
            < -30 => Math.Exp(x),
            _ => Math.Log(1 + Math.Exp(x)),
        };
}
