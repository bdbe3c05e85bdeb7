using Gassel.Core.Record;

namespace Gassel.Core.Planning;

/// <param name="Litres">Of loose medium, to measure out dry.</param>
public sealed record MixAmount(MixPart Part, double Parts, double Litres);
