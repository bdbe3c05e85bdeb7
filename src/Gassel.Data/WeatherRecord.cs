using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Data.Rows;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>What is known of a record beside its days.</summary>
public sealed record WeatherRecord(int Id, string Name, bool Generated, DateOnly From, DateOnly To, int Days);
