<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a price is paid in, what was invoiced, what came; who sells, and which tax is on it. */
return new class extends Migration
{
    /** What stands in an invoice, all of it. */
    private const WRITTEN = 'number, year, running, kind, build_id, person_id, at, issued_on, due_on, part, currency, seller, lines, net_minor, tax_minor, rounding_minor, due_minor, cancels_id, because';

    public function up(): void
    {
        Schema::table('shops', static function (Blueprint $table): void {
            $table->string('price_way')->default('margin');
            $table->json('stage_payments')->default('[]');
            $table->integer('pay_days')->default(14);
            $table->boolean('unpaid_holds')->default(false);
            $table->string('refund_rule')->default('either');
            $table->json('seller')->default('{}');
            $table->json('bank_columns')->nullable();
            $table->integer('year_wages_minor')->nullable();
            $table->integer('year_overhead_minor')->nullable();
        });
        Schema::table('clients', static function (Blueprint $table): void {
            $table->string('country', 2)->default('');
            $table->string('tax_id')->default('');
        });
        Schema::table('builds', static function (Blueprint $table): void {
            $table->string('price_by')->default('fixed');
        });
        Schema::create('tax_rates', static function (Blueprint $table): void {
            $table->id();
            $table->string('country', 2)->index();
            $table->string('name');
            $table->string('category', 2);
            $table->integer('permille');
            $table->string('reason')->default('');
        });
        Schema::create('invoices', static function (Blueprint $table): void {
            $table->id();
            $table->string('number')->unique();
            $table->integer('year');
            $table->integer('running');
            $table->string('kind');
            $table->foreignId('build_id')->constrained();
            $table->foreignId('client_id')->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->date('issued_on')->index();
            $table->date('due_on');
            $table->string('part');
            $table->string('currency', 3);
            $table->json('seller');
            $table->json('lines');
            $table->integer('net_minor');
            $table->integer('tax_minor');
            $table->integer('rounding_minor');
            $table->integer('due_minor');
            $table->foreignId('cancels_id')->nullable()->unique()->constrained('invoices');
            $table->string('because')->default('');
            $table->unique(['year', 'running']);
        });
        // To whom: emptied when the law does not want it kept any more, and never changed before.
        Schema::create('invoice_buyers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('invoice_id')->unique()->constrained();
            $table->string('name');
            $table->text('address');
            $table->string('country', 2);
            $table->string('tax_id');
        });
        Schema::create('payment_parts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->string('when');
            $table->string('stage')->nullable();
            $table->string('what');
            $table->integer('amount_minor');
            $table->foreignId('invoice_id')->nullable()->constrained();
        });
        Schema::create('payments', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('invoice_id')->nullable()->constrained();
            $table->foreignId('build_id')->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->date('paid_on')->index();
            $table->integer('amount_minor');
            $table->string('how');
            $table->text('words')->default('');
            $table->string('fingerprint')->nullable()->unique();
            $table->dateTime('struck_at')->nullable();
            $table->string('struck_because')->default('');
        });
        DB::statement('CREATE TRIGGER invoices_stay_as_they_were_written BEFORE UPDATE OF '.self::WRITTEN." ON invoices BEGIN SELECT RAISE(ABORT, 'an invoice stays as it was written'); END");
        DB::statement("CREATE TRIGGER invoices_are_never_removed BEFORE DELETE ON invoices BEGIN SELECT RAISE(ABORT, 'an invoice stays as it was written'); END");
        DB::statement("CREATE TRIGGER buyers_are_only_emptied BEFORE UPDATE ON invoice_buyers WHEN NEW.name NOT LIKE 'client %' OR NEW.address <> '' OR NEW.tax_id <> '' BEGIN SELECT RAISE(ABORT, 'an invoice stays as it was written'); END");
        DB::statement("CREATE TRIGGER buyers_are_never_removed BEFORE DELETE ON invoice_buyers BEGIN SELECT RAISE(ABORT, 'an invoice stays as it was written'); END");
        DB::statement("CREATE TRIGGER payments_keep_their_amount BEFORE UPDATE OF build_id, paid_on, amount_minor ON payments BEGIN SELECT RAISE(ABORT, 'a payment keeps its amount and its day'); END");
        DB::statement("CREATE TRIGGER payments_are_never_removed BEFORE DELETE ON payments BEGIN SELECT RAISE(ABORT, 'a payment is struck, not removed'); END");
        foreach (DB::table('builds')->whereNotNull('price_minor')->whereNotNull('client_id')->get(['id', 'price_minor', 'deposit_minor']) as $build) {
            $deposit = min((int) $build->deposit_minor, (int) $build->price_minor);
            foreach (['order' => ['deposit', $deposit], 'delivery' => ['balance', (int) $build->price_minor - $deposit]] as $when => [$what, $minor]) {
                $minor === 0 || DB::table('payment_parts')->insert(['build_id' => $build->id, 'when' => $when, 'what' => $what, 'amount_minor' => $minor]);
            }
        }
    }

    public function down(): void
    {
        foreach (['payments', 'payment_parts', 'invoice_buyers', 'invoices', 'tax_rates'] as $table) {
            Schema::drop($table);
        }
        Schema::table('builds', static fn (Blueprint $table) => $table->dropColumn('price_by'));
        Schema::table('clients', static fn (Blueprint $table) => $table->dropColumn(['country', 'tax_id']));
        Schema::table('shops', static fn (Blueprint $table) => $table->dropColumn([
            'price_way', 'stage_payments', 'pay_days', 'unpaid_holds', 'refund_rule', 'seller', 'bank_columns', 'year_wages_minor', 'year_overhead_minor',
        ]));
    }
};
