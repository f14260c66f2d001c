<?php

declare(strict_types=1);

use App\Support\ClientNames;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Clients as people: how to reach them, what they like, what was said when; everything that is never edited knows them by number. */
return new class extends Migration
{
    private const NEVER_EDITED = ['log_entries' => 'text', 'audit_entries' => 'words'];

    private const HISTORY = ['plans' => 'cause', 'plan_changes' => 'words', 'plan_requests' => 'cause'];

    public function up(): void
    {
        Schema::table('clients', static function (Blueprint $table): void {
            $table->string('email')->default('');
            $table->string('phone')->default('');
            $table->text('address')->default('');
            $table->string('hand')->default('');
            $table->string('scale')->default('');
            $table->string('neck')->default('');
            $table->string('action')->default('');
            $table->string('weight')->default('');
            $table->text('instruments')->default('');
            $table->dateTime('forgotten_at')->nullable();
            $table->date('kept_until')->nullable();
            $table->unsignedBigInteger('joined_id')->nullable();
            $table->integer('version')->default(1);
        });
        foreach (DB::table('clients')->where('contact', 'like', '%@%')->pluck('contact', 'id') as $id => $contact) {
            if (filter_var($contact, FILTER_VALIDATE_EMAIL) !== false) {
                DB::table('clients')->where('id', $id)->update(['email' => $contact, 'contact' => '']);
            }
        }
        Schema::create('talks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->text('text');
            $table->index(['client_id', 'at']);
        });
        Schema::table('shops', static function (Blueprint $table): void {
            $table->integer('papers_years')->default(10);
        });
        $this->rewrite(static fn (string $text): string => app(ClientNames::class)->numbered($text));
    }

    public function down(): void
    {
        $this->rewrite(static fn (string $text): string => app(ClientNames::class)->said($text));
        Schema::table('shops', static fn (Blueprint $table) => $table->dropColumn('papers_years'));
        Schema::drop('talks');
        Schema::table('clients', static fn (Blueprint $table) => $table->dropColumn([
            'email', 'phone', 'address', 'hand', 'scale', 'neck', 'action', 'weight', 'instruments', 'forgotten_at', 'kept_until', 'joined_id', 'version',
        ]));
    }

    /** @param  Closure(string): string  $words */
    private function rewrite(Closure $words): void
    {
        app(ClientNames::class)->forget();
        $triggers = DB::table('sqlite_master')->where('type', 'trigger')->whereIn('tbl_name', array_keys(self::NEVER_EDITED))->pluck('sql', 'name');
        foreach ($triggers->keys() as $name) {
            DB::statement("DROP TRIGGER \"{$name}\"");
        }
        foreach ([...self::NEVER_EDITED, ...self::HISTORY] as $table => $column) {
            DB::table($table)->orderBy('id')->select(['id', $column])->chunkById(500, static function ($rows) use ($table, $column, $words): void {
                foreach ($rows as $row) {
                    $said = $words((string) $row->{$column});
                    $said === $row->{$column} || DB::table($table)->where('id', $row->id)->update([$column => $said]);
                }
            });
        }
        foreach ($triggers as $sql) {
            DB::statement((string) $sql);
        }
        DB::statement("INSERT INTO log_search(log_search) VALUES ('rebuild')");
    }
};
