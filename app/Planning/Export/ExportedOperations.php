<?php

declare(strict_types=1);

namespace App\Planning\Export;

use App\Planning\Problem\Air;
use App\Support\Minutes;
use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\PieceId;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Window;

/** Operations as a workshop file has them. */
final readonly class ExportedOperations
{
    public function __construct(private Problem $problem, private \DateTimeZone $zone)
    {
    }

    /** @return array<string, mixed> */
    public function of(Activity $activity): array
    {
        $pieces = $rest = $needs = [];
        foreach ($activity->demands as $demand) {
            if (PieceId::pieceOf($demand->resource) !== null) {
                $pieces[] = PieceId::pieceOf($demand->resource);
            } elseif (in_array($demand->resource, [Air::RESOURCE, Air::BOX], true)) {
                $needs[] = $demand->resource;
            } else {
                $rest = [...$rest, ...self::held($demand)];
            }
        }
        $at = fn (?int $instant): ?string => $instant === null ? null : $this->local($instant, 'Y-m-d\TH:iP');

        return array_filter([
            'id' => self::operationId($activity->id), 'setUp' => $activity->setUp?->minutes,
            'setUpKey' => $activity->setUp?->key,
            'labour' => $activity->work - ($activity->setUp->minutes ?? 0), 'hold' => $activity->hold,
            'skill' => $activity->skill, 'pieces' => $pieces, 'needs' => $needs, ...$rest,
            'after' => array_map(
                static fn (Predecessor $one): array => array_filter(
                    [
                        'id' => self::operationId($one->activity), 'least' => $one->lag, 'because' => $one->lagCause,
                        ...self::window($activity, $one->activity),
                    ],
                ),
                array_values(
                    array_filter(
                        $activity->predecessors,
                        fn (Predecessor $one): bool => isset($this->problem->activities[$one->activity]),
                    ),
                ),
            ),
            ...$this->fixed($activity),
            'earliest' => $at($activity->release?->instant), 'because' => $activity->release?->cause,
            'oneSitting' => $activity->oneSitting,
            'helpedMinutes' => $activity->hands,
            'machineAloneMinutes' => $activity->alone,
            'person' => $this->person($activity->worker), 'startedAt' => $at($activity->startedAt),
            'holdUntil' => $at($activity->holdUntil),
        ], self::isSaid(...), ARRAY_FILTER_USE_BOTH);
    }

    /**
     * In which order and by whom it is planned.
     *
     * @param  int  $order  an instant that stands for its place in the order
     * @return array<string, mixed>
     */
    public function asPlanned(Assignment $planned, int $order): array
    {
        return array_filter([
            'order' => $this->local($order, 'Y-m-d\TH:iP'),
            'chosen' => $planned->isChosen ? $this->person($planned->worker) : null,
            'notBefore' => $planned->announcedStart === null ? null : $this->local($planned->announcedStart, 'Y-m-d\TH:iP'),
        ]);
    }

    /** As it is called in the file. */
    private static function operationId(int|string $activity): string
    {
        return "o{$activity}";
    }

    /** @return array{most?: int, sanding?: int} */
    private static function window(Activity $activity, int|string $after): array
    {
        foreach ($activity->windows as $window) {
            if ($window->after === $after) {
                return ['most' => $window->minutes, 'sanding' => $window->sanding];
            }
        }

        return [];
    }

    /** @return array<string, mixed> */
    private function fixed(Activity $activity): array
    {
        $pin = $activity->pin;
        $behind = $pin?->after !== null && isset($this->problem->activities[$pin->after]) ? $pin->after : null;
        $closes = array_values(
            array_filter($activity->windows, static fn (Window $window): bool => $window->after === null),
        );

        return [
            'pin' => $pin === null ? null : array_filter(
                [
                    'person' => $this->person($pin->worker),
                    'day' => $pin->from === null ? null : $this->local($pin->from, 'Y-m-d'),
                    'after' => $behind === null ? null : self::operationId($behind),
                ],
            ),
            'told' => $activity->announced === null ? null : array_filter(
                [
                    'person' => $this->person($activity->announced->worker),
                    'start' => $this->local($activity->announced->start, 'Y-m-d\TH:iP'),
                    'inOrder' => ! $activity->announced->keepsTime,
                ],
            ),
            ...$closes === [] ? [] : [
                'closes' => $this->local($closes[0]->minutes, 'Y-m-d\TH:iP'), 'sanding' => $closes[0]->sanding,
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function held(Demand $demand): array
    {
        return $demand->throughHold
            ? ['fixture' => ['id' => $demand->resource, 'count' => $demand->quantity]]
            : ['station' => $demand->resource];
    }

    /** What is nothing is left out; an operation without labour says so. */
    private static function isSaid(mixed $value, string $key): bool
    {
        return $key === 'labour' || ! in_array($value, [null, [], 0, false], true);
    }

    private function person(?int $worker): ?string
    {
        return in_array($worker, array_column($this->problem->workers, 'id'), true) ? "w{$worker}" : null;
    }

    private function local(int $instant, string $format): string
    {
        return Minutes::toInstant($instant)->setTimezone($this->zone)->format($format);
    }
}
