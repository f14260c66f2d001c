<?php

declare(strict_types=1);

use App\Support\PhotographFiles;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Setbacks, pieces as things, photographs as files beside the shop's database, and a logbook that is searched in words. */
return new class extends Migration
{
    /** What belongs to what, beside the tables that are made here. */
    private const BELONGS = [
        'time_entries' => ['setback_id' => 'setbacks', 'piece_id' => 'pieces', 'worked_for_id' => 'operations'],
        'kit_lines' => ['setback_id' => 'setbacks', 'piece_id' => 'pieces'],
        'operations' => ['setback_id' => 'setbacks', 'piece_id' => 'pieces'],
        'photographs' => ['setback_id' => 'setbacks'],
        'log_entries' => ['corrects_id' => 'log_entries'],
    ];

    public function up(): void
    {
        $this->setbacks();
        $this->pieces();
        $this->whereItBelongs();
        $this->photographs();
        $this->logbook();
        $this->whatWasWrong();
    }

    private function setbacks(): void
    {
        Schema::create('setbacks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->foreignId('operation_id')->nullable()->constrained();
            $table->string('operation_key')->default('');
            $table->string('station')->default('');
            $table->string('timber')->default('');
            $table->string('piece')->nullable();
            $table->string('mishap');
            $table->string('cause');
            $table->text('text');
            // Where on the board, or what is measured by now.
            $table->unsignedTinyInteger('fret')->nullable();
            $table->string('field')->default('');
            $table->string('value')->default('');
            // Of a machine that is down, or somebody who is away.
            $table->foreignId('resource_id')->nullable()->constrained();
            $table->dateTime('until')->nullable();
            $table->dateTime('at');
            $table->dateTime('told_at');
            $table->foreignId('person_id')->constrained();
            $table->foreignId('worker_id')->nullable()->constrained('people');
            $table->string('state')->default('open');
            $table->json('remedy')->nullable();
            $table->string('remedy_words')->default('');
            $table->foreignId('decided_by')->nullable()->constrained('people');
            $table->dateTime('decided_at')->nullable();
            $table->unsignedInteger('lost_material_minor')->default(0);
            $table->unsignedInteger('added_minutes')->default(0);
            $table->date('finish_before')->nullable();
            $table->date('finish_after')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->index(['state', 'id']);
            $table->index(['operation_key', 'state']);
        });
    }

    private function pieces(): void
    {
        Schema::create('pieces', static function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            // With what is glued to it.
            $table->json('kinds');
            $table->foreignId('made_for_id')->constrained('builds');
            $table->foreignId('revision_id')->constrained('specification_revisions');
            $table->foreignId('setback_id')->nullable()->constrained();
            $table->string('state');
            $table->foreignId('build_id')->nullable()->constrained();
            $table->string('place')->default('');
            $table->string('words')->default('');
            $table->unsignedTinyInteger('good_to_fret')->nullable();
            $table->json('done');
            $table->json('measured');
            $table->foreignId('person_id')->nullable()->constrained();
            $table->dateTime('at');
            $table->unsignedInteger('version')->default(1);
            $table->index(['state', 'kind']);
            $table->index(['build_id', 'state']);
        });
    }

    /**
     * Hours and timber that are lost, or lie in stock with their piece, do not count for the build any more. Where a piece has gone to
     * another instrument its hours say which operation they were worked on.
     */
    private function whereItBelongs(): void
    {
        // By the database's own words: a table that is made anew loses its triggers and partial indexes.
        foreach (self::BELONGS as $table => $columns) {
            foreach ($columns as $column => $of) {
                DB::statement("ALTER TABLE {$table} ADD COLUMN {$column} INTEGER REFERENCES {$of}(id)");
            }
        }
        DB::statement('CREATE INDEX time_entries_lost ON time_entries (setback_id) WHERE setback_id IS NOT NULL');
        DB::statement('CREATE INDEX time_entries_in_pieces ON time_entries (piece_id) WHERE piece_id IS NOT NULL');
        DB::statement('CREATE INDEX operations_that_mend ON operations (setback_id) WHERE setback_id IS NOT NULL');
        DB::statement('CREATE INDEX kit_lines_in_pieces ON kit_lines (piece_id) WHERE piece_id IS NOT NULL');
    }

    private function photographs(): void
    {
        Schema::table('photographs', static function (Blueprint $table): void {
            $table->string('sha256', 64)->default('');
            $table->unsignedInteger('bytes')->default(0);
            $table->boolean('at_gate')->default(false);
            $table->boolean('for_client')->default(false);
            $table->unsignedInteger('version')->default(1);
            $table->index(['build_id', 'at']);
        });
        foreach (DB::table('photograph_bytes')->pluck('photograph_id') as $id) {
            $jpeg = base64_decode((string) DB::table('photograph_bytes')->where('photograph_id', $id)->value('jpeg'));
            DB::table('photographs')->where('id', $id)->update(['sha256' => app(PhotographFiles::class)->keep($jpeg, $jpeg), 'bytes' => strlen($jpeg)]);
        }
        Schema::drop('photograph_bytes');
    }

    private function logbook(): void
    {
        Schema::table('log_entries', static function (Blueprint $table): void {
            $table->index(['at']);
            $table->index(['kind', 'at']);
        });
        DB::statement("CREATE VIRTUAL TABLE log_search USING fts5(text, content='log_entries', content_rowid='id', tokenize='unicode61 remove_diacritics 2')");
        DB::statement('CREATE TRIGGER log_entries_are_searched AFTER INSERT ON log_entries BEGIN INSERT INTO log_search(rowid, text) VALUES (new.id, new.text); END');
        DB::statement("INSERT INTO log_search(log_search) VALUES ('rebuild')");
    }

    /** What was said to be wrong so far is a setback like any other. */
    private function whatWasWrong(): void
    {
        foreach (DB::table('bench_notes')->where('kind', 'wrong')->orderBy('id')->get() as $note) {
            $operation = DB::table('operations')->where('id', $note->operation_id)->firstOrFail();
            DB::table('setbacks')->insert([
                'build_id' => $operation->build_id, 'operation_id' => $note->operation_id, 'operation_key' => $note->operation_key,
                'station' => (string) $operation->station, 'mishap' => 'other', 'cause' => 'unknown', 'text' => $note->text, 'at' => $note->at, 'told_at' => $note->at,
                'person_id' => $note->person_id, 'worker_id' => $operation->person_id, 'state' => $note->settled_at === null ? 'open' : 'decided',
                'remedy_words' => $note->settled_words, 'decided_at' => $note->settled_at,
            ]);
        }
        DB::table('bench_notes')->where('kind', 'wrong')->delete();
    }

    public function down(): void
    {
        DB::statement('DROP TRIGGER log_entries_are_searched');
        DB::statement('DROP TABLE log_search');
        foreach (['time_entries_lost', 'time_entries_in_pieces', 'operations_that_mend', 'kit_lines_in_pieces'] as $index) {
            DB::statement("DROP INDEX {$index}");
        }
        foreach (self::BELONGS as $table => $columns) {
            foreach (array_keys($columns) as $column) {
                DB::statement("ALTER TABLE {$table} DROP COLUMN {$column}");
            }
        }
        Schema::table('log_entries', static function (Blueprint $table): void {
            $table->dropIndex(['at']);
            $table->dropIndex(['kind', 'at']);
        });
        Schema::table('photographs', static function (Blueprint $table): void {
            $table->dropIndex(['build_id', 'at']);
            $table->dropColumn(['sha256', 'bytes', 'at_gate', 'for_client', 'version']);
        });
        Schema::create('photograph_bytes', static function (Blueprint $table): void {
            $table->foreignId('photograph_id')->primary()->constrained();
            $table->longText('jpeg');
        });
        Schema::drop('pieces');
        Schema::drop('setbacks');
    }
};
