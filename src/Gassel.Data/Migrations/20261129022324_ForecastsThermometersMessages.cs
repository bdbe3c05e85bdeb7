using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Gassel.Data.Migrations
{
    /// <inheritdoc />
    public partial class ForecastsThermometersMessages : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "forecast_words",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Day = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    LowC = table.Column<double>(type: "REAL", nullable: true),
                    HighC = table.Column<double>(type: "REAL", nullable: true),
                    GustKmh = table.Column<double>(type: "REAL", nullable: true),
                    RainMm = table.Column<double>(type: "REAL", nullable: true),
                    SnowCm = table.Column<double>(type: "REAL", nullable: true),
                    ToldAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Source = table.Column<string>(type: "TEXT", nullable: false),
                    By = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_forecast_words", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "mail_server",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false),
                    Host = table.Column<string>(type: "TEXT", nullable: false),
                    Port = table.Column<int>(type: "INTEGER", nullable: false),
                    Security = table.Column<string>(type: "TEXT", nullable: false),
                    User = table.Column<string>(type: "TEXT", nullable: true),
                    Password = table.Column<string>(type: "TEXT", nullable: true),
                    From = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_mail_server", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "message_wishes",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: false),
                    MorningAt = table.Column<TimeOnly>(type: "TEXT", nullable: true),
                    Alarms = table.Column<bool>(type: "INTEGER", nullable: false),
                    QuietFrom = table.Column<TimeOnly>(type: "TEXT", nullable: true),
                    QuietTo = table.Column<TimeOnly>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_message_wishes", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "sent_messages",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    WishId = table.Column<int>(type: "INTEGER", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    BadnessK = table.Column<double>(type: "REAL", nullable: false),
                    IsOver = table.Column<bool>(type: "INTEGER", nullable: false),
                    Reason = table.Column<string>(type: "TEXT", nullable: false),
                    Subject = table.Column<string>(type: "TEXT", nullable: false),
                    Text = table.Column<string>(type: "TEXT", nullable: false),
                    MadeAt = table.Column<long>(type: "INTEGER", nullable: false),
                    SentAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Tries = table.Column<int>(type: "INTEGER", nullable: false),
                    NextTryAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Fault = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_sent_messages", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "thermometers",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    SeriesId = table.Column<int>(type: "INTEGER", nullable: false),
                    TokenHash = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_thermometers", x => x.Id);
                    table.ForeignKey(
                        name: "FK_thermometers_reading_series_SeriesId",
                        column: x => x.SeriesId,
                        principalTable: "reading_series",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.Sql("CREATE TABLE humidity (SeriesId INTEGER NOT NULL REFERENCES reading_series (Id), At INTEGER NOT NULL, Percent REAL NOT NULL, PRIMARY KEY (SeriesId, At)) WITHOUT ROWID");

            migrationBuilder.CreateIndex(
                name: "IX_forecast_words_Day",
                table: "forecast_words",
                column: "Day");

            migrationBuilder.CreateIndex(
                name: "IX_sent_messages_WishId_Key",
                table: "sent_messages",
                columns: new[] { "WishId", "Key" });

            migrationBuilder.CreateIndex(
                name: "IX_thermometers_SeriesId",
                table: "thermometers",
                column: "SeriesId",
                unique: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.Sql("DROP TABLE humidity");

            migrationBuilder.DropTable(
                name: "forecast_words");

            migrationBuilder.DropTable(
                name: "mail_server");

            migrationBuilder.DropTable(
                name: "message_wishes");

            migrationBuilder.DropTable(
                name: "sent_messages");

            migrationBuilder.DropTable(
                name: "thermometers");
        }
    }
}
