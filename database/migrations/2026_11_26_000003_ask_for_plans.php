<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('plan_requests', function (Blueprint $table): void {
            $table->id();
            $table->dateTime('at');
            $table->text('cause');
            $table->boolean('moves');
            $table->foreignId('plan_change_id')->nullable()->constrained();
            $table->foreignId('plan_id')->nullable()->index()->constrained();
        });
    }
};
