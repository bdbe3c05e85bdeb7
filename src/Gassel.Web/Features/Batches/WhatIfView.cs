using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.People;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Batches;

/// <param name="Crowded">Places that would not hold it, on their tightest day.</param>
public sealed record WhatIfView(PartOutlook Outlook, IReadOnlyList<SpaceCheck> Crowded);
