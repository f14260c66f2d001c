<?php

declare(strict_types=1);

namespace App\Planning\Setback;

use Regimen\Setback\RemedyKind;
use Regimen\Units\Duration;

/** Which remedy is chosen, and what becomes of what it replaces. */
final readonly class RemedyAsked
{
    /**
     * @param  string  $option  which of several: a mend, a piece in stock, a build, what is left
     * @param  string  $name  of a mend of one's own, with its labour and hold
     * @param  bool  $keepsOld  whether what is replaced is kept in stock rather than written off
     */
    public function __construct(
        public RemedyKind $kind,
        public string $option,
        public string $name,
        public Duration $labour,
        public Duration $hold,
        public bool $keepsOld,
        public string $place,
        public string $because,
    ) {
    }

    /** @param  array<string, mixed>  $kept  as it was kept, or asked for and validated */
    public static function read(array $kept): self
    {
        $text = static fn (string $key): string => is_scalar($kept[$key] ?? null) ? trim((string) $kept[$key]) : '';

        return new self(
            RemedyKind::from($text('do')), $text('option'), $text('name'), Duration::ofMinutes((int) $text('labour')), Duration::ofMinutes((int) $text('hold')),
            $text('old') === 'keep', $text('place'), $text('because'),
        );
    }

    /** @return array<string, int|string> */
    public function body(): array
    {
        return [
            'do' => $this->kind->value, 'option' => $this->option, 'name' => $this->name, 'labour' => $this->labour->minutes, 'hold' => $this->hold->minutes,
            'old' => $this->keepsOld ? 'keep' : 'write-off', 'place' => $this->place, 'because' => $this->because,
        ];
    }
}
