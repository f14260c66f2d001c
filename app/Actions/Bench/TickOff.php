<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Recording;
use App\Models\Bench\Tick;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Planning\Specification\AsMade;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Figures\Circuit;
use Regimen\Route\Operations\ClosingList;

/** A line of an operation’s list is looked at, or not any more. Whoever ticks a line twice has ticked it once. */
final readonly class TickOff
{
    public const CLOSING = 'closing';

    public const JOINTS = 'joints';

    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function __invoke(Person $by, Operation $operation, string $list, string $item, bool $ticked): void
    {
        $this->recording->keep(function () use ($by, $operation, $list, $item, $ticked): void {
            if (! in_array($item, self::items($operation, $list), true)) {
                throw Refused::because('That line is not on the list any more: the specification has changed.', 'item');
            }
            $tick = Tick::query()->where('operation_id', $operation->id)->where('list', $list)->where('item', $item)->first();
            if ($ticked && $tick === null) {
                Tick::query()->create([
                    'operation_id' => $operation->id, 'list' => $list, 'item' => $item, 'person_id' => $by->id, 'at' => $this->clock->now(),
                ]);
                $this->recording->log($operation->build, $by, 'note', "{$operation->name}: looked at “{$item}”.");
            } elseif (! $ticked && $tick !== null) {
                $tick->delete();
                $this->recording->log($operation->build, $by, 'correction', "{$operation->name}: “{$item}” is open again.");
            }
        });
    }

    /** @return list<string> */
    public static function items(Operation $operation, string $list): array
    {
        $specification = AsMade::read($operation->build, AsMade::measured($operation->build))->specification;

        return match (true) {
            $specification === null => [],
            $list === self::CLOSING => ClosingList::before($operation->key, $specification),
            default => Circuit::of($specification)->joints(),
        };
    }

    /** What is closed by it is looked at before it begins. */
    public static function mustBeLookedAt(Operation $operation): void
    {
        $items = self::items($operation, self::CLOSING);
        $open = $items === [] ? [] : array_diff($items, Tick::query()->where('operation_id', $operation->id)->where('list', self::CLOSING)->pluck('item')->all());
        if ($open !== []) {
            throw Refused::because(
                'Before “'.$operation->name.'” closes it for good, look at: '.implode('; ', $open).'. Tick each on the bench page.', 'clock',
            );
        }
    }
}
