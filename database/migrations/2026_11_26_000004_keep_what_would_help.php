<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('plan_helps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->unique()->constrained();
            $table->string('state');
            $table->integer('tried')->default(0);
            $table->integer('all')->default(0);
            $table->json('ranked')->nullable();
            $table->json('methods')->nullable();
        });
    }
};
