namespace Gassel.Data;

/// <summary>What is known of a record beside its days.</summary>
public sealed record WeatherRecord(int Id, string Name, bool Generated, DateOnly From, DateOnly To, int Days);
