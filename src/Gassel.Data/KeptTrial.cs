using Gassel.Core.Trials;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>A trial of the book.</summary>
public sealed record KeptTrial(Guid Id, int Number, TrialDesign Design, DateTimeOffset MadeAt, string Who);
