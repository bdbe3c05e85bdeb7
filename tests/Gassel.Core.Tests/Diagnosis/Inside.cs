namespace Gassel.Core.Tests.Diagnosis;

/// <summary>What a cut shows.</summary>
internal enum Inside
{
    Full,
    Empty,
    Rotten,
}
