using Gassel.Core.Planning;

namespace Gassel.Web.Features.Batches;

/// <param name="Crowded">Places that would not hold it, on their tightest day.</param>
public sealed record WhatIfView(PartOutlook Outlook, IReadOnlyList<SpaceCheck> Crowded);
