namespace Gassel.Web.Features.Labels;

/// <summary>A box on a page, points from its upper left corner.</summary>
internal readonly record struct LabelBox(double X, double Y, double Width, double Height)
{
    public double Right => X + Width;

    public double Bottom => Y + Height;

    public LabelBox Inside(double pad) => new(X + pad, Y + pad, Width - (2 * pad), Height - (2 * pad));
}
