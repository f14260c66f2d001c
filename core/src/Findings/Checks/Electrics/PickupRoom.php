<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Electrics;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Geometry\Interval;
use Regimen\Instrument\Electrics\Pickup;
use Regimen\Instrument\Electrics\PickupKind;
use Regimen\Units\Words;

/** Pickups clear of the board, of the bridge and of each other. */
final class PickupRoom implements Check
{
    /** Free between two, at least, and what a fix leaves, in mm. */
    private const FREE = 1.0;

    private const AIM = 3.0;

    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $taken = ['the board' => new Interval(-INF, $w->board()->length)];
        foreach ($s->electrics->pickups as $index => $pickup) {
            if ($pickup->kind === PickupKind::Piezo) {
                continue;
            }
            $place = self::place($w, $pickup, $pickup->positionMm());
            foreach ($taken as $what => $other) {
                if ($place->overlap($other) > -self::FREE) {
                    yield Finding::stop("pickup-room.{$index}", "The {$pickup->place} pickup meets {$what}")
                        ->says('They overlap by '.Words::mm(max(0.0, $place->overlap($other))).'.')
                        ->because('Two things cannot be in one place.')
                        ->at("pickups.{$index}.position")
                        ->fixBy($this->elsewhere($w, $index));
                    break;
                }
            }
            $taken["the {$pickup->place} pickup".(isset($taken["the {$pickup->place} pickup"]) ? ' '
                ."{$index}" : '')] = $place;
            if ($pickup->positionMm() < $pickup->kind->lengthMm() / 2 + self::AIM) {
                yield Finding::stop("pickup-bridge.{$index}", "The {$pickup->place} pickup meets the bridge")
                    ->says(
                        'Its poles are '.Words::mm($pickup->positionMm()).' from the scale line, and it is '
                        .Words::number($pickup->kind->lengthMm(), 0).' long.',
                    )
                    ->because('Saddles and pickup need the same place.')
                    ->at("pickups.{$index}.position")
                    ->fixBy(
                        [
                            [
                                'Put the pole centre at '.Words::mm($pickup->kind->lengthMm() / 2 + 8),
                                ["pickups.{$index}.position" => Words::typed($pickup->kind->lengthMm() / 2 + 8)],
                            ],
                            ...$this->elsewhere($w, $index),
                        ],
                    );
            }
        }
    }

    private static function place(Workings $w, Pickup $pickup, float $position): Interval
    {
        $middle = $w->specification->middleScale()->mm - $position;

        return new Interval($middle - $pickup->kind->lengthMm() / 2, $middle + $pickup->kind->lengthMm() / 2);
    }

    /**
     * The nearest place that is clear of everything, as it is or as a single coil; or all of them spread again.
     *
     * @return list<array{string, array<string, string>}>
     */
    private function elsewhere(Workings $w, int $index): array
    {
        $pickups = $w->specification->electrics->pickups;
        $ways = [];
        foreach (array_unique([$pickups[$index]->kind, PickupKind::SingleCoil], SORT_REGULAR) as $kind) {
            $half = $kind->lengthMm() / 2;
            $taken = [new Interval(-INF, $w->board()->length)];
            foreach ($pickups as $other => $pickup) {
                if ($other !== $index && $pickup->kind !== PickupKind::Piezo) {
                    $taken[] = self::place($w, $pickup, $pickup->positionMm());
                }
            }
            $free = self::nearestFree($w, $taken, $half, $pickups[$index]->positionMm());
            if ($free !== null) {
                $changed = $kind === $pickups[$index]->kind ? [] : ["pickups.{$index}.kind" => $kind->value];
                $ways[] = [
                    ($changed === [] ? '' : 'a single coil, ').'pole centre at '.Words::number($free),
                    ["pickups.{$index}.position" => Words::typed($free), ...$changed],
                ];
            }
        }
        $spread = SpreadAgain::all($w);
        $ways[] = ['Spread all pickups again', $spread];
        foreach (array_keys($pickups) as $each) {
            $spread["pickups.{$each}.kind"] = PickupKind::SingleCoil->value;
        }
        $ways[] = ['Take single coils and spread them again', $spread];

        return $ways;
    }

    /** @param  list<Interval>  $taken */
    private static function nearestFree(Workings $w, array $taken, float $half, float $wanted): ?float
    {
        $scale = $w->specification->middleScale()->mm;
        $best = null;
        for ($position = ceil($half + self::AIM); $position < $scale - $w->board()->length; $position += 0.5) {
            $here = new Interval($scale - $position - $half, $scale - $position + $half);
            $clear = array_filter($taken, static fn (Interval $one): bool => $here->overlap($one) > -self::AIM) === [];
            if ($clear && ($best === null || abs($position - $wanted) < abs($best - $wanted))) {
                $best = $position;
            }
        }

        return $best;
    }
}
