<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The house's parts, who sells them, what is in stock of them, and what is ordered. Amounts in thousandths of the part's unit, money in minor units. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('suppliers', static function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('email')->default('');
            $table->text('address');
            // What one parcel costs on its way, and what it costs more to have it in so many days.
            $table->unsignedInteger('freight_minor')->default(0);
            $table->unsignedInteger('express_days')->nullable();
            $table->unsignedInteger('express_minor')->default(0);
            $table->text('note');
            $table->unsignedInteger('version')->default(1);
        });
        Schema::create('parts', static function (Blueprint $table): void {
            $table->id();
            $table->string('group');
            $table->string('name')->unique();
            $table->string('unit');
            // The line of the price list in whose place it can be fitted.
            $table->string('price_key')->default('');
            $table->json('figures');
            $table->string('place')->default('');
            $table->boolean('by_use')->default(true);
            $table->unsignedInteger('least')->nullable();
            $table->text('note');
            $table->dateTime('gone_at')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->index(['gone_at', 'group']);
        });
        Schema::create('part_offers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->foreignId('supplier_id')->constrained();
            $table->string('number')->default('');
            $table->unsignedInteger('cost_minor');
            $table->unsignedInteger('lead_days');
            $table->unique(['part_id', 'supplier_id']);
        });
        Schema::create('part_alternatives', static function (Blueprint $table): void {
            $table->foreignId('part_id')->constrained();
            $table->foreignId('other_id')->constrained('parts');
            $table->primary(['part_id', 'other_id']);
        });
        Schema::table('kit_lines', static function (Blueprint $table): void {
            $table->foreignId('part_id')->nullable()->constrained();
        });
        Schema::create('part_orders', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('supplier_id')->constrained();
            $table->date('ordered_on');
            $table->date('expected_on');
            $table->boolean('express')->default(false);
            $table->text('note');
            $table->dateTime('mailed_at')->nullable();
            $table->string('mailed_to')->default('');
            $table->dateTime('closed_at')->nullable();
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
            $table->unsignedInteger('version')->default(1);
            $table->index('closed_at');
        });
        Schema::create('part_order_lines', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_order_id')->constrained();
            $table->foreignId('part_id')->constrained();
            // A line for a build; without one it is for stock.
            $table->foreignId('kit_line_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('build_id')->nullable()->constrained();
            $table->string('name');
            $table->string('number')->default('');
            $table->unsignedInteger('quantity');
            $table->string('unit');
            $table->unsignedInteger('cost_minor');
            $table->unsignedInteger('came')->default(0);
            $table->unsignedInteger('sent_back')->default(0);
            $table->index('kit_line_id');
        });
        Schema::create('parcels', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_order_id')->constrained();
            $table->date('arrived_on');
            $table->unsignedInteger('freight_minor');
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
        });
        Schema::create('parcel_lines', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('parcel_id')->constrained();
            $table->foreignId('part_order_line_id')->constrained();
            $table->unsignedInteger('quantity');
            $table->unsignedInteger('cost_minor');
            $table->unsignedInteger('freight_minor');
        });
        Schema::create('stock_lots', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->foreignId('supplier_id')->nullable()->constrained();
            $table->unsignedInteger('quantity');
            $table->unsignedInteger('left');
            $table->unsignedInteger('cost_minor');
            $table->unsignedInteger('left_minor');
            $table->date('arrived_on');
            $table->date('opened_on')->nullable();
            $table->date('best_before')->nullable();
            // What of it is wrong waits beside the stock until it is sent back or used elsewhere.
            $table->string('wrong')->default('');
            $table->foreignId('parcel_line_id')->nullable()->constrained();
            $table->index(['part_id', 'left']);
        });
        Schema::create('stock_movements', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->foreignId('stock_lot_id')->constrained();
            $table->string('kind');
            $table->integer('quantity');
            $table->integer('cost_minor');
            // What the supplier gives back for what was sent back.
            $table->unsignedInteger('refund_minor')->default(0);
            $table->foreignId('build_id')->nullable()->constrained();
            $table->foreignId('kit_line_id')->nullable()->constrained()->nullOnDelete();
            $table->string('because')->default('');
            $table->date('on');
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
            $table->index(['part_id', 'on']);
            $table->index(['on', 'kind']);
            $table->index('kit_line_id');
        });
    }

    public function down(): void
    {
        foreach (['stock_movements', 'stock_lots', 'parcel_lines', 'parcels', 'part_order_lines', 'part_orders', 'part_alternatives', 'part_offers'] as $table) {
            Schema::drop($table);
        }
        Schema::table('kit_lines', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('part_id');
        });
        Schema::drop('parts');
        Schema::drop('suppliers');
    }
};
