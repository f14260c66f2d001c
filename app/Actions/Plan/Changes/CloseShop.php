<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\People\ClosedDay;
use App\Models\People\Person;
use App\Support\Refused;
use App\Support\Say;

/** Nobody works in the shop on some days: a holiday, or a calendar of them. */
final readonly class CloseShop implements Change
{
    public function __construct(private Body $body)
    {
    }

    public function words(): string
    {
        $days = array_keys($this->body->list('days'));
        sort($days);
        [$first, $last] = [(string) $days[0], (string) $days[count($days) - 1]];
        $note = implode('', array_filter(array_slice($this->body->list('days'), 0, 1), is_string(...)));

        return 'The shop: no work on '.(count($days) === 1
            ? Say::day($first).($note === '' ? '.' : " ({$note}).")
            : Say::count(count($days), 'day').', '.Say::day($first).' to '.Say::day($last).'.');
    }

    public function make(?Person $by): array
    {
        $ids = [];
        foreach ($this->body->list('days') as $date => $note) {
            if (ClosedDay::query()->where('date', $date)->exists()) {
                throw Refused::because(Say::day((string) $date).' is free already.', 'date');
            }
            $ids[] = ClosedDay::query()->create(['date' => $date, 'note' => $note])->id;
        }

        return ['kind' => 'rows', 'table' => 'closed_days', 'remove' => $ids];
    }

    public function build(): ?Build
    {
        return null;
    }
}
