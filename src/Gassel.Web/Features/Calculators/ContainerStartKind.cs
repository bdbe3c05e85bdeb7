using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public sealed record ContainerStartKind(ContainerPreset Preset, string Words, ContainerParameters Parameters);
