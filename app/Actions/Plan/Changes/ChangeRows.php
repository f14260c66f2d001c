<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Support\Facades\DB;

/** Leave, longer days or outages that were entered are taken away again, or put back. */
final readonly class ChangeRows implements Change, Lapses
{
    public const TABLES = ['days_off', 'overtimes', 'outages'];

    public function __construct(private Body $body)
    {
    }

    public function words(): string
    {
        $count = count($this->body->list('remove'));
        $what = [
            'days_off' => 'absence', 'overtimes' => 'stretch of longer days', 'outages' => 'outage',
        ][$this->table()];

        return $count === 0
            ? ucfirst($what).' put back.'
            : ucfirst(
                Say::count($count, $what, $what === 'stretch of longer days' ? 'stretches of longer days' : "{$what}s"),
            ).' taken away.';
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
            : throw new \InvalidArgumentException('Only leave, longer days and outages are taken away.');
    }
}
