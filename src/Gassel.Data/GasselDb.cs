using Gassel.Data.People;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>The book on disk. Days are ISO text, instants Unix milliseconds, enums their names.</summary>
public class GasselDb(DbContextOptions<GasselDb> options) : DbContext(options)
{
    public DbSet<SiteRow> Sites => Set<SiteRow>();
    public DbSet<SpeciesRow> Species => Set<SpeciesRow>();
    public DbSet<RouteRow> Routes => Set<RouteRow>();
    public DbSet<LotRow> Lots => Set<LotRow>();
    public DbSet<PlaceRow> Places => Set<PlaceRow>();
    public DbSet<BatchRow> Batches => Set<BatchRow>();
    public DbSet<EntryRow> Entries => Set<EntryRow>();
    public DbSet<WeatherRecordRow> WeatherRecords => Set<WeatherRecordRow>();
    public DbSet<Person> People => Set<Person>();
    public DbSet<WeatherDayRow> WeatherDays => Set<WeatherDayRow>();
    public DbSet<ReadingSeriesRow> ReadingSeries => Set<ReadingSeriesRow>();
    public DbSet<TrialRow> Trials => Set<TrialRow>();
    public DbSet<WishRow> Wishes => Set<WishRow>();
    public DbSet<EvidenceRow> Evidence => Set<EvidenceRow>();
    public DbSet<ForecastWordRow> ForecastWords => Set<ForecastWordRow>();
    public DbSet<ForecastServiceRow> ForecastServices => Set<ForecastServiceRow>();
    public DbSet<ThermometerRow> Thermometers => Set<ThermometerRow>();
    public DbSet<BrokerRow> Brokers => Set<BrokerRow>();
    public DbSet<MailServerRow> MailServers => Set<MailServerRow>();
    public DbSet<MessageWishRow> MessageWishes => Set<MessageWishRow>();
    public DbSet<SentMessageRow> SentMessages => Set<SentMessageRow>();

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        MapPeople(modelBuilder);
        modelBuilder.Entity<SiteRow>(e =>
        {
            e.ToTable("site");
            e.Property(x => x.Id).ValueGeneratedNever();
        });
        modelBuilder.Entity<SpeciesRow>(e =>
        {
            e.ToTable("species");
            e.HasMany(x => x.Routes).WithOne().HasForeignKey(x => x.SpeciesId);
        });
        modelBuilder.Entity<RouteRow>(e =>
        {
            e.ToTable("routes");
            e.HasKey(x => new { x.Id, x.Version });
        });
        modelBuilder.Entity<LotRow>(e =>
        {
            e.ToTable("lots");
            e.HasOne<SpeciesRow>().WithMany().HasForeignKey(x => x.SpeciesId);
        });
        modelBuilder.Entity<PlaceRow>(e =>
        {
            e.ToTable("places");
            e.Property(x => x.Kind).HasConversion<string>();
            e.Property(x => x.Exposure).HasConversion<string>();
            e.Property(x => x.Looks).HasConversion<string>();
        });
        modelBuilder.Entity<BatchRow>(e =>
        {
            e.ToTable("batches");
            e.HasIndex(x => x.Number).IsUnique();
            e.HasOne<SpeciesRow>().WithMany().HasForeignKey(x => x.SpeciesId);
            e.HasOne<LotRow>().WithMany().HasForeignKey(x => x.LotId);
        });
        // a record of a book from before this mark is whole
        modelBuilder.Entity<WeatherRecordRow>(e =>
        {
            e.ToTable("weather_records");
            e.Property(x => x.Whole).HasDefaultValue(true).HasSentinel(true);
        });
        modelBuilder.Entity<WeatherDayRow>(e =>
        {
            e.ToTable("weather_days");
            e.HasKey(x => new { x.RecordId, x.Day });
            e.HasOne<WeatherRecordRow>().WithMany().HasForeignKey(x => x.RecordId);
        });
        // its readings stand in a table without a row id, which EF Core cannot describe: see ReadingTable and the migration
        modelBuilder.Entity<ReadingSeriesRow>(e =>
        {
            e.ToTable("reading_series");
            e.Property(x => x.Source).HasConversion<string>();
            e.Property(x => x.Device).HasConversion<string>();
            e.Property(x => x.Behaviour).HasConversion<string>();
            e.HasOne<PlaceRow>().WithMany().HasForeignKey(x => x.PlaceId);
        });
        modelBuilder.Entity<ForecastWordRow>(e =>
        {
            e.ToTable("forecast_words");
            e.HasIndex(x => x.Day);
            e.Property(x => x.Source).HasConversion<string>();
        });
        MapDevices(modelBuilder);
        MapMessages(modelBuilder);
        modelBuilder.Entity<TrialRow>(e =>
        {
            e.ToTable("trials");
            e.HasIndex(x => x.Number).IsUnique();
        });
        modelBuilder.Entity<WishRow>(e =>
        {
            e.ToTable("wishes");
            e.HasIndex(x => x.Number).IsUnique();
            e.HasOne<BatchRow>().WithMany().HasForeignKey(x => x.BatchId);
        });
        modelBuilder.Entity<EvidenceRow>(e =>
        {
            e.ToTable("evidence");
            e.Property(x => x.Id).ValueGeneratedNever();
        });
        modelBuilder.Entity<EntryRow>(e =>
        {
            e.ToTable("entries");
            e.HasKey(x => x.Sequence);
            e.Property(x => x.Sequence).ValueGeneratedOnAdd();
            e.HasIndex(x => x.Id).IsUnique();
            e.HasIndex(x => new { x.BatchId, x.Sequence });
            e.Property(x => x.Source).HasConversion<string>();
            e.HasOne<BatchRow>().WithMany().HasForeignKey(x => x.BatchId);
        });
    }

    private static void MapDevices(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<ThermometerRow>(e =>
        {
            e.ToTable("thermometers");
            e.Property(x => x.Id).ValueGeneratedNever();
            e.HasOne<ReadingSeriesRow>().WithOne().HasForeignKey<ThermometerRow>(x => x.SeriesId);
        });
        modelBuilder.Entity<ForecastServiceRow>().ToTable("forecast_service");
        modelBuilder.Entity<BrokerRow>(e =>
        {
            e.ToTable("broker");
            e.Property(x => x.Id).ValueGeneratedNever();
        });
    }

    private static void MapMessages(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<MailServerRow>(e =>
        {
            e.ToTable("mail_server");
            e.Property(x => x.Id).ValueGeneratedNever();
            e.Property(x => x.Security).HasConversion<string>();
        });
        modelBuilder.Entity<MessageWishRow>().ToTable("message_wishes");
        modelBuilder.Entity<SentMessageRow>(e =>
        {
            e.ToTable("sent_messages");
            e.HasIndex(x => new { x.WishId, x.Key });
        });
    }

    /// <summary>Of what Identity can keep, the part that sign-in by name and password needs.</summary>
    private static void MapPeople(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<Person>(e =>
        {
            e.ToTable("people");
            e.HasIndex(x => x.NormalizedUserName).IsUnique();
            e.Property(x => x.ConcurrencyStamp).IsConcurrencyToken();
            e.Ignore(x => x.Email)
                .Ignore(x => x.NormalizedEmail)
                .Ignore(x => x.EmailConfirmed)
                .Ignore(x => x.PhoneNumber)
                .Ignore(x => x.PhoneNumberConfirmed)
                .Ignore(x => x.TwoFactorEnabled);
            e.Property(x => x.Role).HasConversion<string>();
            e.Property(x => x.LockoutEnd)
                .HasConversion(
                    at => at == null ? (long?)null : at.Value.ToUnixTimeMilliseconds(),
                    ms => ms == null ? null : DateTimeOffset.FromUnixTimeMilliseconds(ms.Value)
                );
        });
    }
}
