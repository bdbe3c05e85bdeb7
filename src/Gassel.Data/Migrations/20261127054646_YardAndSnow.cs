using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Gassel.Data.Migrations
{
    /// <inheritdoc />
    public partial class YardAndSnow : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<double>(
                name: "SnowCm",
                table: "weather_days",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Exposure",
                table: "places",
                type: "TEXT",
                nullable: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "SnowCm",
                table: "weather_days");

            migrationBuilder.DropColumn(
                name: "Exposure",
                table: "places");
        }
    }
}
