using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Gassel.Data.Migrations
{
    /// <inheritdoc />
    public partial class Wishes : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "wishes",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    Number = table.Column<int>(type: "INTEGER", nullable: false),
                    Wish = table.Column<string>(type: "TEXT", nullable: false),
                    MadeAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Who = table.Column<string>(type: "TEXT", nullable: false),
                    BatchId = table.Column<Guid>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_wishes", x => x.Id);
                    table.ForeignKey(
                        name: "FK_wishes_batches_BatchId",
                        column: x => x.BatchId,
                        principalTable: "batches",
                        principalColumn: "Id");
                });

            migrationBuilder.CreateIndex(
                name: "IX_wishes_BatchId",
                table: "wishes",
                column: "BatchId");

            migrationBuilder.CreateIndex(
                name: "IX_wishes_Number",
                table: "wishes",
                column: "Number",
                unique: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "wishes");
        }
    }
}
