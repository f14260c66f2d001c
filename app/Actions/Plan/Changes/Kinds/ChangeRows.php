<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\AskedFor;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\InPlan;
use App\Actions\Plan\Changes\Lapses;
use App\Actions\Plan\Changes\OfShop;
use App\Actions\Plan\Changes\Tools;
use App\Models\People\Person;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use InvalidArgumentException;

/** Leave, longer days, outages or closed days that were entered are taken away again, or put back. */
final readonly class ChangeRows implements AskedFor, Lapses
{
    use InPlan, OfShop;

    private const TABLES = ['days_off', 'overtimes', 'outages', 'closed_days'];

    /** One of them, and several. */
    private const WORDS = [
        'days_off' => ['absence', 'absences'],
        'overtimes' => ['stretch of longer days', 'stretches of longer days'],
        'outages' => ['outage', 'outages'],
        'closed_days' => ['closed day', 'closed days'],
    ];

    /**
     * @param  string  $table  one of those that are named here
     * @param  list<int>  $remove
     * @param  list<array<string, mixed>>  $add  rows as they were kept
     */
    public function __construct(private string $table, private array $remove, private array $add = [])
    {
        if (! in_array($table, self::TABLES, true)) {
            throw new InvalidArgumentException('Only leave, longer days, outages and closed days can be removed.');
        }
    }

    public static function kind(): string
    {
        return 'rows';
    }

    public static function heading(): ?string
    {
        return null;
    }

    public static function fields(Asking $asking): array
    {
        return [
            AskedField::of('table', 'kind of entry', 'required', Rule::in(self::TABLES)),
            AskedField::of('remove', 'entries', 'required', 'array', 'list', 'max:400'),
            AskedField::of('remove.*', 'entry', 'integer'),
            AskedField::of('add', 'entries', 'prohibited'),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        $add = array_map(static fn (mixed $row): array => (array) $row, array_values($body->list('add')));

        return new self($body->text('table'), $body->numbers('remove'), $add);
    }

    public function body(): array
    {
        return ['kind' => self::kind(), 'table' => $this->table, 'remove' => $this->remove, 'add' => $this->add];
    }

    public function words(): string
    {
        [$one, $several] = self::WORDS[$this->table];
        $ids = $this->remove;
        if ($ids === []) {
            return ucfirst($one).' put back.';
        }
        $dates = self::hasDates($this->table)
            ? DB::table($this->table)->whereIn('id', $ids)->orderBy('date')->pluck('date')->all()
            : [];
        $when = match (count($dates)) {
            0 => '',
            1 => ': '.Say::day((string) $dates[0]),
            default => ': '.Say::day((string) $dates[0]).' to '.Say::day((string) $dates[count($dates) - 1]),
        };

        return Say::count(count($ids), $one, $several)." removed{$when}.";
    }

    public function make(?Person $by): self
    {
        $rows = DB::table($this->table)
            ->whereIn('id', $this->remove)
            ->get()
            ->map(static fn (object $row): array => (array) $row)
            ->all();
        $lapsed = $this->lapsed();
        if ($lapsed !== null) {
            throw Refused::because($lapsed);
        }
        DB::table($this->table)->whereIn('id', $this->remove)->delete();
        foreach ($this->add as $row) {
            DB::table($this->table)->insert($row);
        }

        return new self(
            $this->table,
            array_map(static fn (array $row): int => (int) ($row['id'] ?? 0), $this->add),
            array_values($rows),
        );
    }

    public function lapsed(): ?string
    {
        $ids = $this->remove;

        return DB::table($this->table)->whereIn('id', $ids)->count() < count($ids)
            ? 'That was removed already.'
            : null;
    }

    private static function hasDates(string $table): bool
    {
        return in_array($table, ['days_off', 'closed_days'], true);
    }
}
