namespace Gassel.Core.Record;

/// <summary>How the plants of a part go through the winter; said again, it is the new way.</summary>
/// <param name="Until">Day on which it is to end.</param>
public sealed record WinterChosen(string Part, WinterWay Way, DateOnly Until) : EntryPayload;
