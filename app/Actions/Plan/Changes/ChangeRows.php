<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Support\Facades\DB;

/** Leave, longer days, outages or closed days that were entered are taken away again, or put back. */
final readonly class ChangeRows implements Change, Lapses
{
    public const TABLES = ['days_off', 'overtimes', 'outages', 'closed_days'];

    /** One of them, and several. */
    private const WORDS = [
        'days_off' => ['absence', 'absences'],
        'overtimes' => ['stretch of longer days', 'stretches of longer days'],
        'outages' => ['outage', 'outages'],
        'closed_days' => ['closed day', 'closed days'],
    ];

    public function __construct(private Body $body)
    {
    }

    public function words(): string
    {
        [$one, $several] = self::WORDS[$this->table()];
        $ids = $this->body->list('remove');
        if ($ids === []) {
            return ucfirst($one).' put back.';
        }
        $dates = self::hasDates($this->table())
            ? DB::table($this->table())->whereIn('id', $ids)->orderBy('date')->pluck('date')->all()
            : [];
        $when = match (count($dates)) {
            0 => '',
            1 => ': '.Say::day((string) $dates[0]),
            default => ': '.Say::day((string) $dates[0]).' to '.Say::day((string) $dates[count($dates) - 1]),
        };

        return Say::count(count($ids), $one, $several)." taken away{$when}.";
    }

    public function make(?Person $by): array
    {
        $ids = array_map(intval(...), array_values($this->body->list('remove')));
        $rows = DB::table($this->table())
            ->whereIn('id', $ids)
            ->get()
            ->map(static fn (object $row): array => (array) $row)
            ->all();
        $lapsed = $this->lapsed();
        if ($lapsed !== null) {
            throw Refused::because($lapsed);
        }
        DB::table($this->table())->whereIn('id', $ids)->delete();
        foreach ($this->body->list('add') as $row) {
            DB::table($this->table())->insert((array) $row);
        }

        return [
            'kind' => 'rows', 'table' => $this->table(), 'remove' => array_column($this->body->list('add'), 'id'),
            'add' => $rows,
        ];
    }

    public function lapsed(): ?string
    {
        $ids = $this->body->list('remove');

        return DB::table($this->table())->whereIn('id', $ids)->count() < count($ids)
            ? 'That was taken away already.'
            : null;
    }

    public function build(): ?Build
    {
        return null;
    }

    private function table(): string
    {
        return in_array($this->body->text('table'), self::TABLES, true)
            ? $this->body->text('table')
            : throw new \InvalidArgumentException('Only leave, longer days, outages and closed days are taken away.');
    }

    private static function hasDates(string $table): bool
    {
        return in_array($table, ['days_off', 'closed_days'], true);
    }
}
