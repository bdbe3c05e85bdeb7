namespace Gassel.Data.Readings;

/// <summary>A thermometer that sends, as a request finds it.</summary>
/// <param name="Attached">False once it was taken off: it may send no more.</param>
public sealed record KeptThermometer(Guid Id, int Series, string PlaceId, string TokenHash, bool Attached);
