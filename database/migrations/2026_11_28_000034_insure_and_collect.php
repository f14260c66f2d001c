<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the insurance of an instrument costs on its way, and how long whoever collects it is there. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('carriages', static function (Blueprint $table): void {
            $table->integer('insurance_minor')->default(0);
            $table->integer('collecting')->default(0);
            $table->foreignId('insuring_id')->nullable()->constrained('route_changes');
            $table->foreignId('insurance_line_id')->nullable()->constrained('kit_lines')->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('carriages', static function (Blueprint $table): void {
            $table->dropForeign(['insuring_id']);
            $table->dropForeign(['insurance_line_id']);
            $table->dropColumn(['insurance_minor', 'collecting', 'insuring_id', 'insurance_line_id']);
        });
    }
};
