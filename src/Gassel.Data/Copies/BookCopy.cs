using System.Globalization;
using Microsoft.Data.Sqlite;

namespace Gassel.Data;

/// <summary>A copy of the book.</summary>
public sealed record BookCopy(string Name, DateTimeOffset MadeAt, long Bytes);
