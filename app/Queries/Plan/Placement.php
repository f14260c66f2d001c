<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Build\Operation;
use App\Support\Minutes;
use Illuminate\Database\Eloquent\Model;

/**
 * Where an operation lies in time, as it happened or as it is planned; in minutes since 1970, for pages that draw many.
 */
final readonly class Placement
{
    /** @param  list<array{int, int}>  $sittings  none where it is done in one go */
    private function __construct(
        public Operation $operation,
        public ?int $start,
        public ?int $workEnd,
        public ?int $finish,
        public ?int $personId,
        private array $sittings,
        public ?int $helperId,
        private ?int $helpsFrom,
    ) {
    }

    public static function of(Operation $operation): self
    {
        $planned = $operation->planned;
        $workEnd = self::minutes($operation, 'labour_done_at') ?? self::minutes($planned, 'work_end');
        $labourDone = $operation->state->labourIsDone();

        return new self(
            $operation,
            self::minutes($operation, 'started_at') ?? self::minutes($planned, 'start'),
            $workEnd,
            self::minutes($operation, 'hold_until') ?? ($labourDone ? $workEnd : self::minutes($planned, 'finish')),
            $operation->person_id ?? $planned?->person_id,
            $operation->getRawOriginal('started_at') === null ? $planned->sittings ?? [] : [],
            $labourDone ? null : $planned?->helper_id,
            self::minutes($planned, 'helps_from'),
        );
    }

    /** @return list<array{int, int}> when it is worked at, with breaks and nights in between; more than one where it is taken up again */
    public function sittings(): array
    {
        return $this->sittings === [] ? [[(int) $this->start, (int) $this->workEnd]] : $this->sittings;
    }

    /**
     * When somebody is at it, themselves or to help.
     *
     * @return list<array{int, int}>
     */
    public function sittingsOf(int $personId): array
    {
        return match (true) {
            $this->start === null => [],
            $this->personId === $personId => $this->sittings(),
            $this->helperId === $personId => [[(int) $this->helpsFrom, (int) $this->workEnd]],
            default => [],
        };
    }

    /** @return array{int, int}|null who helps, and since when */
    public function helper(): ?array
    {
        return $this->helperId === null ? null : [$this->helperId, (int) $this->helpsFrom];
    }

    /** An instant as pages get it. */
    public static function iso(int $minutes): string
    {
        return gmdate('Y-m-d\TH:i:s\Z', $minutes * 60);
    }

    /**
     * Straight from the column: a page reads thousands of instants, and making a date object of each takes most of its
     * time.
     */
    private static function minutes(?Model $record, string $column): ?int
    {
        $text = $record?->getRawOriginal($column);

        return $text === null ? null : Minutes::ofColumn($text);
    }
}
