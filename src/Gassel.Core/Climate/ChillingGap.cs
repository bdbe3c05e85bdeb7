namespace Gassel.Core.Climate;

/// <summary>A time left out, as days or instants in the order they were given.</summary>
public sealed record ChillingGap(string From, string To, double Hours);
