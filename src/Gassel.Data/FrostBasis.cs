using Gassel.Core.Climate;
using Gassel.Core.Closing;
using Gassel.Core.Due;
using Gassel.Core.Growing;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Data;

/// <summary>What frost days rest on.</summary>
public enum FrostBasis
{
    /// <summary>Days that the grower entered.</summary>
    Hand,

    /// <summary>The weather record of the site.</summary>
    Record,
}
