namespace Gassel.Core.Yard;

/// <summary>
/// What doubtful numbers change, downwards and upwards, added as squares (law of propagation of uncertainty, JCGM 100:2008). The two sides
/// are told apart: with more sun ice is gone and the mix warm, with less it stays at nought.
/// </summary>
public struct AddedAsSquares
{
    private double _down;
    private double _up;

    public readonly double Down => Math.Sqrt(_down);

    public readonly double Up => Math.Sqrt(_up);

    /// <summary>What one number alone changes at either of its ends.</summary>
    public void Add(double atOneEnd, double atTheOther)
    {
        var (down, up) = (Math.Min(0, Math.Min(atOneEnd, atTheOther)), Math.Max(0, Math.Max(atOneEnd, atTheOther)));
        _down += down * down;
        _up += up * up;
    }
}
