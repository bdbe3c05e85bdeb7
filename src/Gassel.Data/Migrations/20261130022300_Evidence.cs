using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Gassel.Data.Migrations
{
    /// <inheritdoc />
    public partial class Evidence : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "evidence",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    Nursery = table.Column<string>(type: "TEXT", nullable: false),
                    WrittenAt = table.Column<long>(type: "INTEGER", nullable: true),
                    ReadAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Results = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_evidence", x => x.Id);
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "evidence");
        }
    }
}
