using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Gassel.Data.Migrations
{
    /// <inheritdoc />
    public partial class Forecasts : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "forecast_service",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Address = table.Column<string>(type: "TEXT", nullable: false),
                    Headers = table.Column<string>(type: "TEXT", nullable: false),
                    Mapping = table.Column<string>(type: "TEXT", nullable: false),
                    AllowsOwnNetwork = table.Column<bool>(type: "INTEGER", nullable: false),
                    AnsweredAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Fault = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_forecast_service", x => x.Id);
                });

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
                name: "forecast_service");

            migrationBuilder.DropTable(
                name: "forecast_words");

            migrationBuilder.DropTable(
                name: "thermometers");
        }
    }
}
