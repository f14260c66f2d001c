<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\Change;
use App\Actions\Plan\Changes\OfShop;
use App\Actions\Plan\Changes\Tools;
use App\Models\People\ClosedDay;
use App\Models\People\Person;
use App\Support\Refused;
use App\Support\Say;

/** Nobody works in the shop on some days: a holiday, or a calendar of them. */
final readonly class CloseShop implements Change
{
    use OfShop;

    /** @param  non-empty-array<string, string>  $days  what day it is, by date */
    public function __construct(private array $days)
    {
    }

    public static function kind(): string
    {
        return 'close';
    }

    public static function read(Body $body, Tools $tools): self
    {
        $days = $body->texts('days');

        return $days === [] ? throw Refused::because('Name a day.', 'date') : new self($days);
    }

    public function body(): array
    {
        return ['kind' => self::kind(), 'days' => $this->days];
    }

    public function words(): string
    {
        $days = array_keys($this->days);
        sort($days);
        [$first, $last] = [$days[0], $days[count($days) - 1]];
        $note = $this->days[$first];

        return 'The shop: no work on '.(count($days) === 1
            ? Say::day($first).($note === '' ? '.' : " ({$note}).")
            : Say::count(count($days), 'day').', '.Say::day($first).' to '.Say::day($last).'.');
    }

    public function make(?Person $by): ChangeRows
    {
        $ids = [];
        foreach ($this->days as $date => $note) {
            if (ClosedDay::query()->where('date', $date)->exists()) {
                throw Refused::because(Say::day($date).' is free already.', 'date');
            }
            $ids[] = ClosedDay::query()->create(['date' => $date, 'note' => $note])->id;
        }

        return new ChangeRows('closed_days', $ids);
    }

    public function entry(): string
    {
        return 'house';
    }
}
